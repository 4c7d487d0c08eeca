import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { byDocument } from '../collection/caches'
import { toLch } from '../colour/lch'
import type { PaintView } from '../paints/view'
import { lightfastnessAtBest, propertiesOf } from '../paints/properties'
import { commonnessOf } from '../pigments/trade'
import { levelOn, LIGHTFASTNESSES } from '../pigments/scales'

/** How long a paint lasts, as far as rankings go by it. */
export interface Lasting {
  /** 3 lasts; 2 lasts, but is rated lower by some; 1 not known; 0 fades. */
  level: 0 | 1 | 2 | 3
  /** Why it is no 3, in words. */
  words?: string
}

/** From "fair" on a paint fades (ASTM D4303 III to V). */
const FADES_FROM = LIGHTFASTNESSES.indexOf('fair')
const FADING = /\bfades?\b|fugitive|browns and greys/
const RATED_LOWER = /^(?:somewhat )?less lasting|^some fade/

/**
 * Whether a paint lasts. The artist's own word comes first; else what its pigments do, and what the trade says of them.
 * Common practice, from memory; see data/trade/SOURCE.md.
 */
export const lastingOf = byDocument((paint: Paint): Lasting => {
  const own = propertiesOf(paint).lightfastness
  const known = own?.value ?? lightfastnessAtBest(paint)
  const fades = levelOn(LIGHTFASTNESSES, known) >= FADES_FROM
  if (own?.from === 'recorded') return fades ? { level: 0, words: `fades: ${known}` } : { level: 3 }
  const notes = paint.pigments.flatMap((code) => commonnessOf(code)?.note ?? [])
  const lower = notes.filter((n) => RATED_LOWER.test(n))
  if (lower.length && lower.length === notes.length && paint.pigments.length === 1)
    return { level: 2, words: 'rated lower by some, in pale washes' }
  if (fades || notes.some((n) => FADING.test(n))) return { level: 0, words: fades ? `fades: ${known}` : 'fades' }
  return own ? { level: 3 } : { level: 1, words: 'lightfastness not known' }
})

/** How usual a paint's pigments are, 0 not sold to 4 in nearly every range; of several the least usual. From memory, common practice. */
export const usualOf = (paint: Paint): number =>
  paint.pigments.length ? Math.min(...paint.pigments.map((code) => commonnessOf(code)?.common ?? 1)) : 0

/** Whether its pigments can still be bought: what ended or is historic is named, never offered. From memory, common practice. */
export const isMade = (paint: Pick<Paint, 'pigments'>): boolean =>
  paint.pigments.every((code) => (commonnessOf(code)?.market ?? 'made') === 'made')

/** Darks by the trade: a phthalo blue is dark, but nobody's dark (common practice, no source). */
const DARK_PIGMENTS: readonly string[] = ['PBk31', 'PB60', 'PV29', 'PR179', 'NB1', 'PB66']
const DARK_NAMES = /indigo|sepia|neutral tint|payne/i
const DARK_CHROMA = 16
/** Whether a paint is what painters mean by a dark: a grey, a black, a nearly black colour. */
export const isDark = ({ paint, masstone, family }: PaintView): boolean =>
  family === 'neutral' ||
  DARK_NAMES.test(paint.name) ||
  paint.pigments.some((code) => DARK_PIGMENTS.includes(code)) ||
  Boolean(masstone && toLch(masstone).C < DARK_CHROMA)

/** Whether anybody knows which colour it is: a code alone may cover several that lie far apart. */
export const isColourKnown = ({ unsure, familyFrom }: PaintView): boolean => !unsure || familyFrom !== 'pigment'

/** How much of a paint is there to paint with. */
export interface Supply {
  /** 3 more than nearly empty; 2 nearly empty, or saved; 1 on order or lent; 0 none. */
  level: 0 | 1 | 2 | 3
  words?: string
}

/** What the tubes and pans of one paint come to: the best of them counts. */
export function supplyOf(items: readonly Pick<Item, 'supply' | 'remarks'>[]): Supply {
  const usable = items.filter((i) => i.supply === 'open' || i.supply === 'sealed')
  const plenty = usable.find((i) => !i.remarks.includes('nearly empty') && !i.remarks.includes('saving it'))
  if (plenty) return { level: 3 }
  if (usable.length)
    return {
      level: 2,
      words: usable.some((i) => i.remarks.includes('saving it')) ? 'you are saving it' : 'nearly empty',
    }
  const away = items.find((i) => i.supply === 'on order' || i.supply === 'lent')
  return away
    ? { level: 1, words: away.supply === 'lent' ? 'lent' : 'still on order' }
    : { level: 0, words: 'none at hand' }
}
