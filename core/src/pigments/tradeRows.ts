/** Rows of the tables of the trade, as they are generated; their columns are in data/trade/SOURCE.md. */
/** How usual a pigment is, 0 not sold as watercolour to 4 in nearly every range; whether it is still made; what is said of it. */
export type Common = readonly [code: string, common: number, market: string, note: string]

/** A pigment or a mixture that stands in for another. */
export interface ReplacementChoice {
  parts: readonly { pigment: string; touch?: boolean }[]
  /** How it is used, where that matters. */
  how?: string
}
/** What takes the place of a code, the first choice first. */
export type Replacement = readonly [of: string, why: string, take: readonly ReplacementChoice[], lost: string]

type Window = readonly [from: number | null, to: number | null]
/** What painters see when they mix two pigments on white paper; see data/trade/SOURCE.md. */
export interface ClassicMixture {
  /** Ids of the reference; any of them will do. */
  a: readonly string[]
  b: readonly string[]
  /** Parts of a and b, and to which: one ratio, or all between two. */
  from: readonly number[]
  to: readonly number[]
  says: string
  /** Degrees, CIELAB; runs through 0 where it begins above where it ends. */
  hue: Window
  chroma: Window
  lightness: Window
  /** Where the lightness holds. */
  in: string
  note: string
}
