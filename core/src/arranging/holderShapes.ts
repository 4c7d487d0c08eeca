import type { Place } from '../documents/palette'
import { PAN_SIZES, type PanMeasures, type PanSize } from '../documents/pan'

/** Outer sizes of removable pans, mm (common practice, no source; makers differ by a millimetre, quarter pans and godets by more). */
export const PAN_MEASURES: Readonly<Record<PanSize, Readonly<PanMeasures>>> = {
  'quarter pan': { width: 10, height: 16, depth: 7 },
  'half pan': { width: 16, height: 19, depth: 8 },
  'full pan': { width: 19, height: 30, depth: 8 },
  godet: { width: 23, height: 23, depth: 8 },
}
export const HALF_PAN = PAN_MEASURES['half pan']
export const FULL_PAN = PAN_MEASURES['full pan']

/** The sizes of pans as somebody entered them, the usual ones for the rest. */
export const measuresOfPans = (own: Readonly<Record<string, PanMeasures>> = {}): Record<PanSize, PanMeasures> =>
  Object.fromEntries(PAN_SIZES.map((size) => [size, own[size] ?? PAN_MEASURES[size]])) as Record<PanSize, PanMeasures>

export const rowName = (row: number) => String.fromCharCode(65 + row)

interface GridSpec {
  rows: number
  columns: number
  left: number
  top: number
  width: number
  height: number
  gapX: number
  /** Top of each row, when rows are not evenly spaced. */
  tops?: number[]
  gapY?: number
  corner?: number
  depth: number
  container: Place['container']
  /** Index of the first row's letter. */
  firstRow?: number
}

export function grid(spec: GridSpec): Place[] {
  const { rows, columns, left, top, width, height, gapX, gapY = 1, corner = 1, depth, container, firstRow = 0 } = spec
  return Array.from({ length: rows * columns }, (_, i) => {
    const row = Math.floor(i / columns)
    const column = i % columns
    const y = spec.tops?.[row] ?? top + row * (height + gapY)
    return {
      id: `${rowName(firstRow + row)}${column + 1}`,
      container,
      depth,
      shape: { kind: 'rect', x: left + column * (width + gapX), y, width, height, corner },
    }
  })
}

export const rect = (x: number, y: number, width: number, height: number, corner = 2) =>
  ({ kind: 'rect', x, y, width, height, corner }) as const

export const renamed = (places: Place[], letter: string) => places.map((p, i) => ({ ...p, id: `${letter}${i + 1}` }))

/** Millimetres to a tenth, as one would measure a box. */
export const tenth = (mm: number): number => Math.ceil(mm * 10 - 1e-6) / 10
