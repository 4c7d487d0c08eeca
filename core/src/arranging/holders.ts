import type { Holder, Place } from '../documents/palette'

/** Outer sizes of removable pans, mm (common practice, no source; makers differ by a millimetre). */
export const HALF_PAN = { width: 16, height: 19, depth: 8 } as const
export const FULL_PAN = { width: 19, height: 30, depth: 8 } as const

const rowName = (row: number) => String.fromCharCode(65 + row)

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

function grid(spec: GridSpec): Place[] {
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

const rect = (x: number, y: number, width: number, height: number, corner = 2) =>
  ({ kind: 'rect', x, y, width, height, corner }) as const

/** A tin of pans in rows of six, a slot for brushes between its halves; sizes in mm. */
function panTin(
  tin: Pick<Holder, 'id' | 'name' | 'width' | 'height'>,
  container: 'half pan' | 'full pan',
  tops: number[],
  slot: ReturnType<typeof rect>,
): Holder {
  const pan = container === 'half pan' ? HALF_PAN : FULL_PAN
  const places = grid({ rows: tops.length, columns: 6, left: 6, top: 6, gapX: 1, ...pan, tops, container })
  return { ...tin, outline: 'box', places, parts: [{ kind: 'slot', shape: slot }] }
}

function foldingTray(): Holder {
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

function twentyWells(): Holder {
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

const renamed = (places: Place[], letter: string) => places.map((p, i) => ({ ...p, id: `${letter}${i + 1}` }))

function ringOfSixteen(): Holder {
  const centre = 120
  const places = Array.from({ length: 16 }, (_, i): Place => {
    const turn = (i / 16) * 2 * Math.PI - Math.PI / 2
    const along = (f: (t: number) => number) => Math.round((centre + 98 * f(turn)) * 100) / 100
    return {
      id: String(i + 1),
      container: 'well',
      depth: 8,
      shape: { kind: 'circle', x: along(Math.cos), y: along(Math.sin), radius: 15 },
    }
  })
  return {
    id: 'ring-16',
    name: 'Round plate, ring of 16',
    outline: 'ring',
    width: 240,
    height: 240,
    places,
    parts: [{ kind: 'mixing', shape: { kind: 'circle', x: centre, y: centre, radius: 72 } }],
  }
}

function thirtySixWells(): Holder {
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

/** The holders offered for a new palette, drawn to scale. A palette keeps a copy of its own. */
export const HOLDERS: readonly Holder[] = [
  panTin(
    { id: 'tin-12-half', name: 'Tin, 12 half pans', width: 113, height: 64 },
    'half pan',
    [6, 39],
    rect(6, 27, 101, 10),
  ),
  panTin(
    { id: 'tin-24-half', name: 'Tin, 24 half pans', width: 113, height: 103 },
    'half pan',
    [6, 26, 58, 78],
    rect(6, 47, 101, 9),
  ),
  panTin(
    { id: 'tin-12-full', name: 'Tin, 12 full pans', width: 131, height: 84 },
    'full pan',
    [6, 48],
    rect(6, 38, 119, 8),
  ),
  foldingTray(),
  twentyWells(),
  ringOfSixteen(),
  thirtySixWells(),
]
