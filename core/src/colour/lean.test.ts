import { describe, expect, it } from 'vitest'
import { labD65 } from '../units'
import { familyOf } from './family'
import { leanInWords, leanOf } from './lean'

const lab = (L: number, a: number, b: number) => labD65(L, a, b)

/** Typical swatches, masstone then wash (from memory), and what painters say of them (common practice, no source). */
const TYPICAL = [
  ['lemon yellow PY3', lab(88, -8, 82), lab(95, -9, 35), 'yellow', 'green'],
  ['Indian yellow PY110', lab(71, 28, 78), lab(87, 9, 48), 'yellow', 'orange'],
  ['pyrrole orange PO71', lab(56, 58, 62), lab(78, 30, 38), 'orange', undefined],
  ['pyrrole red PR254', lab(44, 62, 40), lab(72, 38, 18), 'red', undefined],
  ['rose PV19', lab(37, 56, 12), lab(70, 40, -6), 'red', 'violet'],
  ['dioxazine violet PV23', lab(16, 20, -22), lab(55, 26, -34), 'violet', 'blue'],
  ['ultramarine PB29', lab(25, 28, -62), lab(62, 6, -42), 'blue', 'violet'],
  ['phthalo blue PB15:3', lab(27, 0, -38), lab(66, -18, -36), 'blue', 'green'],
  ['phthalo green PG7', lab(27, -30, 0), lab(70, -42, 2), 'green', 'blue'],
  ['sap green', lab(36, -16, 30), lab(72, -18, 42), 'green', 'yellow'],
  ['burnt sienna PBr7', lab(36, 24, 28), lab(70, 20, 28), 'earth', undefined],
  ['yellow ochre PY42', lab(64, 14, 48), lab(84, 6, 32), 'earth', undefined],
  ['burnt umber PBr7', lab(29, 10, 13), lab(66, 10, 16), 'earth', undefined],
  ['ivory black PBk9', lab(20, 0, 1), lab(60, 0, 2), 'neutral', undefined],
  ['titanium white PW6', lab(96, -1, 2), lab(97, 0, 1), 'white', undefined],
] as const

describe('family and lean of typical paints', () => {
  it.each(TYPICAL)('%s', (_name, masstone, wash, family, toward) => {
    expect(familyOf({ masstone, wash })).toBe(family)
    if (toward) expect(leanOf({ masstone, wash })?.toward).toBe(toward)
  })

  it('calls a lemon cool and an Indian yellow warm, and leaves the temperature of blues to the artist', () => {
    const words = (i: number) => leanInWords(leanOf({ masstone: TYPICAL[i]![1], wash: TYPICAL[i]![2] })!)
    expect(words(0)).toBe('yellow, leans green (cool)')
    expect(words(1)).toBe('yellow, leans orange (warm)')
    expect(words(6)).toBe('blue, leans violet')
  })

  it('says nothing without a swatch, and follows the artist when they disagree', () => {
    expect(leanOf({})).toBeUndefined()
    expect(familyOf({})).toBeUndefined()
    expect(leanOf({ masstone: lab(36, 24, 28) }, 'orange')?.family).toBe('orange')
  })
})
