import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseLine } from './parseLine'

describe('a line as it is written on a tube', () => {
  it('reads the whole example', () => {
    expect(parseLine('French ultramarine PB29 15 ml, series 2, Halvard & Roe', ['Halvard & Roe'])).toEqual({
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
      doubts: [],
    })
  })

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
