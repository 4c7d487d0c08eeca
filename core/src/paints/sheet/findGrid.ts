import { fail, ok, type Result } from '../../result'
import { blobsIn, madeSmaller, paperAround, type Blob } from './blobs'
import { leastSquares } from './leastSquares'
import type { Corners, PixelPoint } from './perspective'
import type { Pixels } from './readPatch'

/** A grid of swatches as it was found: outer edges as `readSwatchSheet` wants them. */
export interface FoundGrid {
  corners: Corners
  rows: number
  columns: number
  gap: number
  /** Share of its cells that hold a swatch. */
  filled: number
}

const LONGEST = 1000
/** Paint takes so much of some channel away, beside the paper. */
const PAINTED = 0.86
const FEWEST_POINTS = 40
const FEWEST_SWATCHES = 4
/** A neighbour lies where it is expected, within so much of a step. */
const NEAR = 0.35
const MOST_SIDE = 40

interface Swatch extends PixelPoint {
  width: number
  height: number
}
interface Placed extends Swatch {
  column: number
  row: number
}

/**
 * Finds a grid of separate swatches on bare paper: its corners, rows, columns and the gap between swatches. Empty cells
 * may be among them; a whole row or column at the edge may not.
 *
 * Errors: `grid-not-found`.
 */
export function findGrid(image: Pixels): Result<FoundGrid> {
  const { swatches, scale } = swatchesIn(image)
  if (swatches.length < FEWEST_SWATCHES) return notFound('Hardly any separate swatches can be seen.')
  const placed = placedIn(swatches)
  if (placed.length < Math.max(FEWEST_SWATCHES, swatches.length * 0.6))
    return notFound('What can be seen does not make rows and columns.')
  const columns = 1 + Math.max(...placed.map((p) => p.column))
  const rows = 1 + Math.max(...placed.map((p) => p.row))
  if (rows < 2 || columns < 2 || rows > MOST_SIDE || columns > MOST_SIDE)
    return notFound('Two rows and two columns of swatches are the least that can be found.')
  const filled = placed.length / (rows * columns)
  if (filled < 0.4) return notFound('Too many cells of it are empty.')
  const map = fitted(placed, rows, columns)
  const at = (u: number, v: number): PixelPoint => {
    const { x, y } = map(u, v)
    return { x: (x + 0.5) * scale - 0.5, y: (y + 0.5) * scale - 0.5 }
  }
  const corners: Corners = [at(0, 0), at(1, 0), at(1, 1), at(0, 1)]
  if (!corners.every(({ x, y }) => Number.isFinite(x) && x >= 0 && y >= 0 && x <= image.width && y <= image.height))
    return notFound('The sheet runs out of the picture.')
  return ok({ corners, rows, columns, gap: gapOf(placed, map, rows, columns), filled })
}

const notFound = (why: string) =>
  fail(
    'grid-not-found',
    `${why} Lay the corners by hand: leave bare paper between the swatches, and all of it in view.`,
  )

function swatchesIn(image: Pixels): { swatches: Swatch[]; scale: number } {
  const { width, height, scale, least } = madeSmaller(image, LONGEST)
  const paper = paperAround(least, width, height)
  const mask = new Uint8Array(width * height)
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) if (least[y * width + x]! < PAINTED * paper(x, y)) mask[y * width + x] = 1
  const touches = (b: Blob) => b.left === 0 || b.top === 0 || b.right === width - 1 || b.bottom === height - 1
  const blobs = blobsIn(mask, width, height, FEWEST_POINTS).filter((b) => !touches(b))
  // lettering and specks are smaller, what runs together is larger
  const sizes = blobs.map((b) => b.points.length).sort((p, q) => p - q)
  const usual = sizes[Math.floor(sizes.length * 0.6)] ?? 0
  const swatches = blobs
    .filter((b) => b.points.length > usual * 0.35 && b.points.length < usual * 2.2)
    .map((b) => ({
      x: b.points.reduce((sum, i) => sum + (i % width), 0) / b.points.length,
      y: b.points.reduce((sum, i) => sum + Math.floor(i / width), 0) / b.points.length,
      width: b.right - b.left + 1,
      height: b.bottom - b.top + 1,
    }))
  return { swatches, scale }
}

/** Gives each swatch its row and column, from one in the middle to its neighbours and theirs. */
function placedIn(swatches: readonly Swatch[]): Placed[] {
  const middle = {
    x: swatches.reduce((s, p) => s + p.x, 0) / swatches.length,
    y: swatches.reduce((s, p) => s + p.y, 0) / swatches.length,
  }
  const away = (p: PixelPoint, q: PixelPoint) => Math.hypot(p.x - q.x, p.y - q.y)
  const seeds = [...swatches].sort((p, q) => away(p, middle) - away(q, middle)).slice(0, 6)
  const grown = seeds.map((seed) => grownFrom(seed, swatches)).sort((p, q) => q.length - p.length)
  const best = grown[0] ?? []
  const [left, top] = [Math.min(...best.map((p) => p.column)), Math.min(...best.map((p) => p.row))]
  return best.map((p) => ({ ...p, column: p.column - left, row: p.row - top }))
}

function grownFrom(seed: Swatch, swatches: readonly Swatch[]): Placed[] {
  const step = (across: boolean): PixelPoint | undefined => {
    const ahead = swatches
      .map((s) => ({ x: s.x - seed.x, y: s.y - seed.y }))
      .filter(({ x, y }) => (across ? x > 0 && Math.abs(y) < x * 0.6 : y > 0 && Math.abs(x) < y * 0.6))
      .sort((p, q) => Math.hypot(p.x, p.y) - Math.hypot(q.x, q.y))
    return ahead[0]
  }
  const [right, down] = [step(true), step(false)]
  if (!right || !down) return []
  const placed = new Map<Swatch, Placed & { right: PixelPoint; down: PixelPoint }>()
  const taken = new Set<string>()
  const queue = [seed]
  placed.set(seed, { ...seed, column: 0, row: 0, right, down })
  taken.add('0,0')
  for (let n = 0; n < queue.length; n += 1) {
    const from = placed.get(queue[n]!)!
    for (const [dc, dr] of [
      [1, 0],
      [-1, 0],
      [0, 1],
      [0, -1],
      // over an empty cell
      [2, 0],
      [-2, 0],
      [0, 2],
      [0, -2],
    ] as const) {
      const way = dc ? from.right : from.down
      const sign = dc + dr
      const [x, y] = [from.x + sign * way.x, from.y + sign * way.y]
      const reach = Math.hypot(way.x, way.y)
      const next = swatches
        .filter((s) => !placed.has(s) && Math.hypot(s.x - x, s.y - y) < NEAR * reach)
        .sort((p, q) => Math.hypot(p.x - x, p.y - y) - Math.hypot(q.x - x, q.y - y))[0]
      const cell = `${from.column + dc},${from.row + dr}`
      if (!next || taken.has(cell)) continue
      // the step changes slowly over a sheet that is seen at an angle
      const seen = { x: (next.x - from.x) / sign, y: (next.y - from.y) / sign }
      const mixed = { x: (seen.x + way.x) / 2, y: (seen.y + way.y) / 2 }
      taken.add(cell)
      placed.set(next, {
        ...next,
        column: from.column + dc,
        row: from.row + dr,
        right: dc ? mixed : from.right,
        down: dr ? mixed : from.down,
      })
      queue.push(next)
    }
  }
  return [...placed.values()].map(({ x, y, width, height, column, row }) => ({ x, y, width, height, column, row }))
}

/** The perspective that takes cells to their swatches best, all of them together; swatches that lie off count for less. */
function fitted(placed: readonly Placed[], rows: number, columns: number): (u: number, v: number) => PixelPoint {
  const size = Math.max(...placed.map((p) => Math.max(p.x, p.y)))
  const cells = placed.map((p) => ({
    ...{ u: (p.column + 0.5) / columns, v: (p.row + 0.5) / rows },
    ...{ x: p.x / size, y: p.y / size },
  }))
  const equations = cells.flatMap(({ u, v, x, y }) => [
    [u, v, 1, 0, 0, 0, -x * u, -x * v],
    [0, 0, 0, u, v, 1, -y * u, -y * v],
  ])
  const targets = cells.flatMap(({ x, y }) => [x, y])
  let map = (_u: number, _v: number): PixelPoint => ({ x: 0, y: 0 })
  let weights = targets.map(() => 1)
  for (let round = 0; round < 4; round += 1) {
    const [a, b, c, d, e, f, g, h] = leastSquares(equations, targets, weights) as [
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
    ]
    map = (u, v) => {
      const w = g * u + h * v + 1
      return { x: (a * u + b * v + c) / w, y: (d * u + e * v + f) / w }
    }
    const off = cells.map(({ u, v, x, y }) => {
      const p = map(u, v)
      return Math.hypot(p.x - x, p.y - y)
    })
    const usual = Math.max(1e-5, [...off].sort((p, q) => p - q)[off.length >> 1]!)
    weights = off.flatMap((o) => {
      const r = o / (4.685 * 1.4826 * usual)
      const w = r < 1 ? (1 - r * r) ** 2 : 0
      return [w, w]
    })
  }
  return (u, v) => {
    const { x, y } = map(u, v)
    return { x: x * size, y: y * size }
  }
}

/** Share of a cell that is bare paper, from how wide swatches are beside their step. */
function gapOf(
  placed: readonly Placed[],
  map: (u: number, v: number) => PixelPoint,
  rows: number,
  columns: number,
): number {
  const shares = placed
    .flatMap(({ column, row, width, height }) => {
      const [u, v] = [(column + 0.5) / columns, (row + 0.5) / rows]
      const [a, b] = [map(u - 0.5 / columns, v), map(u + 0.5 / columns, v)]
      const [c, d] = [map(u, v - 0.5 / rows), map(u, v + 0.5 / rows)]
      return [width / Math.hypot(b.x - a.x, b.y - a.y), height / Math.hypot(d.x - c.x, d.y - c.y)]
    })
    .sort((p, q) => p - q)
  return Math.min(0.6, Math.max(0.05, 1 - shares[shares.length >> 1]!))
}
