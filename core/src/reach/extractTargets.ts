import { decodeSrgb } from '../colour/transfer'
import { colourDifference } from '../colour/difference'
import { labOfXyz } from '../colour/tristimulus'
import { fail, ok, type Result } from '../result'
import { labD65, type LabD65 } from '../units'
import type { Target, TargetTable } from './targetTable'

/** A picture's pixels: sRGB, four bytes each, row by row. */
export interface Picture {
  width: number
  height: number
  data: Uint8ClampedArray | Uint8Array
}
export interface ExtractQuestion {
  pictures: readonly Picture[]
  name: string
  /** How many colours at most, 1..60; 16 unless said. */
  count?: number
}

/** More pixels than these say nothing new; they are taken evenly over the picture. */
const SAMPLES = 40_000
const ROUNDS = 16
/** Groups nearer than this are one colour, CIEDE2000 (judgement). */
const ONE_COLOUR = 5
/** A group of fewer pixels than this share is an accident (judgement). */
const LEAST_SHARE = 0.004
const LEAST_PIXELS = 16

/**
 * The colours of one or several photographs, grouped: k-means in CIELAB (Lloyd 1982, IEEE Trans. Inf. Theory 28),
 * begun from the colour nearest the mean and then each time the pixel farthest from what there is, so that small
 * bright things are not lost; near groups are joined. Every picture counts the same; weights add up to 1, largest first.
 * The camera's colours are taken as they are: no light is corrected. Deterministic; yields how far it is.
 *
 * Errors: `no-picture` (none, or fewer than 16 pixels that are not see-through), `bad-count`,
 * `bad-picture` (sides that are no whole numbers, or fewer bytes than pixels).
 */
export function* extractTargets(
  question: ExtractQuestion,
): Generator<{ done: number; of: number }, Result<TargetTable>> {
  const { pictures, name, count = 16 } = question
  if (!Number.isInteger(count) || count < 1 || count > 60)
    return fail('bad-count', 'Take between 1 and 60 colours out of a photograph.')
  const strange = pictures.some(
    (p) => ![p.width, p.height].every((n) => Number.isInteger(n) && n > 0) || p.data.length < p.width * p.height * 4,
  )
  if (strange) return fail('bad-picture', 'A picture has whole sides and four bytes for each of its pixels.')
  const of = pictures.length + ROUNDS
  const points: Float64Array[] = []
  for (const [i, picture] of pictures.entries()) {
    const own = [...sampled(picture, Math.ceil(SAMPLES / pictures.length))]
    for (const point of own) points.push(Float64Array.of(...point, 1 / own.length))
    yield { done: i + 1, of }
  }
  if (points.length < LEAST_PIXELS)
    return fail('no-picture', 'There is too little in this picture: at least 16 pixels are needed.')
  let middles = spread(points, count)
  let groups: Int32Array = new Int32Array(points.length)
  for (let round = 0; round < ROUNDS; round += 1) {
    groups = nearestOf(points, middles)
    middles = meansOf(points, groups, middles)
    yield { done: pictures.length + round + 1, of }
  }
  return ok({ name, targets: joined(points, groups, middles) })
}

const LINEAR = Float64Array.from({ length: 256 }, (_, i) => decodeSrgb(i / 255))

/** Every so many pixels as L*, a*, b*; what is mostly see-through is left out. */
function* sampled({ width, height, data }: Picture, most: number): Generator<Float64Array> {
  const step = Math.max(1, Math.floor(Math.sqrt((width * height) / most)))
  for (let y = step >> 1; y < height; y += step)
    for (let x = step >> 1; x < width; x += step) {
      const i = (y * width + x) * 4
      if (data[i + 3]! < 128) continue
      const [r, g, b] = [LINEAR[data[i]!]!, LINEAR[data[i + 1]!]!, LINEAR[data[i + 2]!]!]
      // IEC 61966-2-1, D65
      const lab = labOfXyz({
        X: 100 * (0.4123908 * r + 0.35758434 * g + 0.18048079 * b),
        Y: 100 * (0.21263901 * r + 0.71516868 * g + 0.07219232 * b),
        Z: 100 * (0.01933082 * r + 0.11919478 * g + 0.95053215 * b),
      })
      yield Float64Array.of(lab.L, lab.a, lab.b)
    }
}

const squared = (p: Float64Array, q: Float64Array) => (p[0]! - q[0]!) ** 2 + (p[1]! - q[1]!) ** 2 + (p[2]! - q[2]!) ** 2

/** Beginnings far from each other; lone pixels do not begin a group, since the farthest ones are looked past. */
function spread(points: readonly Float64Array[], count: number): Float64Array[] {
  const mean = meansOf(points, new Int32Array(points.length), [new Float64Array(3)])[0]!
  const first = points.reduce((best, p) => (squared(p, mean) < squared(best, mean) ? p : best))
  const middles = [first]
  const distance = Float64Array.from(points, (p) => squared(p, first))
  while (middles.length < count) {
    const ranked = [...distance.keys()].sort((i, j) => distance[j]! - distance[i]!)
    const next = points[ranked[Math.floor(points.length * LEAST_SHARE)]!]!
    if (middles.some((m) => squared(m, next) === 0)) break
    middles.push(next)
    points.forEach((p, i) => (distance[i] = Math.min(distance[i]!, squared(p, next))))
  }
  return middles
}

function nearestOf(points: readonly Float64Array[], middles: readonly Float64Array[]): Int32Array {
  return Int32Array.from(points, (p) => {
    let best = 0
    for (let m = 1; m < middles.length; m += 1) if (squared(p, middles[m]!) < squared(p, middles[best]!)) best = m
    return best
  })
}

function meansOf(points: readonly Float64Array[], groups: Int32Array, old: readonly Float64Array[]): Float64Array[] {
  const sums = old.map(() => Float64Array.of(0, 0, 0, 0))
  points.forEach((p, i) => {
    const sum = sums[groups[i]!]!
    for (let c = 0; c < 3; c += 1) sum[c]! += p[3]! * p[c]!
    sum[3]! += p[3]!
  })
  return sums.map((s, m) => (s[3] ? Float64Array.of(s[0]! / s[3], s[1]! / s[3], s[2]! / s[3]) : old[m]!))
}

/** Groups as targets: near ones joined, accidents left out. */
function joined(points: readonly Float64Array[], groups: Int32Array, middles: readonly Float64Array[]): Target[] {
  const sizes = new Float64Array(middles.length)
  points.forEach((p, i) => (sizes[groups[i]!]! += p[3]!))
  const total = sizes.reduce((s, n) => s + n, 0)
  const found: { lab: LabD65; weight: number }[] = []
  const ranked = [...middles.keys()].filter((m) => sizes[m]! > 0).sort((p, q) => sizes[q]! - sizes[p]!)
  for (const m of ranked) {
    const [L = 0, a = 0, b = 0] = middles[m]!
    const lab = labD65(L, a, b)
    const near = found.find((f) => colourDifference(f.lab, lab) < ONE_COLOUR)
    if (near) near.weight += sizes[m]!
    else found.push({ lab, weight: sizes[m]! })
  }
  const kept = found.filter(({ weight }, i) => i === 0 || weight >= total * LEAST_SHARE)
  const sum = kept.reduce((s, k) => s + k.weight, 0)
  return kept.map((k) => ({ lab: k.lab, weight: k.weight / sum })).sort((p, q) => q.weight - p.weight)
}
