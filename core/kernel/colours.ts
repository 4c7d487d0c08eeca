// The colours of four mixtures side by side, with twelve bands.
import {
  BANDS,
  CHAIN_0,
  CHAIN_1,
  FLOOR,
  OCTAVES,
  LOADS,
  PAINT,
  paints,
  perPart,
  body,
  weights,
  grounds,
  inner,
  surface,
  ratios,
  scratch,
} from './memory'

/** Cube root of values from 0.008 to 1.3: a first guess from the exponent, then Halley's step twice. */
export function cbrt(x: v128): v128 {
  let y = i32x4.add(
    i32x4.trunc_sat_f32x4_s(f32x4.mul(f32x4.convert_i32x4_s(x), f32x4.splat(0.33333334))),
    i32x4.splat(709958130),
  )
  const twice = f32x4.add(x, x)
  for (let i = 0; i < 2; i++) {
    const cube = f32x4.mul(f32x4.mul(y, y), y)
    y = f32x4.div(f32x4.mul(y, f32x4.add(cube, twice)), f32x4.add(f32x4.add(cube, cube), x))
  }
  return y
}

/** The depth tanh(g X) / g at a small load, as a short fraction; u = g g. */
export function begun(u: v128, X: f32): v128 {
  const v = f32x4.mul(u, f32x4.splat(X * X))
  return f32x4.div(
    f32x4.mul(f32x4.splat(X), f32x4.add(f32x4.splat(15), v)),
    f32x4.add(f32x4.splat(15), f32x4.mul(f32x4.splat(6), v)),
  )
}
/** The depth at twice the load. */
export function doubled(u: v128, t: v128): v128 {
  return f32x4.div(f32x4.add(t, t), f32x4.add(f32x4.splat(1), f32x4.mul(u, f32x4.mul(t, t))))
}
/** Reflectance inside a film of depth t over a ground, divided by what the surface holds back. */
export function seen(t: v128, G: v128, p: v128, q: v128, rest: v128): v128 {
  return f32x4.div(f32x4.add(G, f32x4.mul(p, t)), f32x4.add(rest, f32x4.mul(q, t)))
}

/** All loads of one band: both chains side by side, since each step waits for the one before. */
function bothChains(u: v128, G: v128, p: v128, q: v128, rest: v128, out: usize): void {
  let t = doubled(u, doubled(u, begun(u, CHAIN_0)))
  let s = doubled(u, doubled(u, begun(u, CHAIN_1)))
  for (let o = 0; o < OCTAVES; o++) {
    const at = out + (((OCTAVES - 1 - o) * 2) << 4)
    v128.store(at, seen(t, G, p, q, rest))
    v128.store(at, seen(s, G, p, q, rest), 16)
    t = doubled(u, t)
    s = doubled(u, s)
  }
}

/** The loads of one band by steps of two, so many octaves from masstone on. */
function oneChain(u: v128, G: v128, p: v128, q: v128, rest: v128, out: usize, octaves: i32): void {
  let t = doubled(u, doubled(u, begun(u, CHAIN_0)))
  for (let o = 0; o < OCTAVES; o++) {
    if (o >= OCTAVES - octaves) v128.store(out + (((OCTAVES - 1 - o) * 2) << 4), seen(t, G, p, q, rest))
    t = doubled(u, t)
  }
}

/**
 * The colours of four mixtures in the scratch memory: loads by steps of the square root of two, or only of two, from
 * masstone on, so many octaves; L*, a*, b* at each, four lanes each.
 */
export function colours(i: i32, j: i32, k: i32, count: i32, group: i32, chains: i32, octaves: i32): void {
  const r = ratios + group * 48
  const e1 = f32x4.mul(v128.load(r), f32x4.splat(load<f32>(perPart + (i << 2))))
  const e2 = f32x4.mul(v128.load(r, 16), f32x4.splat(load<f32>(perPart + (j << 2))))
  const e3 = f32x4.mul(v128.load(r, 32), f32x4.splat(load<f32>(perPart + (k << 2))))
  const total = f32x4.add(f32x4.add(e1, e2), e3)
  const thick = f32x4.add(
    f32x4.add(
      f32x4.mul(e1, f32x4.splat(load<f32>(body + (i << 2)))),
      f32x4.mul(e2, f32x4.splat(load<f32>(body + (j << 2)))),
    ),
    f32x4.mul(e3, f32x4.splat(load<f32>(body + (k << 2)))),
  )
  const laid = f32x4.div(thick, f32x4.mul(total, total))
  const w1 = f32x4.mul(e1, laid)
  const w2 = f32x4.mul(e2, laid)
  const w3 = f32x4.mul(e3, laid)
  const one = f32x4.splat(1)
  const k2 = f32x4.splat(inner)
  const p1 = paints + i * PAINT
  const p2 = paints + j * PAINT
  const p3 = paints + k * PAINT
  for (let n = 0; n < BANDS; n++) {
    const at = n << 2
    let K = f32x4.mul(w1, v128.load32_splat(p1 + at))
    let S = f32x4.mul(w1, v128.load32_splat(p1 + at, 48))
    if (count > 1) {
      K = f32x4.add(K, f32x4.mul(w2, v128.load32_splat(p2 + at)))
      S = f32x4.add(S, f32x4.mul(w2, v128.load32_splat(p2 + at, 48)))
    }
    if (count > 2) {
      K = f32x4.add(K, f32x4.mul(w3, v128.load32_splat(p3 + at)))
      S = f32x4.add(S, f32x4.mul(w3, v128.load32_splat(p3 + at, 48)))
    }
    const G = v128.load32_splat(grounds + at)
    const sum = f32x4.add(K, S)
    const u = f32x4.mul(K, f32x4.add(sum, S))
    const p = f32x4.sub(S, f32x4.mul(sum, G))
    // what the surface holds back inside: R / (1 - k2 R), as one fraction
    const q = f32x4.sub(f32x4.sub(sum, f32x4.mul(S, G)), f32x4.mul(k2, p))
    const rest = f32x4.sub(one, f32x4.mul(k2, G))
    const out = scratch + n * (LOADS << 4)
    if (chains == 2) bothChains(u, G, p, q, rest, out)
    else oneChain(u, G, p, q, rest, out, octaves)
  }
  const base = f32x4.splat(surface)
  const labs = scratch + BANDS * (LOADS << 4)
  if (chains == 1) {
    for (let l = 0; l < 2 * octaves; l += 2) {
      let X = base
      let Y = base
      let Z = base
      for (let n = 0; n < BANDS; n++) {
        const R = v128.load(scratch + ((n * LOADS + l) << 4))
        const w = weights + n * 12
        X = f32x4.add(X, f32x4.mul(R, v128.load32_splat(w)))
        Y = f32x4.add(Y, f32x4.mul(R, v128.load32_splat(w, 4)))
        Z = f32x4.add(Z, f32x4.mul(R, v128.load32_splat(w, 8)))
      }
      toLab(X, Y, Z, labs + l * 48)
    }
    return
  }
  // three loads share the weights that lie in registers
  for (let l = 0; l < LOADS; l += 3) {
    let X = base
    let Y = base
    let Z = base
    let X1 = base
    let Y1 = base
    let Z1 = base
    let X2 = base
    let Y2 = base
    let Z2 = base
    for (let n = 0; n < BANDS; n++) {
      const at = scratch + ((n * LOADS + l) << 4)
      const w = weights + n * 12
      const x = v128.load32_splat(w)
      const y = v128.load32_splat(w, 4)
      const z = v128.load32_splat(w, 8)
      const R = v128.load(at)
      const R1 = v128.load(at, 16)
      const R2 = v128.load(at, 32)
      X = f32x4.add(X, f32x4.mul(R, x))
      Y = f32x4.add(Y, f32x4.mul(R, y))
      Z = f32x4.add(Z, f32x4.mul(R, z))
      X1 = f32x4.add(X1, f32x4.mul(R1, x))
      Y1 = f32x4.add(Y1, f32x4.mul(R1, y))
      Z1 = f32x4.add(Z1, f32x4.mul(R1, z))
      X2 = f32x4.add(X2, f32x4.mul(R2, x))
      Y2 = f32x4.add(Y2, f32x4.mul(R2, y))
      Z2 = f32x4.add(Z2, f32x4.mul(R2, z))
    }
    toLab(X, Y, Z, labs + l * 48)
    toLab(X1, Y1, Z1, labs + l * 48 + 48)
    toLab(X2, Y2, Z2, labs + l * 48 + 96)
  }
}

function toLab(X: v128, Y: v128, Z: v128, into: usize): void {
  const floor = f32x4.splat(FLOOR)
  const fx = cbrt(f32x4.max(X, floor))
  const fy = cbrt(f32x4.max(Y, floor))
  const fz = cbrt(f32x4.max(Z, floor))
  v128.store(into, f32x4.sub(f32x4.mul(f32x4.splat(116), fy), f32x4.splat(16)))
  v128.store(into, f32x4.mul(f32x4.splat(500), f32x4.sub(fx, fy)), 16)
  v128.store(into, f32x4.mul(f32x4.splat(200), f32x4.sub(fy, fz)), 32)
}

/** For tests and charts: the colours of four ratios of a set lie in the scratch memory afterwards. */
export function mix(i: i32, j: i32, k: i32, count: i32, group: i32): usize {
  colours(i, j, k, count, group, 2, OCTAVES)
  return scratch + BANDS * (LOADS << 4)
}
