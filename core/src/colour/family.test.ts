import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { labD65 } from '../units'
import { familyOf, tellingSwatch } from './family'
import { HUE_FAMILIES, middleOfFamily, SECTORS, sectorOf } from './wheel'

const lch = (L: number, C: number, h: number) =>
  labD65(L, C * Math.cos((h * Math.PI) / 180), C * Math.sin((h * Math.PI) / 180))
/** The family of a paint with this masstone alone. */
const of = (L: number, C: number, h: number) => familyOf({ masstone: lch(L, C, h) })

describe('families of the wheel', () => {
  it('every hue lies in one sector, which begins at or before it and ends after it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 360, maxExcluded: true, noNaN: true }), (h) => {
        const sector = sectorOf(h)
        const next = SECTORS[(SECTORS.indexOf(sector) + 1) % SECTORS.length]!
        const turned = (angle: number) => (angle - sector.from + 360) % 360
        expect(turned(h)).toBeLessThan(turned(next.from))
      }),
    )
  })

  it('changes at the borders, red running through 0', () => {
    const names = [0, 45.9, 46, 69.9, 70, 107.9, 108, 204.9, 205, 302.9, 303, 349.9, 350].map((h) => sectorOf(h).family)
    expect(names).toEqual([
      ...['red', 'red', 'orange', 'orange', 'yellow', 'yellow', 'green', 'green'],
      ...['blue', 'blue', 'violet', 'violet', 'red'],
    ])
    for (const family of HUE_FAMILIES) {
      const middle = middleOfFamily(family)
      if (middle !== undefined) expect(sectorOf(middle).family).toBe(family)
    }
    expect(middleOfFamily('earth')).toBeUndefined()
  })
})

describe('families off the wheel (judgement)', () => {
  it('a light one without colour is a white', () => {
    expect(of(95, 3, 90)).toBe('white')
    expect(of(88, 13.9, 90)).toBe('white')
    expect(of(87, 8, 90)).toBe('neutral')
    expect(of(90, 20, 95)).toBe('yellow')
  })
  it('one of hardly any chroma is a neutral, a dark one even with a little more', () => {
    expect(of(50, 8.9, 250)).toBe('neutral')
    expect(of(50, 9.1, 250)).toBe('blue')
    expect(familyOf({ masstone: lch(20, 9.5, 250), wash: lch(60, 13, 250) })).toBe('neutral')
    expect(familyOf({ masstone: lch(20, 9.5, 250), wash: lch(60, 15, 250) })).toBe('blue')
    expect(familyOf({ masstone: lch(46, 9.5, 250), wash: lch(60, 13, 250) })).toBe('blue')
  })
  it('a dull one between red and yellow is an earth', () => {
    expect(of(35, 30, 45)).toBe('earth')
    expect(of(60, 55, 75)).toBe('earth')
    expect(of(60, 63, 75)).toBe('yellow')
    expect(of(60, 55, 60)).toBe('orange')
    expect(of(35, 30, 29)).toBe('red')
    expect(of(60, 55, 105)).toBe('yellow')
    expect(of(78, 40, 80)).toBe('yellow')
    expect(of(20, 42, 60)).toBe('orange')
  })
})

describe('the swatch that tells the hue', () => {
  const dark = lch(20, 12, 280)
  it('is the wash of a dark masstone that still has a colour there, else the more chromatic of the two', () => {
    expect(tellingSwatch({ masstone: dark, wash: lch(60, 9, 300) })).toEqual(lch(60, 9, 300))
    expect(tellingSwatch({ masstone: dark, wash: lch(60, 7, 300) })).toEqual(dark)
    expect(tellingSwatch({ masstone: lch(30, 12, 280), wash: lch(60, 9, 300) })).toEqual(lch(30, 12, 280))
    expect(tellingSwatch({ masstone: lch(50, 40, 280), wash: lch(70, 41, 300) })).toEqual(lch(70, 41, 300))
    expect(tellingSwatch({ wash: dark })).toEqual(dark)
    expect(tellingSwatch({})).toBeUndefined()
  })
})
