import { describe, expect, it } from 'vitest'
import { colourDifference, pigmentByCode, predictMixture } from '../../src'
import { strengthNumber, strengthOf } from '../../src/film/strength'
import { paint, RATIOS } from './mixtures'
import { FACTS, MISSED } from './trade'

/** What painters know of mixtures: common practice, no source. What is missed is named, and published in docs/accuracy.md. */
describe('what painters know of mixtures', () => {
  it.each(FACTS.filter(({ says }) => !MISSED.has(says)))('$says', ({ holds }) => expect(holds()).toBe(true))

  it.each(FACTS.filter(({ says }) => MISSED.has(says)))('still missed: $says', ({ holds }) => {
    // when this fails the model has learned it: take it off the list of what is missed
    expect(holds()).toBe(false)
  })

  it('names as missed only what is a fact', () => {
    const facts = FACTS.map((f) => f.says)
    expect([...MISSED.keys()].filter((m) => !facts.includes(m))).toEqual([])
  })
})

describe('the trade’s order of tinting strength, strongest first (common practice, no source)', () => {
  const tint = (what: string) => {
    const mix = predictMixture([
      { optics: paint(what), parts: 1 },
      { optics: paint('PW6'), parts: 10 },
    ])
    if (!mix.ok) throw new Error(mix.error.message)
    return mix.value.masstone
  }
  const number = (what: string) => {
    const { K, perPart = 1 } = paint(what)
    return strengthNumber(strengthOf(K) * perPart)
  }
  const falling = [
    ['PB15:3', 'PG7', 'PV23', 'PB27', 'PBk6', 'PBk7'],
    ['PR122', 'PV19 rose', 'PR254', 'PR179', 'PY3', 'PY154'],
    ['PR108', 'PY35', 'PB29', 'PR101 Indian red'],
    ['PY42', 'PBr7 raw sienna', 'PB28 blue', 'PB35'],
    ['PG18', 'PV14', 'PG23', 'NR9'],
  ]
  it('every group is stronger than the next', () => {
    for (const [i, group] of falling.slice(1).entries())
      expect(Math.max(...group.map(number)), group.join()).toBeLessThan(Math.min(...falling[i]!.map(number)))
  })
  it('reaches over some one to thirty', () => {
    const all = falling.flat().map(number)
    expect(Math.max(...all) / Math.min(...all)).toBeGreaterThan(25)
  })
  it('one part in ten of titanium white: phthalo blue at L* 48 to 62, at least 12 darker than cobalt blue', () => {
    expect(tint('PB15:3').L).toBeGreaterThanOrEqual(48)
    expect(tint('PB15:3').L).toBeLessThanOrEqual(62)
    expect(tint('PB28 blue').L - tint('PB15:3').L).toBeGreaterThanOrEqual(12)
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
      return mix.ok ? colourDifference(mix.value.masstone, prussian.masstone) : 99
    })
    expect(Math.min(...near)).toBeLessThan(10)
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
