import type { Holder, Place, PlaceShape } from '../documents/palette'

export interface Point {
  x: number
  y: number
}
export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** Middle of a place, mm from the holder's top left corner. */
export function middleOf(shape: PlaceShape): Point {
  return shape.kind === 'circle'
    ? { x: shape.x, y: shape.y }
    : { x: shape.x + shape.width / 2, y: shape.y + shape.height / 2 }
}

/** Smallest upright box around a shape, mm. */
export function boxOf(shape: PlaceShape): Box {
  if (shape.kind === 'rect') return { x: shape.x, y: shape.y, width: shape.width, height: shape.height }
  return { x: shape.x - shape.radius, y: shape.y - shape.radius, width: 2 * shape.radius, height: 2 * shape.radius }
}

/** Inner area of a place seen from above, mm2; a pan loses a millimetre of wall on each side. */
export function areaOf(place: Place): number {
  const wall = place.container === 'well' ? 0 : 1
  const { shape } = place
  if (shape.kind === 'circle') return Math.PI * (shape.radius - wall) ** 2
  return Math.max(1, shape.width - 2 * wall) * Math.max(1, shape.height - 2 * wall)
}

/** What two boxes share, mm; undefined where they only touch or lie apart. */
export function sharedBox(p: Box, q: Box): Box | undefined {
  const [x, y] = [Math.max(p.x, q.x), Math.max(p.y, q.y)]
  const width = Math.min(p.x + p.width, q.x + q.width) - x
  const height = Math.min(p.y + p.height, q.y + q.height) - y
  return width > 0 && height > 0 ? { x, y, width, height } : undefined
}

/** How much two boxes share, mm2; 0 where they only touch or lie apart. */
export function sharedArea(p: Box, q: Box): number {
  const both = sharedBox(p, q)
  return both ? both.width * both.height : 0
}

export type Direction = 'left' | 'right' | 'up' | 'down'
const STEP: Record<Direction, Point> = {
  left: { x: -1, y: 0 },
  right: { x: 1, y: 0 },
  up: { x: 0, y: -1 },
  down: { x: 0, y: 1 },
}

/**
 * The place one reaches by going from a place in a direction: the nearest that lies more that way
 * than sideways; at the edge, the place itself.
 */
export function placeToward(holder: Holder, from: string, direction: Direction): string {
  const start = holder.places.find((p) => p.id === from)
  if (!start) return holder.places[0]!.id
  const here = middleOf(start.shape)
  const step = STEP[direction]
  let best = { id: from, cost: Infinity }
  for (const place of holder.places) {
    const there = middleOf(place.shape)
    const along = (there.x - here.x) * step.x + (there.y - here.y) * step.y
    const aside = Math.abs((there.x - here.x) * step.y) + Math.abs((there.y - here.y) * step.x)
    if (along < 1 || aside > along * 2) continue
    const cost = Math.hypot(along, aside) + 1.5 * aside
    if (cost < best.cost) best = { id: place.id, cost }
  }
  return best.id
}

/**
 * Places in the order in which the eye walks round the holder: clockwise round a ring or a tray
 * whose wells line the rim, to and fro along the rows of a tin. Neighbours in it lie side by side.
 */
export function walkOf(holder: Holder): string[] {
  if (holder.outline === 'ring') return holder.places.map((p) => p.id)
  const rows = rowsOf(holder)
  if (rows.length > 2 && rows.slice(1, -1).every((r) => r.length === 2)) return rimWalk(rows)
  return rows.flatMap((row, i) => (i % 2 ? [...row].reverse() : row)).map((p) => p.id)
}

function rowsOf(holder: Holder): Place[][] {
  const rows = new Map<number, Place[]>()
  for (const place of holder.places) {
    const y = Math.round(middleOf(place.shape).y)
    rows.set(y, [...(rows.get(y) ?? []), place])
  }
  const byX = (p: Place, q: Place) => middleOf(p.shape).x - middleOf(q.shape).x
  return [...rows.entries()].sort(([p], [q]) => p - q).map(([, row]) => row.sort(byX))
}

/** Up the left side, along the top, down the right side, back along the bottom when there is one. */
function rimWalk(rows: Place[][]): string[] {
  const [top, ...below] = rows as [Place[], ...Place[][]]
  const bottom = below.at(-1)!.length > 2 ? below.pop()! : []
  return [...below.map((r) => r[0]!).reverse(), ...top, ...below.map((r) => r[1]!), ...[...bottom].reverse()].map(
    (p) => p.id,
  )
}

/** Pairs of places that touch or nearly touch: gap of at most `gap` mm between their boxes. */
export function neighbourPairs(holder: Holder, gap = 16): [string, string][] {
  const pairs: [string, string][] = []
  holder.places.forEach((p, i) => {
    for (const q of holder.places.slice(i + 1))
      if (distanceBetween(boxOf(p.shape), boxOf(q.shape)) <= gap) pairs.push([p.id, q.id])
  })
  return pairs
}

function distanceBetween(p: Box, q: Box): number {
  const dx = Math.max(0, Math.max(p.x, q.x) - Math.min(p.x + p.width, q.x + q.width))
  const dy = Math.max(0, Math.max(p.y, q.y) - Math.min(p.y + p.height, q.y + q.height))
  return Math.hypot(dx, dy)
}
