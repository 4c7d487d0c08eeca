import { afterEach, describe, expect, it } from 'vitest'
import { App } from './app'

let app: App
afterEach(() => app?.close())

/** What browsers of the floor (package.json, browserslist) may lack, and how it is taken from this one. */
const LACKING = [
  'delete Intl.Segmenter',
  'delete Intl.supportedValuesOf',
  'delete window.requestIdleCallback',
  'delete window.OffscreenCanvas',
  'delete window.showDirectoryPicker',
  'delete window.CompressionStream',
  'delete window.BroadcastChannel',
  'delete Navigator.prototype.locks',
  'delete Navigator.prototype.storage',
  'delete Navigator.prototype.wakeLock',
  'delete Navigator.prototype.serviceWorker',
]
const SCREENS = [
  ['/', 'Low or out'],
  ['/paints', '56 paints'],
  ['/palettes/landing-tin/choose', 'places left'],
  ['/palettes/landing-tin/fill', 'To fill'],
  ['/palettes/landing-tin/key', 'Save as PDF'],
  ['/bench', 'Bench'],
  ['/restock', 'Needs'],
  ['/swatches', 'photograph'],
  ['/data', 'a price without a currency'],
] as const

describe('a browser that lacks what some lack', () => {
  it('all of it at once: the main screens are there', async () => {
    app = await App.open('/')
    const source = LACKING.join('; ')
    await app.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source })
    await app.reload()
    for (const [path, words] of SCREENS) {
      await app.visit(path)
      await app.happens(
        `document.body.innerText.toLowerCase().includes(${JSON.stringify(words.toLowerCase())})`,
        `“${words}” on ${path}`,
        8000,
      )
    }
    expect(await app.complaints()).toEqual([])
  })
})
