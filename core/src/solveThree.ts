/** Three equations in three unknowns, rows by columns, by determinants (Cramer). Where they say nothing the answer is far out, not NaN. */
export function solveThree(rows: readonly ArrayLike<number>[], y: ArrayLike<number>): number[] {
  const whole = determinant(rows) || 1e-12
  return [0, 1, 2].map(
    (j) => determinant(rows.map((row, i) => [0, 1, 2].map((k) => (k === j ? y[i]! : row[k]!)))) / whole,
  )
}

const determinant = ([p, q, r]: readonly ArrayLike<number>[]): number =>
  p![0]! * (q![1]! * r![2]! - q![2]! * r![1]!) -
  p![1]! * (q![0]! * r![2]! - q![2]! * r![0]!) +
  p![2]! * (q![0]! * r![1]! - q![1]! * r![0]!)
