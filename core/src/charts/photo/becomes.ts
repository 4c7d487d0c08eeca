import type { PaintParts } from '../../documents/recipe'
import type { Swatch } from '../../documents/paint'
import type { CheckedBox } from './checkPhoto'
import { partOf } from './knownBoxes'

/** A swatch of one paint that a box became. */
export interface BoxSwatch {
  paintId: string
  kind: 'masstone' | 'wash'
  swatch: Swatch
}
/** What a real mixture looked like, out of a box. */
export interface BoxMixture {
  name: string
  parts: readonly PaintParts[]
  part: 'masstone' | 'wash'
  swatch: Swatch
}

/** A run from full strength to thin is read at its two ends, of at least so many looks. */
const LOOKS_OF_A_RUN = 3
const LONGEST_NAME = 120

/**
 * What the boxes of a photographed sheet become: of one paint a swatch, at full strength or as a wash, of a run both; of
 * several a note of the real mixture. Only boxes that are right and not pale are taken; a box at another water than those
 * two becomes nothing.
 *
 * @param note where the swatches come from, such as the photograph's name.
 * @param simulated whether the photograph was made up: what comes of it is marked for good, and no measurement.
 */
export function becomes(
  boxes: readonly CheckedBox[],
  note?: string,
  simulated = false,
): { swatches: BoxSwatch[]; mixtures: BoxMixture[] } {
  const swatches: BoxSwatch[] = []
  const mixtures: BoxMixture[] = []
  const swatchOf = ({ lab, sd }: CheckedBox['read']['patches'][number]): Swatch => ({
    L: lab.L,
    a: lab.a,
    b: lab.b,
    source: 'photo',
    sd,
    ...(note ? { note: note.slice(0, 200) } : {}),
    ...(simulated ? { simulated } : {}),
  })
  for (const { box, read, verdict, isPale } of boxes) {
    const [first] = read.patches
    const { parts, water } = box.filling
    if (verdict !== 'right' || isPale || !first || parts.length === 0) continue
    const part = partOf(box)
    if (parts.length > 1) {
      // the thin side of a chart has its half's name; the mixture is the same
      const name = box.label.replace(/, thin$/, '').slice(0, LONGEST_NAME)
      if (part) mixtures.push({ name, parts, part, swatch: swatchOf(first) })
      continue
    }
    const { paintId } = parts[0]!
    if (part) swatches.push({ paintId, kind: part, swatch: swatchOf(first) })
    else if (water === undefined && read.patches.length >= LOOKS_OF_A_RUN)
      swatches.push(
        { paintId, kind: 'masstone', swatch: swatchOf(first) },
        { paintId, kind: 'wash', swatch: swatchOf(read.patches.at(-1)!) },
      )
  }
  return { swatches, mixtures }
}
