import { describe, expect, it } from 'vitest'
import { parsePigmentCodes } from './grammar'
import { questionCodes } from './plausibility'
import { REFERENCE_PIGMENTS } from './reference'

const ask = (name: string, codes: string) => questionCodes(name, parsePigmentCodes(codes).codes).map((q) => q.code)

describe('unlikely pairs of name and code are questioned', () => {
  it.each([
    ['French ultramarine', 'PG29', 'unusual-for-name'],
    ['Burnt sienna', 'PB29', 'unusual-for-name'],
    ['Ultramarine', 'PB2900', undefined],
    ['Minium', 'PB29', 'unusual-for-name'],
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
    ['Aluminium grey', 'PM1'],
    ['Marsh green', 'PG7, PY42'],
    ['Cadmium red', 'PR108:1'],
    ['Cadmium yellow', 'PY35:1'],
    ['Alizarin crimson', 'PR83:1'],
    ['Pyrrole orange', 'PO107'],
    ['Phthalocyanine blue', 'PB15:3'],
    ['Paynes gray', 'PB29, PBk6'],
    ['Davy’s gray', 'PBk19'],
    ['Vandyke brown', 'NBr8'],
    ['Red lead', 'PR105'],
    ['Naphthol red', 'PR170'],
    ['Lemon yellow', 'PY184'],
    ['Hooker’s green', 'PG7, PY110'],
  ])('%s, %s passes', (name, codes) => expect(ask(name, codes)).toEqual([]))
})

it('the reference’s own names raise no question', () => {
  const asked = REFERENCE_PIGMENTS.flatMap((p) =>
    p.names.filter((name) => ask(name, p.code).length).map((name) => `${name}, ${p.code}`),
  )
  expect(asked).toEqual([])
})
