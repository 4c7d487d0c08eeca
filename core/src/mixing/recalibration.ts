import { ciede2000 } from '../colour/ciede2000'
import { masstoneOf, washOf } from '../film/optics'
import { WASH_WATER } from '../film/dilution'
import type { LabD65 } from '../units'
import { errorOfMixture, type DoubtedOptics } from './mixtureError'
import { mixOptics } from './mixOptics'
import type { StrengthNote } from './observations'

/** Fewer notes than this say nothing of how far predictions lie off in general. */
export const ENOUGH_NOTES = 10
/** So many notes are trusted to half (judgement). */
const HALF = 10
/** No notes make an error more than this many times as large or as small. */
const MOST = 2

/**
 * How many times as far off mixtures were as was said of them: the median of what was seen over the figure that half of
 * them should lie within, drawn toward 1 where notes are few; 1 below ten. The notes are held against the paints as their
 * swatches and codes give them, without what the same notes teach of their strength.
 *
 * @param optics of each paint, by id; notes with another say nothing. Tint tests judge a paint and not a mixture.
 * @returns 0.5 to 2
 */
export function recalibration(optics: ReadonlyMap<string, DoubtedOptics>, notes: readonly StrengthNote[]): number {
  const ratios = notes.flatMap((note) => ratioOf(note, optics) ?? [])
  if (ratios.length < ENOUGH_NOTES) return 1
  const sorted = ratios.sort((p, q) => p - q)
  const middle = (sorted[Math.floor((sorted.length - 1) / 2)]! + sorted[Math.ceil((sorted.length - 1) / 2)]!) / 2
  const trust = sorted.length / (sorted.length + HALF)
  return Math.min(MOST, Math.max(1 / MOST, middle ** trust))
}

/** What was seen of a mixture over what was said of it, masstone and wash together. */
function ratioOf({ paints, masstone, wash, isTint }: StrengthNote, optics: ReadonlyMap<string, DoubtedOptics>) {
  if (isTint || paints.length < 2) return undefined
  const parts = paints.flatMap(({ id, parts: p }) => {
    const own = optics.get(id)
    return own && p > 0 ? [{ optics: own, parts: p }] : []
  })
  const mixed = parts.length === paints.length ? mixOptics(parts) : undefined
  if (!mixed?.ok) return undefined
  const over = (seen: LabD65 | undefined, lab: LabD65, water: number) =>
    seen ? [ciede2000(seen.L, seen.a, seen.b, lab.L, lab.a, lab.b) / errorOfMixture(parts, water, lab).median] : []
  const both = [...over(masstone, masstoneOf(mixed.value), 0), ...over(wash, washOf(mixed.value), WASH_WATER)]
  return both.length ? both.reduce((sum, r) => sum + r, 0) / both.length : undefined
}
