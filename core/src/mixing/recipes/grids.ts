const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))

/** The same ratio in lowest terms. */
export function lowestTerms(parts: readonly number[]): number[] {
  const common = parts.reduce(gcd)
  return parts.map((p) => p / common)
}

/** Every ratio of `count` parts, each 1..most, in lowest terms: 43 of two and 439 of three at most = 8. */
export function ratiosUpTo(count: 1 | 2 | 3, most: number): readonly (readonly number[])[] {
  if (count === 1) return [[1]]
  const numbers = Array.from({ length: most }, (_, i) => i + 1)
  const pairs = numbers.flatMap((a) => numbers.map((b) => [a, b]))
  const all = count === 2 ? pairs : pairs.flatMap(([a, b]) => numbers.map((c) => [a!, b!, c]))
  return all.filter((parts) => parts.reduce(gcd) === 1)
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

const shares = (parts: readonly number[]) => {
  const total = parts.reduce((s, p) => s + p, 0)
  return parts.map((p) => p / total)
}
const NEAR = 0.16

/** Of a grid, the ratios whose every share lies near that of a given one. */
export function ratiosNear(
  grid: readonly (readonly number[])[],
): (ratio: readonly number[]) => readonly (readonly number[])[] {
  const all = grid.map((parts) => ({ parts, own: shares(parts) }))
  const known = new Map<string, readonly (readonly number[])[]>()
  return (ratio) => {
    const key = ratio.join(':')
    const there = shares(ratio)
    const near =
      known.get(key) ??
      all.filter(({ own }) => own.every((s, i) => Math.abs(s - there[i]!) <= NEAR)).map(({ parts }) => parts)
    known.set(key, near)
    return near
  }
}
