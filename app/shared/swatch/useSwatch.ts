import type { LabD65 } from '@juxtachrome/core/units'
import { type Light, toScreen, washRamp } from '@juxtachrome/core/colour'
import { colourAt, loadAt } from '@juxtachrome/core/film'
import type { Paint } from '@juxtachrome/core/documents'
import { viewOfPaint } from '@juxtachrome/core/paints'
import { opticsOf } from './opticsOf'

export interface ScreenSwatch {
  /** Masstone to wash, for a CSS gradient; empty without a colour. */
  stops: string[]
  masstone?: string
  /** Why the screen is not to be trusted, in words. */
  caution?: string
  /** Fluorescent, pearlescent and the like: marked wherever the swatch is drawn. */
  marked: boolean
  /** Not painted out yet: the colours are typical ones of its pigments. */
  assumed: boolean
}

const swatches = new WeakMap<Paint, ScreenSwatch>()

/** A paint as a screen shows it. Cached by the document. */
export function screenSwatch(paint: Paint): ScreenSwatch {
  const cached = swatches.get(paint)
  if (cached) return cached
  const { masstone, wash, assumed } = viewOfPaint(paint)
  const colours = washRamp({ masstone, wash }).map(toScreen)
  const beyond = [masstone, wash].some((lab) => lab && !toScreen(lab).shown)
  const swatch: ScreenSwatch = {
    stops: colours.map((c) => c.hex),
    masstone: colours[0]?.hex,
    marked: Boolean(paint.effect),
    assumed: Boolean(assumed),
    caution: paint.effect
      ? `${paint.effect}: a screen cannot show it`
      : beyond
        ? 'brighter than a screen can show'
        : undefined,
  }
  swatches.set(paint, swatch)
  return swatch
}

/** Colours as stops of a gradient on this screen. */
export const screenStops = (labs: readonly LabD65[]): string[] => labs.map((lab) => toScreen(lab).hex)

/** Masstone to nearly bare paper of a film. */
export const filmStops = (
  optics: Parameters<typeof loadAt>[0] & Parameters<typeof colourAt>[0],
  light?: Light,
): string[] => screenStops([0, 0.7, 1.6, 3, 5, 8, 14].map((water) => colourAt(optics, loadAt(optics, water), light)))

/** A paint's masstone to nearly bare paper as its film predicts it; straight between its swatches where there is no film. */
export function filmSwatch(paint: Paint): string[] {
  const optics = opticsOf(paint)
  return optics.ok ? filmStops(optics.value) : screenSwatch(paint).stops
}

export const gradient = (stops: readonly string[], direction = 'to right') =>
  stops.length > 1
    ? `linear-gradient(${direction}, ${stops.join(', ')})`
    : stops.length
      ? `linear-gradient(${stops[0]}, ${stops[0]})`
      : undefined

const GRAIN: Record<string, number> = { 'slightly granulating': 0.12, granulating: 0.26, 'strongly granulating': 0.42 }
/** How strongly the grain of a granulating paint is drawn, 0 to 1. */
export const grainOf = ({ granulation }: { granulation?: string }) => (granulation && GRAIN[granulation]) || 0

/** Which stroke of the brush a paint is drawn as: always the same one, neighbours seldom alike. */
export const strokeOf = ({ id }: Pick<Paint, 'id'>): 1 | 2 | 3 =>
  (([...id].reduce((sum, letter) => sum + letter.charCodeAt(0), 0) % 3) + 1) as 1 | 2 | 3
