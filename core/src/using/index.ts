/** How palettes are used: paintings, what is pulled, what is left, what use speaks for. What is shared of it, by name. */
export { levelsOf, type Level, LOW } from './levels'
export { learnedUse, type LearnedUse, takenOf } from './perUse'
export { lifeOf, type LifePoint } from './life'
export { keyOfWish, projectUse, type Stretch, type Use } from './projectUse'
export { type Proposal, type ProposedBecause } from './proposal'
export { changed, proposeSwaps } from './proposeSwaps'
export { ENOUGH, paintOfWish, PULLS, type Pull, type Review, reviewPalette } from './reviewPalette'
