import { describe, expect, it } from 'vitest'
import { pigmentByCode, predictMixture, toLch } from '../../src'
import { least as leastOf, paint, RATIOS, row, type Row } from './mixtures'

/** What painters know of mixtures, as order and direction only: common practice, no source. Reference pigments, no pair treated apart. */
const least = (rows: Row[], which: 'masstone' | 'wash') => leastOf(rows, which)[which]
const mostGreen = (rows: Row[]) =>
  Math.max(...rows.filter((r) => r.wash.h > 105 && r.wash.h < 205).map((r) => r.wash.C), 0)
const mostOrange = (rows: Row[]) =>
  Math.max(...rows.filter((r) => r.masstone.h > 45 && r.masstone.h < 75).map((r) => r.masstone.C), 0)
const BURNT_SIENNA = 'PBr7 burnt sienna'

describe('neutrals', () => {
  it('ultramarine and burnt sienna: a near-neutral dark grey', () => {
    const grey = least(row('PB29', BURNT_SIENNA), 'masstone')
    expect(grey.C).toBeLessThan(8)
    expect(grey.L).toBeLessThan(35)
  })
  it('phthalo blue and pyrrole orange run from brown through neutral to blue-grey', () => {
    const rows = row('PB15:3', 'PO71')
    expect(least(rows, 'masstone').C).toBeLessThan(8)
    expect(rows.at(-1)!.masstone.h).toBeLessThan(75)
    expect(rows[0]!.wash.h).toBeGreaterThan(200)
  })
  it.each([
    ['PG7', 'PV19 rose'],
    ['PG7', 'PR83'],
    ['PG18', 'PR83'],
  ])('%s and %s: near neutral', (one, other) => {
    expect(least(row(one, other), 'masstone').C).toBeLessThan(8)
  })
  it.each(['PY3', 'PY65', 'PY150'])('dioxazine violet and %s: brown or neutral on the way', (yellow) => {
    const rows = row('PV23', yellow)
    expect(Math.min(...rows.map((r) => r.masstone.C))).toBeLessThan(20)
  })
  it.each(['PB35', 'PB36'])('cerulean %s and burnt sienna: grey', (blue) => {
    expect(least(row(blue, BURNT_SIENNA), 'wash').C).toBeLessThan(8)
  })
  it('cyan, magenta and yellow together come near black', () => {
    const darkest = [1, 2, 3, 4, 6]
      .flatMap((m) =>
        [1, 2, 4, 6].map((y) => {
          const mix = predictMixture([
            { optics: paint('PB15:3'), parts: 1 },
            { optics: paint('PR122'), parts: m },
            { optics: paint('PY150'), parts: y },
          ])
          return mix.ok ? toLch(mix.value.masstone) : { L: 100, C: 100, h: 0 }
        }),
      )
      .filter((c) => c.C < 12)
    expect(Math.min(...darkest.map((c) => c.L))).toBeLessThan(30)
  })
})

describe('greens', () => {
  it.each(['PY175', 'PY3'])('lemon %s with phthalo blue is more chromatic than a warm yellow with it', (lemon) => {
    expect(mostGreen(row(lemon, 'PB15:3'))).toBeGreaterThan(mostGreen(row('PY65', 'PB15:3')) + 5)
  })
  it('a warm yellow and ultramarine: dull, olive', () => {
    const olive = row('PY65', 'PB29').find((r) => r.parts[0] === 2 && r.parts[1] === 1)!.masstone
    expect(olive.C).toBeLessThan(35)
    expect(olive.h > 60 && olive.h < 130).toBe(true)
    expect(mostGreen(row('PY65', 'PB29'))).toBeLessThan(mostGreen(row('PY175', 'PB15:3')))
  })
  it('nickel azo yellow and phthalo blue: a clean green; quinacridone gold and phthalo green: a sap green', () => {
    expect(mostGreen(row('PY150', 'PB15:3'))).toBeGreaterThan(24)
    expect(row('PO49', 'PG7').some(({ wash }) => wash.h > 100 && wash.h < 150 && wash.C > 20)).toBe(true)
  })
  it('yellow ochre and ultramarine: a greyed green on the way (marginal)', () => {
    const rows = row('PY42', 'PB29')
    expect(rows.some(({ wash }) => wash.h > 90 && wash.h < 200 && wash.C < 16)).toBe(true)
  })
})

describe('oranges, reds, violets', () => {
  it('warm yellow and pyrrole red: more chromatic orange than lemon and pyrrole red', () => {
    expect(mostOrange(row('PY65', 'PR254'))).toBeGreaterThan(mostOrange(row('PY175', 'PR254')))
  })
  it('ultramarine and quinacridone rose: a violet; rose and Indian yellow: a warm red', () => {
    const violet = row('PB29', 'PV19 rose').find((r) => r.parts[0] === 1 && r.parts[1] === 1)!.masstone
    expect(violet.h > 295 && violet.h < 345 && violet.C > 20).toBe(true)
    expect(
      row('PV19 rose', 'PY110').some(({ masstone }) => masstone.h > 20 && masstone.h < 45 && masstone.C > 50),
    ).toBe(true)
  })
})

describe('darks and whites', () => {
  it("a Payne's grey with ultramarine nearly imitates Prussian blue", () => {
    const prussian = pigmentByCode('PB27')!
    const near = RATIOS.map(([p, u]) => {
      const mix = predictMixture([
        { optics: paint('PBk6'), parts: p },
        { optics: paint('PB29'), parts: u },
        { optics: paint('PB15:3'), parts: 1 },
      ])
      return mix.ok
        ? Math.hypot(
            mix.value.masstone.L - prussian.masstone.L,
            mix.value.masstone.a - prussian.masstone.a,
            mix.value.masstone.b - prussian.masstone.b,
          )
        : 99
    })
    expect(Math.min(...near)).toBeLessThan(14)
  })
  it('phthalo blue tints far more strongly than cobalt or cerulean', () => {
    const blued = (blue: string) => {
      const m = predictMixture([
        { optics: paint('PY3'), parts: 8 },
        { optics: paint(blue), parts: 1 },
      ])
      return m.ok ? m.value.masstone.L : 0
    }
    expect(blued('PB15:3')).toBeLessThan(blued('PB28 royal') - 10)
    expect(blued('PB15:3')).toBeLessThan(blued('PB35') - 10)
  })
  it('titanium white makes a mixture lighter and more opaque', () => {
    const m = predictMixture([
      { optics: paint('PB29'), parts: 1 },
      { optics: paint('PW6'), parts: 2 },
    ])
    if (!m.ok) throw new Error(m.error.message)
    expect(m.value.masstone.L).toBeGreaterThan(45)
    expect(['semi-opaque', 'opaque']).toContain(m.value.transparency)
  })
})
