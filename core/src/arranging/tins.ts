import type { Holder } from '../documents/palette'
import { FULL_PAN, grid, HALF_PAN, rect, renamed, tenth } from './holderShapes'

/** A tin of pans in rows of six, a slot for brushes between its halves; sizes in mm. */
export function panTin(
  tin: Pick<Holder, 'id' | 'name' | 'width' | 'height'>,
  container: 'half pan' | 'full pan',
  tops: number[],
  slot: ReturnType<typeof rect>,
): Holder {
  const pan = container === 'half pan' ? HALF_PAN : FULL_PAN
  const places = grid({ rows: tops.length, columns: 6, left: 6, top: 6, gapX: 1, ...pan, tops, container })
  return { ...tin, outline: 'box', places, parts: [{ kind: 'slot', shape: slot }] }
}

/** A tin of pans in rows, with a slot for brushes between its halves; the lid is where one mixes. */
export function tin(
  id: string,
  name: string,
  container: 'half pan' | 'full pan',
  rows: number,
  columns: number,
): Holder {
  const pan = container === 'half pan' ? HALF_PAN : FULL_PAN
  const [edge, gap, slot] = [6, 1, 9]
  const upper = Math.ceil(rows / 2)
  const top = (row: number) => edge + row * (pan.height + gap) + (row >= upper ? slot + 4 : 0)
  const width = 2 * edge + columns * (pan.width + gap) - gap
  const slotTop = edge + upper * (pan.height + gap) + 1
  const height = rows > 1 ? top(rows - 1) + pan.height + edge : slotTop + slot + edge
  const tops = Array.from({ length: rows }, (_, row) => top(row))
  const places = grid({ rows, columns, left: edge, top: edge, gapX: gap, ...pan, tops, container })
  const parts = [{ kind: 'slot' as const, shape: rect(edge, slotTop, width - 2 * edge, slot) }]
  return { id, name, outline: 'box', width: tenth(width), height: tenth(height), places, parts }
}

/** Half pans beside full ones in one tin. */
export function mixedTin(): Holder {
  const half = grid({ rows: 2, columns: 6, left: 6, top: 6, gapX: 1, gapY: 1, ...HALF_PAN, container: 'half pan' })
  const full = grid({ rows: 1, columns: 5, left: 6, top: 58, gapX: 1, ...FULL_PAN, container: 'full pan', firstRow: 2 })
  return {
    id: 'tin-12-5-mixed',
    name: 'Tin, 12 half and 5 full pans',
    outline: 'box',
    width: 113,
    height: 94,
    places: [...half, ...full],
    parts: [{ kind: 'slot', shape: rect(6, 46.5, 101, 10) }],
  }
}

/** Loose pans in a slim case, one mixing strip beside them. */
export function slimCase(id: string, name: string, rows: number, columns: number): Holder {
  const places = grid({ rows, columns, left: 4, top: 4, gapX: 0.5, gapY: 0.5, ...HALF_PAN, container: 'half pan' })
  const width = 8 + columns * 16.5 - 0.5
  const below = 4 + rows * 19.5 + 1
  const parts = [{ kind: 'mixing' as const, shape: rect(4, below, width - 8, 24, 2) }]
  return { id, name, outline: 'box', width: tenth(width), height: tenth(below + 28), places, parts }
}

/** Twelve half pans, and wells in the lid for what is mixed ahead or did not fit. */
export function tinWithLid(): Holder {
  const pans = grid({
    rows: 2,
    columns: 6,
    left: 6,
    top: 92,
    gapX: 1,
    tops: [92, 125],
    ...HALF_PAN,
    container: 'half pan',
  })
  const lid = grid({
    rows: 1,
    columns: 6,
    left: 6,
    top: 6,
    width: 16,
    height: 14,
    gapX: 1,
    depth: 4,
    corner: 2,
    container: 'well',
  })
  return {
    id: 'tin-12-lid-6',
    name: 'Tin, 12 half pans, 6 wells in the lid',
    outline: 'box',
    width: 113,
    height: 150,
    places: [...renamed(lid, 'L'), ...pans],
    parts: [
      { kind: 'mixing', shape: rect(6, 24, 101, 54, 3) },
      { kind: 'hinge', shape: rect(0, 84, 113, 2, 0) },
      { kind: 'slot', shape: rect(6, 113, 101, 10) },
    ],
  }
}
