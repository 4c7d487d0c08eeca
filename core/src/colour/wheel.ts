export const HUE_FAMILIES = ['yellow', 'orange', 'red', 'violet', 'blue', 'green', 'earth', 'neutral', 'white'] as const
/** The painter's families: six on the wheel, then earths, greys and blacks, and whites. */
export type HueFamily = (typeof HUE_FAMILIES)[number]
export type WheelFamily = Exclude<HueFamily, 'earth' | 'neutral' | 'white'>

/** Families as painters file their tubes: finer than the wheel, earths by their colour, blacks apart from greys. */
export const PAINT_FAMILIES = [
  'yellow',
  'orange',
  'red',
  'violet',
  'blue',
  'blue-green',
  'green',
  'yellow earth',
  'red earth',
  'brown',
  'green earth',
  'grey',
  'black',
  'white',
] as const
export type PaintFamily = (typeof PAINT_FAMILIES)[number]

/** What a call, a filter or a sheet may ask for: a family of the wheel or one of painters. */
export const ANY_FAMILIES = [...new Set([...HUE_FAMILIES, ...PAINT_FAMILIES])] as [
  HueFamily,
  ...(HueFamily | PaintFamily)[],
]
export type AnyFamily = HueFamily | PaintFamily

const COARSE: Partial<Record<PaintFamily, HueFamily>> = {
  'yellow earth': 'earth',
  'red earth': 'earth',
  brown: 'earth',
  'green earth': 'earth',
  grey: 'neutral',
  black: 'neutral',
}
/** The family on the wheel, or off it, in which a painter's family lies; a blue-green goes by its hue where that is known, degrees. */
export const coarseFamily = (family: PaintFamily, hue = 220): HueFamily =>
  family === 'blue-green'
    ? sectorOf(hue).family === 'green'
      ? 'green'
      : 'blue'
    : (COARSE[family] ?? (family as HueFamily))

export interface Sector {
  family: WheelFamily
  /** First hue angle, degrees h_ab (D65); the sector runs to the next one's start. */
  from: number
  /** Where painters put the middle of the family: neither warm nor cool. */
  middle: number
}

/**
 * Sectors of the CIELAB hue circle as painters name them: judgement, no source. CIELAB bends blue
 * toward violet (sRGB blue lies at 306 degrees), hence a blue sector that reaches 303.
 */
export const SECTORS: readonly Sector[] = [
  { family: 'red', from: 350, middle: 25 },
  { family: 'orange', from: 46, middle: 58 },
  { family: 'yellow', from: 70, middle: 88 },
  { family: 'green', from: 108, middle: 160 },
  { family: 'blue', from: 205, middle: 268 },
  { family: 'violet', from: 303, middle: 325 },
]

const RISING = [...SECTORS].sort((p, q) => p.from - q.from)

/** The sector in which a hue angle lies, degrees, 0 <= h < 360; red runs through 0. */
export const sectorOf = (h: number): Sector => RISING.findLast((s) => h >= s.from) ?? RISING.at(-1)!

/** Where painters put the middle of a family, degrees; undefined off the wheel. */
export const middleOfFamily = (family: HueFamily): number | undefined =>
  SECTORS.find((s) => s.family === family)?.middle

/** Where the wheel is cut open for a list: between green and yellow, so that lemon comes first, then round through red and blue. */
export const WHEEL_OPENS_AT = 112
