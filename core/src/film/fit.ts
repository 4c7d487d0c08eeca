import { BANDS } from '../colour/bands'
import { ciede2000 } from '../colour/ciede2000'
import { labOfReflectance } from '../colour/tristimulus'
import { filmOnPaper } from './kubelkaMunk'
import type { LabD65 } from '../units'
import { filmAt, newFilm, priorCount, priorResiduals, startOf, type Film, type FilmModel } from './fitModel'
import { leastSquares } from './leastSquares'

/** A dry swatch on white paper and how far its colour can be trusted (one standard deviation, CIEDE2000). */
export interface Target {
  lab: LabD65
  sd: number
  /** The most by which the fitted film may miss it, CIEDE2000. */
  tolerance: number
}
export interface Targets {
  masstone?: Target
  wash?: Target
}
export interface Fitted extends Film {
  /** Where the fit ended, in the parameters of `filmAt`. */
  point: Float64Array
  /** CIEDE2000 between each swatch and the film. */
  residual: { masstone?: number; wash?: number }
}

/** How much more freely an absorption may be bent to meet its swatches; beyond that the miss is said instead. */
const FREEDOMS = [1.6, 2.5]

/**
 * The film nearest to what is usual whose masstone (load 1) and wash explain the swatches. Freedom
 * grows until every swatch is met within its tolerance; a pair that no film could have stays unmet.
 */
export function fitFilm(model: FilmModel, targets: Targets, starts: readonly number[] = [0]): Fitted {
  let best = fitOnce(model, targets, starts)
  for (const freedom of FREEDOMS) {
    if (meets(best, targets)) break
    const freer = fitOnce(
      {
        ...model,
        freedom: model.freedom * freedom,
        washLoad: { ...model.washLoad, sd: model.washLoad.sd * Math.min(2, freedom) },
      },
      targets,
      starts,
    )
    if (miss(freer, targets) < miss(best, targets)) best = freer
  }
  return best
}

const miss = ({ residual }: Fitted, { masstone, wash }: Targets) =>
  Math.max((residual.masstone ?? 0) / (masstone?.tolerance ?? 1), (residual.wash ?? 0) / (wash?.tolerance ?? 1))
export const meets = (fitted: Fitted, targets: Targets) => miss(fitted, targets) <= 0.9

function fitOnce(model: FilmModel, targets: Targets, starts: readonly number[]): Fitted {
  const known = [targets.masstone, targets.wash]
  const metrics = known.map((t) => t && colourScale(t))
  const film = newFilm()
  const reflectance = new Float64Array(BANDS)
  const count = priorCount(model) + 6
  const residuals = (x: Float64Array, into: Float64Array) => {
    filmAt(x, model, film)
    metrics.forEach((metric, i) => {
      if (!metric) return into.fill(0, i * 3, i * 3 + 3)
      filmOnPaper(film.K, film.S, i === 0 ? 1 : film.washLoad, undefined, reflectance)
      return metric(labOfReflectance(reflectance), into, i * 3)
    })
    priorResiduals(x, model, film, into, 6)
  }
  const runs = starts.map((start) => {
    const x = startOf(model)
    for (let j = 0; j < model.shapes.length; j += 1) x[j]! += start
    return leastSquares(residuals, count, x)
  })
  const { x: point } = runs.reduce((least, next) => (next.cost < least.cost ? next : least))
  const own = newFilm()
  filmAt(point, model, own)
  return { ...own, point, residual: residualOf(own, targets) }
}

/** How far a film's masstone and wash lie from the swatches, CIEDE2000. */
export function residualOf(film: Film, { masstone, wash }: Targets): Fitted['residual'] {
  const off = (target: Target, load: number) => {
    const lab = labOfReflectance(filmOnPaper(film.K, film.S, load))
    return ciede2000(lab.L, lab.a, lab.b, target.lab.L, target.lab.a, target.lab.b)
  }
  return { ...(masstone ? { masstone: off(masstone, 1) } : {}), ...(wash ? { wash: off(wash, film.washLoad) } : {}) }
}

/** Three residuals in about CIEDE2000 units: lightness, chroma and hue, each by its weight at the target. */
function colourScale({ lab, sd }: Target) {
  const C = Math.hypot(lab.a, lab.b)
  const l50 = (lab.L - 50) ** 2
  const SL = 1 + (0.015 * l50) / Math.sqrt(20 + l50)
  const SC = 1 + 0.045 * C
  const SH = 1 + 0.015 * C
  const [ca, cb] = C < 1 ? [1, 0] : [lab.a / C, lab.b / C]
  return (found: LabD65, into: Float64Array, at: number) => {
    const [da, db] = [found.a - lab.a, found.b - lab.b]
    into[at] = (found.L - lab.L) / SL / sd
    into[at + 1] = (da * ca + db * cb) / SC / sd
    into[at + 2] = (db * ca - da * cb) / SH / sd
  }
}
