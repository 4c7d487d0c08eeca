/** Codes, reference, names, cautions, the scales of the trade. What is shared of it, by name. */
export { basisOf, type ReferenceFigure } from './basis'
export { cautionsInWords, cautionsOfCodes, OF_EVERY_PIGMENT, type PaintCautions, unknownInWords } from './cautions'
export { parsePigmentCode, parsePigmentCodes } from './grammar'
export { questionCodes } from './plausibility'
export {
  isPredicted,
  pigmentByCode,
  pigmentById,
  pigmentVariants,
  REFERENCE_PIGMENTS,
  type ReferencePigment,
  variantNow,
} from './reference'
export { readName, type WordRead } from './tradeWords'
export { coloursOfCode, variantAsked, variantInName, variantKey, type VariantRead } from './variants'
export { arePartners, CLASSIC_MIXTURES, commonnessOf, replacementInWords, replacementOf } from './trade'
export { lightfastnessOf } from './scales'
export { type PigmentFilter, searchPigments } from './searchPigments'
export { GRANULATIONS, levelOn, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from './scales'
