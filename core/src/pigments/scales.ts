/** The scales of the trade, each from its mildest to its strongest word: the one home of them all. */
export const TRANSPARENCIES = ['transparent', 'semi-transparent', 'semi-opaque', 'opaque'] as const
export const STAININGS = ['lifts clean', 'lifts well', 'stains a little', 'stains strongly'] as const
export const GRANULATIONS = ['smooth', 'slightly granulating', 'granulating', 'strongly granulating'] as const
export const LIGHTFASTNESSES = ['excellent', 'very good', 'fair', 'poor', 'fugitive'] as const
export const TINTING_STRENGTHS = ['weak', 'moderate', 'strong', 'very strong', 'overwhelming'] as const
export const ASTM_CATEGORIES = ['I', 'II', 'III', 'IV', 'V'] as const

export type Transparency = (typeof TRANSPARENCIES)[number]
export type Staining = (typeof STAININGS)[number]
export type Granulation = (typeof GRANULATIONS)[number]
export type Lightfastness = (typeof LIGHTFASTNESSES)[number]
export type TintingStrength = (typeof TINTING_STRENGTHS)[number]
export type AstmCategory = (typeof ASTM_CATEGORIES)[number]

/** The word for an ASTM D4303 category, I (best) to V. */
export const lightfastnessOf = (astm: AstmCategory): Lightfastness => LIGHTFASTNESSES[ASTM_CATEGORIES.indexOf(astm)]!

/** Place of a word on its scale, 0 the mildest; -1 when nothing is known. */
export const levelOn = <T extends string>(scale: readonly T[], value: T | undefined): number =>
  value === undefined ? -1 : scale.indexOf(value)

/** The strongest of several words on a scale; undefined when none is known. */
export function strongestOn<T extends string>(scale: readonly T[], values: readonly (T | undefined)[]): T | undefined {
  const level = Math.max(-1, ...values.map((v) => levelOn(scale, v)))
  return scale[level]
}
