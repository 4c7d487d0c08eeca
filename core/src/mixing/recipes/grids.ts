const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))

/** Every ratio of `count` parts, each 1..most, in lowest terms: 43 of two and 439 of three at most = 8. */
export function ratiosUpTo(count: 1 | 2 | 3, most: number): readonly (readonly number[])[] {
  if (count === 1) return [[1]]
  const numbers = Array.from({ length: most }, (_, i) => i + 1)
  const pairs = numbers.flatMap((a) => numbers.map((b) => [a, b]))
  const all = count === 2 ? pairs : pairs.flatMap(([a, b]) => numbers.map((c) => [a!, b!, c]))
  return all.filter((parts) => parts.reduce(gcd) === 1)
}

/** Three parts that add up to 9: 28 ratios, spread over the triangle, for a first look. */
export const COARSE_TRIPLES: readonly (readonly number[])[] = Array.from({ length: 7 }, (_, i) => i + 1).flatMap((a) =>
  Array.from({ length: 8 - a }, (_, j) => [a, j + 1, 9 - a - (j + 1)]))
