import { execFileSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { PDFDocument } from 'pdf-lib'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App } from './app'

let app: App
beforeAll(async () => {
  app = await App.open('/palettes/landing-tin/key')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})
const MM = 25.4 / 72

describe('the printed key', () => {
  it('is an A4 sheet, and names stand where the pans lie, in millimetres', async ({ skip }) => {
    // at once, before the typeface for print can be here
    await app.click('Save as PDF')
    await app.says('113 × 64 mm on one sheet A4')
    const bytes = await app.downloaded(/^key-landing-tin\.pdf$/)
    const [page] = (await PDFDocument.load(bytes)).getPages()
    expect(page!.getWidth() * MM).toBeCloseTo(210, 1)
    expect(page!.getHeight() * MM).toBeCloseTo(297, 1)
    if (!existsSync('/usr/bin/pdftotext')) skip('poppler-utils is not installed: positions in the PDF are not checked')
    const file = join(tmpdir(), `jx-key-${process.pid}.pdf`)
    await writeFile(file, bytes)
    // poppler, an independent reader, says where each word stands
    const words = [
      ...execFileSync('/usr/bin/pdftotext', ['-bbox', file, '-'])
        .toString()
        .matchAll(/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">([^<]*)</g),
    ].map(([, x, y, , , text]) => ({ x: Number(x) * MM, y: Number(y) * MM, text }))
    const at = (text: string) => words.find((w) => w.text === text)!
    // pans are 17 mm apart across and 33 mm down in this tin
    expect(at('Nickel').x - at('Lemon').x).toBeCloseTo(17, 1)
    expect(at('Yellow').y - at('Lemon').y).toBeCloseTo(33, 1)
    expect(at('Yellow').x).toBeCloseTo(at('Lemon').x, 1)
    // the first pan's inner edge lies 6.8 mm inside the lid's, which is centred on the sheet
    expect(at('Lemon').x).toBeCloseTo((210 - 113) / 2 + 6.8, 0)
    expect(words.map((w) => w.text)).toEqual(expect.arrayContaining(['PY175', 'PB15:3', 'darker', 'B6']))
  })

  it('spreads a large tray over sheets, or over one larger sheet', async () => {
    await app.go('/palettes/hut-palette/key')
    await app.says('on 2 sheets A4')
    await app.choose('Paper', 'A3')
    await app.says('on one sheet A3')
    await app.click('Save as PDF')
    const [page] = (await PDFDocument.load(await app.downloaded(/^key-hut-palette\.pdf$/))).getPages()
    expect(page!.getWidth() * MM).toBeCloseTo(420, 1)
  })
})
