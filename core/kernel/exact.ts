// The colour of one mixture with all bands, four bands side by side.
import {
  CHAIN_0,
  CHAIN_1,
  FLOOR,
  OCTAVES,
  LOADS,
  FOURS,
  WHOLE,
  MOST_K,
  perPart,
  body,
  inner,
  surface,
  ratios,
  choice,
  wholes,
  wholeGround,
  wholeWeights,
} from './memory'
import { begun, cbrt, doubled, seen } from './colours'

function acrossLanes(v: v128): f32 {
  const both = f32x4.add(v, i32x4.shuffle(v, v, 2, 3, 0, 1))
  return f32x4.extract_lane(f32x4.add(both, i32x4.shuffle(both, both, 1, 0, 3, 2)), 0)
}

/**
 * The colours, with all 36 bands, of the mixtures by which a set came nearest to the listed targets: L*, a*, b* of
 * each, end to end, at `into`.
 */
export function exact(i: i32, j: i32, k: i32, count: i32, from: usize, found: i32, into: usize): void {
  const p1 = wholes + i * WHOLE
  const p2 = wholes + j * WHOLE
  const p3 = wholes + k * WHOLE
  const one = f32x4.splat(1)
  const k2 = f32x4.splat(inner)
  for (let c = 0; c < found; c++) {
    const mixture = <i32>load<u16>(choice + ((<i32>load<u16>(from + (c << 1))) << 1))
    const l = mixture % LOADS
    const lane = mixture / LOADS
    const r = ratios + (lane >> 2) * 48 + ((lane & 3) << 2)
    const e1 = load<f32>(r) * load<f32>(perPart + (i << 2))
    const e2 = load<f32>(r, 16) * load<f32>(perPart + (j << 2))
    const e3 = load<f32>(r, 32) * load<f32>(perPart + (k << 2))
    const total = e1 + e2 + e3
    const thick = e1 * load<f32>(body + (i << 2)) + e2 * load<f32>(body + (j << 2)) + e3 * load<f32>(body + (k << 2))
    const laid = thick / (total * total)
    const w1 = f32x4.splat(e1 * laid)
    const w2 = f32x4.splat(e2 * laid)
    const w3 = f32x4.splat(e3 * laid)
    const X: f32 = (l & 1) == 0 ? CHAIN_0 : CHAIN_1
    const doublings = OCTAVES + 1 - (l >> 1)
    let x = f32x4.splat(0)
    let y = f32x4.splat(0)
    let z = f32x4.splat(0)
    for (let b = 0; b < FOURS; b++) {
      const at = b << 4
      let K = f32x4.mul(w1, v128.load(p1 + at))
      let S = f32x4.mul(w1, v128.load(p1 + at, 144))
      if (count > 1) {
        K = f32x4.add(K, f32x4.mul(w2, v128.load(p2 + at)))
        S = f32x4.add(S, f32x4.mul(w2, v128.load(p2 + at, 144)))
      }
      if (count > 2) {
        K = f32x4.add(K, f32x4.mul(w3, v128.load(p3 + at)))
        S = f32x4.add(S, f32x4.mul(w3, v128.load(p3 + at, 144)))
      }
      K = f32x4.min(K, f32x4.splat(MOST_K))
      const G = v128.load(wholeGround + at)
      const sum = f32x4.add(K, S)
      const u = f32x4.mul(K, f32x4.add(sum, S))
      const p = f32x4.sub(S, f32x4.mul(sum, G))
      const q = f32x4.sub(f32x4.sub(sum, f32x4.mul(S, G)), f32x4.mul(k2, p))
      let t = begun(u, X)
      for (let d = 0; d < doublings; d++) t = doubled(u, t)
      const R = seen(t, G, p, q, f32x4.sub(one, f32x4.mul(k2, G)))
      x = f32x4.add(x, f32x4.mul(R, v128.load(wholeWeights + at)))
      y = f32x4.add(y, f32x4.mul(R, v128.load(wholeWeights + at, 144)))
      z = f32x4.add(z, f32x4.mul(R, v128.load(wholeWeights + at, 288)))
    }
    const sums = f32x4(acrossLanes(x), acrossLanes(y), acrossLanes(z), 0)
    const tristimulus = f32x4.add(f32x4.splat(surface), sums)
    const f = cbrt(f32x4.max(tristimulus, f32x4.splat(FLOOR)))
    const fy = f32x4.extract_lane(f, 1)
    const out = into + c * 12
    store<f32>(out, 116 * fy - 16)
    store<f32>(out, 500 * (f32x4.extract_lane(f, 0) - fy), 4)
    store<f32>(out, 200 * (fy - f32x4.extract_lane(f, 2)), 8)
  }
}
