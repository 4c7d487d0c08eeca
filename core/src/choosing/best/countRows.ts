/** A count that a choice must meet: of the paints marked, at least or at most so many. */
export interface CountRow {
  /** By the places of a cover. */
  isOf: Uint8Array
  bound: 'least' | 'most'
  count: number
}

const countIn = ({ isOf }: CountRow, members: readonly number[]): number =>
  members.reduce((sum, m) => sum + isOf[m]!, 0)

const areDisjoint = (one: CountRow, other: CountRow) => !one.isOf.some((is, p) => is && other.isOf[p])

/** Of rows that ask for so many at least, for each those that share no paint with it: what they miss adds up. */
const apart = new WeakMap<readonly CountRow[], CountRow[][]>()
function groupsOf(rows: readonly CountRow[]): CountRow[][] {
  const known = apart.get(rows)
  if (known) return known
  const least = rows.filter((r) => r.bound === 'least')
  const groups = least.map((first) =>
    least.reduce<CountRow[]>(
      (group, row) => (group.every((g) => areDisjoint(g, row)) ? [...group, row] : group),
      [first],
    ),
  )
  apart.set(rows, groups)
  return groups
}

/**
 * Whether a choice on the way to so many paints may still meet all counts: none is exceeded, and what is missing fits into the
 * places that are left. For a choice that is complete: whether it does.
 */
export function mayMeet(rows: readonly CountRow[], members: readonly number[], places: number): boolean {
  if (rows.some((row) => row.bound === 'most' && countIn(row, members) > row.count)) return false
  const open = places - members.length
  return groupsOf(rows).every(
    (group) => group.reduce((sum, row) => sum + Math.max(0, row.count - countIn(row, members)), 0) <= open,
  )
}
