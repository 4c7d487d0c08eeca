import type { ReferencePigment } from '../pigments/reference'
import { shapeSpectrum } from '../pigments/reference'
import { fitFilm, residualOf, type Fitted, type Targets } from './fit'
import { filmAt, newFilm, type Film, type FilmModel } from './fitModel'
import { REFERENCE_FITS } from './referenceFits.generated'
import { strengthOf, strengthOfStep } from './strength'

/** Scattering at masstone by how transparent a paint is, S at 550 nm times load (judgement); a white pigment scatters most. */
export const SCATTERING = { transparent: 0.04, 'semi-transparent': 0.12, 'semi-opaque': 0.3, opaque: 0.6 } as const
const WHITE_SCATTERS = 2.25
/** How thick, against watercolour: so that tints with white are as deep as painters see them (tests/published/trade.ts; judgement). */
const WHITE_BODY = 3

/** Whites that cover are laid as thick as gouache is, whatever they are mixed with. */
export const bodyOf = (pigment: ReferencePigment): number =>
  pigment.family === 'white' && pigment.transparency !== 'transparent' ? WHITE_BODY : 1

export const WASH_LOAD = 0.19
/** A wash of 1:6 by drops is the same dilution for every paint; how it is laid differs a little (judgement). */
export const WASH_SD = Math.log(1.2)

/** A remembered wash says less than a remembered masstone: few count their drops (judgement, CIEDE2000). */
const MASSTONE_SD = 0.6
const REMEMBERED_WASH_SD = 2
/** The masstone is what a paint is known by: strength, scattering and shape give way before it does. */
const FREEDOM = 1.3

/**
 * What one part of a pigment's paint does, against its film: strong paints are painted out thinner than weak ones, so a
 * film alone does not tell how far a part goes. Whites are the measure.
 */
const perPartOf = ({ family, step }: ReferencePigment, { K }: Film): number =>
  family === 'white' ? 1 : strengthOfStep(step) / strengthOf(K)

/** Where the fit of a pigment's film begins, and what it may change. */
function modelOf(pigment: ReferencePigment): FilmModel {
  return {
    shapes: [shapeSpectrum(pigment.shape)],
    strengths: [{ middle: Math.log(5), sd: Math.log(6) }],
    scattering: SCATTERING[pigment.transparency] * (bodyOf(pigment) > 1 ? WHITE_SCATTERS : 1),
    freedom: FREEDOM,
    washLoad: { middle: WASH_LOAD, sd: WASH_SD },
  }
}
const targetsOf = (pigment: ReferencePigment): Targets => ({
  masstone: { lab: pigment.masstone, sd: MASSTONE_SD, tolerance: 1.1 },
  wash: { lab: pigment.wash, sd: REMEMBERED_WASH_SD, tolerance: 4 },
})
const STARTS = [-1.2, 0, 1.2]

/** Fits the film of a reference pigment to its typical masstone and wash, some 10 ms; `referenceFilm` has it ready. */
export const fitReference = (pigment: ReferencePigment): Fitted => fitFilm(modelOf(pigment), targetsOf(pigment), STARTS)

export type ReferenceFilm = Film & Pick<Fitted, 'residual'> & { perPart: number }
const films = new Map<string, ReferenceFilm>()

/** The film of a reference pigment, as it was fitted to its typical masstone and wash when the tables were made. */
export function referenceFilm(pigment: ReferencePigment): ReferenceFilm {
  const known = films.get(pigment.id)
  if (known) return known
  const point = REFERENCE_FITS[pigment.id]
  const own = point ? filmOf(pigment, point) : fitReference(pigment)
  const film = { ...own, perPart: perPartOf(pigment, own) }
  films.set(pigment.id, film)
  return film
}

function filmOf(pigment: ReferencePigment, point: readonly number[]): Film & Pick<Fitted, 'residual'> {
  const film = newFilm()
  filmAt(Float64Array.from(point), modelOf(pigment), film)
  return { ...film, residual: residualOf(film, targetsOf(pigment)) }
}
