import { afterEach, describe, expect, it } from 'vitest'
import { App, Key } from './app'
import { chooserOf } from './chooser'

let app: App
afterEach(() => app?.close())

async function opened(script: string, path = '/data'): Promise<App> {
  const own = await App.open(path)
  await own.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: script })
  await own.reload()
  return own
}

describe('copies in a folder', () => {
  it('make themselves once it was chosen; a palette alone is taken back from one, then everything', async () => {
    app = await opened(chooserOf('Studio'))
    await app.click('Choose a folder …')
    await app.says('a copy is written into Studio')
    await app.says('In the folder')
    await app.says('Last copy: today')
    // something is changed and something thrown away
    await app.visit('/palettes/landing-tin/choose')
    await (await app.place('A1')).sendKeys(Key.DELETE)
    await app.saved()
    await app.visit('/')
    await app.says('Last copy: today, in Studio')
    await app.visit('/data')
    await app.click('Look at it')
    await app.says('It holds')
    await app.says('1 record changed since.')
    await app.click('Take Landing tin back')
    await app.says('What differs: nothing.')
    await app.visit('/palettes/landing-tin/choose')
    expect(await app.placeSays('A1')).not.toMatch(/nothing planned/)
    await app.click('Undo')
    await app.saved()
    expect(await app.placeSays('A1')).toMatch(/nothing planned/)
    // a wipe, taken back from the copy in the folder
    await app.visit('/data')
    await app.wipe()
    await app.says('Wiped. The drawer is empty.')
    await app.click('Look at it')
    await app.says('only in the copy')
    await app.click('Take everything back …')
    await app.click('Take everything back', '//*[@role="dialog"]')
    await app.says('Everything is as the copy has it.')
    await app.says('56paints')
    expect(await app.complaints()).toEqual([])
  })

  it('a browser that lets none be chosen is reminded on Today, with one button', async () => {
    app = await opened('delete window.showDirectoryPicker', '/')
    await app.says('No copy was made yet')
    await app.click('Save a copy')
    expect((await app.downloaded(/^juxtachrome-.*\.json$/)).length).toBeGreaterThan(10_000)
    await app.says('Last copy: today')
    await app.visit('/data')
    await app.says('This browser does not let a folder be chosen')
  })
})

describe('before everything was wiped', () => {
  it('a copy stays on the device, and is taken back by keyboard', async () => {
    app = await App.open('/data')
    await app.wipe()
    await app.says('Wiped. The drawer is empty.')
    await app.says('Before everything was wiped')
    const look = await app.named('Look at it as it was before everything was wiped')
    await look.sendKeys(Key.ENTER)
    await app.says('56 paints')
    await app.press(Key.SHIFT)
    await (await app.named('Take everything back …')).sendKeys(Key.ENTER)
    // an Enter right after another is none; whoever looks first, presses something between
    await app.press(Key.SHIFT)
    await (await app.named('Take everything back', '//*[@role="dialog"]')).sendKeys(Key.ENTER)
    await app.says('56paints')
    await app.reload()
    await app.says('56paints')
  })
})
