import type { ReferencePigment } from '../pigments/reference'
import { shapeSpectrum } from '../pigments/reference'
import { fitFilm, type Fitted } from './fit'

/** Scattering at masstone by how transparent a paint is, S at 550 nm times load (judgement); a white pigment scatters most. */
export const SCATTERING = { transparent: 0.04, 'semi-transparent': 0.12, 'semi-opaque': 0.35, opaque: 0.9 } as const
const WHITE_SCATTERS = 4

export const WASH_LOAD = 0.15
export const WASH_SD = Math.log(1.6)

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
      freedom: 1,
      washLoad: { middle: WASH_LOAD, sd: WASH_SD },
    },
    { masstone: { lab: pigment.masstone, sd: 1, tolerance: 3 }, wash: { lab: pigment.wash, sd: 1, tolerance: 3 } },
    [-1.2, 0, 1.2],
  )
  fitted.set(pigment.id, film)
  return film
}
