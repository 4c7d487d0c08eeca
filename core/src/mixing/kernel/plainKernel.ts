import { BANDS } from '../../colour/bands'
import { MOST_K } from '../mixOptics'
import { NODE_COUNT } from '../recipes/nodes'
import { LANES, LOAD_COUNT, type Layout } from './layout'
import type { KernelCore } from './kernelCore'
import { pairRank } from './ranks'

const r = Math.fround
const OCTAVES = LOAD_COUNT / 2
/** Loads from which the two chains are doubled. */
const STARTS = [r(0.0078125), r(0.005524272)] as const
const FLOOR = r(0.0088564517)
const THIRD = r(0.33333334)

const float = new Float32Array(1)
const bits = new Int32Array(float.buffer)

/** Cube root in single precision: a first guess from the exponent, then Halley's step twice. */
function cbrt(x: number): number {
  float[0] = x
  bits[0] = Math.trunc(r(r(bits[0]!) * THIRD)) + 709958130
  let y = float[0]!
  const twice = r(x + x)
  for (let i = 0; i < 2; i += 1) {
    const cube = r(r(y * y) * y)
    y = r(r(y * r(cube + twice)) / r(r(cube + cube) + x))
  }
  return y
}

/** The depth tanh(g X) / g at one of the starts, as a short fraction; u = g g. */
function begun(u: number, X: number): number {
  const v = r(u * r(X * X))
  return r(r(X * r(15 + v)) / r(15 + r(6 * v)))
}
/** The depth at twice the load. */
const doubled = (u: number, t: number): number => r(r(t + t) / r(1 + r(u * r(t * t))))

/**
 * The mixing kernel in TypeScript, for where WebAssembly cannot run and as the oracle of `core/kernel`:
 * the same steps in the same order, each rounded to single precision, so that both give the same numbers.
 */
export function plainKernel(layout: Omit<Layout, 'memory'>, fill: (memory: ArrayBufferLike) => void): KernelCore {
  const memory = new ArrayBuffer(layout.bytes)
  fill(memory)
  const floats = new Float32Array(memory)
  const ints = new Int32Array(memory)
  const shorts = new Uint16Array(memory)
  const head = (i: number) => ints[layout.head / 4 + i]!
  const headFloat = (i: number) => floats[layout.head / 4 + i]!
  const [paints, perPart, body, weights, ratios, cells] = [0, 1, 2, 3, 4, 5].map((i) => head(i) / 4) as unknown as Six
  const listed = head(6) / 2
  const targets = head(7) / 4
  const words = head(9)
  const [served1, served2, mask, best] = [10, 11, 12, 13].map((i) => head(i) / 4) as unknown as Six
  const choice = head(14) / 2
  const scratch = head(15) / 4
  const grounds = head(16) / 4
  const [surface, step, limit, k2] = [headFloat(17), headFloat(18), headFloat(20), headFloat(21)]
  const across = head(19)
  const [wholes, wholeGround, wholeWeights] = [22, 23, 24].map((i) => head(i) / 4) as unknown as Six
  const labs = scratch + NODE_COUNT * LOAD_COUNT * LANES

  const uOf = (K: number, S: number) => r(K * r(r(K + S) + S))
  /** Reflectance inside a film over a ground by its depth, divided by what the surface holds back: R / (1 - k2 R), as one fraction. */
  function film(K: number, S: number, G: number): (depth: number) => number {
    const sum = r(K + S)
    const p = r(S - r(sum * G))
    const q = r(r(sum - r(S * G)) - r(k2 * p))
    const rest = r(1 - r(k2 * G))
    return (t) => r(r(G + r(p * t)) / r(rest + r(q * t)))
  }

  /** How much of each paint lies in a film of the mixture whose ratio begins at `ratio`. */
  function weigh(i: number, j: number, k: number, ratio: number): readonly [number, number, number] {
    const e1 = r(floats[ratio]! * floats[perPart + i]!)
    const e2 = r(floats[ratio + 4]! * floats[perPart + j]!)
    const e3 = r(floats[ratio + 8]! * floats[perPart + k]!)
    const total = r(r(e1 + e2) + e3)
    const thick = r(r(r(e1 * floats[body + i]!) + r(e2 * floats[body + j]!)) + r(e3 * floats[body + k]!))
    const laid = r(thick / r(total * total))
    return [r(e1 * laid), r(e2 * laid), r(e3 * laid)]
  }

  /** L*, a*, b* of tristimulus values, so many places apart from `into` on. */
  function putLab(X: number, Y: number, Z: number, into: number, apart: number): void {
    const [fx, fy, fz] = [cbrt(Math.max(X, FLOOR)), cbrt(Math.max(Y, FLOOR)), cbrt(Math.max(Z, FLOOR))]
    floats[into] = r(r(116 * fy) - 16)
    floats[into + apart] = r(500 * r(fx - fy))
    floats[into + 2 * apart] = r(200 * r(fy - fz))
  }

  function lane(i: number, j: number, k: number, count: number, group: number, at: number): void {
    const [w1, w2, w3] = weigh(i, j, k, ratios + group * 12 + at)
    const [p1, p2, p3] = [i, j, k].map((p) => paints + p * NODE_COUNT * 2) as unknown as Six
    for (let n = 0; n < NODE_COUNT; n += 1) {
      let K = r(w1 * floats[p1 + n]!)
      let S = r(w1 * floats[p1 + NODE_COUNT + n]!)
      if (count > 1) {
        K = r(K + r(w2 * floats[p2 + n]!))
        S = r(S + r(w2 * floats[p2 + NODE_COUNT + n]!))
      }
      if (count > 2) {
        K = r(K + r(w3 * floats[p3 + n]!))
        S = r(S + r(w3 * floats[p3 + NODE_COUNT + n]!))
      }
      const G = floats[grounds + n]!
      const u = uOf(K, S)
      const seen = film(K, S, G)
      for (let chain = 0; chain < 2; chain += 1) {
        let t = doubled(u, doubled(u, begun(u, STARTS[chain]!)))
        for (let o = 0; o < OCTAVES; o += 1) {
          const load = (OCTAVES - 1 - o) * 2 + chain
          floats[scratch + (n * LOAD_COUNT + load) * LANES + at] = seen(t)
          if (o < OCTAVES - 1) t = doubled(u, t)
        }
      }
    }
    for (let l = 0; l < LOAD_COUNT; l += 1) toLab(l, at)
  }

  function toLab(l: number, at: number): void {
    let [X, Y, Z] = [surface, surface, surface]
    for (let n = 0; n < NODE_COUNT; n += 1) {
      const R = floats[scratch + (n * LOAD_COUNT + l) * LANES + at]!
      X = r(X + r(R * floats[weights + n * 3]!))
      Y = r(Y + r(R * floats[weights + n * 3 + 1]!))
      Z = r(Z + r(R * floats[weights + n * 3 + 2]!))
    }
    putLab(X, Y, Z, labs + l * 3 * LANES + at, LANES)
  }

  function mix(i: number, j: number, k: number, count: number, group: number): void {
    for (let at = 0; at < LANES; at += 1) lane(i, j, k, count, group, at)
  }

  function squaredFrom(t: number, L: number, a: number, b: number): number {
    const q = targets + t * 9
    const [dL, da, db] = [r(L - floats[q]!), r(a - floats[q + 1]!), r(b - floats[q + 2]!)]
    const term = (form: number, x: number, y: number) => r(r(floats[q + form]! * x) * y)
    let sum = r(term(3, dL, dL) + term(4, da, da))
    sum = r(sum + term(5, db, db))
    sum = r(sum + term(6, da, db))
    sum = r(sum + term(7, dL, da))
    return r(sum + term(8, dL, db))
  }

  function maskOut(i: number, j: number, k: number, count: number): void {
    for (let w = 0; w < words; w += 1) {
      const one = (p: number) => ints[served1 + p * words + w]!
      const two = (p: number, q: number) => ints[served2 + pairRank(p, q) * words + w]!
      ints[mask + w] = count === 2 ? one(i) | one(j) : count === 3 ? two(i, j) | two(i, k) | two(j, k) : 0
    }
  }

  function serve(i: number, j: number, k: number, count: number, first: number, groups: number, into: number): number {
    maskOut(i, j, k, count)
    let found = 0
    for (let g = 0; g < groups; g += 1) {
      mix(i, j, k, count, first + g)
      for (let l = 0; l < LOAD_COUNT; l += 1) {
        for (let at = 0; at < LANES; at += 1) {
          const from = labs + l * 3 * LANES + at
          const [L, a, b] = [floats[from]!, floats[from + LANES]!, floats[from + 2 * LANES]!]
          const [x, y, z] = [
            Math.trunc(r(r(a + 128) * step)),
            Math.trunc(r(r(b + 128) * step)),
            Math.trunc(r(L * step)),
          ]
          if (x < 0 || y < 0 || z < 0 || x >= across || y >= across || z >= across) continue
          const cell = cells + (z * across + y) * across + x
          for (let c = ints[cell]!; c < ints[cell + 1]!; c += 1) {
            const t = shorts[listed + c]!
            if ((ints[mask + (t >> 5)]! >> (t & 31)) & 1) continue
            const squared = squaredFrom(t, L, a, b)
            const known = floats[best + t]!
            if (squared >= known) continue
            if (known === limit) {
              shorts[into / 2 + found] = t
              found += 1
            }
            floats[best + t] = squared
            shorts[choice + t] = ((first + g) * LANES + at) * LOAD_COUNT + l
          }
        }
      }
    }
    return found
  }

  function exact(i: number, j: number, k: number, count: number, from: number, found: number, into: number): void {
    const members = [i, j, k].slice(0, count)
    for (let c = 0; c < found; c += 1) {
      const mixture = shorts[choice + shorts[from / 2 + c]!]!
      const l = mixture % LOAD_COUNT
      const lane = Math.trunc(mixture / LOAD_COUNT)
      const w = weigh(i, j, k, ratios + (lane >> 2) * 12 + (lane & 3))
      const sums = new Float32Array(12)
      for (let b = 0; b < BANDS; b += 1) {
        let [K, S] = [0, 0]
        members.forEach((p, m) => {
          const at = wholes + p * BANDS * 2 + b
          const [kp, sp] = [r(w[m]! * floats[at]!), r(w[m]! * floats[at + BANDS]!)]
          K = m ? r(K + kp) : kp
          S = m ? r(S + sp) : sp
        })
        K = Math.min(K, MOST_K)
        const u = uOf(K, S)
        let t = begun(u, STARTS[l & 1]!)
        for (let d = 0; d <= OCTAVES - (l >> 1); d += 1) t = doubled(u, t)
        const R = film(K, S, floats[wholeGround + b]!)(t)
        for (let axis = 0; axis < 3; axis += 1)
          sums[axis * 4 + (b & 3)] = sums[axis * 4 + (b & 3)]! + r(R * floats[wholeWeights + axis * BANDS + b]!)
      }
      const acrossLanes = (at: number) => r(r(sums[at]! + sums[at + 2]!) + r(sums[at + 1]! + sums[at + 3]!))
      putLab(r(surface + acrossLanes(0)), r(surface + acrossLanes(4)), r(surface + acrossLanes(8)), into / 4 + c * 3, 1)
    }
  }

  function forget(from: number, count: number): void {
    for (let c = 0; c < count; c += 1) floats[best + shorts[from / 2 + c]!] = limit
  }

  function serveRow(
    j: number,
    k: number,
    first: number,
    groups: number,
    counts: number,
    into: number,
    met: number,
  ): number {
    let all = 0
    for (let i = 0; i < j; i += 1) {
      const here = into + all * 2
      const found = serve(i, j, k, 3, first, groups, here)
      exact(i, j, k, 3, here, found, met + all * 12)
      forget(here, found)
      shorts[counts / 2 + i] = found
      all += found
    }
    return all
  }

  function nearRow(
    j: number,
    k: number,
    first: number,
    groups: number,
    target: number,
    octaves: number,
    into: number,
  ): void {
    for (let i = 0; i < j; i += 1) {
      let least = r(1e9)
      for (let g = 0; g < groups; g += 1) {
        mix(i, j, k, 3, first + g)
        for (let l = 0; l < 2 * octaves; l += 2)
          for (let at = 0; at < LANES; at += 1) {
            const from = labs + l * 3 * LANES + at
            least = Math.min(
              least,
              squaredFrom(target, floats[from]!, floats[from + LANES]!, floats[from + 2 * LANES]!),
            )
          }
      }
      floats[into / 4 + i] = least
    }
  }

  return { memory, mix, serve, exact, forget, serveRow, nearRow }
}

type Six = readonly [number, number, number, number, number, number]
