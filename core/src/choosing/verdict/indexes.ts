import { heldIndex, holdIndex } from '../../reach/heldIndexes'
import { keyOfIndex, mixtureIndex, printOf, type IndexPaint, type MixtureIndex } from '../../reach/mixtureIndex'
import { keyOfTable, type TargetTable } from '../../reach/targetTable'

const prints = new WeakMap<object, string>()
/** What a paint's optics are, in short; worked out once. */
export function printed({ optics }: Pick<IndexPaint, 'optics'>): string {
  const known = prints.get(optics) ?? printOf(optics)
  prints.set(optics, known)
  return known
}
/** Under which key the index of these paints for a table is kept. */
export const keyFor = (paints: readonly IndexPaint[], table: TargetTable, near: number): string =>
  keyOfIndex({ paints: paints.map((p) => p.id), prints: paints.map(printed), table: keyOfTable(table), near })

/** The index of these paints for a table, made on the way where it is not at hand; yields how far it is, 0..1. */
export function* indexFor(
  paints: readonly IndexPaint[],
  table: TargetTable,
  near: number,
): Generator<number, MixtureIndex | undefined> {
  const key = keyFor(paints, table, near)
  const known = heldIndex(key)
  if (known) return known
  const steps = mixtureIndex({ paints, table, near })
  for (;;) {
    const step = steps.next()
    if (step.done) {
      if (!step.value.ok) return undefined
      holdIndex(key, step.value.value)
      return step.value.value
    }
    yield step.value.done / step.value.of
  }
}
