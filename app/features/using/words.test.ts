import type { Proposal } from '@juxtachrome/core/using'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { gainsInFigures, gainsInWords } from './words'

const share = fc.double({ min: 0, max: 1, noNaN: true })
const figures = fc.record({ reach: share, one: share, two: share, three: share })
const gap = fc.constantFrom('earth' as const, 'warm red' as const, 'deep dark' as const)
const proposal = fc
  .record({
    reach: fc.option(fc.record({ before: figures, after: figures }), { nil: undefined }),
    closes: fc.uniqueArray(gap, { maxLength: 2 }),
    opens: fc.uniqueArray(gap, { maxLength: 2 }),
    twins: fc.tuple(fc.nat(3), fc.nat(3)),
  })
  .map((p) => p as unknown as Proposal)

it('what a change gains is whole sentences without a figure; the figures stand apart', () => {
  fc.assert(
    fc.property(proposal, (p) => {
      const said = gainsInWords(p)
      expect(said.length).toBeGreaterThan(0)
      for (const sentence of said) {
        expect(sentence).toMatch(/^[A-Z][^.]*\.$/)
        expect(sentence).not.toMatch(/[\d%→]/)
      }
      if (p.reach) expect(gainsInFigures(p)).toMatch(/^reach .+ %, then .+ %/)
    }),
  )
})

it('says how much, as one would', () => {
  const at = (reach: number, one = 0.2, two = 0.6) => ({ reach, one, two, three: reach })
  const of = (before: object, after: object) =>
    gainsInWords({ reach: { before, after }, closes: [], opens: [], twins: [1, 0] } as unknown as Proposal)
  expect(of(at(0.9), at(0.92))).toEqual(['It mixes a little more of what you want.', 'Fewer look-alikes.'])
  expect(of(at(0.9), at(0.9, 0.1, 0.595))).toEqual([
    'Less of it comes straight from the pan.',
    'A little less of it takes no more than two paints.',
    'Fewer look-alikes.',
  ])
  const same = { reach: undefined, closes: [], opens: [], twins: [1, 1] } as unknown as Proposal
  expect(gainsInWords(same)).toEqual(['It mixes what it mixed before.'])
})
