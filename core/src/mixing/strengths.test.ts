import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Collection } from '../collection/collection'
import { readingOf } from '../collection/reading'
import { noDocuments } from '../documents/kinds'
import type { Paint } from '../documents/paint'
import { colourDifference } from '../colour/difference'
import { opticsOfPaint } from '../film/paintOptics'
import type { Result } from '../result'
import { predictMixture } from './predictMixture'
import { asItMixes, learnStrengths, strengthInWords, strengthsIn, TINT_PARTS } from './strengths'
import type { StrengthNote } from './observations'
import { runs } from '../../../tests/setup/runs'

function must<T>(r: Result<T>): T {
  if (!r.ok) throw new Error(r.error.message)
  return r.value
}
const optics = (code: string) => must(opticsOfPaint({ pigments: [code] }))
const [blue, yellow, white] = [optics('PB15:3'), optics('PY3'), optics('PW6')]
const times = <O extends { perPart?: number }>(o: O, factor: number): O => ({
  ...o,
  perPart: (o.perPart ?? 1) * factor,
})
const KNOWN = new Map([
  ['blue', blue],
  ['yellow', yellow],
  ['white', white],
])
/** What a mixture looks like when a part of the blue does `factor` as much as expected. */
const seen = (factor: number, partsOfBlue: number, partsOfYellow: number) =>
  must(
    predictMixture([
      { optics: times(blue, factor), parts: partsOfBlue },
      { optics: yellow, parts: partsOfYellow },
    ]),
  )
const tint = (factor: number): StrengthNote => ({
  paints: [
    { id: 'blue', parts: 1 },
    { id: 'white', parts: TINT_PARTS },
  ],
  masstone: must(
    predictMixture([
      { optics: times(blue, factor), parts: 1 },
      { optics: white, parts: TINT_PARTS },
    ]),
  ).masstone,
  isTint: true,
})

describe('what mixtures teach of strength', () => {
  it.each([0.5, 0.7, 1.5, 2.5])(
    'a tint test of a paint that does %f as much is found out for the greater part',
    (f) => {
      const learned = learnStrengths(KNOWN, [tint(f)]).get('blue')!
      expect(learned).toMatchObject({ tested: true, notes: 0 })
      const found = Math.log(learned.factor) / Math.log(f)
      expect(found).toBeGreaterThan(0.6)
      // one test is not the whole truth: it is held back a little
      expect(found).toBeLessThan(0.95)
    },
  )

  it('nothing unexpected changes nothing, and a white is never judged by white', () => {
    const learned = learnStrengths(KNOWN, [tint(1)])
    expect(learned.get('blue')!.factor).toBeCloseTo(1, 2)
    expect(learned.has('white')).toBe(false)
  })

  it('a note of one mixture makes another of the same paints come out nearer', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.4, max: 0.75, noNaN: true }), fc.boolean(), (f, isStronger) => {
        const factor = isStronger ? 1 / f : f
        const paints = [
          { id: 'blue', parts: 1 },
          { id: 'yellow', parts: 4 },
        ]
        const { masstone, wash } = seen(factor, 1, 4)
        const strengths = learnStrengths(KNOWN, [{ paints, masstone, wash }])
        const predicted = must(
          predictMixture([
            { optics: asItMixes(blue, strengths, 'blue'), parts: 1 },
            { optics: asItMixes(yellow, strengths, 'yellow'), parts: 10 },
          ]),
        )
        const truth = seen(factor, 1, 10).masstone
        expect(colourDifference(predicted.masstone, truth)).toBeLessThan(
          0.5 * colourDifference(seen(1, 1, 10).masstone, truth),
        )
      }),
      { numRuns: runs(20) },
    )
  })

  it('leaves the paint’s own colours as they are', () => {
    const stronger = { ...blue, perPart: 2 }
    const alone = (o: typeof blue) => must(predictMixture([{ optics: o, parts: 3 }])).masstone
    expect(alone(stronger)).toEqual(alone(blue))
  })

  it('notes of unknown paints, of one paint and of no parts say nothing', () => {
    const { masstone } = seen(2, 1, 1)
    const notes = [
      [{ id: 'blue', parts: 1 }],
      [
        { id: 'blue', parts: 1 },
        { id: 'lost', parts: 1 },
      ],
      [
        { id: 'blue', parts: 0 },
        { id: 'yellow', parts: 1 },
      ],
    ].map((paints) => ({ paints, masstone }))
    expect(learnStrengths(KNOWN, notes).size).toBe(0)
  })
})

describe('a collection’s strengths', () => {
  const paint: Paint = { id: 'p', v: 2, maker: 'Skerry', name: 'Phthalo blue', pigments: ['PB15:3'] }
  it('come from recorded tints, are worked out once, and do not care for a changed name', () => {
    const documents = noDocuments()
    documents.paints = [{ ...paint, tint: { L: 40, a: -12, b: -44, source: 'typed' } }]
    const collection = new Collection({ documents, unreadable: [] })
    const first = strengthsIn(readingOf(collection))
    expect(first.get('p')!.factor).toBeGreaterThan(1.5)
    const named = { ...documents.paints[0]!, note: 'the good one' }
    collection.take({ documents: [{ kind: 'paints', id: 'p', document: named }], journal: [] }, 'user')
    expect(strengthsIn(readingOf(collection))).toBe(first)
    const paler = { ...named, tint: { L: 80, a: -15, b: -18, source: 'typed' as const } }
    collection.take({ documents: [{ kind: 'paints', id: 'p', document: paler }], journal: [] }, 'user')
    expect(strengthsIn(readingOf(collection)).get('p')!.factor).toBeLessThan(0.8)
  })
  it('is empty where nothing was tried', () => {
    expect(strengthsIn(readingOf(new Collection())).size).toBe(0)
  })
})

it('says it in words', () => {
  expect(strengthInWords({ factor: 2, sd: 0.2, tested: true, notes: 0 })).toBe(
    'One part is twice as strong as expected, by a tint test.',
  )
  expect(strengthInWords({ factor: 0.7, sd: 0.2, tested: true, notes: 2 })).toBe(
    'One part is 1.4 times as weak as expected, by a tint test and 2 notes of mixtures.',
  )
  expect(strengthInWords({ factor: 1.05, sd: 0.2, tested: false, notes: 1 })).toBe(
    'One part is as strong as expected, by 1 note of mixtures.',
  )
})
