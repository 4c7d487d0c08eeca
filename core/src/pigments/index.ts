/** Codes, reference, names, cautions, the scales of the trade. What is shared of it, by name. */
export { basisOf, type ReferenceFigure } from './basis'
export { cautionsInWords, cautionsOfCodes, OF_EVERY_PIGMENT, type PaintCautions } from './cautions'
export { parsePigmentCodes } from './grammar'
export { questionCodes } from './plausibility'
export { pigmentByCode, pigmentById, pigmentVariants, REFERENCE_PIGMENTS, type ReferencePigment } from './reference'
export { lightfastnessOf } from './scales'
export { type PigmentFilter, searchPigments } from './searchPigments'
export { GRANULATIONS, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from './scales'
