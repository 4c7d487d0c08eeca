import { cachedOptics } from '../../film/cachedOptics'
import type { OpticalPaint } from '../../film/swatch'
import { ok, type Result } from '../../result'
import { asItMixes, type Learned } from '../strengths'
import { searchRecipes } from './findRecipes'
import type { RecipePaint, RecipeProgress, RecipeQuestion, Recipes } from './question'

export interface PaintsQuestion extends Omit<RecipeQuestion, 'paints'> {
  paints: readonly { id: string; paint: OpticalPaint }[]
  /** What was learned of the strength of some of them, by id. */
  strengths?: Learned
}
export interface PaintRecipes extends Recipes {
  /** Paints that cannot take part, with the reason. */
  left: { id: string; message: string }[]
}

/** `searchRecipes` over paints as they are recorded; those outside the model are left out and named. */
export function* recipesFromPaints({
  paints,
  strengths,
  ...question
}: PaintsQuestion): Generator<RecipeProgress, Result<PaintRecipes>> {
  const able: RecipePaint[] = []
  const left: PaintRecipes['left'] = []
  for (const [i, { id, paint }] of paints.entries()) {
    const optics = cachedOptics(paint)
    if (optics.ok) able.push({ id, optics: asItMixes(optics.value, strengths, id) })
    else left.push({ id, message: optics.error.message })
    yield { done: i, of: paints.length * 2, best: [] }
  }
  const search = searchRecipes({ ...question, paints: able })
  for (;;) {
    const step = search.next()
    if (step.done) return step.value.ok ? ok({ ...step.value.value, left }) : step.value
    const { done, of, best } = step.value
    yield { done: of + done, of: of * 2, best }
  }
}
