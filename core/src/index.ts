/** What a script needs; see docs/core.md. Each room shares more under its own name: `@juxtachrome/core/film`. */
export { type Result } from './result'
export { toTheEnd } from './steps'
export { labD65 } from './units'
export { ciede2000, colourDifference, fromHex, leanOf, parseColour, toLch, toScreen } from './colour'
export { isPredicted, parsePigmentCodes, pigmentByCode, REFERENCE_PIGMENTS } from './pigments'
export { bodyOf, colourAt, masstoneOf, opticsOfPaint, referenceFilm, SOURCE_SD, washOf } from './film'
export { noDocuments } from './documents'
export { Ledger } from './ledger'
export { checkWrite, Collection } from './collection'
export { byWheel, readSwatchSheet, readSwatchSheetInSteps, simulateSheet, viewOfPaint } from './paints'
export {
  asItMixes,
  findRecipes,
  learnStrengths,
  LOADS,
  mixOptics,
  predictMixture,
  searchRecipes,
  TINT_PARTS,
} from './mixing'
export { arrangePalette, explainArrangement, HOLDERS, planMoves } from './arranging'
export { readCollection, readSpectra, writeCollection } from './formats'
export { createPaintIndex } from './paints/search'
export { assessPalette, choosePalette, coverOf, callsOfGuide, rankCall, suggestChange, wantsOf } from './choosing'
export { extractTargets, mixtureIndex } from './reach'
export { findStandIns, identifyPaint, searchStandIns, soughtOf, substitutePalette } from './standins'
