import { colourDifference } from '../../colour/difference'
import { decodeSrgb } from '../../colour/transfer'
import type { PaperLight } from '../../paints/sheet/paperLight'
import type { Patch } from '../../paints/sheet/readPatch'
import type { Result } from '../../result'
import type { LabD65 } from '../../units'

/** Fewer boxes of known colour than this say nothing of a tone curve (judgement). */
export const FEWEST_KNOWN = 4
/** The known boxes must come nearer by this share, else the picture is left as it is (judgement). */
const GAIN = 0.25

/**
 * From encoded value to linear light for a camera that bends tones: between black and white, which stay, a cubic with
 * two free numbers, `e + e(1 - e)(a + b(2e - 1))`, before the usual decoding.
 */
function decodingOf(a: number, b: number): Float64Array | undefined {
  const bent = Float64Array.from({ length: 256 }, (_, i) => {
    const e = i / 255
    return e + e * (1 - e) * (a + b * (2 * e - 1))
  })
  // a curve that falls is no tone curve
  for (let i = 1; i < 256; i += 1) if (bent[i]! <= bent[i - 1]!) return undefined
  return bent.map((e) => decodeSrgb(Math.min(1, Math.max(0, e))))
}

interface KnownPatch {
  patch: Patch
  lab: LabD65
}

/** The decoding that brings boxes of known colour nearest to what they are; undefined where it would be no gain. */
export function fitTone(
  known: readonly KnownPatch[],
  lightBy: (decode: Float64Array) => Result<{ light: PaperLight }>,
  read: (light: PaperLight, patch: Patch, decode: Float64Array) => LabD65,
): { decode: Float64Array } | undefined {
  if (known.length < FEWEST_KNOWN) return undefined
  const off = (a: number, b: number): number => {
    const decode = decodingOf(a, b)
    const light = decode && lightBy(decode)
    if (!decode || !light?.ok) return Infinity
    const each = known.map(({ patch, lab }) => colourDifference(read(light.value.light, patch, decode), lab))
    // one that was painted wrongly must not bend all the others
    const kept = each.sort((p, q) => p - q).slice(0, Math.max(FEWEST_KNOWN - 1, Math.ceil(each.length * 0.8)))
    return kept.reduce((sum, d) => sum + d, 0) / kept.length
  }
  let best = { a: 0, b: 0, off: off(0, 0) }
  const plain = best.off
  for (let step = 0.4; step > 0.015; step /= 2.5)
    for (let moved = true; moved;) {
      moved = false
      for (const [da, db] of [
        [step, 0],
        [-step, 0],
        [0, step],
        [0, -step],
      ] as const) {
        const next = { a: best.a + da, b: best.b + db }
        if (Math.abs(next.a) > 1 || Math.abs(next.b) > 2) continue
        const here = off(next.a, next.b)
        if (here < best.off - 1e-6) {
          best = { ...next, off: here }
          moved = true
        }
      }
    }
  const decode = decodingOf(best.a, best.b)
  return decode && best.off < plain * (1 - GAIN) ? { decode } : undefined
}
