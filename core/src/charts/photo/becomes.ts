import type { PaintParts } from '../../documents/recipe'
import type { Swatch, Wash } from '../../documents/paint'
import type { CheckedBox } from './checkPhoto'
import { partOf } from './knownBoxes'

/** A swatch of one paint that a box became. */
export interface BoxSwatch {
  paintId: string
  kind: 'masstone' | 'wash' | 'tint'
  swatch: Swatch
}
/** What a real mixture looked like, out of a box. */
export interface BoxMixture {
  name: string
  parts: readonly PaintParts[]
  part: 'masstone' | 'wash'
  swatch: Swatch
}

/** A wash beside the usual one, out of a box that says its water. */
export interface BoxWash {
  paintId: string
  wash: Wash
}

/** A run from full strength to thin is read at its two ends, of at least so many looks. */
const LOOKS_OF_A_RUN = 3
const LONGEST_NAME = 120

/**
 * What the boxes of a photographed sheet become: of one paint a swatch, at full strength or as a wash, of a run both, at
 * another water a further wash; of several a tint test or a note of the real mixture. Only boxes that are right and not
 * pale are taken; where two boxes of a paint have the same other water, such as the halves of a fade test, neither.
 *
 * @param note where the swatches come from, such as the photograph's name.
 * @param simulated whether the photograph was made up: what comes of it is marked for good, and no measurement.
 */
export function becomes(
  boxes: readonly CheckedBox[],
  note?: string,
  simulated = false,
): { swatches: BoxSwatch[]; washes: BoxWash[]; mixtures: BoxMixture[] } {
  const swatches: BoxSwatch[] = []
  const washes: BoxWash[] = []
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
    const { parts, water, isTint } = box.filling
    if (verdict !== 'right' || isPale || !first || parts.length === 0) continue
    const part = partOf(box)
    if (isTint) swatches.push({ paintId: parts[0]!.paintId, kind: 'tint', swatch: swatchOf(first) })
    else if (parts.length > 1) {
      // the thin side of a chart has its half's name; the mixture is the same
      const name = box.label.replace(/, thin$/, '').slice(0, LONGEST_NAME)
      if (part) mixtures.push({ name, parts, part, swatch: swatchOf(first) })
    } else {
      const { paintId } = parts[0]!
      if (part) swatches.push({ paintId, kind: part, swatch: swatchOf(first) })
      else if (water !== undefined) washes.push({ paintId, wash: { ...swatchOf(first), water } })
      else if (read.patches.length >= LOOKS_OF_A_RUN)
        swatches.push(
          { paintId, kind: 'masstone', swatch: swatchOf(first) },
          { paintId, kind: 'wash', swatch: swatchOf(read.patches.at(-1)!) },
        )
    }
  }
  const isOnly = (one: BoxWash) =>
    washes.filter((w) => w.paintId === one.paintId && w.wash.water === one.wash.water).length === 1
  return { swatches, washes: washes.filter(isOnly), mixtures }
}
