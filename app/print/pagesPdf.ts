import fontkit from '@pdf-lib/fontkit'
import { DASHES, HAIR, type Ink, type Mark, type Page } from '@juxtachrome/core/charts'
import {
  clip,
  endPath,
  grayscale,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  type Color,
  type PDFFont,
  type PDFPage,
} from 'pdf-lib'
import type { PrintFonts } from './fonts'

const PT = 72 / 25.4
const INKS: Readonly<Record<Ink, Color>> = { black: grayscale(0), grey: grayscale(0.45), faint: grayscale(0.65) }
const DASHED = DASHES.map((mm) => mm * PT)

interface Typefaces {
  regular: PDFFont
  bold: PDFFont
}

/** Sheets as a PDF at true size, exactly as they are shown. `progress` hears of each sheet. */
export async function writePdf(
  pages: readonly Page[],
  title: string,
  source: PrintFonts,
  progress: (done: number, of: number) => void = () => undefined,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create()
  pdf.registerFontkit(fontkit)
  pdf.setTitle(title)
  pdf.setProducer('Juxtachrome')
  // whole: cut down to the letters used, the library loses most of their outlines (seen with poppler)
  const fonts = { regular: await pdf.embedFont(source.regular), bold: await pdf.embedFont(source.bold) }
  pages.forEach((page, i) => {
    drawPage(pdf.addPage([page.width * PT, page.height * PT]), page, fonts)
    progress(i + 1, pages.length)
  })
  return pdf.save()
}

function drawPage(sheet: PDFPage, page: Page, fonts: Typefaces) {
  for (const pane of page.panes) {
    const { x, y, width, height } = pane.clip
    sheet.pushOperators(
      pushGraphicsState(),
      rectangle(x * PT, (page.height - y - height) * PT, width * PT, height * PT),
      clip(),
      endPath(),
    )
    for (const mark of pane.marks) draw(sheet, mark, page.height, fonts)
    sheet.pushOperators(popGraphicsState())
  }
  for (const mark of page.marks) draw(sheet, mark, page.height, fonts)
}

const colourOf = (hex: string) => {
  const [r, g, b] = [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16) / 255)
  return rgb(r!, g!, b!)
}

function lineOf(mark: { ink?: Ink; weight?: number; dashed?: boolean; fill?: string }) {
  return {
    ...(mark.fill ? { color: colourOf(mark.fill) } : {}),
    ...(mark.ink ? { borderColor: INKS[mark.ink], borderWidth: (mark.weight ?? HAIR) * PT } : {}),
    ...(mark.dashed ? { borderDashArray: DASHED } : {}),
  }
}

function draw(sheet: PDFPage, mark: Mark, height: number, fonts: Typefaces) {
  const x = (mm: number) => mm * PT
  const y = (mm: number) => (height - mm) * PT
  if (mark.is === 'rect')
    sheet.drawRectangle({
      x: x(mark.x),
      y: y(mark.y + mark.height),
      width: mark.width * PT,
      height: mark.height * PT,
      ...lineOf(mark),
    })
  else if (mark.is === 'circle')
    sheet.drawCircle({ x: x(mark.x), y: y(mark.y), size: mark.radius * PT, ...lineOf(mark) })
  else if (mark.is === 'line')
    sheet.drawLine({
      start: { x: x(mark.x1), y: y(mark.y1) },
      end: { x: x(mark.x2), y: y(mark.y2) },
      thickness: (mark.weight ?? HAIR) * PT,
      color: INKS[mark.ink ?? 'black'],
      ...(mark.dashed ? { dashArray: DASHED } : {}),
    })
  else if (mark.is === 'path')
    sheet.drawSvgPath(`${mark.points.map(([px, py], i) => `${i ? 'L' : 'M'}${px * PT} ${py * PT}`).join('')}Z`, {
      x: 0,
      y: height * PT,
      ...lineOf(mark),
    })
  else
    sheet.drawText(mark.text, {
      x: x(mark.x),
      y: y(mark.y),
      size: mark.size * PT,
      font: mark.bold ? fonts.bold : fonts.regular,
      color: INKS[mark.ink ?? 'black'],
    })
}
