import { describe, expect, it } from 'vitest'
import { colourDifference, pigmentByCode, predictMixture } from '../../src'
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
