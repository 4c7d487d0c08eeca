import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { paint as bare } from '../documents/documents.fixture'
import type { Paint } from '../documents/paint'
import { runs } from '../../../tests/setup/runs'
import { inOrder, type Criterion } from './inOrder'
import { isMade, lastingOf, supplyOf, usualOf } from './standing'

interface Thing {
  id: number
  a: number
  b: number
}
const CRITERIA: Criterion<Thing>[] = [
  { says: 'has more a', of: (t) => t.a, within: 2 },
  { says: 'has more b', of: (t) => t.b },
]
const byId = (p: Thing, q: Thing) => p.id - q.id
const things = fc
  .array(
    fc.record({
      a: fc.oneof(fc.double({ min: 0, max: 9, noNaN: true }), fc.constant(-Infinity)),
      b: fc.integer({ min: 0, max: 3 }),
    }),
    { maxLength: 12 },
  )
  .map((list) => list.map((t, id) => ({ id, ...t })))

describe('one order of what counts', () => {
  it('goes out the same whatever order comes in, and holds everything once', () => {
    fc.assert(
      fc.property(
        things.chain((list) => fc.tuple(fc.constant(list), fc.shuffledSubarray(list, { minLength: list.length }))),
        ([list, shuffled]) => {
          const order = (l: Thing[]) => inOrder(l, CRITERIA, byId).map((p) => p.item.id)
          expect(order(shuffled)).toEqual(order(list))
          expect(order(list).sort((p, q) => p - q)).toEqual(list.map((t) => t.id))
        },
      ),
      { numRuns: runs(200) },
    )
  })
  it('nothing comes before what is better by more than is known, and says what decided', () => {
    fc.assert(
      fc.property(things, (list) => {
        const placed = inOrder(list, CRITERIA, byId)
        placed.forEach(({ item, ahead }, i) => {
          for (const later of placed.slice(i + 1))
            expect(later.item.a - item.a <= 2 || item.a === later.item.a).toBe(true)
          const next = placed[i + 1]?.item
          if (ahead === 'has more a') expect(item.a).toBeGreaterThan(next!.a - 2)
          if (ahead === 'has more b') expect(item.b).toBeGreaterThan(next!.b)
        })
      }),
      { numRuns: runs(200) },
    )
  })
  it('cuts classes from the best downward: a chain of small steps is no single tie', () => {
    const chain = [0, 1.5, 3, 4.5].map((a, id) => ({ id, a, b: 0 }))
    // 4.5 and 3 are a tie, 1.5 and 0 are the next; within a class the name decides
    expect(inOrder(chain, CRITERIA, byId).map((p) => p.item.id)).toEqual([2, 3, 0, 1])
  })
})

describe('how long paints last (common practice, from memory)', () => {
  const paint = (code: string, more: Partial<Paint> = {}) => bare(code, { pigments: [code], ...more })
  it.each([
    ['PV19', 3],
    ['PB29', 3],
    ['PR122', 2],
    ['PV23', 2],
    ['PR83', 0],
    ['NR9', 0],
    ['PY1', 0],
    ['PY40', 0],
  ])('%s: %i', (code, level) => expect(lastingOf(paint(code)).level).toBe(level))
  it('is what the artist says, where they say it', () => {
    expect(lastingOf(paint('PY40', { lightfastness: 'excellent' })).level).toBe(3)
    expect(lastingOf(paint('PB29', { lightfastness: 'fair' })).level).toBe(0)
  })
  it('is not known of a code that nobody knows', () => expect(lastingOf(paint('PY999')).level).toBe(1))
})

it('is usual as its least usual pigment is; what ended is not made', () => {
  expect(usualOf(bare('b', { pigments: ['PB29'] }))).toBe(4)
  expect(usualOf(bare('m', { pigments: ['PB29', 'PBk8'] }))).toBe(1)
  expect(isMade({ pigments: ['PB29'] })).toBe(true)
  expect(isMade({ pigments: ['PO49'] })).toBe(false)
  expect(isMade({ pigments: ['NY24', 'PB29'] })).toBe(false)
})

it('is there as its best tube is', () => {
  const item = (
    supply: 'open' | 'sealed' | 'empty' | 'lent' | 'on order',
    ...remarks: ('nearly empty' | 'saving it')[]
  ) => ({ supply, remarks })
  expect(supplyOf([item('open', 'nearly empty'), item('sealed')]).level).toBe(3)
  expect(supplyOf([item('open', 'nearly empty')])).toEqual({ level: 2, words: 'nearly empty' })
  expect(supplyOf([item('open', 'saving it')]).words).toBe('you are saving it')
  expect(supplyOf([item('lent'), item('empty')])).toEqual({ level: 1, words: 'lent' })
  expect(supplyOf([item('empty')]).level).toBe(0)
  expect(supplyOf([]).level).toBe(0)
})
