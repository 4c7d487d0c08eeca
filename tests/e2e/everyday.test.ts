import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import writeXlsx from 'write-excel-file/node'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, By, Key } from './app'

let app: App
let dir: string
beforeAll(async () => {
  app = await App.open('/paints')
  dir = await mkdtemp(join(tmpdir(), 'jx-everyday-'))
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})
const focused = async () => (await app.driver.switchTo().activeElement()).getTagName()
const value = async (label: string) => (await app.field(label)).getAttribute('value')
const double = (name: string) =>
  app.until(async () => {
    await app.driver
      .actions()
      .doubleClick(await app.named(name))
      .perform()
    return true
  }, `a double click on “${name}”`)

describe('collecting', () => {
  it('what a typed line leaves over is said and kept in the note; a size that was not given is marked', async () => {
    await app.go('/paints?add=1')
    await app.type('Type it as it stands on the tube', 'Puffin orange PO71, half empty, from the loft, 120 kr, x2')
    await app.says('Left over, and kept in the note of the tube: from the loft')
    expect(await value('What is left')).toBe('half left')
    await app.says('“kr” is taken as SEK')
    expect(await value('How many')).toBe('2')
    expect(await value('Maker')).toBe('')
    await app.type('Name', 'Puffin beak')
    await app.type('Type it as it stands on the tube', 'Puffin orange PO71, half empty, from the loft')
    expect(await value('Name')).toBe('Puffin beak')
    await app.press(Key.ENTER)
    await app.says('57 paints')
    expect(await focused()).toBe('input')
    await app.type('Search paints', 'beak')
    await app.until(async () => (await app.text('ul[aria-label="Paints by hue"]')).includes('Puffin beak'), 'the paint')
    await (await app.find('ul[aria-label="Paints by hue"] button')).click()
    await app.says('7.5 ml left')
    await app.says('from the loft')
    await app.chord(Key.CONTROL, 'z')
  })

  it('a pasted list is taken apart, corrected in its rows, and taken in with one undo', async () => {
    await app.go('/paints?add=list')
    const list =
      'Viridian PG18, Halvard & Roe\nGuano white PW4, Kittiwake Paints, 5 ml\n2 x Kelp green PG7 PY150, Kittiwake Paints\n---\n42'
    await app.set('Paste or type a list, one paint a line', list)
    await app.says('Kittiwake Paints (2 lines)')
    await app.says('1 owned already')
    await app.says('1 line was not taken for a paint')
    await (await app.field('Kittiwake Paints (2 lines)')).click()
    await app.until(async () => (await value('Maker, line 2')) === 'Kittiwake Paints', 'the maker in its column')
    await app.type('Codes, line 3', 'PX1')
    await app.press(Key.TAB)
    await app.says('1 cannot be taken in')
    await app.type('Codes, line 3', 'PG7')
    await app.press(Key.TAB)
    await (await app.field('Take in line 1, Viridian')).click()
    await app.click('Take in 2 paints')
    await app.says('Added 2 paints from a list')
    await app.says('58 paints')
    await app.click('Undo')
    await app.says('56 paints')
  })

  it('a list pasted into the line becomes a list', async () => {
    await app.go('/paints?add=1')
    await app.driver.executeScript(
      `const data = new DataTransfer(); data.setData('text/plain', 'Viridian PG18\\nSap green PG7')
      arguments[0].dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))`,
      await app.field('Type it as it stands on the tube'),
    )
    await app.until(async () => (await value('Name, line 2')) === 'Sap green', 'the second row')
    await app.type('Paste or type a list, one paint a line', '')
  })

  it('a workbook is imported; twice, its paints are owned already, and one undo takes an import out', async () => {
    const book = join(dir, 'drawer.xlsx')
    const rows = [
      ['Farbe', 'Brand', 'Pigments', 'Opacity', 'Price'],
      ['Auk black', 'Westing', 'PBk9', 'ST', '¥1500'],
      ['Skua brown', 'Westing', 'PBr7', 'half', '8,90'],
    ]
    await writeFile(book, await writeXlsx(rows.map((r) => r.map((cell) => ({ value: cell })))).toBuffer())
    const read = async () => {
      await app.go('/import')
      await app.upload(0, book)
      await app.says('What each column of drawer.xlsx means')
    }
    await read()
    await app.says('2 rows can be read')
    await app.choose('Farbe', 'name')
    await app.says('2 rows can be read, 0 cannot. 2 new. 2 values are questioned.')
    await app.says('“half” is none of transparent')
    await app.click('Take in 2 rows')
    await app.says('2 rows taken in')
    // the heading is known from now on
    await read()
    await app.says('2 owned already, left as they are')
    await app.choose('A row of a paint that is owned already means', 'another one')
    await app.click('Take in 2 rows')
    await app.says('2 rows taken in')
    await app.go('/paints')
    await app.says('58 paints')
    await app.chord(Key.CONTROL, 'z')
    await app.chord(Key.CONTROL, 'z')
    await app.says('56 paints')
  })

  it('the collection leaves as CSV and as XLSX, which an import reads again, and is printed as a list', async () => {
    await app.go('/data')
    await app.click('Save as CSV')
    const csv = (await app.downloaded(/paints-.*\.csv$/)).toString()
    expect(csv).toContain('name,maker,pigments')
    expect(csv).toContain('Halvard & Roe')
    await app.click('Save as XLSX')
    const book = join(dir, 'again.xlsx')
    await writeFile(book, await app.downloaded(/paints-.*\.xlsx$/))
    await app.click('Print with swatches')
    await app.says('Lemon yellow')
    expect(await app.driver.getTitle()).toBe('List of paints · Juxtachrome')
    await app.go('/import')
    await app.upload(0, book)
    await app.says(' 0 cannot')
    await app.says('owned already, left as they are')
    await app.says('0 new')
  })

  it('reads accents of an old table, and says how it read them', async () => {
    const file = join(dir, 'latin.csv')
    await writeFile(file, Buffer.from('Name;Brand\nVert émeraude;Grève', 'latin1'))
    await app.go('/import')
    await app.upload(0, file)
    await app.says('read as Windows-1252')
    await app.says('Vert émeraude')
  })

  it('is narrowed by chips with several words, which go with one tap, and found by what a code is called', async () => {
    await app.go('/paints')
    await app.type('Search paints', 'diketopyrrolopyrrole')
    await app.says('3 of 56 paints')
    await app.click('Show all')
    await app.click('Filters')
    await app.click('transparent')
    await app.click('semi-transparent')
    await app.says('transparent or semi-transparent ×')
    await app.type('Save as', 'For glazes')
    await app.click('Save the filter')
    await app.click('Filter: transparent or semi-transparent. Take it away')
    await app.says('56 paints, by hue')
    await app.click('For glazes')
    await app.says('transparent or semi-transparent ×')
    await app.reload()
    await app.click('Filters')
    await app.click('Forget the filter For glazes')
  })
})

describe('nothing that trips', () => {
  it('a double click on a button that changes records once', async () => {
    await app.go('/palettes/boat-tray/fill?place=B9')
    await app.choose('From', 'Payne')
    await app.type('Amount, ml', '0.5')
    await double('Record the filling')
    await app.says('0.5 ml in 1 filling')
    await app.still()
    expect(await app.text()).toContain('0.5 ml in 1 filling,')
    expect(await focused()).not.toBe('body')
  })

  it('another paint on top of what lies there is said in place, in words and on the tray', async () => {
    await app.choose('From', 'Burnt umber')
    await app.type('Amount, ml', '0.5')
    await app.says('Another paint lies in B9')
    await app.says('lie in it already', 500).catch(() => undefined)
    await app.click('Record it all the same')
    await app.says("Payne's grey and Burnt umber, mixed")
    expect(await app.placeSays('B9')).toContain("Payne's grey and Burnt umber, mixed lies in it")
  })

  it('what lies in the future is no filling', async () => {
    await app.set('On', '2099-01-01')
    await app.click('Record the top-up')
    await app.says('what is still to come stays planned')
    expect(await app.text()).toContain('1.0 ml in 2 fillings')
  })

  it('cleaning takes a day', async () => {
    await app.click('Emptied and cleaned')
    await app.says('cleaned out')
    await app.until(async () => (await focused()) !== 'body', 'the focus somewhere')
  })

  it('a form left with changes asks; what was changed in another window meanwhile is shown and kept', async () => {
    await app.go('/paints/demo-h-viridian')
    await app.click('Change the paint')
    await app.type('Series', '7')
    const here = await app.driver.getWindowHandle()
    await app.driver.switchTo().newWindow('tab')
    await app.driver.get(`${app.url}/paints/demo-h-viridian`)
    await app.ready()
    await app.click('Change the paint')
    await app.type('Note', 'changed elsewhere')
    await app.click('Save')
    await app.says('changed elsewhere')
    await app.saved()
    await app.driver.close()
    await app.driver.switchTo().window(here)
    await app.says('Note was changed elsewhere meanwhile')
    await app.click('Palettes')
    await app.says('Leave without saving?')
    await app.click('Go on with it')
    await app.click('Save')
    await app.says('changed elsewhere')
    await app.until(async () => /Series\s+7/.test(await app.text('article')), 'both changes')
    await app.until(async () => (await focused()) !== 'body', 'the focus somewhere')
  })

  it('the drawer is brought in sight; its paints are looked at; a place kept free is given away only on purpose', async () => {
    await app.go('/palettes/landing-tin/choose')
    const row = await app.find('[data-drawer] li button')
    await row.sendKeys('i')
    await app.says('Put it in')
    await app.click('To the strip', '//section[starts-with(@aria-label, "A look at")]')
    await app.find('[data-strip]')
    await (await app.find('[data-drawer] li button')).sendKeys(' ')
    await (await app.place('B6')).sendKeys(' ')
    await app.says('B6 is kept free')
    await app.click('Keep it free')
    expect(await app.placeSays('B6')).toContain('kept free')
    await app.drag(await app.find('[data-drawer] li button'), await app.place('B6'))
    await app.click('Put Lemon yellow there')
    await app.until(async () => (await app.placeSays('B6')).includes('Lemon yellow'), 'the paint in its place')
    await app.chord(Key.CONTROL, 'z')
    await app.go('/palettes/hut-palette/fill')
    expect(await app.driver.getTitle()).toMatch(/^Fill, Hut palette/)
  })

  it('the commands of the open palette come first; a palette and a paint can be copied', async () => {
    await app.chord(Key.CONTROL, 'k')
    await app.until(
      async () => (await (await app.find('[role=dialog] [role=option]')).getText()).startsWith('Hut palette'),
      'its commands first',
    )
    await app.press(Key.ESCAPE)
    await app.go('/palettes')
    await app.click('Copy Landing tin')
    await app.says('Landing tin, copy')
    await app.go('/paints/demo-h-viridian')
    await app.click('Copy it')
    await app.until(async () => (await value('Name on the label')) === 'Viridian, copy', 'the copy, to be changed')
    await app.click('Cancel')
  })
})

describe('by touch, on a phone', () => {
  const small = (of: App) =>
    of.driver.executeScript<string[]>(
      `const pressed = 'main button, main a[href], main input, main select, main summary, [data-strip] button, [data-strip] a'
      const isInline = (el) => el.matches('a') && getComputedStyle(el).display === 'inline'
      const isElsewhere = (el) => el.closest('.sr-only, svg, [role=button]') || el.matches('.sr-only, [tabindex="-1"]')
      const hasLabel = (el) => el.matches('[type=checkbox], [type=radio], [type=file]') && el.closest('label')
      const called = (el) => (el.getAttribute('aria-label') ?? el.textContent ?? el.tagName).trim().slice(0, 40)
      return [...document.querySelectorAll(pressed)]
        .filter((el) => el.getClientRects().length && !isElsewhere(el) && !isInline(el) && !hasLabel(el))
        .map((el) => [el, el.getBoundingClientRect()])
        .filter(([, r]) => r.height < 43.5 || r.width < 24)
        .map(([el, r]) => called(el) + ' ' + Math.round(r.width) + 'x' + Math.round(r.height))`,
    )
  it('every target is 44 px high; the strip says what differs and can be cleared', async () => {
    const phone = await App.open('/', { width: 390, height: 844, touch: true })
    try {
      expect(await phone.driver.executeScript('return matchMedia("(pointer: coarse)").matches')).toBe(true)
      await phone.remember('jx-strip', ['demo-h-french-ultramarine', 'demo-h-cobalt-blue'])
      for (const path of [
        '/',
        '/paints',
        '/paints/demo-h-viridian',
        '/bench',
        '/palettes/landing-tin/fill?place=A1',
        '/data',
      ]) {
        await phone.go(path)
        await phone.still()
        expect(await small(phone), path).toEqual([])
      }
      await phone.says('Choose two to read what differs')
      for (const sample of await phone.driver.findElements(By.css('[data-strip] button[aria-pressed]')))
        await sample.click()
      await phone.says('masstone:')
      await phone.click('Clear the strip')
      await phone.until(
        async () => (await phone.driver.findElements(By.css('[data-strip]'))).length === 0,
        'the strip to be gone',
      )
      await phone.go('/palettes/landing-tin/choose')
      await phone.click('Verdict')
      expect(await phone.complaints()).toEqual([])
    } finally {
      await phone.close()
    }
  })
})
