import type { Paint } from '../../documents/paint'
import { labOfSwatch } from '../../film/swatch'
import type { LabD65 } from '../../units'
import { WASH } from '../layCards'
import type { PaintedBox } from '../marks'

/** What a box takes part in: a paint's own masstone or wash, a mixture's, or neither. */
export function partOf({ filling }: PaintedBox): 'masstone' | 'wash' | undefined {
  return filling.water === 0 ? 'masstone' : filling.water === WASH ? 'wash' : undefined
}

/** A photograph does not correct another. */
const TRUSTED: ReadonlySet<string> = new Set(['reader', 'spectrum', 'typed'])

/** Boxes whose colour is known: one paint at the water at which its swatch was read by a reader or typed from one. */
export function knownBoxes(
  boxes: readonly PaintedBox[],
  paint: (id: string) => Paint | undefined,
): { box: number; lab: LabD65 }[] {
  return boxes.flatMap((box, i) => {
    const part = partOf(box)
    const [only, ...more] = box.filling.parts
    if (!part || !only || more.length) return []
    const swatch = paint(only.paintId)?.[part]
    const isTrusted = swatch && TRUSTED.has(swatch.source) && !swatch.simulated
    const lab = isTrusted ? labOfSwatch(swatch) : undefined
    return lab ? [{ box: i, lab }] : []
  })
}
