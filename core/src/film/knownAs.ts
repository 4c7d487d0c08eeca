import type { ReferencePigment } from '../pigments/reference'
import { coloursOfCode } from '../pigments/variants'
import type { FilmShift } from './filmError'
import { referenceFilm } from './referenceFilm'

/** How much more paints of one code differ where it is dug up, grown or calcined than where it is synthesised (judgement). */
const KINDS: Readonly<Record<ReferencePigment['kind'], number>> = {
  organic: 1,
  inorganic: 1.15,
  earth: 1.7,
  natural: 1.7,
  dye: 1.2,
  effect: 1.5,
}
/** A code of which a note says that it hides several colours, beyond the variants that are told apart (judgement). */
const HIDING = 1.2

/** How far paints differ that are known by their code alone, against what is usual: phthalo blue is the same from most makers, an earth from none. */
export const variationOf = (pigments: readonly ReferencePigment[]): number =>
  pigments.reduce((most, p) => Math.max(most, KINDS[p.kind] * (p.hides ? HIDING : 1)), 1)

/** Where nobody knows which colour of a code a paint has, it may be any of them: how those lie from the one that is assumed. */
export function shiftsToVariants(code: string, assumed: ReferencePigment): FilmShift[] {
  const others = coloursOfCode(code).filter((p) => p.id !== assumed.id)
  const own = referenceFilm(assumed)
  return others.map((p) => {
    const film = referenceFilm(p)
    const of = (x: number, y: number) => Math.log((x + 1e-3) / (y + 1e-3)) / Math.sqrt(others.length)
    return {
      K: film.K.map((k, i) => of(k, own.K[i]!)),
      S: of(film.S[0]!, own.S[0]!),
      thinning: of(1 / film.washLoad - 1, 1 / own.washLoad - 1),
    }
  })
}
