import { describe, expect, it } from 'vitest'
import type { Paint } from '../documents/paint'
import { propertiesOf } from '../paints/properties'
import { labD65 } from '../units'
import { behaviourOfMixture } from './behaviour'
import { compareSamples } from './compare'
import { recipeDifferenceInWords } from './recipes/inWords'
import { unlikeTarget } from './unlike'

const paint = (name: string, ...pigments: string[]): Paint => ({ id: name, v: 2, maker: '', name, pigments })

describe('behaviour', () => {
  it("the artist's own word comes before the reference, which is said to be assumed", () => {
    expect(propertiesOf(paint('Ultramarine', 'PB29')).granulation).toEqual({ value: 'granulating', from: 'assumed' })
    expect(propertiesOf({ ...paint('Fine ultramarine', 'PB29'), granulation: 'smooth' }).granulation).toEqual({
      value: 'smooth',
      from: 'recorded',
    })
    expect(propertiesOf(paint('Sap green', 'PG7', 'PY150')).staining?.value).toBe('stains strongly')
    expect(propertiesOf(paint('Nothing known'))).toEqual({})
  })

  it('ultramarine settles out of phthalo blue; two smooth paints do not separate; a trace does not count', () => {
    const [ultramarine, phthalo, rose] = [
      paint('Ultramarine', 'PB29'),
      paint('Phthalo blue', 'PB15:3'),
      paint('Rose', 'PV19'),
    ]
    expect(
      behaviourOfMixture([
        { paint: ultramarine, share: 0.6 },
        { paint: phthalo, share: 0.4 },
      ]),
    ).toMatchObject({
      granulation: 'granulating',
      separates: expect.stringContaining('Ultramarine may settle') as string,
    })
    expect(
      behaviourOfMixture([
        { paint: rose, share: 0.5 },
        { paint: phthalo, share: 0.5 },
      ]).separates,
    ).toBeUndefined()
    expect(
      behaviourOfMixture([
        { paint: ultramarine, share: 0.05 },
        { paint: phthalo, share: 0.95 },
      ]).granulation,
    ).toBe('smooth')
    expect(
      behaviourOfMixture([
        { paint: paint('Alizarin', 'PR83'), share: 0.1 },
        { paint: phthalo, share: 0.9 },
      ]).lightfastness,
    ).toBe('poor')
  })
})

describe('thresholds of behaviour (judgement)', () => {
  const words = (granulation: Paint['granulation'], staining: Paint['staining']): Paint => ({
    ...paint(`${granulation} ${staining}`),
    granulation,
    staining,
  })
  const half = (...paints: Paint[]) => paints.map((p) => ({ paint: p, share: 1 / paints.length }))
  const separates = (...paints: Paint[]) => behaviourOfMixture(half(...paints)).separates !== undefined

  it('a paint counts from an eighth of the mixture on', () => {
    const grainy = words('strongly granulating', 'lifts clean')
    const fine = words('smooth', 'lifts clean')
    const withShare = (share: number) =>
      behaviourOfMixture([
        { paint: grainy, share },
        { paint: fine, share: 1 - share },
      ]).granulation
    expect(withShare(0.12)).toBe('strongly granulating')
    expect(withShare(0.119)).toBe('smooth')
  })

  it('a granulating paint separates from a smooth one that stains, not from one that lifts', () => {
    expect(separates(words('granulating', 'lifts clean'), words('smooth', 'stains a little'))).toBe(true)
    expect(separates(words('slightly granulating', 'lifts clean'), words('smooth', 'stains strongly'))).toBe(false)
    expect(separates(words('granulating', 'lifts clean'), words('smooth', 'lifts well'))).toBe(false)
    expect(separates(words('granulating', 'lifts clean'), words('slightly granulating', 'stains strongly'))).toBe(false)
  })
})

describe('what a stand-in does not do', () => {
  const wanted: Paint = {
    ...paint('Wanted'),
    granulation: 'granulating',
    staining: 'lifts well',
    lightfastness: 'fair',
  }
  const own = (extra: Partial<Paint>) => [{ paint: { ...paint('Own'), ...extra }, share: 1 }]

  it('names behaviours that differ, and fading only where it fades sooner', () => {
    expect(unlikeTarget(own({ granulation: 'smooth', staining: 'lifts well' }), wanted)).toEqual([
      'smooth, not granulating',
    ])
    expect(unlikeTarget(own({ lightfastness: 'poor' }), wanted)).toEqual(['fades sooner: lightfastness poor, not fair'])
    expect(unlikeTarget(own({ lightfastness: 'fair' }), wanted)).toEqual([])
    expect(unlikeTarget(own({ lightfastness: 'excellent' }), wanted)).toEqual([])
    expect(unlikeTarget(own({}), wanted)).toEqual([])
  })

  it('says how far a recipe is, at masstone and wash where both are known', () => {
    expect(recipeDifferenceInWords({ difference: 1.84, differences: {}, water: 0 })).toBe('just visible')
    expect(recipeDifferenceInWords({ difference: 3, differences: { masstone: 0.4, wash: 6 }, water: 3.5 })).toBe(
      'masstone hardly visible; wash clear, at 3.5 parts of water',
    )
  })
})

describe('two samples side by side', () => {
  const sample = (name: string, L: number, extra = {}) => ({
    name,
    masstone: labD65(L, 10, -40),
    wash: labD65(60, 2, -30),
    pigments: ['PB29'],
    ...extra,
  })
  it('says what differs in words, without a figure; the numbers stand beside them', () => {
    const c = compareSamples(
      sample('One', 25, { granulation: 'granulating', pricePerMl: { minor: 60, currency: 'EUR' } }),
      sample('Other', 40, { granulation: 'smooth', pricePerMl: { minor: 90, currency: 'EUR' } }),
    )
    expect(c.lines).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^masstone: large|^masstone: clear/),
        'wash: hardly visible',
        'One goes darker than Other',
        'shared: PB29',
        'granulating against smooth',
        '0.60 EUR against 0.90 EUR a ml',
      ]),
    )
    expect([...c.lines, c.missed].filter((l) => /\d\.\d|L\*/.test(l) && !l.includes('EUR'))).toEqual([])
    expect(c.wash).toBe(0)
    expect(c.missed).toContain('You would miss One')
  })
  it('would you miss it?', () => {
    expect(compareSamples(sample('One', 25), sample('Other', 25)).missed).toContain('hardly miss One')
    expect(
      compareSamples(
        sample('One', 25, { staining: 'lifts clean' }),
        sample('Other', 25, { staining: 'stains strongly' }),
      ).missed,
    ).toContain('only how it behaves')
    expect(compareSamples(sample('One', 25), { name: 'Other', pigments: [] }).missed).toContain('cannot be said')
  })
})

describe('a mixture on the paper', () => {
  const of = (...parts: [Paint, number][]) => behaviourOfMixture(parts.map(([p, share]) => ({ paint: p, share })))
  const [phthalo, viridian] = [paint('Phthalo', 'PB15:3'), paint('Viridian', 'PG18')]

  it('stains by a small share of a strong stainer, not by one of a weak', () => {
    expect(of([phthalo, 0.05], [viridian, 0.95]).staining).toBe(propertiesOf(phthalo).staining?.value)
    expect(of([phthalo, 0.02], [viridian, 0.98]).staining).toBe(propertiesOf(viridian).staining?.value)
  })
  it('granulates by what is much of it', () => {
    expect(of([phthalo, 0.95], [viridian, 0.05]).granulation).toBe(propertiesOf(phthalo).granulation?.value)
  })
  it('lasts as long as is known of every paint in it', () => {
    expect(of([phthalo, 0.5], [paint('Unknown', 'PY999'), 0.5]).lightfastness).toBeUndefined()
    expect(of([phthalo, 0.5], [viridian, 0.5]).lightfastness).toBe('excellent')
  })
})
