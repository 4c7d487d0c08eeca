import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseLine } from './parseLine'
import { readPrice } from './price'

describe('a line as it is written on a tube', () => {
  it('reads the whole example', () => {
    expect(parseLine('French ultramarine PB29 15 ml, series 2, Halvard & Roe')).toEqual({
      name: 'French ultramarine',
      maker: 'Halvard & Roe',
      pigments: ['PB29'],
      series: '2',
      millilitres: 15,
      kind: 'tube',
      count: 1,
      supply: 'open',
      remarks: [],
      unread: [],
    })
  })

  it.each([
    [
      'Burnt sienna, PBr7, Skerry Colours, 5ml',
      { name: 'Burnt sienna', maker: 'Skerry Colours', pigments: ['PBr7'], millilitres: 5 },
    ],
    [
      '2 x 14 ml Raw umber by Tern & Daughter (PBr7) € 8,90',
      {
        name: 'Raw umber',
        maker: 'Tern & Daughter',
        count: 2,
        millilitres: 14,
        price: { minor: 890, currency: 'EUR' },
      },
    ],
    [
      'Fog grey PG18+PB29+PR177 half pan',
      { name: 'Fog grey', pigments: ['PG18', 'PB29', 'PR177'], kind: 'bought pan', millilitres: 1.8 },
    ],
    ['Kelp brown, handmade pan, label lost', { name: 'Kelp brown', kind: 'handmade pan', remarks: ['label lost'] }],
    [
      'Cobalt blue PB28, 37 ml, on order, Halvard & Roe',
      { name: 'Cobalt blue', supply: 'on order', maker: 'Halvard & Roe', millilitres: 37 },
    ],
    [
      'Aureolin PY40 10ml, old formula, stiff, nearly empty',
      { name: 'Aureolin', formula: 'old formula', remarks: ['nearly empty', 'stiff'] },
    ],
    ['Phthalo blue P.B. 15.3 student grade', { name: 'Phthalo blue', pigments: ['PB15:3'], grade: 'student' }],
  ])('%s', (line, expected) => expect(parseLine(line)).toMatchObject(expected))

  it('knows a maker wherever it stands', () => {
    expect(parseLine('Halvard & Roe Viridian PG18 15 ml', ['Halvard & Roe'])).toMatchObject({
      name: 'Viridian',
      maker: 'Halvard & Roe',
    })
  })

  it('keeps what it does not understand', () => {
    expect(parseLine('Viridian PG18, from the blue box, Halvard & Roe').unread).toEqual(['from the blue box'])
  })

  it('reads any text without throwing, and only finite amounts', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 600 }),
          fc.string({ unit: fc.constantFrom('P', 'B', '2', '9', ' ', ',', 'm', 'l', '€', '(', 'x') }),
        ),
        (line) => {
          const read = parseLine(line, ['P B', '(*'])
          expect(read.count).toBeGreaterThanOrEqual(1)
          if (read.millilitres !== undefined) expect(Number.isFinite(read.millilitres)).toBe(true)
        },
      ),
    )
  })
})

describe('prices', () => {
  it.each([
    ['€ 8.90', 890, 'EUR'],
    ['8,9 EUR', 890, 'EUR'],
    ['£12', 1200, 'GBP'],
    ['12 NOK', 1200, 'NOK'],
  ])('%s', (text, minor, currency) => expect(readPrice(text)).toEqual({ minor, currency }))
  it.each(['', 'cheap', '-3.00', '99999999'])('%j is none', (text) => expect(readPrice(text)).toBeUndefined())
})
