import { cachedOptics } from '../film/cachedOptics'
import { masstoneOf } from '../film/optics'
import { describe, expect, it } from 'vitest'
import { colourDifference } from '../colour/difference'
import type { Paint } from '../documents/paint'
import { pigmentByCode } from '../pigments/reference'
import { twinDifference } from '../choosing/verdict/tooMuch'
import { byWheel, viewOfPaint, wheelDistance } from './view'

const paint = (extra: Partial<Paint>, ...pigments: string[]): Paint => ({
  id: 'p',
  v: 2,
  maker: '',
  name: 'P',
  pigments,
  ...extra,
})

describe('a paint without a swatch', () => {
  it('shows its pigment’s typical colours, as assumed', () => {
    const view = viewOfPaint(paint({}, 'PG18'))
    expect(view).toMatchObject({ assumed: true, family: 'green', familyFrom: 'trade' })
    expect(colourDifference(view.masstone!, pigmentByCode('PG18')!.masstone)).toBeLessThan(1.5)
    // one colour a paint: what lists show is what mixtures are made of
    const film = cachedOptics(paint({}, 'PG18'))
    expect(film.ok && masstoneOf(film.value)).toEqual(view.masstone)
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
    const { masstone } = viewOfPaint(paint({ variants: { PB28: 'teal' } }, 'PB28'))
    expect(colourDifference(masstone!, pigmentByCode('PB28', 'teal')!.masstone)).toBeLessThan(3)
  })
  it('and without a known code shows nothing', () => {
    const { masstone, wash, family } = viewOfPaint(paint({}))
    expect([masstone, wash, family]).toEqual([undefined, undefined, undefined])
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
    expect([view.assumed, view.masstone, view.familyFrom]).toEqual([undefined, undefined, 'trade'])
  })
})

describe('the wheel, unrolled for lists', () => {
  const at = (h: number, L = 50, C = 60) =>
    viewOfPaint(
      paint({
        name: `at ${h}`,
        masstone: {
          L,
          a: C * Math.cos((h * Math.PI) / 180),
          b: C * Math.sin((h * Math.PI) / 180),
          source: 'typed',
        },
      }),
    )
  const off = (family: 'brown' | 'grey' | 'white', L: number) =>
    viewOfPaint(paint({ family, masstone: { L, a: 20, b: 20, source: 'typed' } }))

  it('is cut open between green and yellow: the key rises from lemon through red and blue to green', () => {
    const keys = [111, 90, 60, 20, 340, 280, 200, 130, 113].map((h) => at(h, 80, 70).wheelKey)
    expect(keys).toEqual([...keys].sort((p, q) => p - q))
    expect(keys[0]).toBeCloseTo(1, 6)
    expect(keys.at(-1)).toBeCloseTo(359, 6)
  })

  it('the distance of two hues is the short way round, also across the cut', () => {
    expect(wheelDistance(at(20), at(350))).toBeCloseTo(30, 6)
    expect(wheelDistance(at(105, 80, 80), at(120, 80, 80))).toBeCloseTo(15, 6)
    expect(wheelDistance(at(20), at(200))).toBeCloseTo(180, 6)
  })

  it('earths, neutrals and whites stand apart from hues, and by their lightness from each other', () => {
    expect(wheelDistance(at(20), off('grey', 30))).toBe(90)
    expect(wheelDistance(off('white', 95), at(20))).toBe(90)
    expect(wheelDistance(off('grey', 30), off('grey', 70))).toBeCloseTo(5, 6)
    expect(wheelDistance(off('grey', 30), off('white', 30))).toBeCloseTo(125, 6)
    expect(wheelDistance(off('brown', 30), off('white', 90))).toBe(180)
    expect([off('white', 95), off('grey', 20), off('grey', 80), off('brown', 40)].sort(byWheel)).toEqual([
      off('brown', 40),
      off('grey', 80),
      off('grey', 20),
      off('white', 95),
    ])
  })
})
