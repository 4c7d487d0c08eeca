import type { Paint } from '../../documents/paint'
import { referenceOf } from '../../film/whichReference'
import { propertiesOf } from '../../paints/properties'
import { cautionsOfCodes } from '../../pigments/cautions'
import { GRANULATIONS, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from '../../pigments/scales'
import type { Handling, Tally } from './assessment'

const IN_PAN = [
  'rewets readily',
  'rewets with a little patience',
  'rewets slowly; hardens, cracks or crumbles',
] as const

/** How the paints of a palette behave and keep, counted; what nobody recorded is counted as assumed or unknown. */
export function handlingOf(paints: readonly Paint[]): Handling {
  const tally = (
    scale: readonly string[],
    of: (paint: Paint) => { value: string; from: 'recorded' | 'assumed' } | undefined,
  ): Tally => {
    const known = paints.map(of)
    return {
      words: scale.flatMap((word) => {
        const own = known.filter((k) => k?.value === word)
        return own.length ? [{ word, count: own.length, assumed: own.filter((k) => k!.from === 'assumed').length }] : []
      }),
      unknown: known.filter((k) => !k).length,
    }
  }
  const cautions = paints.map((p) => cautionsOfCodes(p.pigments, referenceOf(p)))
  const codes = paints.map((p) => [...new Set(p.pigments)])
  const counts = new Map<string, number>()
  for (const code of codes.flat()) counts.set(code, (counts.get(code) ?? 0) + 1)
  return {
    lightfastness: tally(LIGHTFASTNESSES, (p) => propertiesOf(p).lightfastness),
    transparency: tally(TRANSPARENCIES, (p) => propertiesOf(p).transparency),
    staining: tally(STAININGS, (p) => propertiesOf(p).staining),
    granulation: tally(GRANULATIONS, (p) => propertiesOf(p).granulation),
    rewetting: tally(IN_PAN, (p) => {
      const levels = referenceOf(p).map((r) => IN_PAN.indexOf(r.inPan as (typeof IN_PAN)[number]))
      return levels.length && levels.every((l) => l >= 0)
        ? { value: IN_PAN[Math.max(...levels)]!, from: 'assumed' }
        : undefined
    }),
    unknownCodes: [...new Set(cautions.flatMap((c) => c.unknown))],
    cautions: cautions.filter((c) => !c.isMild).length,
    pigments: counts.size,
    shared: [...counts].flatMap(([code, n]) => (n > 1 ? [code] : [])),
    makers: [...new Set(paints.map((p) => p.maker).filter(Boolean))],
  }
}
