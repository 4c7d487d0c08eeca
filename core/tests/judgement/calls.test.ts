import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rankCall } from '../../src'
import { READY_METHODS, METHODS } from '../../src/choosing'
import { runs } from '../../../tests/setup/runs'
import { callOf, CALLS } from './calls'
import { NINETY } from './collections'

const context = { planned: [], evidence: () => ({ items: 1, palettes: 0, supply: { level: 3 as const } }) }
const isFading = (reasons: readonly string[]) => reasons.some((r) => r.startsWith('fades'))

describe('the first answer to a call, out of ninety codes (common practice, no source; docs/judgement.md)', () => {
  it.each(CALLS)('$words', ({ words, codes }) => {
    expect(codes).toContain(rankCall(callOf(words), NINETY, context)[0]!.paintId)
  })
  it('is the same whatever order the paints come in', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CALLS.map((c) => c.words)),
        fc.shuffledSubarray([...NINETY], { minLength: NINETY.length }),
        (words, shuffled) => {
          const order = (list: typeof NINETY) => rankCall(callOf(words), list, context).map((c) => c.paintId)
          expect(order(shuffled)).toEqual(order(NINETY))
        },
      ),
      { numRuns: runs(30) },
    )
  })
  it('never fades where something that lasts answers, and is of no other family where one is owned: every call that ships', () => {
    const calls = [...METHODS.flatMap((w) => w.calls({ places: 24 })), ...READY_METHODS.flatMap((g) => g.calls)]
    expect(calls.length).toBeGreaterThan(150)
    for (const call of calls) {
      const found = rankCall(call, NINETY, context)
      expect(new Set(found.map((f) => f.answers)).size, call.words).toBe(1)
      if (isFading(found[0]!.reasons))
        expect(
          found.every((f) => isFading(f.reasons)),
          call.words,
        ).toBe(true)
    }
  })
  it('says what put it first', () => {
    const [violet] = rankCall(callOf('violet leaning blue'), NINETY, context)
    expect(violet).toMatchObject({ paintId: 'PV23', ahead: 'it is more usual' })
  })
})
