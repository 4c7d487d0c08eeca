import { readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { ABOUT_SCREENS, aboutScreen } from './aboutScreens'
import { isWithin, MAIN_PAGES, MORE_PAGES } from './mainPages'
import { PALETTE_STEPS } from './steps'

const STEPS = PALETTE_STEPS.map((s) => s.id)
const PAGES = new URL('../../pages/', import.meta.url)
/** Every route that the folder of pages names, with something in the place of what differs. */
const routes = readdirSync(PAGES, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.vue'))
  .map(
    (file) =>
      `/${file
        .replace(/\.vue$/, '')
        .replace(/(^|\/)index$/, '')
        .replace(/\[+\w+\]+/g, 'x')}`,
  )

describe('about this screen', () => {
  it('every route has words, and of its own kind', () => {
    expect(routes.length).toBeGreaterThan(20)
    for (const route of routes.filter((r) => r !== '/'))
      expect(aboutScreen(route, STEPS), route).not.toBe(ABOUT_SCREENS['/'])
    expect(aboutScreen('/', STEPS).title).toBe('Today')
  })

  it('a palette has them for each step, the first where none is named', () => {
    for (const { id, label } of PALETTE_STEPS) expect(aboutScreen(`/palettes/x/${id}`, STEPS).title).toBe(label)
    expect(aboutScreen('/palettes/x', STEPS).title).toBe('Choose')
    expect(aboutScreen('/palettes/beside', STEPS).title).toBe('Side by side')
    expect(aboutScreen('/palettes', STEPS).title).toBe('Palettes')
    expect(aboutScreen('/paints/some-paint', STEPS).title).toBe('Paints')
  })

  it('three whole sentences each, and at most three steps of a gesture', () => {
    for (const [route, { sentences, gesture }] of Object.entries(ABOUT_SCREENS)) {
      for (const sentence of sentences) expect(sentence, route).toMatch(/^[A-Z].*\.$/)
      expect(gesture.length, route).toBeLessThanOrEqual(3)
    }
  })
})

describe('the main screens', () => {
  it('a phone reaches each of them: five at once, the others under “More”', () => {
    const more = MORE_PAGES.map((p) => p.to as string)
    expect(MAIN_PAGES.slice(5).every((p) => more.includes(p.to))).toBe(true)
    expect(MAIN_PAGES.slice(0, 5).map((p) => p.label)).toEqual(['Today', 'Paints', 'Palettes', 'Bench', 'Restock'])
  })

  it('a page is marked for itself and what lies under it', () => {
    expect(isWithin('/palettes/x', '/palettes')).toBe(true)
    expect(isWithin('/pans', '/pa')).toBe(false)
    expect(isWithin('/paints', '/')).toBe(false)
    expect(isWithin('/', '/')).toBe(true)
  })
})
