import type { Optics } from '../../film/optics'
import type { LabD65 } from '../../units'

/** A paint that a recipe may use. */
export interface RecipePaint {
  id: string
  optics: Optics
}

/**
 * What is to be matched: one colour, at any of the dilutions; or a paint, whose masstone and wash
 * are matched together by the mixture's own masstone and wash.
 */
export type RecipeTarget = { kind: 'colour'; lab: LabD65 } | { kind: 'paint'; masstone: LabD65; wash: LabD65 }

export interface RecipeQuestion {
  target: RecipeTarget
  paints: readonly RecipePaint[]
  /** Paints in a recipe at the most; 3 unless said. */
  most?: 1 | 2 | 3
  /** Largest number of parts of one paint, 1..8; 8 unless said. */
  parts?: number
  /** How many recipes to return; 12 unless said. */
  count?: number
}

export interface FoundRecipe {
  /** Paints and whole parts, most first. */
  paints: { id: string; parts: number }[]
  /** Parts of water to one of mixture; 0 is masstone. For a paint as target, of its wash. */
  water: number
  /** Load on the paper, 0..1. */
  load: number
  /** CIEDE2000 to the target; for a paint as target the root mean square of masstone and wash. */
  difference: number
  differences: { masstone?: number; wash?: number }
  /** Colour of the recipe at its load. */
  lab: LabD65
}

/** All parts of a recipe, its water not counted. */
export const partsOf = ({ paints }: Pick<FoundRecipe, 'paints'>): number => paints.reduce((sum, p) => sum + p.parts, 0)

export interface Recipes {
  best: FoundRecipe[]
  tried: number
}
/** `done` of `of`, 0 upward, never falling. */
export interface RecipeProgress {
  done: number
  of: number
  best: FoundRecipe[]
}

/** Loads of a plain search over every mixture: full, half, a quarter, an eighth. */
export const LOADS = [1, 0.5, 0.25, 0.125] as const
