import { itemsByPaint, paintsJudged } from '../collection/lists'
import { plannedPaints } from '../documents/plan'
import type { Paint } from '../documents/paint'
import { asPaintersMake } from '../mixing/recipes/asPaintersMake'
import type { FoundRecipe, RecipeProgress, RecipeTarget } from '../mixing/recipes/question'
import { recipesFromPaints, type PaintRecipes } from '../mixing/recipes/recipesFromPaints'
import { strengthsIn } from '../mixing/strengths'
import { pricePerMillilitre } from '../paints/reading/price'
import { viewOfPaint } from '../paints/view'
import { ok } from '../result'
import { retold } from '../steps'
import { job } from './job'
import { paletteJudged } from './paletteJudged'

export interface RecipesRequest {
  target: RecipeTarget
  /** The palette whose planned paints are mixed; all paints of the collection without one. */
  paletteId?: string
  /** Just these paints, whatever is planned. */
  only?: readonly string[]
  /** A paint that takes no part, since it is what is to be matched. */
  without?: string
  most?: 1 | 2 | 3
  count?: number
  /** Whether white and black may be in it; unless said otherwise they may. */
  white?: boolean
  black?: boolean
}

/** The best mixtures of the paints at hand for a target. */
export const recipesFromPaintsJob = job<RecipesRequest, RecipeProgress, PaintRecipes>({
  lane: 'long',
  *run({ paletteId, only, without, white = true, black = true, ...question }, reading) {
    const palette = paletteId === undefined ? undefined : paletteJudged(reading, paletteId)
    const here = only ? new Set(only) : palette && plannedPaints(palette)
    const mayBeIn = (paint: Paint) => {
      const { family, fine } = viewOfPaint(paint)
      return (white || family !== 'white') && (black || fine !== 'black')
    }
    const paints = paintsJudged(reading).filter((p) => p.id !== without && (!here || here.has(p.id)) && mayBeIn(p))
    const byId = new Map(paints.map((p) => [p.id, p]))
    const items = itemsByPaint(reading)
    const priceOf = (id: string) => pricePerMillilitre(items.get(id) ?? [])?.minor
    const asMade = (best: readonly FoundRecipe[]) => asPaintersMake(best, (id) => byId.get(id), priceOf)
    const search = recipesFromPaints({
      ...question,
      strengths: strengthsIn(reading),
      paints: paints.map((paint) => ({ id: paint.id, paint })),
    })
    const found = yield* retold(search, (step): RecipeProgress => ({ ...step, best: asMade(step.best) }))
    return found.ok ? ok({ ...found.value, best: asMade(found.value.best) }) : found
  },
  news: ({ best }) => (best.length ? best : undefined),
})
