import loadHighs from 'highs'
import { describe, expect, it } from 'vitest'
import { toTheEnd } from '../../steps'
import { setsOf, WORTHS, type Cover } from './cover'
import { madeUp } from './madeUp.fixture'
import { proveChoice } from './prove'
import { searchChoice } from './search'

/** The sets that serve each target, with their size. */
function servingSets({ ids, starts, lists, weights }: Cover): { members: number[]; size: 1 | 2 | 3 }[][] {
  const n = ids.length
  const of = Array.from(weights, (): { members: number[]; size: 1 | 2 | 3 }[] => [])
  const note = (size: 1 | 2 | 3, rank: number, members: number[]) => {
    for (const t of lists[size].subarray(starts[size][rank], starts[size][rank + 1])) of[t]!.push({ members, size })
  }
  for (let k = 0; k < n; k += 1) {
    note(1, k, [k])
    for (let j = 0; j < k; j += 1) {
      note(2, setsOf(k, 2) + j, [j, k])
      for (let i = 0; i < j; i += 1) note(3, setsOf(k, 3) + setsOf(j, 2) + i, [i, j, k])
    }
  }
  return of
}

/** The choice as a mixed integer programme in the LP format: x a paint that is in, f a target served by a set. */
function programme(cover: Cover, places: number): string {
  const [goal, rows]: [string[], string[]] = [[], []]
  servingSets(cover).forEach((sets, t) => {
    if (sets.length === 0) return
    sets.forEach(({ size }, s) => goal.push(`${cover.weights[t]! * WORTHS[size]!} f${t}_${s}`))
    rows.push(`${sets.map((_, s) => `f${t}_${s}`).join(' + ')} <= 1`)
    for (const p of new Set(sets.flatMap((s) => s.members))) {
      const own = sets.flatMap((set, s) => (set.members.includes(p) ? [`f${t}_${s}`] : []))
      rows.push(`${own.join(' + ')} - x${p} <= 0`)
    }
  })
  cover.own.forEach((own, p) => goal.push(`${own} x${p}`))
  const x = cover.ids.map((_, p) => `x${p}`)
  rows.push(`${x.join(' + ')} = ${places}`)
  const named = rows.map((row, i) => ` r${i}: ${row}`)
  const sum = goal.map((term) => (term.startsWith('-') ? term : `+ ${term}`)).join('\n ')
  return `Maximize\n obj: ${sum}\nSubject To\n${named.join('\n')}\nBinary\n ${x.join(' ')}\nEnd`
}

// an independent solver on sizes that no exhaustive search can go through: 22 over 8 is 319,770 choices
describe('against a general-purpose solver (HiGHS)', () => {
  it.each([11, 12, 13])('finds and proves its optimum of 8 among 22 paints (seed %i)', async (seed) => {
    const cover = madeUp(22, 24, seed, 0.02)
    const highs = await loadHighs()
    const solved = highs.solve(programme(cover, 8), { mip_rel_gap: 0, mip_abs_gap: 0 })
    expect(solved.Status).toBe('Optimal')
    const question = { cover, places: 8, fixed: [] }
    const best = toTheEnd(searchChoice(question))
    const proof = toTheEnd(proveChoice(question, best))
    expect(proof.best.worth).toBeCloseTo(solved.ObjectiveValue, 6)
    expect(proof.bound).toBeGreaterThanOrEqual(solved.ObjectiveValue - 1e-6)
  })
})
