import type { Brief } from '../../documents/brief'
import { NEAR_ENOUGH, tableOf, targetsOf } from '../../reach/choices'
import type { IndexPaint, MixtureIndex } from '../../reach/mixtureIndex'
import { weightsOf } from '../verdict/counted'
import { keyFor } from '../verdict/indexes'
import type { CoverTable } from './cover'

/** What a brief asks to be able to mix, by the indexes that are at hand; undefined where one is not. */
export function tablesHeld(
  brief: Brief | undefined,
  paints: readonly IndexPaint[],
  held: (key: string) => MixtureIndex | undefined,
): CoverTable[] | undefined {
  const near = brief?.near ?? NEAR_ENOUGH
  const tables: CoverTable[] = []
  for (const choice of targetsOf(brief)) {
    const table = tableOf(choice)
    if (!table) continue
    const index = held(keyFor(paints, table, near))
    if (!index) return undefined
    tables.push({ index, weights: weightsOf(index, true, choice, table, brief?.most ?? 3), share: choice.weight })
  }
  return tables
}
