/**
 * The mixing kernel, in AssemblyScript: four mixtures side by side in the lanes of a vector, twelve bands, twelve loads.
 * Its twin in TypeScript is `core/src/mixing/kernel/plainKernel.ts`: the same steps in the same order, in single
 * precision, so that both give the same numbers. `npm run tables` compiles it into `kernel.generated.ts`.
 *
 * All memory is laid out by the host, see `layout.ts`; addresses are handed over once, by `prepare`.
 */
import {
  BANDS,
  OCTAVES,
  LOADS,
  cells,
  listed,
  targets,
  words,
  served1,
  served2,
  mask,
  best,
  choice,
  scratch,
  step,
  across,
  limit,
} from './memory'
import { colours } from './colours'
import { exact } from './exact'

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

/** All triples of two paints j < k with each paint before j: how many targets each serves newly, which, and by what colour, end to end. */
export function serveRow(j: i32, k: i32, first: i32, groups: i32, counts: usize, into: usize, colour: usize): i32 {
  let all: i32 = 0
  for (let i = 0; i < j; i++) {
    const here = into + (all << 1)
    const found = serve(i, j, k, 3, first, groups, here)
    exact(i, j, k, 3, here, found, colour + all * 12)
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
