import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'
import { chooserOf } from './chooser'

let laptop: App
let phone: App
let downloads: string
beforeAll(async () => {
  downloads = await mkdtemp(join(tmpdir(), 'jx-exchange-'))
  laptop = await App.open('/data')
  phone = await App.open('/data', { empty: true, width: 390, height: 844, touch: true })
  for (const app of [laptop, phone]) {
    await app.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: chooserOf('Shared') })
    await app.reload()
  }
})
afterAll(async () => {
  for (const app of [laptop, phone]) {
    expect(await app.complaints()).toEqual([])
    await app.close()
  }
})

/** Everything that one device holds, as a file that the other can choose. */
let files = 0
async function exported(app: App): Promise<string> {
  await app.visit('/data')
  await app.driver.executeScript(`
    window.caught = undefined
    const make = URL.createObjectURL
    URL.createObjectURL = (blob) => { if (/json/.test(blob.type)) blob.text().then((t) => (window.caught = t)); return make(blob) }`)
  await tap(app, 'Export everything')
  const path = join(downloads, `export-${(files += 1)}.json`)
  await writeFile(path, await app.until(() => app.driver.executeScript<string>('return window.caught'), 'the export'))
  return path
}
async function chooseFile(app: App, path: string): Promise<void> {
  await app.visit('/')
  await app.visit('/data')
  await app.upload(0, path)
}
/** The files that one device wrote go over to the other: what a service would carry between them, the test carries. */
async function carry(from: App, to: App): Promise<void> {
  const own = await from.inPage<[string, string][]>(`
    (async () => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('Shared')
      const files = []
      for await (const [name, handle] of folder.entries()) files.push([name, await (await handle.getFile()).text()])
      done(files)
    })()`)
  await to.inPage(
    `const theirs = arguments[0]
    ;(async () => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('Shared', { create: true })
      for (const [name, text] of theirs) {
        const handle = await folder.getFileHandle(name, { create: true })
        if ((await (await handle.getFile()).text()) === text) continue
        const stream = await handle.createWritable()
        await stream.write(text)
        await stream.close()
      }
      done()
    })()`,
    own,
  )
}
/** On a phone the bar at the foot lies over what has not been scrolled up yet. */
async function tap(app: App, name: string): Promise<void> {
  await app.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', await app.named(name))
  await app.click(name)
}
const currency = (app: App, words: string) => app.choose('A price without a currency is in', words)
const clears = async (app: App, place: string) => {
  await app.visit('/palettes/landing-tin/choose')
  await (await app.place(place)).sendKeys(Key.DELETE)
  await app.saved()
}

describe('two devices', () => {
  it('a phone begins as a copy of the laptop, both go on, and a file brings them together in one step', async () => {
    await chooseFile(phone, await exported(laptop))
    await tap(phone, 'Import it')
    await phone.says('is in.')
    await clears(phone, 'A1')
    await clears(laptop, 'A2')
    await chooseFile(laptop, await exported(phone))
    await laptop.click('Bring together with what is here …')
    await laptop.says('Bring together with the phone')
    await laptop.says('What comes in here: 1 changed palette.')
    await laptop.click('Bring together')
    await laptop.says('Brought together with the phone: 1 changed palette.')
    await laptop.visit('/palettes/landing-tin/choose')
    expect(await laptop.placeSays('A1')).toMatch(/nothing planned/)
    expect(await laptop.placeSays('A2')).toMatch(/nothing planned/)
    // one step back, and forth again
    await laptop.click('Undo')
    await laptop.saved()
    expect(await laptop.placeSays('A1')).not.toMatch(/nothing planned/)
    await laptop.click('Redo')
    await laptop.saved()
    // and again it is nothing
    await chooseFile(laptop, await exported(phone))
    await laptop.click('Bring together with what is here …')
    await laptop.says('Everything that is there is here already.')
    await laptop.click('Leave it')
  })

  it('what was changed on both is shown side by side and chosen; a newer program’s file is refused plainly', async () => {
    await phone.visit('/data')
    await currency(phone, 'NOK')
    await laptop.visit('/data')
    await currency(laptop, 'CHF')
    await chooseFile(phone, await exported(laptop))
    await tap(phone, 'Bring together with what is here …')
    await phone.says('Changed on both')
    await phone.says('Here: NOK')
    await phone.says('On the computer: CHF')
    expect(await (await phone.named('Bring together')).isEnabled()).toBe(false)
    await tap(phone, 'All from the computer')
    await phone.says('All is chosen.')
    await tap(phone, 'Bring together')
    await phone.says('Brought together with the computer')
    expect(await (await phone.field('A price without a currency is in')).getAttribute('value')).toBe('CHF')

    const newer = join(downloads, 'newer.json')
    const paint = { id: 'n1', v: 99, maker: '', name: 'Newer', pigments: [] }
    const file = { format: 'juxtachrome-collection', schema: 9, documents: { paints: [paint] } }
    await writeFile(newer, JSON.stringify(file))
    await chooseFile(phone, newer)
    await tap(phone, 'Bring together with what is here …')
    await phone.says('The other device has a newer Juxtachrome. Bring this one up to date first.')
    await tap(phone, 'Leave it')
  })

  it('a shared folder keeps them in step by itself, also when one was ended in the middle', async () => {
    for (const app of [laptop, phone]) {
      await app.visit('/data')
      await tap(app, 'Choose a shared folder …')
      await app.says('keeps the devices in step by itself')
      await app.happens(`!document.querySelector('[data-in-step="working"]')`, 'the first step')
    }
    await carry(laptop, phone)
    await carry(phone, laptop)
    for (const app of [laptop, phone]) await tap(app, 'Bring together now')
    // a filling on the phone, a plan on the laptop
    await clears(phone, 'A3')
    await clears(laptop, 'A4')
    await laptop.reload()
    await phone.visit('/data')
    await tap(phone, 'Bring together now')
    await phone.happens(`document.querySelector('[data-in-step="ready"]')`, 'the phone to write')
    await carry(phone, laptop)
    await laptop.visit('/data')
    await laptop.click('Bring together now')
    await laptop.happens(`document.querySelector('[data-in-step="ready"]')`, 'the laptop to read')
    await carry(laptop, phone)
    await tap(phone, 'Bring together now')
    await phone.happens(`document.querySelector('[data-in-step="ready"]')`, 'the phone to read')
    for (const app of [laptop, phone]) {
      await app.visit('/palettes/landing-tin/choose')
      for (const place of ['A1', 'A2', 'A3', 'A4']) expect(await app.placeSays(place)).toMatch(/nothing planned/)
      await app.visit('/')
      await app.says('In step with')
    }
  })
})
