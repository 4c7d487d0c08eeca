/* eslint-disable import/no-mutable-exports -- what is handed over once; AssemblyScript has no objects that cost nothing */
// What the kernel computes with, and where it lies in memory: addresses are handed over once, by `prepare`.

export const BANDS: i32 = 12
export const OCTAVES: i32 = 6
export const LOADS: i32 = 12
/** Bytes of one paint: K, then S. */
export const PAINT: i32 = 96
/** The same with all bands, four by four. */
export const FOURS: i32 = 9
export const WHOLE: i32 = 288
/** First and second of the loads, divided by 128: where the chains of loads by steps of two begin to be doubled. */
export const CHAIN_0: f32 = 0.0078125
export const CHAIN_1: f32 = 0.005524272
/** Least tristimulus value, a share of the white's. */
export const FLOOR: f32 = 0.0088564517
/** Mixed absorption beyond this is as good as black, as in `mixOptics`. */
export const MOST_K: f32 = 60

export let paints: usize = 0
export let perPart: usize = 0
export let body: usize = 0
export let weights: usize = 0
export let grounds: usize = 0
export let inner: f32 = 0
export let surface: f32 = 0
export let ratios: usize = 0
export let cells: usize = 0
export let listed: usize = 0
export let targets: usize = 0
export let words: i32 = 0
export let served1: usize = 0
export let served2: usize = 0
export let mask: usize = 0
export let best: usize = 0
export let choice: usize = 0
export let scratch: usize = 0
export let step: f32 = 0
export let across: i32 = 0
export let limit: f32 = 0
export let wholes: usize = 0
export let wholeGround: usize = 0
export let wholeWeights: usize = 0

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
  wholes = load<u32>(at, 88)
  wholeGround = load<u32>(at, 92)
  wholeWeights = load<u32>(at, 96)
}
