/** Mixtures: prediction, behaviour, recipes. What is shared of it, by name. */
export { behaviourOfMixture } from './behaviour'
export { compareSamples, type Sample } from './compare'
export { mixOptics } from './mixOptics'
export type { Observation } from './observations'
export { type MixturePart, type MixturePrediction, predictMixture } from './predictMixture'
export { findRecipes, searchRecipes } from './recipes/findRecipes'
export { type FoundRecipe, LOADS, type RecipeTarget } from './recipes/question'
export { recipeDifferenceInWords, unlikeTarget } from './recipes/unlike'
