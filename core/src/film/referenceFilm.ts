import type { ReferencePigment } from '../pigments/reference'
import { shapeSpectrum } from '../pigments/reference'
import { fitFilm, type Fitted } from './fit'
import type { FilmModel } from './fitModel'
import { STEP_SD, strengthOfStep } from './strength'

/** Scattering at masstone by how transparent a paint is, S at 550 nm times load (judgement); a white pigment scatters most. */
export const SCATTERING = { transparent: 0.04, 'semi-transparent': 0.12, 'semi-opaque': 0.3, opaque: 0.6 } as const
const WHITE_SCATTERS = 2.25

export const WASH_LOAD = 0.15
/** A wash of 1:6 by drops is the same dilution for every paint; how it is laid differs a little (judgement). */
export const WASH_SD = Math.log(1.2)

/** A remembered wash says less than a remembered masstone: few count their drops (judgement, CIEDE2000). */
const MASSTONE_SD = 1.2
const REMEMBERED_WASH_SD = 2

/** The strength that the reference gives a pigment; a white has none. */
const tintingOf = ({ family, step }: ReferencePigment): Pick<FilmModel, 'tinting'> =>
  family === 'white' ? {} : { tinting: { middle: Math.log(strengthOfStep(step)), sd: STEP_SD } }

const fitted = new Map<string, Fitted>()

/** The film of a reference pigment, fitted once to its typical masstone and wash. */
export function referenceFilm(pigment: ReferencePigment): Fitted {
  const known = fitted.get(pigment.id)
  if (known) return known
  const scattering =
    SCATTERING[pigment.transparency] *
    (pigment.family === 'white' && pigment.transparency !== 'transparent' ? WHITE_SCATTERS : 1)
  const film = fitFilm(
    {
      shapes: [shapeSpectrum(pigment.shape)],
      strengths: [{ middle: Math.log(5), sd: Math.log(6) }],
      scattering,
      ...tintingOf(pigment),
      freedom: 1,
      washLoad: { middle: WASH_LOAD, sd: WASH_SD },
    },
    {
      masstone: { lab: pigment.masstone, sd: MASSTONE_SD, tolerance: 3 },
      wash: { lab: pigment.wash, sd: REMEMBERED_WASH_SD, tolerance: 4 },
    },
    [-1.2, 0, 1.2],
  )
  fitted.set(pigment.id, film)
  return film
}
