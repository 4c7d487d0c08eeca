import type { Holder } from '../documents/palette'
import { boxOf, middleOf, neighbourPairs, type Point, walkOf } from './geometry'

/** Where places lie to each other and to what is round them; worked out once for a holder. Matrices are n x n, row by row. */
export interface PlaceTraits {
  ids: string[]
  /** How much two places are neighbours: 1 side by side, falling with the distance. */
  near: Float64Array
  /** How much one faces the other across the middle: 1 right opposite. */
  across: Float64Array
  /** 1 where two touch or nearly touch. */
  adjacent: Float64Array
  /** Where the walk round the holder comes by: 0 its beginning, 1 its end. */
  along: Float64Array
  /** Nearness to the middle, to a corner or the end of a row, to a mixing surface: 0..1. */
  central: Float64Array
  cornered: Float64Array
  mixing: Float64Array
  /** Nearness to the right edge: the side of the brush hand. */
  right: Float64Array
}

const known = new WeakMap<Holder, PlaceTraits>()

export function traitsOfPlaces(holder: Holder): PlaceTraits {
  const cached = known.get(holder)
  if (cached) return cached
  const traits = workOut(holder)
  known.set(holder, traits)
  return traits
}

const apart = (p: Point, q: Point) => Math.hypot(p.x - q.x, p.y - q.y)

function workOut(holder: Holder): PlaceTraits {
  const { places } = holder
  const n = places.length
  const ids = places.map((p) => p.id)
  const middles = places.map((p) => middleOf(p.shape))
  const step = typicalStep(middles)
  const pair = (of: (a: number, b: number) => number) => {
    const m = new Float64Array(n * n)
    for (let a = 0; a < n; a += 1) for (let b = 0; b < n; b += 1) if (a !== b) m[a * n + b] = of(a, b)
    return m
  }
  const each = (of: (a: number) => number) => Float64Array.from(places, (_, a) => of(a))
  const centre = { x: holder.width / 2, y: holder.height / 2 }
  const opposite = middles.map(({ x, y }) => ({ x: holder.width - x, y: holder.height - y }))
  // a box is faced across its length, a ring through its middle
  const facing = (a: number, b: number) =>
    holder.outline === 'ring'
      ? apart(opposite[a]!, middles[b]!)
      : Math.min(
          apart(opposite[a]!, middles[b]!),
          apart({ x: middles[a]!.x, y: holder.height - middles[a]!.y }, middles[b]!),
        )
  const touching = new Set(neighbourPairs(holder, step * 0.35).map(([p, q]) => `${p} ${q}`))
  const walk = walkOf(holder)
  const most = Math.max(...middles.map((m) => apart(m, centre)), 1)
  const mixing = holder.parts.filter((p) => p.kind === 'mixing').map((p) => boxOf(p.shape))
  const toMixing = (m: Point) =>
    mixing.length
      ? Math.min(
          ...mixing.map((b) =>
            Math.hypot(Math.max(b.x - m.x, 0, m.x - b.x - b.width), Math.max(b.y - m.y, 0, m.y - b.y - b.height)),
          ),
        )
      : 0
  const farthest = Math.max(...middles.map(toMixing), 1)
  const adjacent = pair((a, b) => Number(touching.has(`${ids[a]} ${ids[b]}`) || touching.has(`${ids[b]} ${ids[a]}`)))
  return {
    ids,
    near: pair((a, b) => Math.exp(-Math.max(0, apart(middles[a]!, middles[b]!) - step) / step)),
    across: pair((a, b) => Math.exp(-facing(a, b) / step) * Number(apart(middles[a]!, middles[b]!) > 1.6 * step)),
    adjacent,
    along: each((a) => (n > 1 ? walk.indexOf(ids[a]!) / (n - 1) : 0)),
    central: each((a) => 1 - apart(middles[a]!, centre) / most),
    cornered: fewNeighbours(adjacent, n),
    mixing: each((a) => 1 - toMixing(middles[a]!) / farthest),
    right: each((a) => middles[a]!.x / holder.width),
  }
}

/** Middle distance of a place to its nearest neighbour, mm. */
function typicalStep(middles: readonly Point[]): number {
  const nearest = middles
    .map((m, a) => Math.min(...middles.filter((_, b) => b !== a).map((o) => apart(m, o))))
    .filter(Number.isFinite)
    .sort((p, q) => p - q)
  return nearest[nearest.length >> 1] ?? 1
}

/** 1 for a place with the fewest neighbours of all, 0 for one with the most. */
function fewNeighbours(adjacent: Float64Array, n: number): Float64Array {
  const counts = Array.from({ length: n }, (_, a) =>
    adjacent.subarray(a * n, (a + 1) * n).reduce((sum, t) => sum + t, 0),
  )
  const [least, most] = [Math.min(...counts), Math.max(...counts)]
  return Float64Array.from(counts, (c) => (most === least ? 0 : (most - c) / (most - least)))
}
