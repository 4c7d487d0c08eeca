import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { referenceOf } from '../film/whichReference'

/** In which way a paint is owned more than once. */
export const DOUBLES = ['the same paint twice', 'the same pigments, another paint'] as const
export type Doubled = (typeof DOUBLES)[number]

export interface Double {
  /** Tubes, pans and the like of this very paint that are not empty. */
  items: number
  /** Other paints that are owned of the same pigments, each code the same of its colours, by whatever maker. */
  others: readonly string[]
}

const isThere = ({ supply }: Item) => supply !== 'empty'

/** The pigments of a paint as one word: of a code with several colours the one it is. Nothing where no code is known. */
export function pigmentsOf(paint: Paint): string {
  const ids = referenceOf(paint).map((p) => p.id)
  const known = ids.length === paint.pigments.length ? ids : paint.pigments
  return [...known].sort().join(' + ')
}

/** What of the collection is owned more than once, by paint; paints that are not are left out. */
export function doublesOf(paints: Iterable<Paint>, itemsOf: (paintId: string) => readonly Item[]): Map<string, Double> {
  const owned = [...paints].map((paint) => ({ paint, items: itemsOf(paint.id).filter(isThere).length }))
  const byPigments = new Map<string, string[]>()
  for (const { paint, items } of owned) {
    const key = paint.pigments.length && items ? pigmentsOf(paint) : ''
    if (key) byPigments.set(key, [...(byPigments.get(key) ?? []), paint.id])
  }
  return new Map(
    owned.flatMap(({ paint, items }): [string, Double][] => {
      if (!items) return []
      const others = (byPigments.get(pigmentsOf(paint)) ?? []).filter((id) => id !== paint.id)
      return items > 1 || others.length ? [[paint.id, { items, others }]] : []
    }),
  )
}

/** The words for a double, as a filter asks for them. */
export const doubledAs = (double: Double | undefined): Doubled[] =>
  double ? [...(double.items > 1 ? [DOUBLES[0]] : []), ...(double.others.length ? [DOUBLES[1]] : [])] : []
