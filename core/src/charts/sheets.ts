/** Sheets of paper, upright, mm (ISO 216; ANSI/ASME Y14.1 for Letter). */
export const SHEETS = {
  A4: { width: 210, height: 297 },
  A3: { width: 297, height: 420 },
  Letter: { width: 215.9, height: 279.4 },
} as const
export type SheetName = keyof typeof SHEETS

/** What most printers leave white, mm (common practice, no source). */
export const MARGIN = 7
const OVERLAP = 8

/** A window onto a drawing: the part that one sheet shows. Millimetres; offsets in the drawing. */
export interface Tile {
  x: number
  y: number
  width: number
  height: number
  row: number
  column: number
}
export interface SheetPlan {
  sheet: SheetName
  landscape: boolean
  pageWidth: number
  pageHeight: number
  tiles: Tile[]
}

/**
 * Spreads a drawing of a given size at true scale over as few sheets as possible, upright or
 * across, with 8 mm of overlap where several are to be taped together.
 *
 * @param space mm kept free around the drawing for cut marks.
 */
export function spreadOver(width: number, height: number, sheet: SheetName, space = 6): SheetPlan {
  const plans = [false, true].map((landscape) => planFor(width, height, sheet, landscape, space))
  return plans[1]!.tiles.length < plans[0]!.tiles.length ? plans[1]! : plans[0]!
}

function planFor(width: number, height: number, sheet: SheetName, landscape: boolean, space: number): SheetPlan {
  const { width: w, height: h } = SHEETS[sheet]
  const [pageWidth, pageHeight] = landscape ? [h, w] : [w, h]
  const across = slices(width, pageWidth - 2 * (MARGIN + space))
  const down = slices(height, pageHeight - 2 * (MARGIN + space))
  const tiles = down.flatMap((y, row) =>
    across.map((x, column) => ({ x: x.start, y: y.start, width: x.length, height: y.length, row, column })),
  )
  return { sheet, landscape, pageWidth, pageHeight, tiles }
}

function slices(length: number, room: number): { start: number; length: number }[] {
  if (length <= room) return [{ start: 0, length }]
  const count = Math.ceil((length - OVERLAP) / (room - OVERLAP))
  const step = (length - room) / (count - 1)
  return Array.from({ length: count }, (_, i) => ({ start: i * step, length: room }))
}
