import { ciede2000, localMetric } from '../../colour/ciede2000'
import { filmOver } from '../../film/kubelkaMunk'
import { WHITE_SHEET } from '../../film/sheet'
import { labD65, type LabD65 } from '../../units'
import { groundAtNodes, type NodeSheet } from './nodeSheet'
import { NODE_COUNT, NODE_WEIGHTS } from './nodes'

const { x: WX, y: WY, z: WZ } = NODE_WEIGHTS
const WHITE = groundAtNodes(WHITE_SHEET)

/** Where a mixture is compared with the target, and how far apart they are. */
export interface CoarseTarget {
  L: number
  a: number
  b: number
  metric: Float64Array
  sheet: NodeSheet
}
export const coarseTarget = ({ L, a, b }: LabD65, sheet: NodeSheet = WHITE): CoarseTarget => ({
  L,
  a,
  b,
  metric: localMetric(L, a, b),
  sheet,
})

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
  const { surface, through } = target.sheet
  const fy = f(surface + through * Y)
  const dL = 116 * fy - 16 - target.L
  const da = 500 * (f(surface + through * X) - fy) - target.a
  const db = 200 * (fy - f(surface + through * Z)) - target.b
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

function exactFrom({ L, a, b, sheet }: CoarseTarget, X: number, Y: number, Z: number): number {
  const { surface, through } = sheet
  const fy = f(surface + through * Y)
  const [fx, fz] = [f(surface + through * X), f(surface + through * Z)]
  return ciede2000(L, a, b, 116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)) ** 2
}

/** Loads at which a mixture is looked at: masstone, and five times half as much; between them it is guessed. */
export const OCTAVES = 6
/** X, Y and Z of a mixture at each of the loads, inside the film. */
export const newColours = () => new Float64Array(3 * OCTAVES)

/**
 * The colours of a film at the loads 1, 1/2 ... 1/32. The depth tanh(gX)/g is kept as a fraction n/d: by the continued
 * fraction of tanh at the thinnest (Abramowitz and Stegun 1964, 4.5.70; right to 0.1 % for gX up to 3), then doubled
 * without dividing: t(2X) = 2t / (1 + g^2 t^2), so n' = 2nd, d' = d^2 + g^2 n^2.
 */
export function atOctaves({ K, S }: NodeFilm, { ground, k2 }: NodeSheet, into: Float64Array): void {
  let X1 = 0,
    Y1 = 0,
    Z1 = 0,
    X2 = 0,
    Y2 = 0,
    Z2 = 0,
    X3 = 0,
    Y3 = 0,
    Z3 = 0,
    X4 = 0,
    Y4 = 0,
    Z4 = 0,
    X5 = 0,
    Y5 = 0,
    Z5 = 0,
    X6 = 0,
    Y6 = 0,
    Z6 = 0
  let m = 0
  for (let i = 0; i < NODE_COUNT; i += 1) {
    const k = K[i]!
    const s = S[i]!
    const u = k * (k + 2 * s)
    const G = ground[i]!
    const p = s - (k + s) * G
    // what the surface holds back inside: R / (1 - k2 R), as one fraction
    const q = k + s - s * G - k2 * p
    const rest = 1 - k2 * G
    const x = WX[i]!
    const y = WY[i]!
    const z = WZ[i]!
    const v = u * 0.0009765625
    let n = 0.03125 * (1 + v * (0.1111111111111111 + v * 0.0010582010582010583))
    let d = 1 + v * (0.4444444444444444 + v * 0.015873015873015872)
    const R6 = (G * d + p * n) / (rest * d + q * n)
    m = 2 * n * d
    d = d * d + u * n * n
    n = m
    const R5 = (G * d + p * n) / (rest * d + q * n)
    m = 2 * n * d
    d = d * d + u * n * n
    n = m
    const R4 = (G * d + p * n) / (rest * d + q * n)
    m = 2 * n * d
    d = d * d + u * n * n
    n = m
    const R3 = (G * d + p * n) / (rest * d + q * n)
    m = 2 * n * d
    d = d * d + u * n * n
    n = m
    const R2 = (G * d + p * n) / (rest * d + q * n)
    m = 2 * n * d
    d = d * d + u * n * n
    n = m
    const R1 = (G * d + p * n) / (rest * d + q * n)
    X1 += x * R1
    Y1 += y * R1
    Z1 += z * R1
    X2 += x * R2
    Y2 += y * R2
    Z2 += z * R2
    X3 += x * R3
    Y3 += y * R3
    Z3 += z * R3
    X4 += x * R4
    Y4 += y * R4
    Z4 += z * R4
    X5 += x * R5
    Y5 += y * R5
    Z5 += z * R5
    X6 += x * R6
    Y6 += y * R6
    Z6 += z * R6
  }
  into[0] = X1
  into[1] = Y1
  into[2] = Z1
  into[3] = X2
  into[4] = Y2
  into[5] = Z2
  into[6] = X3
  into[7] = Y3
  into[8] = Z3
  into[9] = X4
  into[10] = Y4
  into[11] = Z4
  into[12] = X5
  into[13] = Y5
  into[14] = Z5
  into[15] = X6
  into[16] = Y6
  into[17] = Z6
}

/** Squared difference of the colour at one octave from a target; beyond `limit` it need not be exact. */
export function squaredAt(colours: Float64Array, octave: number, target: CoarseTarget, limit: number): number {
  const [X, Y, Z] = [colours[3 * octave]!, colours[3 * octave + 1]!, colours[3 * octave + 2]!]
  const squared = squaredFrom(target, X, Y, Z)
  return isDoubtful(squared, limit) ? exactFrom(target, X, Y, Z) : squared
}

/** Where a row of squared differences is least, between its places too: by the parabola through the least and its neighbours. */
export function leastBetween(row: Float64Array): { at: number; squared: number } {
  let best = 0
  for (let i = 1; i < OCTAVES; i += 1) if (row[i]! < row[best]!) best = i
  const here = row[best]!
  if (best === 0 || best === OCTAVES - 1) return { at: best, squared: here }
  const [before, after] = [row[best - 1]!, row[best + 1]!]
  const bend = before - 2 * here + after
  if (!(bend > 1e-9) || !Number.isFinite(bend)) return { at: best, squared: here }
  const step = (before - after) / (2 * bend)
  return { at: best + step, squared: Math.max(0, here - (bend * step * step) / 2) }
}

/** The colour of a film at one load, on twelve bands. */
export function labAt({ K, S }: NodeFilm, load: number, { ground, surface, through, k2 }: NodeSheet): LabD65 {
  let [X, Y, Z] = [0, 0, 0]
  for (let i = 0; i < NODE_COUNT; i += 1) {
    const inner = filmOver(K[i]!, S[i]!, load, ground[i]!)
    const R = inner / (1 - k2 * inner)
    X += WX[i]! * R
    Y += WY[i]! * R
    Z += WZ[i]! * R
  }
  const fy = f(surface + through * Y)
  return labD65(116 * fy - 16, 500 * (f(surface + through * X) - fy), 200 * (fy - f(surface + through * Z)))
}
