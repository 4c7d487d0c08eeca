import { pairRank, tripleRank } from '../../mixing/kernel/ranks'
import type { MixtureIndex } from '../../reach/mixtureIndex'
import { WORTH, type SetSize } from '../../reach/paletteReach'

/** One table of targets, as an index of the collection serves it. */
export interface CoverTable {
  index: MixtureIndex
  /** One for each target, 0 upward. */
  weights: Float64Array
  /** What the table counts beside the others, above 0. */
  share: number
}

/**
 * What a choice of paints is worth, in a form that a search goes through quickly: for the paints that may come in,
 * which sets of one, two or three of them serve which targets. All tables are laid end to end.
 */
export interface Cover {
  /** The paints that may come in, in the order in which sets are ranked. */
  ids: string[]
  /** What each paint counts by itself besides what it reaches: wishes, as worth; 0 where nothing is wished. */
  own: Float64Array
  /** Worth of reaching a target with no more than one paint; those of colours all together 1. */
  weights: Float64Array
  /** So many of them are colours; the others are roles, which one paint plays alone. */
  colours: number
  most: SetSize
  /** Sets by size and rank: where the targets of each begin. */
  starts: Record<SetSize, Uint32Array>
  lists: Record<SetSize, Uint16Array>
}

/** What reaching a target with so many paints is worth; nothing where it is not reached. */
export const WORTHS = Float64Array.of(0, WORTH[1], WORTH[2], WORTH[3])

/** Sets of a size among n paints. */
export const setsOf = (n: number, size: SetSize): number =>
  size === 1 ? n : size === 2 ? (n * (n - 1)) / 2 : (n * (n - 1) * (n - 2)) / 6

export interface CoverQuestion {
  tables: readonly CoverTable[]
  /** Paints that may come in, with what wishes make each worth; those the indexes do not hold are passed over. */
  paints: readonly { id: string; own: number }[]
  most: SetSize
  /** What hands and paper ask for besides: who plays it, and what it counts, a share of worth. */
  roles?: readonly { worth: number; ids: ReadonlySet<string> }[]
}

/** The sets of the paints that may come in, read from indexes of the whole collection; all hold the same paints. */
export function coverOf({ tables, paints, most, roles = [] }: CoverQuestion): Cover {
  const place = new Map((tables[0]?.index.paints ?? []).map((id, i) => [id, i]))
  const known = paints.flatMap(({ id, own }) => (place.has(id) ? [{ id, own, at: place.get(id)! }] : []))
  known.sort((p, q) => p.at - q.at)
  const at = Uint16Array.from(known, (k) => k.at)
  const offsets = tables.map((_, i) => tables.slice(0, i).reduce((sum, t) => sum + t.weights.length, 0))
  const sized = (size: SetSize) => setsServing(tables, offsets, at, size <= most ? size : undefined)
  const [alone, two, three] = [sized(1), sized(2), sized(3)]
  const colours = weightsOf(tables)
  const played = known.map(({ id }) => roles.flatMap((role, r) => (role.ids.has(id) ? [colours.length + r] : [])))
  const one = withMore(alone, played)
  return {
    ids: known.map((k) => k.id),
    own: Float64Array.from(known, (k) => k.own),
    weights: Float64Array.of(...colours, ...roles.map((role) => role.worth / WORTHS[1]!)),
    colours: colours.length,
    most,
    starts: { 1: one.starts, 2: two.starts, 3: three.starts },
    lists: { 1: one.list, 2: two.list, 3: three.list },
  }
}

/** Targets that single paints serve besides, behind their own. */
function withMore({ starts, list }: Sets, more: readonly (readonly number[])[]): Sets {
  const lists = more.map((own, p) => [...list.subarray(starts[p], starts[p + 1]), ...own])
  const from = new Uint32Array(lists.length + 1)
  lists.forEach((own, p) => (from[p + 1] = from[p]! + own.length))
  return { starts: from, list: Uint16Array.from(lists.flat()) }
}

/** The weights of all tables end to end, each table by its share. */
function weightsOf(tables: readonly CoverTable[]): Float64Array {
  const shares = tables.reduce((sum, t) => sum + t.share, 0) || 1
  return Float64Array.from(
    tables.flatMap(({ weights, share }) => {
      const total = weights.reduce((sum, w) => sum + w, 0) || 1
      return Array.from(weights, (w) => (w / total) * (share / shares))
    }),
  )
}

interface Sets {
  starts: Uint32Array
  list: Uint16Array
}

function setsServing(
  tables: readonly CoverTable[],
  offsets: readonly number[],
  at: Uint16Array,
  size: SetSize | undefined,
): Sets {
  if (!size) return { starts: new Uint32Array(1), list: new Uint16Array(0) }
  const starts = new Uint32Array(setsOf(at.length, size) + 1)
  let list = new Uint16Array(1024)
  let [set, length] = [0, 0]
  const take = (rank: number) => {
    for (const [n, { index, weights }] of tables.entries()) {
      const { starts: from, targets } = index.sets[size]
      const end = from[rank + 1]!
      if (length + end - from[rank]! > list.length) {
        const wider = new Uint16Array(Math.max(list.length * 2, length + end - from[rank]!))
        wider.set(list)
        list = wider
      }
      for (let i = from[rank]!; i < end; i += 1) if (weights[targets[i]!]) list[length++] = targets[i]! + offsets[n]!
    }
    starts[(set += 1)] = length
  }
  // in the order of the local ranks: the last member moves slowest
  for (let k = 0; k < at.length; k += 1) {
    if (size === 1) take(at[k]!)
    else
      for (let j = 0; j < k; j += 1) {
        if (size === 2) take(pairRank(at[j]!, at[k]!))
        else for (let i = 0; i < j; i += 1) take(tripleRank(at[i]!, at[j]!, at[k]!))
      }
  }
  return { starts, list: list.slice(0, length) }
}
