import { describe, expect, it } from 'vitest'
import { parsePigmentCodes } from './grammar'
import { questionCodes } from './plausibility'

const ask = (name: string, codes: string) => questionCodes(name, parsePigmentCodes(codes).codes).map((q) => q.code)

describe('unlikely pairs of name and code are questioned', () => {
  it.each([
    ['French ultramarine', 'PG29', 'unusual-for-name'],
    ['Burnt sienna', 'PB29', 'unusual-for-name'],
    ['Ultramarine', 'PB2900', undefined],
    ['Harbour blue', 'PY150', 'far-from-name'],
    ['Quiet yellow', 'PY555', 'number-beyond-index'],
  ])('%s, %s', (name, codes, expected) => expect(ask(name, codes)).toEqual(expected ? [expected] : []))

  it.each([
    ['French ultramarine', 'PB29'],
    ['Ultramarine violet', 'PV15'],
    ['Cobalt blue hue', 'PB29'],
    ['Green gold', 'PY129'],
    ['Burnt sienna', 'PBr7'],
    ['Payne’s grey', 'PB29, PBk6'],
    ['Perylene green', 'PBk31'],
    ['Kelp brown', 'PBr7'],
    ['Rose madder genuine', 'NR9'],
    ['Something of my own', 'PY3'],
    ['Blue green of the bay', 'PG7'],
    ['Ultramarine', ''],
  ])('%s, %s passes', (name, codes) => expect(ask(name, codes)).toEqual([]))
})
