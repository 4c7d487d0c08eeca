import type { Holder } from '../documents/palette'
import { tenth, grid, rect, renamed } from './holderShapes'

export function foldingTray(): Holder {
  const wells = {
    columns: 9,
    left: 9,
    width: 20,
    height: 24,
    gapX: 2.5,
    depth: 9,
    corner: 3,
    container: 'well' as const,
  }
  return {
    id: 'folding-18',
    name: 'Folding tray, 18 wells',
    outline: 'box',
    width: 216,
    height: 180,
    places: [...grid({ ...wells, rows: 1, top: 9 }), ...grid({ ...wells, rows: 1, top: 147, firstRow: 1 })],
    parts: [
      { kind: 'mixing', shape: rect(9, 39, 96, 44, 4) },
      { kind: 'mixing', shape: rect(111, 39, 96, 44, 4) },
      { kind: 'hinge', shape: rect(0, 89, 216, 2, 0) },
      { kind: 'mixing', shape: rect(9, 97, 198, 44, 4) },
    ],
  }
}

export function twentyWells(): Holder {
  const well = { width: 30, height: 24, depth: 10, corner: 4, gapX: 3, container: 'well' as const }
  const side = (left: number, firstRow: number) =>
    grid({ ...well, rows: 6, columns: 1, left, top: 38, gapY: 3, firstRow })
  return {
    id: 'tray-20',
    name: 'Studio tray, 20 wells',
    outline: 'box',
    width: 280,
    height: 208,
    places: [
      ...grid({ ...well, rows: 1, columns: 8, left: 9.5, top: 9 }),
      ...renamed(side(9.5, 1), 'L'),
      ...renamed(side(240.5, 1), 'R'),
    ],
    parts: [
      { kind: 'mixing', shape: rect(46, 42, 188, 75, 6) },
      { kind: 'mixing', shape: rect(46, 123, 188, 75, 6) },
    ],
  }
}

export function thirtySixWells(): Holder {
  const well = { width: 26, height: 24, depth: 12, corner: 3, gapX: 1.6, container: 'well' as const }
  const side = (left: number) => grid({ ...well, rows: 6, columns: 1, left, top: 37, gapY: 2.4 })
  return {
    id: 'tray-36',
    name: 'Studio tray, 36 wells',
    outline: 'box',
    width: 348,
    height: 228,
    places: [
      ...renamed(grid({ ...well, rows: 1, columns: 12, left: 9.2, top: 9 }), 'A'),
      ...renamed(side(9.2), 'L'),
      ...renamed(side(312.8), 'R'),
      ...renamed(grid({ ...well, rows: 1, columns: 12, left: 9.2, top: 195 }), 'B'),
    ],
    parts: [
      { kind: 'mixing', shape: rect(42, 39, 128, 148, 6) },
      { kind: 'mixing', shape: rect(178, 39, 128, 148, 6) },
    ],
  }
}

/** Wells in rows above a mixing area. */
export function rowsTray(
  id: string,
  name: string,
  rows: number,
  columns: number,
  well = { width: 24, height: 22 },
): Holder {
  const places = grid({
    rows,
    columns,
    left: 8,
    top: 8,
    gapX: 2.5,
    gapY: 2.5,
    ...well,
    depth: 9,
    corner: 3,
    container: 'well',
  })
  const width = 16 + columns * (well.width + 2.5) - 2.5
  const below = 8 + rows * (well.height + 2.5) + 3
  const parts = [{ kind: 'mixing' as const, shape: rect(8, below, width - 16, 72, 5) }]
  return { id, name, outline: 'box', width: tenth(width), height: tenth(below + 80), places, parts }
}

/** Wells along all sides of one large mixing area: so many along the top and the bottom, so many down each side. */
export function rimTray(
  id: string,
  name: string,
  across: number,
  down: number,
  well = { width: 24, height: 22 },
): Holder {
  const base = { ...well, depth: 11, corner: 3, gapX: 2, container: 'well' as const }
  const width = 18 + across * (well.width + 2) - 2
  const sideTop = 9 + well.height + 4
  const bottom = sideTop + down * (well.height + 2.4) + 1.6
  const side = (left: number) => grid({ ...base, rows: down, columns: 1, left, top: sideTop, gapY: 2.4 })
  const inner = 9 + well.width + 6
  return {
    id,
    name,
    outline: 'box',
    width: tenth(width),
    height: tenth(bottom + well.height + 9),
    places: [
      ...renamed(grid({ ...base, rows: 1, columns: across, left: 9, top: 9 }), 'A'),
      ...renamed(side(9), 'L'),
      ...renamed(side(width - 9 - well.width), 'R'),
      ...renamed(grid({ ...base, rows: 1, columns: across, left: 9, top: bottom }), 'B'),
    ],
    parts: [{ kind: 'mixing', shape: rect(inner, sideTop, width - 2 * inner, bottom - sideTop - 4, 6) }],
  }
}

/** A folding tray of two banks and a flap to mix on, with a hole for the thumb. */
export function foldingWithThumb(id: string, name: string, columns: number): Holder {
  const bank = {
    columns,
    left: 9,
    width: 18,
    height: 22,
    gapX: 2,
    depth: 8,
    corner: 3,
    container: 'well' as const,
    rows: 1,
  }
  const width = 18 + columns * 20 - 2
  return {
    id,
    name,
    outline: 'box',
    width,
    height: 168,
    places: [...grid({ ...bank, top: 9 }), ...grid({ ...bank, top: 56, firstRow: 1 })],
    parts: [
      { kind: 'mixing', shape: rect(9, 34, width - 18, 18, 3) },
      { kind: 'hinge', shape: rect(0, 84, width, 2, 0) },
      { kind: 'mixing', shape: rect(9, 92, width - 60, 67, 4) },
      { kind: 'hold', shape: { kind: 'circle', x: width - 28, y: 126, radius: 12 } },
    ],
  }
}

/** A strip of wells beside a slab to mix on. */
export function stripBesideSlab(): Holder {
  const places = grid({
    rows: 10,
    columns: 1,
    left: 8,
    top: 8,
    width: 30,
    height: 18,
    gapX: 0,
    gapY: 2,
    depth: 8,
    corner: 3,
    container: 'well',
  })
  return {
    id: 'strip-10',
    name: 'Strip of 10 wells beside a slab',
    outline: 'box',
    width: 200,
    height: 214,
    places: renamed(places, 'S'),
    parts: [{ kind: 'mixing', shape: rect(46, 8, 146, 198, 4) }],
  }
}
