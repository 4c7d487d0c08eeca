import { opticsOfPaint } from '../../film/paintOptics'
import { isPredicted, REFERENCE_PIGMENTS } from '../../pigments/reference'
import { findRecipes } from './findRecipes'
import type { RecipeQuestion } from './question'

/** Every pigment of the reference that is predicted. */
export const USABLE = REFERENCE_PIGMENTS.filter(isPredicted)
const paint = (i: number) => {
  const p = USABLE[i]!
  const optics = opticsOfPaint({ pigments: [p.code], ...(p.variant ? { variants: { [p.code]: p.variant } } : {}) })
  if (!optics.ok) throw new Error(optics.error.message)
  return { id: p.id, optics: optics.value }
}
/** Every so-manieth of them, as paints of one pigment. */
export const every = (step: number, from = 0) =>
  USABLE.map((_, i) => i)
    .filter((i) => i % step === from)
    .map(paint)

/** The recipes that a search finds. */
export const found = (question: RecipeQuestion) => {
  const result = findRecipes(question)
  if (!result.ok) throw new Error(result.error.message)
  return result.value.best
}
