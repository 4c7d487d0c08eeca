import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { labD65 } from '@juxtachrome/core/units'
import { WAVELENGTHS } from '@juxtachrome/core/colour'
import { simulateSheet, type SheetConditions } from '@juxtachrome/core/paints'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, By, Key } from './app'
import { png } from './png'

let app: App
let folder = ''
beforeAll(async () => {
  app = await App.open('/paints/demo-h-lemon-yellow')
  folder = await mkdtemp(join(tmpdir(), 'jx-swatches-'))
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})

async function photograph(name: string, conditions: SheetConditions = {}) {
  const colours = [
    labD65(70, 10, 60),
    labD65(40, 50, 20),
    labD65(35, 10, -40),
    labD65(50, -40, 10),
    labD65(60, 20, 40),
    labD65(30, 5, 5),
  ]
  const sheet = simulateSheet(colours, 3, 900, 700, conditions)
  if (!sheet.ok) throw new Error(sheet.error.message)
  await writeFile(join(folder, name), png(sheet.value.image))
  return join(folder, name)
}

describe('the swatches of a paint', () => {
  it('are typed, refused when impossible, read with the simulated reader, and taken back', async () => {
    await app.says('from memory; the prediction differs')
    await app.click('Change masstone')
    await app.type('Masstone as typed or picked', '120 0 0')
    await app.click('Save the swatch')
    await app.says('L* must lie between 0 and 100')
    await app.type('Masstone as typed or picked', '30 0 0')
    await app.click('Save the swatch')
    await app.says('typed; the prediction differs')
    await app.says('hardly belong together')
    await app.chord(Key.CONTROL, 'z')
    await app.says('from memory; the prediction differs')
    await app.click('Change wash, 1:6')
    await app.type('Wash, 1:6 as typed or picked', '40 0 0')
    await app.press(Key.ENTER)
    await app.says('is lighter than the wash')
    for (let i = 0; i < 3; i += 1) await app.click('Read with the simulated reader')
    await app.says('3 readings, made up with the noise of an instrument')
    await app.click('Save their mean')
    // what was made up is no measurement, and says so for good
    await app.says('simulated, no measurement; ±')
    await app.click('Record over a black line')
    await app.type('Over a black line as typed or picked', '22 0 4')
    await app.press(Key.ENTER)
    await app.says('22 0 4')
  })

  it('without any, a paint is shown as assumed from its code', async () => {
    await app.press('a')
    await app.type('Type it as it stands on the tube', 'Viridian PG18 5 ml, by Northwall')
    await app.press(Key.ENTER)
    await app.type('Search paints', 'northwall')
    await (await app.find('ul[aria-label="Paints by hue"] button')).click()
    await app.says('assumed from the pigment code')
    await app.says('granulating, assumed from the code')
  })

  it('of a code with several colours let the artist confirm which', async () => {
    await app.go('/paints/demo-h-quinacridone-rose')
    await app.says('PV19 is sold as several colours. This one is:')
    await app.click('quinacridone violet', '//div[@aria-label="Which PV19 it is"]')
    await app.until(
      async () =>
        (await app.text()).includes('Undo') &&
        (await app.driver.findElements(By.css('[aria-label^="Undo: changed"]'))).length === 1,
      'the choice as a step',
    )
    await app.chord(Key.CONTROL, 'z')
  })
})

describe('a photographed sheet', () => {
  it('is read from its own paper, previewed, named, and saved as one step', async () => {
    await app.go('/swatches')
    await app.upload(0, await photograph('sheet.png', { noise: 0.02, uneven: 0.3, light: [1, 0.9, 0.75] }))
    await app.set('Rows', '2')
    await app.set('Columns', '3')
    const corner = await app.named('Corner top left')
    const before = await corner.getAttribute('aria-label')
    await corner.sendKeys(Key.ARROW_LEFT)
    expect(await corner.getAttribute('aria-label')).not.toBe(before)
    await corner.sendKeys(Key.ARROW_RIGHT)
    await app.drag(await app.named('Corner bottom right'), await app.named('Corner bottom right'))
    await app.choose('Named in the order of', 'Landing tin')
    await app.click('Read the sheet')
    await app.says('What was read')
    const read = (await app.text('[aria-label="Cells read"]')).split('\n').join(' ')
    expect(read).toContain('good')
    expect(await app.driver.findElements(By.css('[aria-label="Cells read"] tbody tr'))).toHaveLength(6)
    const chooser = await app.field('Paint of row 1, column 1')
    await chooser.click()
    await app.until(
      async () => (await chooser.findElements(By.css('option'))).length > 50,
      'the whole collection to choose from',
    )
    await app.press(Key.ESCAPE)
    await app.choose('Paint of row 1, column 1', 'none')
    await app.click('Save 5 swatches')
    await app.says('Recorded 5 swatches')
    await app.click('Undo')
    await app.says('Undone: recorded 5 swatches from sheet.png')
  })

  it('that cannot be read is refused with what to do', async () => {
    await writeFile(join(folder, 'words.png'), 'not a picture')
    await app.upload(0, join(folder, 'words.png'))
    await app.says('is not a photograph that this browser can read')
    await writeFile(join(folder, 'empty.png'), '')
    await app.upload(0, join(folder, 'empty.png'))
    await app.says('is empty')
    await app.upload(0, await photograph('bright.png', { exposure: 1.5 }))
    await app.click('Read the sheet')
    await app.says('over-exposed')
    await app.upload(0, await photograph('fine.png'))
    await app.set('Rows', '40')
    await app.set('Columns', '2')
    await app.click('Read the sheet')
    await app.says('Are rows and columns exchanged')
  })

  it('can be tried with a made-up one', async () => {
    await app.choose('Named in the order of', 'the collection')
    await app.click('Try it with a made-up sheet')
    await app.until(async () => (await (await app.field('Columns')).getAttribute('value')) === '6', 'the made-up grid')
    await app.click('Read the sheet')
    // nothing of what was made up is ticked beforehand
    await app.says('Save 0 swatches')
    await app.says('This sheet was made up.')
  })
})

describe('a file of spectra', () => {
  it('is resampled, which is said, named by its rows, and saved; refused rows are listed', async () => {
    const nms = WAVELENGTHS.filter((n) => n >= 400 && n <= 700)
    const row = (name: string, value: (nm: number) => number) =>
      [name, ...nms.map((n) => value(n).toFixed(4))].join(',')
    await writeFile(
      join(folder, 'spectra.csv'),
      [
        ['name', ...nms].join(','),
        row('Burnt umber', (n) => 0.05 + 0.1 * ((n - 400) / 300)),
        row('Burnt umber wash', (n) => 0.4 + 0.3 * ((n - 400) / 300)),
        row('Broken', () => -0.4),
      ].join('\n'),
    )
    await app.go('/swatches?from=spectra')
    await app.upload(0, join(folder, 'spectra.csv'))
    await app.says('Resampled from 400–700 nm')
    await app.says('2 spectra read, 1 refused')
    await app.says('is negative')
    await app.click('Save 2 swatches')
    await app.says('Recorded 2 swatches')
    await app.go('/paints/demo-t-burnt-umber')
    await app.says('measured spectrum; the prediction differs')
  })

  it('of another kind is refused', async () => {
    await app.go('/swatches?from=spectra')
    await writeFile(join(folder, 'other.csv'), 'a,b\n1,2\n')
    await app.upload(0, join(folder, 'other.csv'))
    await app.says('Neither CGATS.17 nor a table with wavelengths')
  })
})
