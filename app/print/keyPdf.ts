import fontkit from '@pdf-lib/fontkit'
import type { PlaceShape } from '@juxtachrome/core/documents'
import { MARGIN, type KeyCell, type KeyDrawing, type SheetPlan, type Tile } from '@juxtachrome/core/charts'
import {
  clip,
  endPath,
  grayscale,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  type PDFFont,
  type PDFPage,
} from 'pdf-lib'
import type { PrintFonts } from './fonts'

const PT = 72 / 25.4
const HAIR = 0.2
const BLACK = grayscale(0)
const GREY = grayscale(0.45)

/** Draws in millimetres from the top left corner of the drawing. */
class Pen {
  constructor(
    readonly page: PDFPage,
    readonly left: number,
    readonly top: number,
    readonly pageHeight: number,
    readonly fonts: { regular: PDFFont; bold: PDFFont },
  ) {}
  x = (mm: number) => (this.left + mm) * PT
  y = (mm: number) => (this.pageHeight - this.top - mm) * PT

  line(x1: number, y1: number, x2: number, y2: number, width = HAIR) {
    this.page.drawLine({
      start: { x: this.x(x1), y: this.y(y1) },
      end: { x: this.x(x2), y: this.y(y2) },
      thickness: width * PT,
      color: BLACK,
    })
  }
  box(x: number, y: number, width: number, height: number, dashed = false, color = BLACK) {
    this.page.drawRectangle({
      x: this.x(x),
      y: this.y(y + height),
      width: width * PT,
      height: height * PT,
      borderColor: color,
      borderWidth: HAIR * PT,
      borderDashArray: dashed ? [3, 2] : undefined,
    })
  }
  circle(x: number, y: number, radius: number, color = BLACK) {
    this.page.drawCircle({ x: this.x(x), y: this.y(y), size: radius * PT, borderColor: color, borderWidth: HAIR * PT })
  }
  shape(shape: PlaceShape, dashed = false, color = BLACK) {
    if (shape.kind === 'circle') this.circle(shape.x, shape.y, shape.radius, color)
    else this.box(shape.x, shape.y, shape.width, shape.height, dashed, color)
  }
  text(text: string, x: number, y: number, size: number, bold: boolean) {
    this.page.drawText(text, {
      x: this.x(x),
      y: this.y(y),
      size: size * PT,
      font: bold ? this.fonts.bold : this.fonts.regular,
      color: BLACK,
    })
  }
}

/** A key as a PDF at true size, cut marks and a ruler to check the printer by. One page for each tile. */
export async function writeKeyPdf(
  drawing: KeyDrawing,
  plan: SheetPlan,
  name: string,
  source: PrintFonts,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create()
  pdf.registerFontkit(fontkit)
  pdf.setTitle(`Key: ${name}`)
  pdf.setProducer('Juxtachrome')
  const fonts = {
    regular: await pdf.embedFont(source.regular, { subset: true }),
    bold: await pdf.embedFont(source.bold, { subset: true }),
  }
  plan.tiles.forEach((tile, i) => {
    const page = pdf.addPage([plan.pageWidth * PT, plan.pageHeight * PT])
    drawTile(page, tile, drawing, plan, fonts)
    footer(
      page,
      plan,
      fonts.regular,
      `${name}, key at true size: print at 100 %.${plan.tiles.length > 1 ? ` Sheet ${i + 1} of ${plan.tiles.length}: overlap the drawings and tape.` : ''}`,
    )
  })
  return pdf.save()
}

function drawTile(page: PDFPage, tile: Tile, drawing: KeyDrawing, plan: SheetPlan, fonts: Pen['fonts']) {
  const left = (plan.pageWidth - tile.width) / 2 - tile.x
  const top = (plan.pageHeight - tile.height) / 2 - tile.y
  const pen = new Pen(page, left, top, plan.pageHeight, fonts)
  cutMarks(pen, drawing, tile)
  page.pushOperators(
    pushGraphicsState(),
    rectangle(
      pen.x(tile.x - 0.3),
      pen.y(tile.y + tile.height + 0.3),
      (tile.width + 0.6) * PT,
      (tile.height + 0.6) * PT,
    ),
    clip(),
    endPath(),
  )
  if (drawing.outline === 'ring') pen.circle(drawing.width / 2, drawing.height / 2, drawing.width / 2)
  else pen.box(0, 0, drawing.width, drawing.height)
  for (const part of drawing.parts) pen.shape(part.shape, false, GREY)
  for (const cell of drawing.cells) drawCell(pen, cell)
  if (drawing.title) pen.text(drawing.title.text, drawing.title.x, drawing.title.y, drawing.title.size, true)
  page.pushOperators(popGraphicsState())
}

function drawCell(pen: Pen, cell: KeyCell) {
  pen.shape(cell.shape, cell.kind === 'reserved', cell.kind === 'paint' ? BLACK : GREY)
  if (cell.kind === 'paint') pen.box(cell.swatch.x, cell.swatch.y, cell.swatch.width, cell.swatch.height)
  for (const t of cell.texts) pen.text(t.text, t.x, t.y, t.size, t.bold)
}

function cutMarks(pen: Pen, { width, height }: KeyDrawing, tile: Tile) {
  for (const x of [0, width])
    for (const y of [0, height]) {
      if (x < tile.x - 0.1 || x > tile.x + tile.width + 0.1 || y < tile.y - 0.1 || y > tile.y + tile.height + 0.1)
        continue
      const [dx, dy] = [x === 0 ? -1 : 1, y === 0 ? -1 : 1]
      pen.line(x + dx, y, x + dx * 4.5, y)
      pen.line(x, y + dy, x, y + dy * 4.5)
    }
}

function footer(page: PDFPage, plan: SheetPlan, font: PDFFont, text: string) {
  const base = MARGIN * PT
  page.drawLine({
    start: { x: base, y: base },
    end: { x: base + 50 * PT, y: base },
    thickness: HAIR * PT,
    color: BLACK,
  })
  for (const mm of [0, 10, 20, 30, 40, 50])
    page.drawLine({
      start: { x: base + mm * PT, y: base },
      end: { x: base + mm * PT, y: base + 1.5 * PT },
      thickness: HAIR * PT,
      color: BLACK,
    })
  page.drawText(`50 mm. ${text}`.slice(0, 160), {
    x: base + 53 * PT,
    y: base,
    size: 6.5,
    font,
    color: BLACK,
    maxWidth: (plan.pageWidth - 2 * MARGIN - 55) * PT,
  })
}
