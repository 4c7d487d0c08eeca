import { BANDS, STEP_NM, WAVELENGTHS, type Spectrum } from '../colour/bands'

/** A film as the fit sees it: shapes to be mixed, bent a little, and laid at two loads. */
export interface FilmModel {
  /** Absorption of each component, per unit load. */
  shapes: readonly Spectrum[]
  /** Usual strength of each component, and how far from it the fit may go (natural logarithm). */
  strengths: readonly { middle: number; sd: number }[]
  /** Scattering at 550 nm per unit load. */
  scattering: number
  /** How freely the absorption may be bent: 1 as with a known shape, more without one. */
  freedom: number
  /** Load of the wash, usually 0.15. */
  washLoad: { middle: number; sd: number }
}

const BUMP_SIGMA = 32
/** Bumps every 60 nm. */
const CENTRES = [390, 450, 510, 570, 630, 690]
const BUMPS = CENTRES.map((centre) =>
  Float64Array.from(WAVELENGTHS, (nm) => Math.exp(-0.5 * ((nm - centre) / BUMP_SIGMA) ** 2)),
)
/** Scattering falls off toward long waves (judgement). */
const SCATTER = Float64Array.from(WAVELENGTHS, (nm) => (nm / 550) ** -0.6)
const BASE = 0.03

/**
 * Prior spreads: shift of the shape 2 nm, bumps 0.15, base and scattering as factors (judgement). Where a pigment
 * absorbs is known better than how dull its film is: an even base gives way before the shape does.
 */
const SHIFT_SD = 2
const BUMP_SD = 0.15
const BASE_SD = Math.log(3)
const SCATTER_SD = Math.log(1.4)
/** Scattering never leaves the class of transparency that the paint is known to have. */
const MOST_SCATTER = 0.3

/** No band absorbs more: beyond it a masstone looks no darker, and a fit would buy agreement with what is not seen. */
const MOST_K = 24

/** Order of the parameters: strengths, shift (in units of its spread), bumps, base, scattering, wash load. */
export const parameterCount = (model: FilmModel) => model.shapes.length + CENTRES.length + 4
export const startOf = (model: FilmModel): Float64Array => {
  const x = new Float64Array(parameterCount(model))
  model.strengths.forEach(({ middle }, i) => {
    x[i] = middle
  })
  return x
}

export interface Film {
  K: Spectrum
  S: Spectrum
  washLoad: number
}

/** The film that a point of the parameters stands for. */
export function filmAt(x: Float64Array, model: FilmModel, into: Film): void {
  const m = model.shapes.length
  const shift = (x[m]! * SHIFT_SD) / STEP_NM
  const { K, S } = into
  K.fill(0)
  for (let j = 0; j < m; j += 1) {
    const strength = Math.exp(x[j]!)
    for (let i = 0; i < BANDS; i += 1) K[i]! += strength * sampled(model.shapes[j]!, i - shift)
  }
  const base = BASE * Math.exp(x[m + 1 + CENTRES.length]!)
  const scattering = model.scattering * Math.exp(MOST_SCATTER * Math.tanh(x[m + 2 + CENTRES.length]! / MOST_SCATTER))
  for (let i = 0; i < BANDS; i += 1) {
    let bend = 0
    for (let b = 0; b < CENTRES.length; b += 1) bend += x[m + 1 + b]! * BUMPS[b]![i]!
    K[i] = Math.min(MOST_K, K[i]! * Math.exp(Math.max(-8, Math.min(8, bend)))) + base
    S[i] = scattering * SCATTER[i]!
  }
  into.washLoad = Math.min(1, model.washLoad.middle * Math.exp(x[m + 3 + CENTRES.length]!))
}

function sampled(shape: Spectrum, at: number): number {
  const clamped = Math.max(0, Math.min(BANDS - 1.000001, at))
  const i = Math.floor(clamped)
  return shape[i]! + (clamped - i) * (shape[i + 1]! - shape[i]!)
}

/** How far from the point where the fit begins each parameter usually lies, one standard deviation, in their order. */
function usualSds({ shapes, strengths, freedom, washLoad }: FilmModel): Float64Array {
  const bumps = CENTRES.map(() => BUMP_SD * freedom)
  return Float64Array.from([
    ...shapes.map((_, j) => strengths[j]!.sd),
    Math.min(freedom, 2),
    ...bumps,
    BASE_SD * freedom,
    SCATTER_SD * Math.sqrt(freedom),
    washLoad.sd,
  ])
}
/** The same as independent directions. */
export const usualSpread = (model: FilmModel): Float64Array[] =>
  [...usualSds(model)].map((sd, j, all) => {
    const direction = new Float64Array(all.length)
    direction[j] = sd
    return direction
  })

export const priorCount = (model: FilmModel) => parameterCount(model)

/** How far parameters lie from what is usual, in standard deviations, one residual each. */
export function priorResiduals(x: Float64Array, model: FilmModel, into: Float64Array, at: number): void {
  const first = startOf(model)
  usualSds(model).forEach((sd, j) => {
    into[at + j] = (x[j]! - first[j]!) / sd
  })
}

export const newFilm = (): Film => ({ K: new Float64Array(BANDS), S: new Float64Array(BANDS), washLoad: 0.15 })
