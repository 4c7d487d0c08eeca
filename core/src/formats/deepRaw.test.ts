import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { keepable } from './deepRaw'

const nested = (depth: number): unknown => JSON.parse(`${'{"a":['.repeat(depth / 2)}1${']}'.repeat(depth / 2)}`)

describe('values of a file, however deep', () => {
  it('are themselves up to a hundred deep', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(keepable(value)).toBe(value)
      }),
    )
    expect(typeof keepable(nested(100))).toBe('object')
    expect(typeof keepable(nested(102))).toBe('string')
  })

  it.each([2200, 100_000])('are their own JSON when %i deep', (depth) => {
    const text = keepable({
      id: 'x',
      "it's": [1, -2.5e-7, true, null, 'a "b" \u2028\n'],
      deep: nested(depth),
    }) as string
    const end = text.indexOf('"deep"')
    expect(JSON.parse(`${text.slice(0, end - 1)}}`)).toEqual({
      id: 'x',
      "it's": [1, -2.5e-7, true, null, 'a "b" \u2028\n'],
    })
    expect(text.slice(end)).toBe(`"deep":${'{"a":['.repeat(depth / 2)}1${']}'.repeat(depth / 2)}}`)
  })
})
