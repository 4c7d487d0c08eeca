import type { TargetChoice } from '../../documents/brief'
import type { IndexPaint, MixtureIndex } from '../../reach/mixtureIndex'
import { figuresOf, PaletteReach, sizesOverAll, type ReachFigures } from '../../reach/paletteReach'
import type { TargetTable } from '../../reach/targetTable'
import type { Assessment } from './assessment'

/** One table of targets with what a palette reaches of it. */
export interface Counted {
  choice: TargetChoice
  table: TargetTable
  reach: PaletteReach
  index: MixtureIndex
  /** Whether the index is of the whole collection. */
  whole: boolean
  most: 1 | 2 | 3
  /** Weights of the targets; those that nothing reaches do not count in "everything". */
  weights: Float64Array
}

/** Weights of a table's targets: of everything only what the collection reaches counts. */
export function weightsOf(
  index: MixtureIndex,
  whole: boolean,
  choice: TargetChoice,
  table: TargetTable,
  most: 1 | 2 | 3,
) {
  if (choice.kind !== 'everything' || !whole) return Float64Array.from(table.targets, (t) => t.weight)
  return Float64Array.from(sizesOverAll(index, most), (size) => (size ? 1 : 0))
}

interface CountQuestion extends Pick<Counted, 'index' | 'whole' | 'choice' | 'table' | 'most'> {
  paletteId: string
  own: readonly IndexPaint[]
}

/** What a palette reaches of a table. Its counter goes on from where it stood: one change touches only the sets with that paint. */
export function countedOf({ paletteId, own, ...of }: CountQuestion): Counted {
  const { index, whole, choice, table, most } = of
  const weights = weightsOf(index, whole, choice, table, most)
  const key = `${paletteId} ${most} ${whole} ${choice.kind === 'everything' ? 'everything' : weights.join()}`
  const known = counters.get(index) ?? new Map<string, PaletteReach>()
  if (known.size > MOST_COUNTERS) known.clear()
  const reach = known.get(key) ?? new PaletteReach(index, weights, most)
  counters.set(index, known.set(key, reach))
  reach.become(own.map((p) => p.id))
  return { ...of, reach, weights }
}
/** Palettes looked at in turn, for each index. */
const MOST_COUNTERS = 6
const counters = new WeakMap<MixtureIndex, Map<string, PaletteReach>>()

/** Figures of all tables, and over them by their weights. "Everything" counts only once the collection is known. */
export function reachOf(counted: readonly Counted[]): Pick<Assessment, 'tables' | 'reach' | 'whole'> {
  const tables = counted.map(({ choice, table, reach, index, whole, weights, most }) => ({
    name: table.name,
    weight: choice.weight,
    palette: reach.figures(),
    ...(whole ? { collection: figuresOf((t) => sizesOverAll(index, most)[t]!, weights) } : {}),
  }))
  const fit = counted.every((c) => c.whole || c.choice.kind !== 'everything')
  if (!fit || tables.length === 0) return { tables }
  const reach = mean(tables.map((t) => [t.weight, t.palette]))
  if (!tables.every((t) => t.collection)) return { tables, reach }
  return { tables, reach, whole: mean(tables.map((t) => [t.weight, t.collection!])) }
}

function mean(list: readonly (readonly [number, ReachFigures])[]): ReachFigures {
  const total = list.reduce((sum, [w]) => sum + w, 0)
  const of = (pick: (f: ReachFigures) => number) => list.reduce((sum, [w, f]) => sum + w * pick(f), 0) / total
  return {
    one: of((f) => f.one),
    two: of((f) => f.two),
    three: of((f) => f.three),
    reach: of((f) => f.reach),
    worth: of((f) => f.worth),
  }
}

/** What a paint brings over all tables, by their weights. */
export function brought(
  counted: readonly Counted[],
  id: string,
  which: 'loss' | 'gain',
): { reach: number; worth: number } {
  const total = counted.reduce((sum, c) => sum + c.choice.weight, 0) || 1
  let [reach, worth] = [0, 0]
  for (const { choice, reach: own } of counted) {
    const found = which === 'loss' ? own.lossOf(id) : own.gainOf(id)
    reach += (choice.weight * found.reach) / total
    worth += (choice.weight * found.worth) / total
  }
  return { reach, worth }
}
