import axe, { type Result } from 'axe-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { setSize } from '../../../scripts/browser.mjs'
import { App } from '../app'

/** Every screen that axe looks at. */
export const SCREENS = [
  '/',
  '/paints',
  '/paints?add=1',
  '/paints?add=list',
  '/list',
  '/paints/demo-h-french-ultramarine',
  '/import',
  '/palettes',
  '/palettes?new=1',
  '/palettes/hut-palette/choose',
  '/palettes/landing-tin/choose?place=A5',
  '/palettes/beside',
  '/how',
  '/palettes/landing-tin/stand-in?place=B3',
  '/palettes/hut-palette/arrange',
  '/boxes',
  '/boxes/demo-biscuit-tin',
  '/boxes/fit',
  '/palettes/landing-tin/box',
  '/palettes/landing-tin/fill?place=A4',
  '/palettes/skerry-case/filling',
  '/palettes/skerry-case/filling?day=1',
  '/pans',
  '/pans/labels',
  '/ledger?palette=hut-palette',
  '/palettes/boat-tray/key',
  '/charts',
  '/palettes/landing-tin/use?place=A5',
  '/restock',
  '/restock/prices',
  '/restock/plan',
  '/restock/orders',
  '/restock/spent',
  '/students?of=palette:landing-tin',
  '/students?view=copy',
  '/data',
  '/pigments',
  '/pigments/PB28%20teal',
  '/bench',
  '/bench?view=row',
  '/bench?view=triangle',
  '/bench?view=glaze',
  '/bench?view=recipe',
  '/compare',
  '/swatches',
  '/swatches?from=spectra',
]

const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

/** Lays paints on the bench and names what is to be matched, so that its screens show something. */
export async function layTheBench(app: App): Promise<void> {
  const parts = ['demo-h-french-ultramarine', 'demo-h-burnt-sienna', 'demo-h-lemon-yellow']
  await app.remember('jx-bench', {
    parts: parts.map((paintId) => ({ paintId, parts: 1 })),
    water: 2,
    scope: 'landing-tin',
    target: { kind: 'paint', paintId: 'demo-f-sap-green' },
  })
}

/** What axe finds on a screen, in words. */
export async function findings(app: App, path: string): Promise<string[]> {
  const strip = JSON.stringify(path === '/compare' ? ['demo-h-french-ultramarine', 'demo-h-cobalt-blue'] : [])
  const isLaid = await app.driver.executeScript('return localStorage.getItem("jx-strip") === arguments[0]', strip)
  await app.remember('jx-strip', strip)
  // what a device keeps is read when the page loads
  if (isLaid) await app.visit(path)
  else await app.go(path)
  return violationsOf(app, path)
}

/** What axe finds on what is shown now, in words. */
export async function violationsOf(app: App, what: string): Promise<string[]> {
  await app.still()
  if (!(await app.driver.executeScript('return Boolean(window.axe)'))) await app.driver.executeScript(axe.source)
  // what lies half under the bar at the bottom of a phone is scrolled before it is pressed: the bar is looked at in its place
  const bar = (position: string) =>
    app.driver.executeScript(
      `document.querySelector('nav[aria-label="Main, within reach"]')?.style.setProperty('position', arguments[0])`,
      position,
    )
  await bar('static')
  // in the page itself, without the style sheets that none of these rules reads, and only what it complains of comes back:
  // half the work of asking for everything
  const violations = await app.inPage<Pick<Result, 'id' | 'help' | 'nodes'>[]>(
    `axe.run(document, { runOnly: arguments[0], resultTypes: ['violations'], preload: false }).then(({ violations }) =>
      done(violations.map(({ id, help, nodes }) => ({ id, help, nodes: nodes.map(({ target }) => ({ target })) }))),
    )`,
    TAGS,
  )
  await bar('')
  return violations.map(({ id, help, nodes }) => {
    const where = nodes.slice(0, 3).map((n) => n.target.join(' '))
    return `${what}: ${id}: ${help} (${where.join('; ')})`
  })
}

const NARROW = 390

/** Every one of these screens, wide and light, then narrow and dark: axe finds nothing, and nothing reaches beyond the screen. */
export function lookAt(screens: readonly string[]): void {
  let app: App
  beforeAll(async () => {
    app = await App.open('/')
    await layTheBench(app)
  })
  afterAll(() => app.close())

  describe('axe finds nothing, wide and light, narrow and dark', () => {
    it.each(screens)('%s', async (path) => {
      await show(app, 1280, 800, 'light')
      expect(await findings(app, path)).toEqual([])
      await show(app, NARROW, 844, 'dark')
      expect(await violationsOf(app, `${path}, dark and narrow`)).toEqual([])
      expect(await app.driver.executeScript('return document.documentElement.scrollWidth')).toBeLessThanOrEqual(NARROW)
    })
  })
}

/** As if the window and the system's theme were such. */
async function show({ driver }: App, width: number, height: number, scheme: 'light' | 'dark'): Promise<void> {
  await setSize(driver, width, height)
  await driver.sendDevToolsCommand('Emulation.setEmulatedMedia', {
    features: [{ name: 'prefers-color-scheme', value: scheme }],
  })
}
