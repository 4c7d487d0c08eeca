/**
 * The mixing kernel, in AssemblyScript: four mixtures side by side in the lanes of a vector, twelve bands, twelve loads.
 * Its twin in TypeScript is `core/src/mixing/kernel/plainKernel.ts`: the same steps in the same order, in single
 * precision, so that both give the same numbers. `npm run tables` compiles it into `kernel.generated.ts`.
 *
 * All memory is laid out by the host, see `layout.ts`; addresses are handed over once, by `prepare`.
 */

const BANDS: i32 = 12
const OCTAVES: i32 = 6
const LOADS: i32 = 12
/** Bytes of one paint: K, then S. */
const PAINT: i32 = 96

let paints: usize = 0
let perPart: usize = 0
let body: usize = 0
let weights: usize = 0
let grounds: usize = 0
let inner: f32 = 0
let surface: f32 = 0
let ratios: usize = 0
let cells: usize = 0
let listed: usize = 0
let targets: usize = 0
let words: i32 = 0
let served1: usize = 0
let served2: usize = 0
let mask: usize = 0
let best: usize = 0
let choice: usize = 0
let scratch: usize = 0
let step: f32 = 0
let across: i32 = 0
let limit: f32 = 0

/** Where everything lies: see `layout.ts`, which writes the same order. */
export function prepare(at: usize): void {
  paints = load<u32>(at)
  perPart = load<u32>(at, 4)
  body = load<u32>(at, 8)
  weights = load<u32>(at, 12)
  ratios = load<u32>(at, 16)
  cells = load<u32>(at, 20)
  listed = load<u32>(at, 24)
  targets = load<u32>(at, 28)

  words = load<i32>(at, 36)
  served1 = load<u32>(at, 40)
  served2 = load<u32>(at, 44)
  mask = load<u32>(at, 48)
  best = load<u32>(at, 52)
  choice = load<u32>(at, 56)
  scratch = load<u32>(at, 60)
  grounds = load<u32>(at, 64)
  surface = load<f32>(at, 68)
  step = load<f32>(at, 72)
  across = load<i32>(at, 76)
  limit = load<f32>(at, 80)
  inner = load<f32>(at, 84)
}

/** Cube root of values from 0.008 to 1.3: a first guess from the exponent, then Halley's step twice. */
function cbrt(x: v128): v128 {
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

/**
 * The colours of four mixtures in the scratch memory: loads by steps of the square root of two, or only of two, from
 * masstone on, so many octaves; L*, a*, b* at each, four lanes each.
 */
function colours(i: i32, j: i32, k: i32, count: i32, group: i32, chains: i32, octaves: i32): void {
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
    for (let chain = 0; chain < chains; chain++) {
      const X: f32 = chain == 0 ? 0.0078125 : 0.005524272
      const v = f32x4.mul(u, f32x4.splat(X * X))
      let t = f32x4.div(
        f32x4.mul(f32x4.splat(X), f32x4.add(f32x4.splat(15), v)),
        f32x4.add(f32x4.splat(15), f32x4.mul(f32x4.splat(6), v)),
      )
      t = f32x4.div(f32x4.add(t, t), f32x4.add(one, f32x4.mul(u, f32x4.mul(t, t))))
      t = f32x4.div(f32x4.add(t, t), f32x4.add(one, f32x4.mul(u, f32x4.mul(t, t))))
      for (let o = 0; o < OCTAVES; o++) {
        if (o >= OCTAVES - octaves)
          v128.store(
            out + (((OCTAVES - 1 - o) * 2 + chain) << 4),
            f32x4.div(f32x4.add(G, f32x4.mul(p, t)), f32x4.add(rest, f32x4.mul(q, t))),
          )
        if (o < OCTAVES - 1) t = f32x4.div(f32x4.add(t, t), f32x4.add(one, f32x4.mul(u, f32x4.mul(t, t))))
      }
    }
  }
  const base = f32x4.splat(surface)
  const floor = f32x4.splat(0.0088564517)
  const labs = scratch + BANDS * (LOADS << 4)
  for (let l = 0; l < 2 * octaves; l += 3 - chains) {
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
    const fx = cbrt(f32x4.max(X, floor))
    const fy = cbrt(f32x4.max(Y, floor))
    const fz = cbrt(f32x4.max(Z, floor))
    const into = labs + l * 48
    v128.store(into, f32x4.sub(f32x4.mul(f32x4.splat(116), fy), f32x4.splat(16)))
    v128.store(into, f32x4.mul(f32x4.splat(500), f32x4.sub(fx, fy)), 16)
    v128.store(into, f32x4.mul(f32x4.splat(200), f32x4.sub(fy, fz)), 32)
  }
}

/** For tests and charts: the colours of four ratios of a set lie in the scratch memory afterwards. */
export function mix(i: i32, j: i32, k: i32, count: i32, group: i32): usize {
  colours(i, j, k, count, group, 2, OCTAVES)
  return scratch + BANDS * (LOADS << 4)
}

/**
 * Which targets a set serves that none of its own parts serves already. Their numbers go to `into`; how near and
 * by which mixture stay in `best` and `choice`. Returns how many.
 */
export function serve(i: i32, j: i32, k: i32, count: i32, first: i32, groups: i32, into: usize): i32 {
  for (let w = 0; w < words; w++) {
    const at = w << 2
    let bits: u32 = 0
    if (count == 2) bits = load<u32>(served1 + ((i * words) << 2) + at) | load<u32>(served1 + ((j * words) << 2) + at)
    // a pair's bits hold those of its paints
    if (count == 3)
      bits =
        load<u32>(served2 + ((pairOf(i, j) * words) << 2) + at) |
        load<u32>(served2 + ((pairOf(i, k) * words) << 2) + at) |
        load<u32>(served2 + ((pairOf(j, k) * words) << 2) + at)
    store<u32>(mask + at, bits)
  }
  let count_: i32 = 0
  const labs = scratch + BANDS * (LOADS << 4)
  for (let g = 0; g < groups; g++) {
    colours(i, j, k, count, first + g, 2, OCTAVES)
    for (let l = 0; l < LOADS; l++) {
      for (let lane = 0; lane < 4; lane++) {
        const at = labs + l * 48 + (lane << 2)
        const L = load<f32>(at)
        const a = load<f32>(at, 16)
        const b = load<f32>(at, 32)
        const x = <i32>((a + 128) * step)
        const y = <i32>((b + 128) * step)
        const z = <i32>(L * step)
        if (<u32>x >= <u32>across || <u32>y >= <u32>across || <u32>z >= <u32>across) continue
        const cell = cells + (((z * across + y) * across + x) << 2)
        const end = load<u32>(cell, 4)
        for (let c = load<u32>(cell); c < end; c++) {
          const t = <i32>load<u16>(listed + (c << 1))
          if ((load<u32>(mask + ((t >> 5) << 2)) >> (t & 31)) & 1) continue
          const q = targets + t * 36
          const dL = L - load<f32>(q)
          const da = a - load<f32>(q, 4)
          const db = b - load<f32>(q, 8)
          const squared =
            load<f32>(q, 12) * dL * dL +
            load<f32>(q, 16) * da * da +
            load<f32>(q, 20) * db * db +
            load<f32>(q, 24) * da * db +
            load<f32>(q, 28) * dL * da +
            load<f32>(q, 32) * dL * db
          const known = load<f32>(best + (t << 2))
          if (squared >= known) continue
          if (known == limit) {
            store<u16>(into + (count_ << 1), <u16>t)
            count_++
          }
          store<f32>(best + (t << 2), squared)
          store<u16>(choice + (t << 1), <u16>((((first + g) << 2) + lane) * LOADS + l))
        }
      }
    }
  }
  return count_
}

/** Forgets how near the targets of a list were. */
export function forget(from: usize, count: i32): void {
  for (let c = 0; c < count; c++) store<f32>(best + ((<i32>load<u16>(from + (c << 1))) << 2), limit)
}

function pairOf(i: i32, j: i32): i32 {
  return ((j * (j - 1)) >> 1) + i
}

/** All triples of two paints j < k with each paint before j: how many targets each serves newly, and which, end to end. */
export function serveRow(j: i32, k: i32, first: i32, groups: i32, counts: usize, into: usize): i32 {
  let all: i32 = 0
  for (let i = 0; i < j; i++) {
    const here = into + (all << 1)
    const found = serve(i, j, k, 3, first, groups, here)
    forget(here, found)
    store<u16>(counts + (i << 1), <u16>found)
    all += found
  }
  return all
}

/**
 * How near each triple of j < k with a paint before j comes to a target, at loads by steps of two from masstone on:
 * the least squared difference by the quadratic form, one number a triple, at `into`.
 */
export function nearRow(j: i32, k: i32, first: i32, groups: i32, target: i32, octaves: i32, into: usize): void {
  const q = targets + target * 36
  const labs = scratch + BANDS * (LOADS << 4)
  const L0 = v128.load32_splat(q)
  const a0 = v128.load32_splat(q, 4)
  const b0 = v128.load32_splat(q, 8)
  for (let i = 0; i < j; i++) {
    let least = f32x4.splat(1e9)
    for (let g = 0; g < groups; g++) {
      colours(i, j, k, 3, first + g, 1, octaves)
      for (let l = 0; l < 2 * octaves; l += 2) {
        const at = labs + l * 48
        const dL = f32x4.sub(v128.load(at), L0)
        const da = f32x4.sub(v128.load(at, 16), a0)
        const db = f32x4.sub(v128.load(at, 32), b0)
        let squared = f32x4.mul(f32x4.mul(v128.load32_splat(q, 12), dL), dL)
        squared = f32x4.add(squared, f32x4.mul(f32x4.mul(v128.load32_splat(q, 16), da), da))
        squared = f32x4.add(squared, f32x4.mul(f32x4.mul(v128.load32_splat(q, 20), db), db))
        squared = f32x4.add(squared, f32x4.mul(f32x4.mul(v128.load32_splat(q, 24), da), db))
        squared = f32x4.add(squared, f32x4.mul(f32x4.mul(v128.load32_splat(q, 28), dL), da))
        squared = f32x4.add(squared, f32x4.mul(f32x4.mul(v128.load32_splat(q, 32), dL), db))
        least = f32x4.min(least, squared)
      }
    }
    const both = f32x4.min(least, i32x4.shuffle(least, least, 2, 3, 0, 1))
    const all = f32x4.min(both, i32x4.shuffle(both, both, 1, 0, 3, 2))
    store<f32>(into + (i << 2), f32x4.extract_lane(all, 0))
  }
}
