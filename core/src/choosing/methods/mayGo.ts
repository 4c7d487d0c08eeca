import type { BriefCount } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { isCounted, wantedOf } from '../brief/counts'

/**
 * Which paints may go while a palette is made smaller, so that counts still hold when so many are left: none of those that
 * are just enough, and, when there are no more to go than are too many, only of those. A count that the paints do not
 * meet to begin with is left alone; where counts contradict each other, all may go.
 *
 * @param until how many are left at the end.
 */
export function mayGoUnder(
  counts: readonly BriefCount[],
  paints: readonly Paint[],
  until: number,
): (going: readonly string[], left: ReadonlySet<string>) => readonly string[] {
  const rows = counts.map((count) => ({
    bound: count.bound,
    wanted: wantedOf(count, until),
    ids: new Set(paints.filter((p) => isCounted(count, p)).map((p) => p.id)),
  }))
  return (going, left) => {
    const countOf = (ids: ReadonlySet<string>) => [...ids].filter((id) => left.has(id)).length
    const few = rows.filter(({ bound, ids, wanted }) => bound === 'least' && countOf(ids) === wanted)
    const many = rows.filter(({ bound, ids, wanted }) => bound === 'most' && countOf(ids) > wanted)
    const tooMany = many.reduce((sum, { ids, wanted }) => sum + countOf(ids) - wanted, 0)
    const kept = going.filter((id) => !few.some(({ ids }) => ids.has(id)))
    const first = tooMany >= left.size - until ? kept.filter((id) => many.some(({ ids }) => ids.has(id))) : kept
    return first.length ? first : kept.length ? kept : going
  }
}
