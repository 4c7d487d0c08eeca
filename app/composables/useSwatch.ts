import { toScreen, viewOfPaint, washRamp, type Paint } from '@juxtachrome/core'

export interface ScreenSwatch {
  /** Masstone to wash, for a CSS gradient; empty without a colour. */
  stops: string[]
  masstone?: string
  /** Why the screen is not to be trusted, in words. */
  caution?: string
  /** Fluorescent, pearlescent and the like: marked wherever the swatch is drawn. */
  marked: boolean
}

const swatches = new WeakMap<Paint, ScreenSwatch>()

/** A paint as a screen shows it. Cached by the document. */
export function screenSwatch(paint: Paint): ScreenSwatch {
  const cached = swatches.get(paint)
  if (cached) return cached
  const { masstone, wash } = viewOfPaint(paint)
  const colours = washRamp({ masstone, wash }).map(toScreen)
  const beyond = [masstone, wash].some((lab) => lab && !toScreen(lab).shown)
  const swatch: ScreenSwatch = {
    stops: colours.map((c) => c.hex),
    masstone: colours[0]?.hex,
    marked: Boolean(paint.effect),
    caution: paint.effect ? `${paint.effect}: a screen cannot show it` : beyond ? 'brighter than a screen can show' : undefined,
  }
  swatches.set(paint, swatch)
  return swatch
}

export const gradient = (stops: readonly string[], direction = 'to right') =>
  stops.length ? `linear-gradient(${direction}, ${stops.join(', ')})` : undefined

const GRAIN: Partial<Record<NonNullable<Paint['granulation']>, number>> = { 'slightly granulating': 0.12, granulating: 0.26, 'strongly granulating': 0.42 }
/** How strongly the grain of a granulating paint is drawn, 0 to 1. */
export const grainOf = (paint: Paint) => (paint.granulation && GRAIN[paint.granulation]) ?? 0
