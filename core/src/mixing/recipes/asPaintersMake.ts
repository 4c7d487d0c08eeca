import type { Paint } from '../../documents/paint'
import { inOrder, lastingOf, usualOf } from '../../order'
import type { FoundRecipe } from './question'

/** Recipes that differ by no more than this are as near as each other: the eye takes them for one, CIEDE2000 (judgement). */
const AS_NEAR = 1
/** More parts than these nobody counts out (common practice, no source). */
const COUNTED_OUT = 10

/**
 * Recipes in the order in which a painter would try them: of those as near as each other the one of fewer paints, of what
 * lasts, of usual pigments, in parts that are counted out easily. A thin single paint comes before any mixture that is not
 * clearly nearer.
 */
export function asPaintersMake(
  recipes: readonly FoundRecipe[],
  paintOf: (id: string) => Paint | undefined,
): FoundRecipe[] {
  const least = (recipe: FoundRecipe, of: (paint: Paint) => number) =>
    Math.min(
      ...recipe.paints.map(({ id }) => {
        const paint = paintOf(id)
        return paint ? of(paint) : 0
      }),
    )
  const parts = (recipe: FoundRecipe) => recipe.paints.reduce((sum, p) => sum + p.parts, 0)
  return inOrder(
    recipes,
    [
      { says: 'it is nearer', of: (r) => -r.difference, within: AS_NEAR },
      { says: 'it takes fewer paints', of: (r) => -r.paints.length },
      { says: 'it lasts', of: (r) => least(r, (p) => Math.min(1, lastingOf(p).level)) },
      { says: 'its parts are counted out', of: (r) => Number(parts(r) <= COUNTED_OUT) },
      { says: 'its paints are usual', of: (r) => least(r, usualOf) },
      { says: 'it is a little nearer', of: (r) => -r.difference },
    ],
    (p, q) => (key(p) < key(q) ? -1 : 1),
  ).map(({ item }) => item)
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
