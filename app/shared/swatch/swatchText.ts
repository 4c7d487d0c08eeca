import { differenceInWords, parseColour } from '@juxtachrome/core/colour'
import type { Swatch } from '@juxtachrome/core/documents'

const short = (n: number) => String(Math.round(n * 10) / 10)

/** A swatch as it is typed: `25 28 -62`. */
export const swatchText = (swatch: Swatch | undefined) =>
  swatch ? [swatch.L, swatch.a, swatch.b].map(short).join(' ') : ''

/** How far the predicted swatch lies from this one, in words. */
export const offInWords = (difference: number): string => `the prediction differs: ${differenceInWords(difference)}`

/** What was typed as a swatch; one that was not touched keeps its exact value and source. */
export function toSwatch(text: string, before: Swatch | undefined): Swatch | undefined {
  if (text.trim() === swatchText(before)) return before
  const colour = text.trim() ? parseColour(text) : undefined
  if (!colour?.ok) return undefined
  const { L, a, b } = colour.value
  return { L, a, b, source: text.trim().startsWith('#') ? 'picked' : 'typed' }
}
