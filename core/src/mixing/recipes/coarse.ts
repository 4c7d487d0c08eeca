import { FIRST_NM, STEP_NM } from '../../colour/bands'
import { X_WEIGHTS, Y_WEIGHTS, Z_WEIGHTS } from '../../colour/observer.generated'
import { WHITE_D65 } from '../../colour/tristimulus'
import { ciede2000, localMetric } from '../../colour/ciede2000'
import type { LabD65 } from '../../units'
import { filmOver, PAPER, SURFACE } from '../../film/kubelkaMunk'
import type { Optics } from '../../film/optics'

/** Twelve of the 36 bands, for ranking many mixtures; whatever is shown is worked out with all 36. */
export const NODES = [400, 430, 450, 470, 500, 530, 555, 580, 600, 620, 645, 690].map((nm) =>
  Math.round((nm - FIRST_NM) / STEP_NM),
)
export const NODE_COUNT = NODES.length

/** Weights of the nodes: each band's weight shared between the nodes around it, by a cubic through the four nearest. */
function nodeWeights(weights: readonly number[], white: number): Float64Array {
  const own = new Float64Array(NODE_COUNT)
  weights.forEach((w, band) => {
    for (const [node, share] of shares(band)) own[node]! += w * share
  })
  return own.map((w) => w / white)
}

function shares(band: number): [number, number][] {
  if (band <= NODES[0]!) return [[0, 1]]
  if (band >= NODES.at(-1)!) return [[NODE_COUNT - 1, 1]]
  const right = NODES.findIndex((n) => n >= band)
  const first = Math.max(0, Math.min(NODE_COUNT - 4, right - 2))
  const around = [0, 1, 2, 3].map((k) => first + k)
  return around.map((i) => [
    i,
    around.reduce((p, j) => (j === i ? p : (p * (band - NODES[j]!)) / (NODES[i]! - NODES[j]!)), 1),
  ])
}

const WX = nodeWeights(X_WEIGHTS, WHITE_D65.X)
const WY = nodeWeights(Y_WEIGHTS, WHITE_D65.Y)
const WZ = nodeWeights(Z_WEIGHTS, WHITE_D65.Z)
/** What each node counts for in X, Y, Z, each adding up to 1. */
export const NODE_WEIGHTS = { x: WX, y: WY, z: WZ }
/** The flat surface term and the paper, folded in: measured = SURFACE + INSIDE * R. */
export const INSIDE = 1 - SURFACE
const GROUND = (PAPER - SURFACE) / INSIDE

/** A paint at the nodes, per thickness of a watercolour: what has body is laid thicker again once it is mixed. */
export const atNodes = ({ K, S, body = 1 }: Pick<Optics, 'K' | 'S' | 'body'>) => ({
  K: Float64Array.from(NODES, (n) => K[n]! / body),
  S: Float64Array.from(NODES, (n) => S[n]! / body),
})

/** Where a mixture is compared with the target, and how far apart they are. */
export interface CoarseTarget {
  L: number
  a: number
  b: number
  metric: Float64Array
}
export const coarseTarget = ({ L, a, b }: LabD65): CoarseTarget => ({ L, a, b, metric: localMetric(L, a, b) })

const EPSILON = 216 / 24389
const KAPPA = 24389 / 27
const exactly = (t: number) => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116)
/** CIELAB's cube root from a table over 0..1.25, right to 0.001 in L* above the surface's reflectance. */
const TABLE_STEPS = 2500
const TABLE = Float64Array.from({ length: TABLE_STEPS + 2 }, (_, i) => exactly((i * 1.25) / TABLE_STEPS))
function f(t: number): number {
  const at = t * (TABLE_STEPS / 1.25)
  const i = at | 0
  return TABLE[i]! + (at - i) * (TABLE[i + 1]! - TABLE[i]!)
}

/** A mixture at the nodes. */
export interface NodeFilm {
  K: Float64Array
  S: Float64Array
}
export const newNodeFilm = (): NodeFilm => ({ K: new Float64Array(NODE_COUNT), S: new Float64Array(NODE_COUNT) })

/** Squared difference of a colour, given as XYZ inside the film, from the target; near it as CIEDE2000 squared. */
function squaredFrom(target: CoarseTarget, X: number, Y: number, Z: number): number {
  const fy = f(SURFACE + INSIDE * Y)
  const dL = 116 * fy - 16 - target.L
  const da = 500 * (f(SURFACE + INSIDE * X) - fy) - target.a
  const db = 200 * (fy - f(SURFACE + INSIDE * Z)) - target.b
  const q = target.metric
  return q[0]! * dL * dL + q[1]! * da * da + q[2]! * db * db + q[3]! * da * db + q[4]! * dL * da + q[5]! * dL * db
}

/**
 * Near the target the quadratic form is CIEDE2000 squared; farther off it may be this many times too great (tried
 * over the reference). Whatever could still be of use is worked out by the formula itself.
 */
const OVERSTATES = 4
const QUITE_NEAR = 4
const isDoubtful = (squared: number, limit: number) => squared > QUITE_NEAR && squared < OVERSTATES * limit

function exactFrom({ L, a, b }: CoarseTarget, X: number, Y: number, Z: number): number {
  const fy = f(SURFACE + INSIDE * Y)
  const [fx, fz] = [f(SURFACE + INSIDE * X), f(SURFACE + INSIDE * Z)]
  return ciede2000(L, a, b, 116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)) ** 2
}

/**
 * Squared differences at the loads 1, 1/2, 1/4, 1/8. The depth tanh(gX)/g is kept as a fraction n/d:
 * by the continued fraction of tanh at an eighth (Abramowitz and Stegun 1964, 4.5.70; right to 0.1 %
 * for gX up to 3), then doubled without dividing: t(2X) = 2t / (1 + g^2 t^2), so n' = 2nd, d' = d^2 + g^2 n^2.
 */
export function atFourLoads({ K, S }: NodeFilm, target: CoarseTarget, into: Float64Array, limit = Infinity): void {
  let X1 = 0,
    Y1 = 0,
    Z1 = 0,
    X2 = 0,
    Y2 = 0,
    Z2 = 0,
    X4 = 0,
    Y4 = 0,
    Z4 = 0,
    X8 = 0,
    Y8 = 0,
    Z8 = 0
  for (let i = 0; i < NODE_COUNT; i += 1) {
    const k = K[i]!
    const s = S[i]!
    const u = k * (k + 2 * s)
    const p = s - (k + s) * GROUND
    const q = k + s - s * GROUND
    const x = WX[i]!
    const y = WY[i]!
    const z = WZ[i]!
    const v = u * 0.015625
    let n = 0.125 * (1 + v * (0.1111111111111111 + v * 0.0010582010582010583))
    let d = 1 + v * (0.4444444444444444 + v * 0.015873015873015872)
    const R1 = (GROUND * d + p * n) / (d + q * n)
    let m = 2 * n * d
    d = d * d + u * n * n
    n = m
    const R2 = (GROUND * d + p * n) / (d + q * n)
    m = 2 * n * d
    d = d * d + u * n * n
    n = m
    const R4 = (GROUND * d + p * n) / (d + q * n)
    m = 2 * n * d
    d = d * d + u * n * n
    const R8 = (GROUND * d + p * m) / (d + q * m)
    X1 += x * R1
    Y1 += y * R1
    Z1 += z * R1
    X2 += x * R2
    Y2 += y * R2
    Z2 += z * R2
    X4 += x * R4
    Y4 += y * R4
    Z4 += z * R4
    X8 += x * R8
    Y8 += y * R8
    Z8 += z * R8
  }
  into[3] = squaredFrom(target, X1, Y1, Z1)
  into[2] = squaredFrom(target, X2, Y2, Z2)
  into[1] = squaredFrom(target, X4, Y4, Z4)
  into[0] = squaredFrom(target, X8, Y8, Z8)
  if (isDoubtful(into[3], limit)) into[3] = exactFrom(target, X1, Y1, Z1)
  if (isDoubtful(into[2], limit)) into[2] = exactFrom(target, X2, Y2, Z2)
  if (isDoubtful(into[1], limit)) into[1] = exactFrom(target, X4, Y4, Z4)
  if (isDoubtful(into[0], limit)) into[0] = exactFrom(target, X8, Y8, Z8)
}

/** Squared difference at one load, exact in its depth. */
export function atLoad({ K, S }: NodeFilm, load: number, target: CoarseTarget, limit = Infinity): number {
  let X = 0,
    Y = 0,
    Z = 0
  for (let i = 0; i < NODE_COUNT; i += 1) {
    const R = filmOver(K[i]!, S[i]!, load, GROUND)
    X += WX[i]! * R
    Y += WY[i]! * R
    Z += WZ[i]! * R
  }
  const squared = squaredFrom(target, X, Y, Z)
  return isDoubtful(squared, limit) ? exactFrom(target, X, Y, Z) : squared
}
