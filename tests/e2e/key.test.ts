import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { PDFDocument } from 'pdf-lib'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, By, Key } from './app'
import { png } from './png'
import { MM, popplerIsThere, rendered, wordsIn } from './print'

let app: App
beforeAll(async () => {
  app = await App.open('/palettes/landing-tin/key')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})

describe('the printed key', () => {
  it('is an A4 sheet, and names, boxes and marks stand where they are said to, within 0.2 mm', async ({ skip }) => {
    await app.click('Save as PDF')
    await app.says('One sheet, 210 × 297 mm.')
    const bytes = await app.downloaded(/^key-for-the-lid-landing-tin\.pdf$/)
    const [page] = (await PDFDocument.load(bytes)).getPages()
    expect(page!.getWidth() * MM).toBeCloseTo(210, 1)
    expect(page!.getHeight() * MM).toBeCloseTo(297, 1)
    if (!popplerIsThere()) skip('poppler-utils is not installed: positions in the PDF are not checked')
    const words = await wordsIn(bytes)
    const at = (text: string) => words.find((w) => w.text === text)!
    // pans are 17 mm apart across and 33 mm down in this tin
    expect(at('Nickel').x - at('Lemon').x).toBeCloseTo(17, 1)
    expect(at('Yellow').y - at('Lemon').y).toBeCloseTo(33, 1)
    expect(at('Yellow').x).toBeCloseTo(at('Lemon').x, 1)
    // the first pan's inner edge lies 6.8 mm inside the lid's, which is centred on the sheet
    expect(Math.abs(at('Lemon').x - ((210 - 113) / 2 + 6.8))).toBeLessThan(0.2)
    expect(words.map((w) => w.text)).toEqual(expect.arrayContaining(['PY175', 'PB15:3', 'darker', 'B6', 'stains']))
    const sheet = await rendered(bytes)
    expect([sheet.width / 10, sheet.height / 10].map(Math.round)).toEqual([210, 297])
    // letters that a reader finds are not always letters that are drawn
    const names = words.filter((w) => /^[A-Za-z]{4,}$/.test(w.text))
    expect(names.length).toBeGreaterThan(15)
    expect(names.filter((w) => !sheet.isDrawn(w)).map((w) => w.text)).toEqual([])
    // the discs lie 3.6 mm outside of the lid's corners, on a sheet with 5 mm for its foot
    const [left, top] = [(210 - 113) / 2, (297 - 5 - 64) / 2]
    for (const [x, y] of [
      [left + 113 + 3.6, top - 3.6],
      [left + 113 + 3.6, top + 64 + 3.6],
      [left - 3.6, top + 64 + 3.6],
    ] as const) {
      const disc = sheet.middle(x, y, 2)
      expect(Math.hypot(disc.x - x, disc.y - y)).toBeLessThan(0.2)
      expect(disc.dark).toBeCloseTo(Math.PI * 1.75 ** 2, 0)
    }
    expect(sheet.middle(left - 3.6, top - 3.6, 2).dark).toBeCloseTo(Math.PI * (1.75 ** 2 - 0.8 ** 2), 0)
    // the ruler at the foot: 50 mm from its first tick to its last
    expect(sheet.middle(7, 297 - 7 - 1, 0.6).x).toBeCloseTo(7, 0)
    const ends = [sheet.middle(7, 297 - 8.2, 0.6).x, sheet.middle(57, 297 - 8.2, 0.6).x]
    expect(Math.abs(ends[1]! - ends[0]! - 50)).toBeLessThan(0.2)
  })

  it('the palette on one page: box, names, purpose and map, as PDF, picture and drawing', async () => {
    await app.go('/palettes/landing-tin')
    await app.click('Details')
    await app.click('The palette on one page')
    await app.says('One sheet, 210 × 297 mm.')
    const drawing = '[aria-label^="The palette on one page"]'
    await app.happens(`document.querySelectorAll('${drawing} path').length > 60`, 'the map of what it mixes')
    await app.happens(
      `[...document.querySelectorAll('${drawing} text')].some((t) => t.textContent === 'French ultramarine PB29')`,
      'its names',
    )
    await app.click('SVG')
    const svg = (await app.downloaded(/^the-palette-on-one-page-landing-tin\.svg$/)).toString()
    expect(svg).toContain('width="210mm"')
    for (const words of ['Landing tin', 'Fits the oilskin pocket', 'PB15:3']) expect(svg).toContain(words)
    await app.click('PNG')
    const picture = await app.downloaded(/^the-palette-on-one-page-landing-tin\.png$/)
    const [width, height] = [picture.readUInt32BE(16), picture.readUInt32BE(20)]
    expect(height / width).toBeCloseTo(297 / 210, 2)
    await app.click('Save as PDF')
    const [page] = (
      await PDFDocument.load(await app.downloaded(/^the-palette-on-one-page-landing-tin\.pdf$/))
    ).getPages()
    expect(page!.getHeight() * MM).toBeCloseTo(297, 1)
  })

  it('spreads a large tray over sheets, or over one larger sheet; as a list and as boxes it is folded into the lid', async () => {
    await app.go('/palettes/hut-palette/key')
    await app.choose('Paper', 'A5')
    await app.says('sheets overlap by 8 mm')
    await app.choose('Paper', 'A3')
    await app.says('One sheet, 420 × 297 mm.')
    await app.click('Save as PDF')
    const [page] = (await PDFDocument.load(await app.downloaded(/^key-for-the-lid-hut-palette\.pdf$/))).getPages()
    expect(page!.getWidth() * MM).toBeCloseTo(420, 1)
    await app.choose('Form', 'a list')
    await (await app.field('Fitted to the inside of the lid')).click()
    await app.set('Inside, wide, mm', '90')
    await app.set('Inside, high, mm', '20')
    await app.press(Key.TAB)
    await app.says('inside of a lid is at least 30 mm')
    await app.set('Inside, high, mm', '60')
    await app.press(Key.TAB)
    await app.says('to lie in the lid')
    await app.set('Boxes, mm', 'wide')
    await app.press(Key.TAB)
    await app.says('A number from 0 to 1000.')
    await app.set('Boxes, mm', '18')
    await app.press(Key.TAB)
    await app.choose('Form', 'as the palette lies')
    await app.says('too small to paint in')
    await (await app.field('Fitted to the inside of the lid')).click()
    await app.choose('Lying', 'as it fits')
    await app.choose('Paper', 'A4')
  })
})

describe('painting a key', () => {
  it('goes box by box, says where each lies, and is gone on with after a reload', async () => {
    await app.go('/palettes/landing-tin/key')
    await app.click('Paint it')
    await app.says('0 painted, 11 to go')
    await app.says('It is the first.')
    await app.press(Key.ENTER)
    await app.says('1 painted, 10 to go')
    await app.says('right of Lemon yellow')
    await app.press(Key.ARROW_RIGHT)
    await app.says('2 painted, 9 to go')
    await app.press(Key.ARROW_LEFT)
    await app.says('1 painted, 10 to go')
    await app.reload()
    await app.click('Paint it')
    await app.says('1 painted, 10 to go')
    // any box can be chosen on the sheet
    const boxes = await app.driver.findElements(By.css('svg[aria-label^="Where it goes"] > rect'))
    await app.driver.executeScript('arguments[0].dispatchEvent(new MouseEvent("click", { bubbles: true }))', boxes[5])
    await app.happens(`document.querySelector('svg[aria-label="Where it goes: A6"]') !== null`, 'A6')
    await app.click('Begin anew')
    await app.says('0 painted, 11 to go')
  })
})

describe('a photograph of the key', () => {
  it('is checked: what is exchanged is named, nothing is saved unasked, what is right is taken over as one step', async () => {
    await app.click('Check a photograph')
    await app.click('Try it with a made-up photograph')
    await app.says('look exchanged: swapping them lowers the difference')
    const undo = await app.named('Undo')
    expect(await undo.isEnabled()).toBe(false)
    await app.click('CGATS')
    const cgats = (await app.downloaded(/^key-for-the-lid-landing-tin\.txt$/)).toString()
    expect(cgats).toContain('NUMBER_OF_SETS 11')
    await app.click('Take 18 swatches over')
    await app.says('Recorded 18 swatches.')
    await app.chord(Key.CONTROL, 'z')
    await app.says('Undone: recorded 18 swatches')
  })

  it('of another sheet, or of none, is said', async () => {
    const file = join(await mkdtemp(join(tmpdir(), 'jx-photo-')), 'blank.png')
    await writeFile(file, png({ width: 400, height: 300, data: new Uint8ClampedArray(400 * 300 * 4).fill(230) }))
    await app.upload(0, file)
    await app.says('Of the four black discs at the corners of the sheet 0 can be seen')
    await app.says('The corners, by hand')
  })
})
