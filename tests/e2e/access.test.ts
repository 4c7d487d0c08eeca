import AxeBuilder from '@axe-core/webdriverjs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { setSize } from '../../scripts/browser.mjs'
import { App } from './app'

const SCREENS = [
  '/',
  '/paints',
  '/paints?add=1',
  '/paints/demo-h-french-ultramarine',
  '/import',
  '/palettes',
  '/palettes?new=1',
  '/palettes/hut-palette/choose',
  '/palettes/landing-tin/choose?place=A5',
  '/palettes/hut-palette/arrange',
  '/palettes/landing-tin/fill?place=A4',
  '/palettes/boat-tray/key',
  '/data',
  '/pigments',
  '/pigments/PB28%20teal',
  '/bench',
  '/bench?view=row',
  '/bench?view=triangle',
  '/bench?view=recipe',
  '/compare',
  '/swatches',
  '/swatches?from=spectra',
]
let app: App
beforeAll(async () => {
  app = await App.open('/')
  await app.driver.executeScript(
    'localStorage.setItem("jx-bench", arguments[0])',
    JSON.stringify({
      parts: ['demo-h-french-ultramarine', 'demo-h-burnt-sienna', 'demo-h-lemon-yellow'].map((paintId) => ({
        paintId,
        parts: 1,
      })),
      water: 2,
      scope: 'landing-tin',
      target: { kind: 'paint', paintId: 'demo-f-sap-green' },
    }),
  )
})
afterAll(async () => {
  await app.close()
})

async function findings(path: string): Promise<string[]> {
  await app.driver.executeScript(
    'localStorage.setItem("jx-strip", arguments[0])',
    JSON.stringify(path === '/compare' ? ['demo-h-french-ultramarine', 'demo-h-cobalt-blue'] : []),
  )
  await app.go(path)
  await new Promise((r) => setTimeout(r, 300))
  const { violations } = await new AxeBuilder(app.driver)
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze()
  return violations.map(
    (v) =>
      `${path}: ${v.id}: ${v.help} (${v.nodes
        .map((n) => n.target.join(' '))
        .slice(0, 3)
        .join('; ')})`,
  )
}

describe('axe finds nothing', () => {
  it.each(SCREENS)('light, wide: %s', async (path) => expect(await findings(path)).toEqual([]))

  it.each(SCREENS)('dark, narrow: %s', async (path) => {
    await setSize(app.driver, 390, 844)
    await app.driver.executeScript('localStorage.setItem("jx-theme", "dark")')
    expect(await findings(path)).toEqual([])
    expect(await app.driver.executeScript('return document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
  })

  it('empty screens too', async () => {
    const empty = await App.open('/', { empty: true })
    const wide = app
    app = empty
    for (const path of [
      '/',
      '/paints',
      '/palettes',
      '/import',
      '/data',
      '/pigments',
      '/bench',
      '/compare',
      '/swatches',
    ])
      expect(await findings(path)).toEqual([])
    app = wide
    await empty.close()
  })
})
