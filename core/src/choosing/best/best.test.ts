import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { toTheEnd } from '../../steps'
import { randomFrom } from '../../random'
import { Choice } from './choice'
import { type CountRow, mayMeet } from './countRows'
import { setsOf, WORTHS, type Cover } from './cover'
import { madeUp } from './madeUp.fixture'
import { proveChoice } from './prove'
import { searchChoice } from './search'
import { suggestChange } from './suggestChange'
import { runs } from '../../../../tests/setup/runs'

/** What a choice is worth, from the definition: each target by the smallest set of chosen paints that serves it. */
function worthOf({ starts, lists, weights, own }: Cover, members: readonly number[]): number {
  const size = new Uint8Array(weights.length)
  const serve = (s: 1 | 2 | 3, set: number) => {
    for (const t of lists[s].subarray(starts[s][set], starts[s][set + 1])) if (!size[t] || s < size[t]) size[t] = s
  }
  const list = [...members].sort((p, q) => p - q)
  list.forEach((k, c) => {
    serve(1, k)
    list.slice(0, c).forEach((j, b) => {
      serve(2, setsOf(k, 2) + j)
      list.slice(0, b).forEach((i) => serve(3, setsOf(k, 3) + setsOf(j, 2) + i))
    })
  })
  return size.reduce((sum, s, t) => sum + weights[t]! * WORTHS[s]!, 0) + list.reduce((sum, m) => sum + own[m]!, 0)
}

function* choicesOf(n: number, k: number, from = 0): Generator<number[]> {
  if (k === 0) yield []
  else for (let p = from; p <= n - k; p += 1) for (const rest of choicesOf(n, k - 1, p + 1)) yield [p, ...rest]
}

describe('a choice that is kept up to date', () => {
  it('is worth what the definition says, whatever came and went', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), fc.array(fc.nat(8), { maxLength: 30 }), (seed, moves) => {
        const cover = madeUp(9, 30, seed, 0.1)
        const choice = new Choice(cover)
        for (const p of moves) {
          if (choice.isIn[p]) choice.remove(p)
          else {
            const gain = choice.gainOf(p)
            const before = choice.worth
            choice.add(p)
            expect(choice.worth - before).toBeCloseTo(gain, 10)
          }
          expect(choice.worth).toBeCloseTo(worthOf(cover, choice.members), 10)
        }
      }),
      { numRuns: runs(40) },
    )
  })
})

describe('the best choice', () => {
  it.each([1, 2, 3, 4, 5, 6])('equals the best of all choices, and is proven to (seed %i)', (seed) => {
    const [n, k] = [12, 3 + (seed % 4)]
    const cover = madeUp(n, 60, seed, 0.02)
    const fixed = seed % 2 ? [seed] : []
    const best = Math.max(
      ...[...choicesOf(n, k)].filter((c) => fixed.every((f) => c.includes(f))).map((c) => worthOf(cover, c)),
    )
    const question = { cover, places: k, fixed }
    const found = toTheEnd(searchChoice(question))
    const proof = toTheEnd(proveChoice(question, found))
    expect(found.worth).toBeCloseTo(best, 9)
    expect(proof.isProven).toBe(true)
    expect(proof.bound).toBeCloseTo(best, 6)
  })

  it('of twenty paints is proven, too', () => {
    for (const seed of [11, 12]) {
      const question = { cover: madeUp(20, 80, seed), places: 7, fixed: [2] }
      const found = toTheEnd(searchChoice(question))
      const proof = toTheEnd(proveChoice(question, found))
      expect(proof.isProven).toBe(true)
      expect(found.members).toContain(2)
      expect(proof.best.worth - found.worth).toBeLessThan(0.003)
    }
  })

  it('has a bound that is never below the best of all choices, at any step', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10_000 }), fc.integer({ min: 1, max: 7 }), (seed, k) => {
        const cover = madeUp(8, 25, seed, 0.05)
        const best = Math.max(...[...choicesOf(8, k)].map((c) => worthOf(cover, c)))
        const question = { cover, places: k, fixed: [] }
        // begun from a poor choice, so that there is something to prove
        const start = { members: [...Array(k).keys()], worth: worthOf(cover, [...Array(k).keys()]) }
        const steps = proveChoice(question, start)
        for (;;) {
          const step = steps.next()
          expect(step.value.bound).toBeGreaterThan(best - 1e-9)
          if (!step.done) continue
          expect(step.value.best.worth).toBeCloseTo(best, 9)
          return
        }
      }),
      { numRuns: runs(60) },
    )
  })

  it('is the same for the same seed, keeps what is fixed, and never holds what may not be together', () => {
    const cover = madeUp(16, 60, 5)
    const allows = (members: readonly number[]) => members.filter((m) => m < 8).length <= 2
    const question = { cover, places: 6, fixed: [9, 10], allows, seed: 7 }
    const found = toTheEnd(searchChoice(question))
    expect(toTheEnd(searchChoice(question))).toEqual(found)
    expect(found.members).toEqual(expect.arrayContaining([9, 10]))
    expect(allows(found.members)).toBe(true)
    const free = toTheEnd(searchChoice({ ...question, allows: () => true }))
    expect(free.worth).toBeGreaterThanOrEqual(found.worth - 1e-9)
    expect(allows(toTheEnd(proveChoice(question, found)).best.members)).toBe(true)
  })

  it('is better than paint by paint alone: what one brings depends on its partners', () => {
    let better = 0
    for (let seed = 1; seed <= 8; seed += 1) {
      const cover = madeUp(14, 60, seed)
      const steps = searchChoice({ cover, places: 5, fixed: [] })
      let greedy: number | undefined
      for (;;) {
        const step = steps.next()
        if (step.value && greedy === undefined) greedy = step.value.worth
        if (!step.done) continue
        if (step.value.worth > greedy! + 1e-9) better += 1
        break
      }
    }
    expect(better).toBeGreaterThan(3)
  })
})

describe('counts that a choice must meet', () => {
  const rowsOf = (n: number, seed: number): CountRow[] => {
    const random = randomFrom(seed)
    const isOf = () => Uint8Array.from({ length: n }, () => Number(random() < 0.4))
    return [
      { isOf: isOf(), bound: 'least', count: 2 },
      { isOf: isOf(), bound: 'most', count: 2 },
    ]
  }
  const meets = (rows: readonly CountRow[], members: readonly number[]) =>
    rows.every(({ isOf, bound, count }) => {
      const has = members.filter((m) => isOf[m]).length
      return bound === 'least' ? has >= count : has <= count
    })

  it('are met, and the best of all choices that meet them is found and proven', () => {
    let settled = 0
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 3, max: 6 }), (seed, places) => {
        const cover = madeUp(10, 40, seed, 0.05)
        const rows = rowsOf(10, seed)
        const worths = [...choicesOf(10, places)].filter((c) => meets(rows, c)).map((c) => worthOf(cover, c))
        if (!worths.length) return
        const best = Math.max(...worths)
        const allows = (members: readonly number[]) => mayMeet(rows, members, places)
        const question = { cover, places, fixed: [], rows, allows }
        const found = toTheEnd(searchChoice(question))
        expect(meets(rows, found.members)).toBe(found.members.length === places)
        if (found.members.length < places) return
        const steps = proveChoice(question, found)
        for (;;) {
          const step = steps.next()
          expect(step.value.bound).toBeGreaterThan(best - 1e-9)
          if (!step.done) continue
          expect(meets(rows, step.value.best.members)).toBe(true)
          expect(step.value.best.worth).toBeCloseTo(best, 9)
          settled += 1
          return
        }
      }),
      { numRuns: runs(40) },
    )
    expect(settled).toBeGreaterThan(20)
  })
  it('what is missing of kinds that share no paint adds up', () => {
    const [one, other] = [Uint8Array.of(1, 1, 0, 0, 0), Uint8Array.of(0, 0, 1, 1, 0)]
    const rows = [one, other].map((isOf): CountRow => ({ isOf, bound: 'least', count: 2 }))
    expect(mayMeet(rows, [0], 4)).toBe(true)
    expect(mayMeet(rows, [4], 4)).toBe(false)
    expect(mayMeet(rows, [0, 1, 2, 3], 4)).toBe(true)
  })
  it('prices lower the bound: a count that costs much is not proven away', () => {
    // the two best paints are both of a kind of which one may be in
    const cover = madeUp(12, 60, 9, 0.2)
    const free = toTheEnd(searchChoice({ cover, places: 4, fixed: [] }))
    const isOf = Uint8Array.from({ length: 12 }, (_, p) => Number(free.members.includes(p)))
    const rows: CountRow[] = [{ isOf, bound: 'most', count: 1 }]
    const allows = (members: readonly number[]) => mayMeet(rows, members, 4)
    const found = toTheEnd(searchChoice({ cover, places: 4, fixed: [], rows, allows }))
    const priced = toTheEnd(proveChoice({ cover, places: 4, fixed: [], rows, allows }, found))
    expect(priced.bound).toBeLessThan(free.worth - 1e-6)
  })
})

describe('single changes', () => {
  it('are worth what the choice is worth after them', () => {
    const cover = madeUp(10, 40, 3)
    const members = ['p1', 'p4', 'p7', 'p8']
    const { exchange, put, take } = suggestChange({ cover, members, fixed: ['p7'] })
    const place = (id: string) => cover.ids.indexOf(id)
    const now = worthOf(cover, members.map(place))
    for (const s of [...exchange, ...put, ...take]) {
      const after = [...members.filter((m) => m !== s.out), ...(s.in ? [s.in] : [])].map(place)
      expect(worthOf(cover, after) - now).toBeCloseTo(s.worth, 10)
      expect(s.out).not.toBe('p7')
    }
    const outs = members.filter((m) => m !== 'p7')
    const all = outs.flatMap((out) =>
      cover.ids
        .filter((id) => !members.includes(id))
        .map((id) => worthOf(cover, [...members.filter((m) => m !== out), id].map(place)) - now),
    )
    expect(exchange[0]!.worth).toBeCloseTo(Math.max(...all), 10)
  })
})
