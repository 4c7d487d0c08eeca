/** Residuals of a point, written into `into`; their squares are what is made small. */
export type Residuals = (x: Float64Array, into: Float64Array) => void

/**
 * Levenberg-Marquardt with differences for slopes, for a few dozen parameters of similar size
 * (Marquardt 1963, J. Soc. Indust. Appl. Math. 11, 431-441). Deterministic.
 *
 * @returns the best point found, its sum of squares, and how far the parameters may be from it, see `spreadOf`.
 */
export function leastSquares(
  residuals: Residuals,
  count: number,
  start: ArrayLike<number>,
  steps = 30,
): { x: Float64Array<ArrayBuffer>; cost: number; spread: Float64Array[] } {
  const n = start.length
  let x = Float64Array.from(start)
  let r = new Float64Array(count)
  residuals(x, r)
  let cost = square(r)
  let damping = 1e-2
  const jacobian = new Float64Array(count * n)
  for (let step = 0; step < steps; step += 1) {
    slopes(residuals, x, r, jacobian)
    const { normal, gradient } = normalEquations(jacobian, r, n)
    const before = cost
    for (let attempt = 0; attempt < 6; attempt += 1) {
      const move = solve(normal, gradient, n, damping)
      const next = move && x.map((v, i) => v - move[i]!)
      const nextR = new Float64Array(count)
      if (next) residuals(next, nextR)
      const nextCost = next ? square(nextR) : Infinity
      if (next && nextCost < cost) {
        ;[x, r, cost] = [next, nextR, nextCost]
        damping = Math.max(1e-9, damping / 4)
        break
      }
      damping *= 6
    }
    if (before - cost < 2e-4 * (1 + cost)) break
  }
  slopes(residuals, x, r, jacobian)
  return { x, cost, spread: spreadOf(normalEquations(jacobian, r, n).normal, n) }
}

/**
 * Independent directions of one standard deviation in which the parameters may lie off: the columns of L^-T, where
 * J'J = L L' (so that the sum of their outer products is the inverse of J'J; residuals are in standard deviations).
 */
function spreadOf(normal: Float64Array, n: number): Float64Array[] {
  const L = cholesky(normal, n, 0)
  if (!L) return []
  return Array.from({ length: n }, (_, k) => {
    const column = new Float64Array(n)
    for (let j = n - 1; j >= 0; j -= 1) {
      let sum = j === k ? 1 : 0
      for (let i = j + 1; i < n; i += 1) sum -= L[i * n + j]! * column[i]!
      column[j] = sum / L[j * n + j]!
    }
    return column
  })
}

const square = (r: Float64Array) => r.reduce((s, v) => s + v * v, 0)

const STEP = 1e-5
function slopes(residuals: Residuals, x: Float64Array, r: Float64Array, into: Float64Array) {
  const [n, count] = [x.length, r.length]
  const moved = new Float64Array(count)
  for (let j = 0; j < n; j += 1) {
    const at = x[j]!
    x[j] = at + STEP
    residuals(x, moved)
    x[j] = at
    for (let i = 0; i < count; i += 1) into[i * n + j] = (moved[i]! - r[i]!) / STEP
  }
}

function normalEquations(jacobian: Float64Array, r: Float64Array, n: number) {
  const normal = new Float64Array(n * n)
  const gradient = new Float64Array(n)
  for (let i = 0; i < r.length; i += 1) {
    for (let j = 0; j < n; j += 1) {
      const a = jacobian[i * n + j]!
      if (a === 0) continue
      gradient[j]! += a * r[i]!
      for (let k = 0; k <= j; k += 1) normal[j * n + k]! += a * jacobian[i * n + k]!
    }
  }
  return { normal, gradient }
}

/** Cholesky of the damped normal matrix, lower; undefined when it is not positive. */
function cholesky(normal: Float64Array, n: number, damping: number): Float64Array | undefined {
  const L = Float64Array.from(normal)
  for (let j = 0; j < n; j += 1) L[j * n + j] = L[j * n + j]! * (1 + damping) + 1e-12
  for (let j = 0; j < n; j += 1) {
    for (let k = 0; k <= j; k += 1) {
      let sum = L[j * n + k]!
      for (let i = 0; i < k; i += 1) sum -= L[j * n + i]! * L[k * n + i]!
      if (j !== k) L[j * n + k] = sum / L[k * n + k]!
      else if (sum <= 0) return undefined
      else L[j * n + j] = Math.sqrt(sum)
    }
  }
  return L
}

function solve(normal: Float64Array, gradient: Float64Array, n: number, damping: number): Float64Array | undefined {
  const L = cholesky(normal, n, damping)
  if (!L) return undefined
  const x = Float64Array.from(gradient)
  for (let j = 0; j < n; j += 1) {
    for (let i = 0; i < j; i += 1) x[j]! -= L[j * n + i]! * x[i]!
    x[j]! /= L[j * n + j]!
  }
  for (let j = n - 1; j >= 0; j -= 1) {
    for (let i = j + 1; i < n; i += 1) x[j]! -= L[i * n + j]! * x[i]!
    x[j]! /= L[j * n + j]!
  }
  return x
}
