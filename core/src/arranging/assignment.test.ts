import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { randomFrom } from '../random'
import { toTheEnd } from '../steps'
import { NUGENT } from './nugent.fixture'
import { type Assignment, costOf, exchangeCost, searchAssignment } from './assignment'
import { runs } from '../../../tests/setup/runs'

const identity = (n: number) => Int32Array.from({ length: n }, (_, i) => i)
const matrix = (n: number, of: (i: number, j: number) => number) =>
  Float64Array.from({ length: n * n }, (_, k) => of(Math.floor(k / n), k % n))
const problem = (n: number, pairs: Float64Array, places: Float64Array): Assignment => ({
  n,
  kernels: [{ pairs, places }],
  own: new Float64Array(n * n),
  pinned: new Uint8Array(n),
})
/** City-block distances on a grid, row by row. */
const grid = (rows: number, columns: number) =>
  matrix(rows * columns, (a, b) => {
    const row = (p: number) => Math.floor(p / columns)
    return Math.abs(row(a) - row(b)) + Math.abs((a % columns) - (b % columns))
  })
const best = (p: Assignment, more = {}) => toTheEnd(searchAssignment({ problem: p, start: identity(p.n), ...more }))

function* orders(n: number, list: number[] = []): Generator<number[]> {
  if (list.length === n) yield list
  else for (let i = 0; i < n; i += 1) if (!list.includes(i)) yield* orders(n, [...list, i])
}

describe('against published instances', () => {
  it.each(NUGENT.map((n) => [n.name, n] as const))('%s reaches the published optimum', (_, instance) => {
    const { rows, columns, optimum, flows } = instance
    const n = rows * columns
    const pairs = Float64Array.from(flows.split(/\s+/), Number)
    expect(pairs).toHaveLength(n * n)
    for (let i = 0; i < n; i += 1) for (let j = 0; j < i; j += 1) expect(pairs[i * n + j]).toBe(pairs[j * n + i])
    expect(best(problem(n, pairs, grid(rows, columns))).cost * 2).toBe(optimum)
  })
})

describe('against closed forms, each pair once', () => {
  const line = (n: number) => matrix(n, (a, b) => Math.abs(a - b))
  const cycle = (n: number) => matrix(n, (i, j) => Number((i - j + n) % n === 1 || (j - i + n) % n === 1))

  it('a cycle on a path costs 2 (n - 1)', () => {
    for (const n of [5, 8, 13]) expect(best(problem(n, cycle(n), line(n))).cost).toBeCloseTo(2 * (n - 1), 9)
  })
  it('a star on a path costs n n / 4, cut down', () => {
    for (const n of [5, 9, 16]) {
      const star = matrix(n, (i, j) => Number(i !== j && (i === 0 || j === 0)))
      expect(best(problem(n, star, line(n))).cost).toBeCloseTo(Math.floor((n * n) / 4), 9)
    }
  })
  it('everything with everything on a path costs n (n n - 1) / 6, however it lies', () => {
    const all = matrix(9, (i, j) => Number(i !== j))
    expect(best(problem(9, all, line(9))).cost).toBeCloseTo((9 * 80) / 6, 9)
  })
  it('a cycle of 36 on a grid of six by six costs 36', () => {
    expect(best(problem(36, cycle(36), grid(6, 6)), { runs: 24 }).cost).toBeCloseTo(36, 9)
  })
})

describe('against every order', () => {
  /** F[i][j] = (i i + j j + 3 i j) mod 7 off the diagonal, counted from 0; both orders of a pair. */
  const formula = (n: number) => matrix(n, (i, j) => (i === j ? 0 : (i * i + j * j + 3 * i * j) % 7))
  it.each([
    [2, 3, 134],
    [2, 4, 288],
    [3, 3, 388],
    [2, 5, 596],
  ])('the formula instance on %i x %i (recomputed by going through all)', (rows, columns, optimum) => {
    const p = problem(rows * columns, formula(rows * columns), grid(rows, columns))
    const found = best(p).cost * 2
    if (rows * columns <= 8) {
      const least = Math.min(...[...orders(rows * columns)].map((o) => costOf(p, Int32Array.from(o))))
      expect(found).toBeCloseTo(2 * least, 9)
    }
    // the same numbers counted from 1, where the table was made so
    const one = problem(
      rows * columns,
      matrix(rows * columns, (i, j) => (i === j ? 0 : ((i + 1) ** 2 + (j + 1) ** 2 + 3 * (i + 1) * (j + 1)) % 7)),
      grid(rows, columns),
    )
    expect([found, best(one).cost * 2].map((c) => Math.round(c))).toContain(optimum)
  })

  it('an exchange costs what the definition says, pins hold, and everything lies somewhere once', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 999 }), fc.integer({ min: 3, max: 9 }), (seed, n) => {
        const random = randomFrom(seed)
        const symmetric = () => {
          const m = matrix(n, () => random())
          return matrix(n, (i, j) => (i === j ? 0 : m[Math.min(i, j) * n + Math.max(i, j)]!))
        }
        const p: Assignment = {
          n,
          kernels: [
            { pairs: symmetric(), places: symmetric() },
            { pairs: symmetric(), places: symmetric() },
          ],
          own: matrix(n, () => random()),
          pinned: Uint8Array.from({ length: n }, (_, i) => Number(i === 1)),
        }
        const order = identity(n)
        const [a, b] = [0, n - 1]
        const other = order.slice()
        other[a] = order[b]!
        other[b] = order[a]!
        expect(exchangeCost(p, order, a, b)).toBeCloseTo(costOf(p, other) - costOf(p, order), 10)
        const found = best(p, { runs: 2 })
        expect(found.order[1]).toBe(1)
        expect([...found.order].sort((x, y) => x - y)).toEqual([...identity(n)])
        expect(found.cost).toBeCloseTo(costOf(p, found.order), 9)
        expect(found.cost).toBeLessThanOrEqual(costOf(p, order) + 1e-9)
        expect(best(p, { runs: 2 })).toEqual(found)
      }),
      { numRuns: runs(30) },
    )
  })
})
