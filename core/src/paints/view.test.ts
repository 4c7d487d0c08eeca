import { describe, expect, it } from 'vitest'
import { colourDifference } from '../colour/difference'
import type { Paint } from '../documents/paint'
import { pigmentByCode } from '../pigments/reference'
import { twinDifference } from '../choosing/findings'
import { viewOfPaint } from './view'

const paint = (extra: Partial<Paint>, ...pigments: string[]): Paint => ({
  id: 'p',
  v: 1,
  maker: '',
  name: 'P',
  pigments,
  ...extra,
})

describe('a paint without a swatch', () => {
  it('shows its pigment’s typical colours, as assumed', () => {
    const view = viewOfPaint(paint({}, 'PG18'))
    expect(view).toMatchObject({
      assumed: true,
      family: 'green',
      familyFrom: 'pigment',
      masstone: pigmentByCode('PG18')!.masstone,
    })
    expect(view.lean?.family).toBe('green')
  })
  it('of two pigments shows their mixture, greener than the yellow and lighter than the green', () => {
    const view = viewOfPaint(paint({}, 'PG7', 'PY150'))
    expect(view.assumed).toBe(true)
    expect(view.masstone!.a).toBeLessThan(pigmentByCode('PY150')!.masstone.a)
    expect(view.wash!.L).toBeGreaterThan(pigmentByCode('PG7')!.wash.L)
    expect(view.family).toBe('green')
  })
  it('of an artist’s variant shows that one', () => {
    expect(viewOfPaint(paint({ variants: { PB28: 'teal' } }, 'PB28')).masstone).toEqual(
      pigmentByCode('PB28', 'teal')!.masstone,
    )
  })
  it('and without a known code shows nothing', () => {
    expect(viewOfPaint(paint({}))).toMatchObject({ masstone: undefined, wash: undefined, family: undefined })
    expect(viewOfPaint(paint({}, 'PB999')).assumed).toBeUndefined()
  })
  it('is compared with others by what is assumed', () => {
    const [one, other] = [viewOfPaint(paint({}, 'PG18')), viewOfPaint(paint({}, 'PG7'))]
    expect(twinDifference(one, other)).toBeCloseTo(
      Math.max(colourDifference(one.masstone!, other.masstone!), colourDifference(one.wash!, other.wash!)),
      9,
    )
  })
})

describe('a paint with one swatch', () => {
  it('is not assumed, and keeps the other unknown', () => {
    const view = viewOfPaint(paint({ wash: { L: 60, a: 5, b: -40, source: 'typed' } }, 'PB29'))
    expect([view.assumed, view.masstone, view.familyFrom]).toEqual([undefined, undefined, 'swatch'])
  })
})
