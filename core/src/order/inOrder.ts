/** One thing that counts; of two items the one with the greater figure comes first. */
export interface Criterion<T> {
  /** Why an item comes before the next, in words: `lasts longer`. */
  says: string
  of(item: T): number
  /** Figures that differ by no more than this are a tie, since they are not known better. */
  within?: number
}
export interface Placed<T> {
  item: T
  /** What put it before the next one; undefined for the last, and where only the name did. */
  ahead?: string
}

/**
 * Items by what counts, the first criterion before all others: each cuts what is left into classes, from the best
 * downward, and the next decides within a class. Whatever order they come in, they go out in the same.
 *
 * @param byName the order of last resort; it must tell any two items apart.
 */
export function inOrder<T>(
  items: readonly T[],
  criteria: readonly Criterion<T>[],
  byName: (one: T, other: T) => number,
): Placed<T>[] {
  const [first, ...rest] = criteria
  if (!first) return [...items].sort(byName).map((item) => ({ item }))
  const groups = classesOf(items, first)
  return groups.flatMap((group, i) => {
    const placed = inOrder(group, rest, byName)
    const last = placed.length - 1
    return i === groups.length - 1 ? placed : placed.map((p, n) => (n === last ? { ...p, ahead: first.says } : p))
  })
}

/** Classes of a criterion, the best first: each takes in what is a tie with its best. */
function classesOf<T>(items: readonly T[], { of, within = 0 }: Criterion<T>): T[][] {
  const judged = items.map((item) => ({ item, at: of(item) })).sort((p, q) => (q.at > p.at ? 1 : q.at < p.at ? -1 : 0))
  const classes: T[][] = []
  let best = NaN
  for (const { item, at } of judged) {
    // minus infinity is a figure, too: what is not known at all
    if (classes.length && (at === best || best - at <= within)) classes.at(-1)!.push(item)
    else {
      classes.push([item])
      best = at
    }
  }
  return classes
}
