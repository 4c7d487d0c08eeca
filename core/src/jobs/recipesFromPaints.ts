import { paintsJudged } from '../collection/lists'
import { plannedPaints } from '../documents/plan'
import type { RecipeProgress, RecipeTarget } from '../mixing/recipes/question'
import { recipesFromPaints, type PaintRecipes } from '../mixing/recipes/recipesFromPaints'
import { strengthsIn } from '../mixing/strengths'
import { job } from './job'
import { paletteJudged } from './paletteJudged'

export interface RecipesRequest {
  target: RecipeTarget
  /** The palette whose planned paints are mixed; all paints of the collection without one. */
  paletteId?: string
  /** A paint that takes no part, since it is what is to be matched. */
  without?: string
  most?: 1 | 2 | 3
  count?: number
}

/** The best mixtures of the paints at hand for a target. */
export const recipesFromPaintsJob = job<RecipesRequest, RecipeProgress, PaintRecipes>({
  lane: 'long',
  run({ paletteId, without, ...question }, reading) {
    const palette = paletteId === undefined ? undefined : paletteJudged(reading, paletteId)
    const here = palette && plannedPaints(palette)
    const paints = paintsJudged(reading).filter((p) => p.id !== without && (!here || here.has(p.id)))
    return recipesFromPaints({
      ...question,
      strengths: strengthsIn(reading),
      paints: paints.map((paint) => ({ id: paint.id, paint })),
    })
  },
  news: ({ best }) => (best.length ? best : undefined),
})
