/** More parts than these nobody counts out (common practice, no source). */
export const COUNTED_OUT = 10

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))

/** Every ratio of `count` parts, each 1..most, in lowest terms: 43 of two and 439 of three at most = 8. */
export function ratiosUpTo(count: 1 | 2 | 3, most: number): readonly (readonly number[])[] {
  if (count === 1) return [[1]]
  const numbers = Array.from({ length: most }, (_, i) => i + 1)
  const pairs = numbers.flatMap((a) => numbers.map((b) => [a, b]))
  const all = count === 2 ? pairs : pairs.flatMap(([a, b]) => numbers.map((c) => [a!, b!, c]))
  return all.filter((parts) => parts.reduce(gcd) === 1)
}

const countedOut = new Map<string, readonly (readonly number[])[]>()
/** Those of them of at most ten parts, worked out once: every answer on the way asks for them. */
export function ratiosCountedOut(count: 2 | 3, most: number): readonly (readonly number[])[] {
  const key = `${count} ${most}`
  const ratios =
    countedOut.get(key) ??
    ratiosUpTo(count, most).filter((ratio) => ratio.reduce((sum, parts) => sum + parts, 0) <= COUNTED_OUT)
  countedOut.set(key, ratios)
  return ratios
}

/**
 * For a first look: three parts that add up to 7, spread over the triangle, its sharp corners and, for strong
 * paints, near the middle of its sides; 21 ratios.
 */
export const COARSE_TRIPLES: readonly (readonly number[])[] = [
  ...Array.from({ length: 5 }, (_, i) => i + 1).flatMap((a) =>
    Array.from({ length: 6 - a }, (_, j) => [a, j + 1, 7 - a - (j + 1)]),
  ),
  [8, 1, 1],
  [1, 8, 1],
  [1, 1, 8],
  [1, 5, 5],
  [5, 1, 5],
  [5, 5, 1],
]

/** A touch of a strong paint in much of a weak one. */
export const TOUCHES: readonly (readonly number[])[] = [12, 16, 24].flatMap((most) => [
  [most, 1],
  [1, most],
])

const sharesOf = (parts: readonly number[], does: readonly number[]) => {
  const effects = parts.map((p, i) => p * does[i]!)
  const total = effects.reduce((sum, e) => sum + e, 0)
  return effects.map((e) => e / total)
}

/**
 * Of a grid of whole parts, those whose shares of the film lie nearest to the ones that are looked for.
 *
 * @param does what one part of each paint does.
 */
export function nearestRatio(
  grid: readonly (readonly number[])[],
  does: readonly number[],
  sought: readonly number[],
): readonly number[] {
  const there = sharesOf(
    sought,
    sought.map(() => 1),
  )
  const off = (parts: readonly number[]) =>
    Math.max(...sharesOf(parts, does).map((share, i) => Math.abs(share - there[i]!)))
  let [best, least] = [grid[0]!, Infinity]
  for (const parts of grid) {
    const here = off(parts)
    if (here < least) [best, least] = [parts, here]
  }
  return best
}

/** For a first look at a pair: shares of the first to one of the second, as the film takes them. */
export const PAIR_SHARES: readonly number[] = [1 / 24, 1 / 10, 1 / 5, 1 / 2.4, 1, 2.4, 5, 10, 24]
/** So many whole parts are looked at around each. */
const PAIRS_NEAR = 7

/** The so-manieth least of a list. */
const nearest = (list: readonly number[], count: number) =>
  Float64Array.from(list).sort()[Math.min(count, list.length) - 1]!

/** Of a grid of pairs, those nearest to any of the ratios that did well, by their logarithm. */
export function pairsNear(grid: readonly (readonly number[])[], did: readonly number[]): (readonly number[])[] {
  const logs = grid.map(([a, b]) => Math.log(a! / b!))
  const chosen = new Set<number>()
  for (const ratio of did) {
    const off = logs.map((l) => Math.abs(l - Math.log(ratio)))
    const limit = nearest(off, PAIRS_NEAR)
    off.forEach((d, i) => d <= limit && chosen.add(i))
  }
  return [...chosen].map((i) => grid[i]!)
}
