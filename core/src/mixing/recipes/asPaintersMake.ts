import type { Paint } from '../../documents/paint'
import { inOrder, lastingOf, usualOf } from '../../order'
import { arePartners } from '../../pigments/trade'
import { COUNTED_OUT } from './grids'
import { type FoundRecipe, partsOf } from './question'

/** Recipes that differ by no more than this are as near as each other: the eye takes them for one, CIEDE2000 (judgement). */
const AS_NEAR = 1

/**
 * Recipes in the order in which a painter would try them: of those as near as each other the one of fewer paints, of what
 * lasts, in parts that are counted out easily, of usual partners, of usual pigments, the cheaper one. A thin single paint
 * comes before any mixture that is not clearly nearer.
 *
 * @param priceOf what a millilitre of a paint costs, hundredths, all in one currency; where it is not known, nothing is said of it.
 */
export function asPaintersMake(
  recipes: readonly FoundRecipe[],
  paintOf: (id: string) => Paint | undefined,
  priceOf: (id: string) => number | undefined = () => undefined,
): FoundRecipe[] {
  const least = (recipe: FoundRecipe, of: (paint: Paint) => number) =>
    Math.min(
      ...recipe.paints.map(({ id }) => {
        const paint = paintOf(id)
        return paint ? of(paint) : 0
      }),
    )
  const pairs = ({ paints }: FoundRecipe) => {
    const codes = paints.map(({ id }) => paintOf(id)?.pigments ?? [])
    const isPair = (one: readonly string[], other: readonly string[]) =>
      one.length === 1 && other.length === 1 && arePartners(one[0]!, other[0]!)
    return codes.reduce((sum, one, i) => sum + codes.slice(i + 1).filter((other) => isPair(one, other)).length, 0)
  }
  return inOrder(
    recipes,
    [
      { says: 'it is nearer', of: (r) => -r.difference, within: AS_NEAR },
      { says: 'it takes fewer paints', of: (r) => -r.paints.length },
      { says: 'it lasts', of: (r) => least(r, (p) => Math.min(1, lastingOf(p).level)) },
      { says: 'its parts are counted out', of: (r) => Number(partsOf(r) <= COUNTED_OUT) },
      { says: 'its paints are usual partners', of: pairs },
      { says: 'its paints are usual', of: (r) => least(r, usualOf) },
      { says: 'it is cheaper', of: (r) => -costOf(r, priceOf) },
      { says: 'it is a little nearer', of: (r) => -r.difference },
    ],
    (p, q) => (key(p) < key(q) ? -1 : 1),
  ).map(({ item }) => item)
}

/** Of a millilitre of the mixture; beyond all where a price is missing. */
function costOf({ paints }: FoundRecipe, priceOf: (id: string) => number | undefined): number {
  const all = partsOf({ paints })
  return paints.reduce((sum, { id, parts }) => sum + ((priceOf(id) ?? Infinity) * parts) / all, 0)
}

const key = ({ paints, water }: FoundRecipe) => `${paints.map((p) => `${p.parts} ${p.id}`).join('+')} ${water}`

/** Paints of a recipe that fade, and so does what is mixed with them. */
export const fadingIn = (
  { paints }: Pick<FoundRecipe, 'paints'>,
  paintOf: (id: string) => Paint | undefined,
): Paint[] =>
  paints.flatMap(({ id }) => {
    const paint = paintOf(id)
    return paint && lastingOf(paint).level === 0 ? [paint] : []
  })
