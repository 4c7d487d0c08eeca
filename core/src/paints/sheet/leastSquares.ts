/** Weighted least squares by Gaussian elimination with a touch of ridge: what each column counts for. */
export function leastSquares(rows: readonly number[][], y: readonly number[], weights: readonly number[]): number[] {
  const n = rows[0]?.length ?? 0
  const m = Array.from({ length: n }, (_, i) => Array.from({ length: n + 1 }, (_c, j) => (i === j ? 1e-6 : 0)))
  rows.forEach((row, r) => {
    const w = weights[r]!
    for (let i = 0; i < n; i += 1) {
      for (let j = 0; j < n; j += 1) m[i]![j]! += w * row[i]! * row[j]!
      m[i]![n]! += w * row[i]! * y[r]!
    }
  })
  for (let i = 0; i < n; i += 1) {
    const pivot = m.slice(i).reduce((best, row, k) => (Math.abs(row[i]!) > Math.abs(m[best]![i]!) ? i + k : best), i)
    ;[m[i], m[pivot]] = [m[pivot]!, m[i]!]
    for (let k = i + 1; k < n; k += 1) {
      const ratio = m[k]![i]! / m[i]![i]!
      for (let j = i; j <= n; j += 1) m[k]![j]! -= ratio * m[i]![j]!
    }
  }
  const x = Array<number>(n).fill(0)
  for (let i = n - 1; i >= 0; i -= 1)
    x[i] = (m[i]![n]! - x.reduce((s, v, j) => (j > i ? s + v * m[i]![j]! : s), 0)) / m[i]![i]!
  return x
}
