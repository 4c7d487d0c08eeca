import { axesAt, type Axis } from '../../colour/axes'
import { solveThree } from '../../solveThree'
import type { LabD65 } from '../../units'
import { labAt, newNodeFilm, type NodeFilm } from './coarse'
import { NODE_COUNT } from './nodes'
import type { NodeSheet } from './nodeSheet'

/** A colour to be met, at masstone or at whichever water fits, as lightness, chroma and hue in units of CIEDE2000. */
export interface Sought {
  lab: LabD65
  isMasstone: boolean
  weight: number
}

const STEPS = 6
const SMALL = 0.02
/** A step changes no share by more than this factor (natural logarithm), no load by more octaves. */
const FARTHEST = 1.2
const THINNEST = 5.6

/** Parts of three paints as the film takes them, and their load, so that they come nearest to what is sought. */
export interface Fitted {
  /** Logarithms of the first and second effect against the third, and the octave of the load. */
  at: Float64Array
  /** What is missed there, and how it changes with each of the three. */
  missed: Float64Array
  slopes: readonly Float64Array[]
}

/** Looks for the best shares and load of three paints between the grid's points (Gauss-Newton on twelve bands). */
export class TripleFit {
  readonly #film: NodeFilm = newNodeFilm()
  readonly #rows: (Sought & { axes: readonly Axis[] })[]

  constructor(
    readonly sheet: NodeSheet,
    sought: readonly Sought[],
  ) {
    this.#rows = sought.map((s) => ({ ...s, axes: axesAt(s.lab) }))
  }

  /** @param paints K, S and body of the three; `from` shares and octave where it begins. */
  fit(paints: readonly NodePaint[], from: readonly number[], octave: number): Fitted {
    let at = Float64Array.from([Math.log(from[0]! / from[2]!), Math.log(from[1]! / from[2]!), octave])
    let missed = this.#missedAt(paints, at)
    let slopes = this.#slopesAt(paints, at, missed)
    let damping = 1e-3
    for (let step = 0; step < STEPS; step += 1) {
      const move = moveAlong(slopes, missed, damping)
      const next = at.map((v, i) => v - Math.max(-FARTHEST, Math.min(FARTHEST, move[i]!)))
      next[2] = Math.max(0, Math.min(THINNEST, next[2]!))
      const nextMissed = this.#missedAt(paints, next)
      const [was, is] = [square(missed), square(nextMissed)]
      if (is < was) {
        ;[at, missed] = [next, nextMissed]
        slopes = this.#slopesAt(paints, at, missed)
        damping /= 5
        if (was - is < 1e-4 * (0.01 + was)) break
      } else damping = damping * 20 + 1e-2
    }
    return { at, missed, slopes }
  }

  /** The colours there, one for each that is sought, on twelve bands. */
  seenFrom(paints: readonly NodePaint[], { at }: Fitted): LabD65[] {
    this.#mix(paints, at)
    return this.#rows.map(({ isMasstone }) => labAt(this.#film, isMasstone ? 1 : 2 ** -at[2]!, this.sheet))
  }

  #mix(paints: readonly NodePaint[], [p, q]: ArrayLike<number> & Iterable<number>): void {
    const effects = [Math.exp(p!), Math.exp(q!), 1]
    const total = effects[0]! + effects[1]! + 1
    const laid = paints.reduce((sum, { body }, i) => sum + effects[i]! * body, 0) / total / total
    const { K, S } = this.#film
    K.fill(0)
    S.fill(0)
    paints.forEach((paint, i) => {
      const w = effects[i]! * laid
      for (let n = 0; n < NODE_COUNT; n += 1) {
        K[n]! += w * paint.K[n]!
        S[n]! += w * paint.S[n]!
      }
    })
  }

  #missedAt(paints: readonly NodePaint[], at: Float64Array): Float64Array {
    this.#mix(paints, at)
    const out = new Float64Array(3 * this.#rows.length)
    this.#rows.forEach(({ lab, isMasstone, weight, axes }, r) => {
      const seen = labAt(this.#film, isMasstone ? 1 : 2 ** -at[2]!, this.sheet)
      const [dL, da, db] = [seen.L - lab.L, seen.a - lab.a, seen.b - lab.b]
      axes.forEach(([L, a, b], i) => {
        out[3 * r + i] = weight * (L * dL + a * da + b * db)
      })
    })
    return out
  }

  #slopesAt(paints: readonly NodePaint[], at: Float64Array, missed: Float64Array): Float64Array[] {
    return [0, 1, 2].map((j) => {
      const moved = Float64Array.from(at)
      const step = j === 2 && at[2]! > THINNEST - SMALL ? -SMALL : SMALL
      moved[j]! += step
      return this.#missedAt(paints, moved).map((v, i) => (v - missed[i]!) / step)
    })
  }
}

export interface NodePaint extends NodeFilm {
  body: number
}

/** Of a grid of whole parts the so many that promise most, by how what is missed changes from the best shares on. */
export function promising(
  grid: readonly (readonly number[])[],
  logs: readonly (readonly number[])[],
  does: readonly number[],
  { at, missed, slopes }: Fitted,
  count: number,
): (readonly number[])[] {
  const [u, v, w] = slopes as [Float64Array, Float64Array, Float64Array]
  const thin = square(w) + 1e-9
  // what a change of water makes good is taken out
  const without = (a: Float64Array) => {
    const along = dot(a, w) / thin
    return a.map((x, i) => x - along * w[i]!)
  }
  const [r, p, q] = [without(missed), without(u), without(v)] as [Float64Array, Float64Array, Float64Array]
  const [pp, qq, pq, rp, rq] = [dot(p, p), dot(q, q), dot(p, q), dot(r, p), dot(r, q)]
  const [a0, b0] = [Math.log(does[0]! / does[2]!) - at[0]!, Math.log(does[1]! / does[2]!) - at[1]!]
  const scores = new Float64Array(grid.length)
  for (let g = 0; g < grid.length; g += 1) {
    const x = logs[g]![0]! + a0
    const y = logs[g]![1]! + b0
    scores[g] = pp * x * x + qq * y * y + 2 * (pq * x * y + rp * x + rq * y)
  }
  const limit = Float64Array.from(scores).sort()[Math.min(count, grid.length) - 1]!
  return grid.filter((_, g) => scores[g]! <= limit).slice(0, count + 4)
}
/** Logarithms of the first and second of three parts against the third. */
export const logsOf = (grid: readonly (readonly number[])[]): number[][] =>
  grid.map(([a, b, c]) => [Math.log(a! / c!), Math.log(b! / c!)])

const dot = (a: Float64Array, b: Float64Array) => a.reduce((sum, x, i) => sum + x * b[i]!, 0)
const square = (r: Float64Array) => dot(r, r)

/** The damped normal equations of three slopes. */
function moveAlong(slopes: readonly Float64Array[], missed: Float64Array, damping: number): number[] {
  const rows = slopes.map((s, i) => slopes.map((t, j) => dot(s, t) * (i === j ? 1 + damping : 1)))
  rows.forEach((row, i) => (row[i]! += 1e-6))
  return solveThree(
    rows,
    slopes.map((s) => dot(s, missed)),
  )
}
