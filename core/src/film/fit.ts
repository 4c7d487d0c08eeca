import { axesAt } from '../colour/axes'
import { BANDS } from '../colour/bands'
import { ciede2000 } from '../colour/ciede2000'
import { labOfReflectance } from '../colour/tristimulus'
import { filmOnPaper } from './kubelkaMunk'
import type { LabD65 } from '../units'
import { loadOfWash, WASH_WATER } from './dilution'
import { filmAt, newFilm, priorCount, priorResiduals, startOf, type Film, type FilmModel } from './fitModel'
import { leastSquares } from './leastSquares'
import type { Sheet } from './sheet'

/** A dry swatch and how far its colour can be trusted (one standard deviation, CIEDE2000). */
export interface Target {
  lab: LabD65
  sd: number
  /** The most by which the fitted film may miss it, CIEDE2000. */
  tolerance: number
  /** What it was painted on; bright white paper where nothing is said. */
  on?: Sheet
}
/** A wash beside the usual one: how much water it was thinned with, where that is known. */
export interface WashTarget extends Target {
  water?: number
}
export interface Targets {
  masstone?: Target
  wash?: Target
  washes?: readonly WashTarget[]
}
/** CIEDE2000 between each swatch and the film. */
export interface Residual {
  masstone?: number
  wash?: number
  washes?: number[]
}
export interface Fitted extends Film {
  /** Where the fit ended, in the parameters of `filmAt`. */
  point: Float64Array
  /** Directions of one standard deviation around it, in the same parameters. */
  spread: Float64Array[]
  /** Sum of squares, in standard deviations, of swatches and of what is usual together. */
  cost: number
  residual: Residual
}

/** How much more freely an absorption may be bent to meet its swatches; beyond that the miss is said instead. */
const FREEDOMS = [1.6, 2.5, 4]
/** How far a wash of so many parts of water may lie from the load that they stand for (natural logarithm; judgement). */
const COUNTED_SD = Math.log(1.25)
/** Where nobody counted, only the order of lightness is known. */
const UNCOUNTED_SD = Math.log(3)

/**
 * The film nearest to what is usual whose masstone (load 1) and washes explain the swatches. Freedom
 * grows until every swatch is met within its tolerance; a pair that no film could have stays unmet.
 */
export function fitFilm(
  model: FilmModel,
  targets: Targets,
  starts: readonly number[] = [0],
  freedoms: readonly number[] = FREEDOMS,
): Fitted {
  let best = fitOnce(model, targets, starts)
  for (const freedom of freedoms) {
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
    if (miss(freer, targets) < miss(best, targets)) best = { ...freer, cost: best.cost }
  }
  return best
}

const miss = ({ residual }: Fitted, { masstone, wash, washes = [] }: Targets) =>
  Math.max(
    (residual.masstone ?? 0) / (masstone?.tolerance ?? 1),
    (residual.wash ?? 0) / (wash?.tolerance ?? 1),
    ...washes.map((w, i) => (residual.washes?.[i] ?? 0) / w.tolerance),
  )
export const meets = (fitted: Fitted, targets: Targets) => miss(fitted, targets) <= 0.9

interface Placed {
  target: Target
  metric: (found: LabD65, into: Float64Array, at: number) => void
  /** The load at which it lies on a film; a further wash has its own error in water, a parameter after the film's. */
  load: (film: Film, x: Float64Array) => number
}

/** The swatches in order, each with the place where it lies on the film. */
function placed({ masstone, wash, washes = [] }: Targets, after: number): Placed[] {
  const place = (target: Target, load: Placed['load']): Placed => ({ target, metric: colourScale(target), load })
  return [
    ...(masstone ? [place(masstone, () => 1)] : []),
    ...(wash ? [place(wash, (film) => film.washLoad)] : []),
    ...washes.map((w, i) => place(w, (film, x) => loadOfWash(film.washLoad, waterOf(w) * Math.exp(x[after + i]!)))),
  ]
}
const waterOf = ({ water, lab }: WashTarget) => water ?? guessedWater(lab)
/** A light wash has more water in it (judgement; only where the fit begins). */
const guessedWater = ({ L }: LabD65) => WASH_WATER * 2 ** ((L - 65) / 12)

function fitOnce(model: FilmModel, targets: Targets, starts: readonly number[]): Fitted {
  const first = startOf(model)
  const list = placed(targets, first.length)
  const waters = targets.washes ?? []
  const film = newFilm()
  const reflectance = new Float64Array(BANDS)
  const seen = list.length * 3
  const between = seen + waters.length
  const count = priorCount(model) + between + BETWEEN.length
  const residuals = (x: Float64Array, into: Float64Array) => {
    filmAt(x, model, film)
    list.forEach(({ target, metric, load }, i) => {
      filmOnPaper(film.K, film.S, load(film, x), target.on, reflectance)
      metric(labOfReflectance(reflectance), into, i * 3)
    })
    waters.forEach((w, i) => {
      into[seen + i] = x[first.length + i]! / (w.water === undefined ? UNCOUNTED_SD : COUNTED_SD)
    })
    chromaBetween(film, reflectance, into, between)
    priorResiduals(x, model, into, between + BETWEEN.length)
  }
  const runs = starts.map((start) => {
    const x = new Float64Array(first.length + waters.length)
    x.set(first)
    for (let j = 0; j < model.shapes.length; j += 1) x[j]! += start
    return leastSquares(residuals, count, x)
  })
  const { x: point, spread, cost } = runs.reduce((least, next) => (next.cost < least.cost ? next : least))
  const own = newFilm()
  filmAt(point, model, own)
  return { ...own, point, spread, cost, residual: residualOf(own, targets, point.subarray(first.length)) }
}

/** How far a film's masstone and washes lie from the swatches, CIEDE2000. */
export function residualOf(film: Film, { masstone, wash, washes }: Targets, waters: ArrayLike<number> = []): Residual {
  const off = (target: Target, load: number) => {
    const lab = labOfReflectance(filmOnPaper(film.K, film.S, load, target.on))
    return ciede2000(lab.L, lab.a, lab.b, target.lab.L, target.lab.a, target.lab.b)
  }
  return {
    ...(masstone ? { masstone: off(masstone, 1) } : {}),
    ...(wash ? { wash: off(wash, film.washLoad) } : {}),
    ...(washes?.length
      ? { washes: washes.map((w, i) => off(w, loadOfWash(film.washLoad, waterOf(w) * Math.exp(waters[i] ?? 0)))) }
      : {}),
  }
}

/** Places between masstone and wash, as powers of the wash's load. */
const BETWEEN = [0.3, 0.6]
/** No paint is much more colourful between its masstone and its wash than at both, C* (judgement), and how sure that is. */
const MOST_ABOVE = 7
const ABOVE_SD = 3
const chroma = ({ a, b }: LabD65) => Math.hypot(a, b)

/** How much more colourful a film is on the way than at its ends, one residual a place. */
function chromaBetween(film: Film, reflectance: Float64Array<ArrayBuffer>, into: Float64Array, at: number): void {
  const C = (load: number) => chroma(labOfReflectance(filmOnPaper(film.K, film.S, load, undefined, reflectance)))
  const ends = Math.max(C(1), C(film.washLoad))
  BETWEEN.forEach((power, i) => {
    into[at + i] = Math.max(0, C(film.washLoad ** power) - ends - MOST_ABOVE) / ABOVE_SD
  })
}

/** Three residuals in about CIEDE2000 units: lightness, chroma and hue; each takes a third of the variance. */
function colourScale({ lab, sd: whole }: Target) {
  const sd = whole / Math.sqrt(3)
  const axes = axesAt(lab)
  return (found: LabD65, into: Float64Array, at: number) => {
    const [dL, da, db] = [found.L - lab.L, found.a - lab.a, found.b - lab.b]
    axes.forEach(([L, a, b], i) => {
      into[at + i] = (L * dL + a * da + b * db) / sd
    })
  }
}
