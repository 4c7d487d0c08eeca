import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'

let app: App
beforeAll(async () => {
  app = await App.open('/paints')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})

const rows = async () => (await app.text('ul[aria-label="Paints by hue"]')).split('\n')

describe('the collection', () => {
  it('lies in order of hue, yellow first', async () => {
    await app.says('56 paints, by hue')
    expect((await rows())[0]).toBe('Lemon yellow')
  })

  it('is searched by name, code and maker, and narrowed by family, property and state', async () => {
    await app.type('Search paints', 'PB 15.3')
    await app.says('3 of 56 paints')
    await app.type('Search paints', 'tern pyrole')
    await app.says('1 of 56 paints')
    await app.click('Show all')
    await app.click('Filters')
    await app.click('violet')
    await app.says('2 of 56 paints')
    await app.click('strongly granulating')
    await app.says('1 of 56 paints')
    await app.click('Show all')
    await app.click('stiff')
    await app.says('2 of 56 paints')
    await app.click('Show all')
    await app.click('Filters')
  })

  it('is walked with the arrow keys; Enter opens, closing comes back to the row', async () => {
    const search = await app.field('Search paints')
    await search.sendKeys(Key.TAB, Key.TAB)
    await app.until(
      async () => (await app.driver.switchTo().activeElement().getText()).startsWith('Lemon yellow'),
      'focus on the first row',
    )
    await app.press(Key.ARROW_DOWN, Key.ARROW_DOWN)
    await app.until(
      async () => (await app.driver.switchTo().activeElement().getText()).startsWith('Aureolin'),
      'focus two rows down',
    )
    await app.press(Key.ENTER)
    await app.says('PY150, PY175')
    await app.click('Close')
    await app.until(
      async () => (await app.driver.switchTo().activeElement().getText()).startsWith('Aureolin'),
      'focus back on the row',
    )
  })
})

describe('adding by a line', () => {
  it('reads the line as one types, questions an unlikely code, and takes it in', async () => {
    await app.press('a')
    await app.type('Type it as it stands on the tube', 'French ultramarine PG29 15 ml, series 2, Northwall')
    await app.says('is usually PB29')
    await app.says('Is “Northwall” the maker?')
    expect(await (await app.field('Maker')).getAttribute('value')).toBe('')
    await app.click('Yes, the maker')
    expect(await (await app.field('Maker')).getAttribute('value')).toBe('Northwall')
    await app.type('Pigment codes', 'PB29')
    // touching the line again leaves what was corrected
    await (await app.field('Type it as it stands on the tube')).sendKeys(' ')
    expect(await (await app.field('Pigment codes')).getAttribute('value')).toBe('PB29')
    await app.until(async () => !(await app.text()).includes('is usually PB29'), 'the question to go')
    await app.press(Key.ENTER)
    await app.says('57 paints')
    await app.type('Search paints', 'northwall')
    await app.says('1 of 57 paints')
    await app.click('Show all')
  })

  it('says what is wrong beside the form and keeps what was typed', async () => {
    await app.type('Type it as it stands on the tube', 'Something PB29')
    await app.type('Pigment codes', 'PX99')
    await app.click('Add to the collection')
    await app.says('is not a Colour Index name')
    expect(await (await app.field('Name')).getAttribute('value')).toBe('Something')
    await app.type('Type it as it stands on the tube', '')
    await app.click('Done adding')
  })

  it('another tube of a paint one owns is an item of it, not a second paint', async () => {
    await app.go('/paints?add=1')
    await app.type('Type it as it stands on the tube', 'Viridian PG18, Halvard & Roe, 5 ml, sealed')
    await app.says('You own this paint already')
    await app.click('Add to the collection')
    await app.go('/paints/demo-h-viridian')
    await app.says('5 ml, 5.0 ml left')
    await app.says('57 paints')
  })
})

describe('a paint and its items', () => {
  it('is changed with its swatch, refused when impossible', async () => {
    await app.go('/paints/demo-h-viridian')
    await app.click('Change the paint')
    await app.type('Masstone', '300 0 0')
    await app.click('Save')
    await app.says('L* must lie between 0 and 100')
    await app.type('Masstone', '36 -30 5')
    await app.type('Wash', '')
    await app.click('Save')
    await app.says('Masstone 36 -30 5')
    await app.says('typed; the prediction differs')
    await app.says('not recorded')
    await app.click('Undo: changed Viridian')
    await app.says('Masstone 34 -32 4')
    await app.says('from memory; the prediction differs')
  })

  it('what is really left is noted, and the balance follows', async () => {
    await app.go('/paints/demo-s-raw-umber')
    await app.says('5 ml, 5.0 ml left')
    await app.type('Really left:', 'much')
    await app.click('Note it')
    await app.says('A number of ml')
    await app.type('Really left:', '1,5')
    await app.click('Note it')
    await app.says('1.5 ml left')
  })

  it('a tube’s state is changed; removing one that filled pans asks and keeps the history', async () => {
    await app.go('/paints/demo-s-raw-sienna')
    await app.click('Change', "//li[contains(., 'Really left')]")
    await (await app.find('input[value="stiff"]')).click()
    await app.click('Save')
    await app.says('stiff')
    await app.click('Remove', '//li')
    await app.says('Filled 2 times')
    await app.click('Remove it')
    await app.says('You own none of it')
    await app.go('/palettes/hut-palette/fill?place=B8')
    await app.says('1.8 ml Raw sienna')
    await app.until(async () => /Raw sienna, \d+ \w+ \d{4}/.test(await app.text()), 'the history of the well')
  }, 60_000)
})

describe('importing a table', () => {
  it('matches columns, previews, takes in what can be read and keeps the rest for correction', async () => {
    const dir = await mkdtemp(join(tmpdir(), 'jx-csv-'))
    const file = join(dir, 'drawer.csv')
    await writeFile(
      file,
      [
        'Colour name;Brand;C.I. code;Size (ml);Condition',
        'Quinacridone gold;Westing;PO49;15;open',
        '<b>Bold</b> blue;Westing;PB29;5;open',
        '=1+1;Westing;PB99X;5;open',
        ';Westing;;5;open',
        '',
      ].join('\n'),
    )
    await app.go('/import')
    await app.upload(0, file)
    await app.says('3 rows can be read, 1 cannot')
    await app.says('“PB99X” is not a Colour Index name')
    await app.click('Take in 3 rows, keep 1 for correction')
    await app.says('Rows kept for correction: 1')
    expect(await app.driver.executeScript('return document.querySelectorAll("#main b").length')).toBe(0)
    await app.click('Correct')
    await app.type('name', 'Deep blue')
    await app.click('Take it in')
    await app.until(async () => !(await app.text()).includes('Rows kept for correction'), 'no row left')
    await app.go('/paints')
    await app.type('Search paints', 'westing')
    await app.says('4 of 61 paints')
    await app.says('=1+1')
    await app.says('<b>Bold</b> blue')
  })
})
