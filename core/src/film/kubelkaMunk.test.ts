import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { depthOf, filmOver, thickFilm } from './kubelkaMunk'
import { insideOf, outsideOf } from './sheet'

const K = fc.double({ min: 1e-4, max: 40, noNaN: true })
const S = fc.double({ min: 1e-4, max: 8, noNaN: true })
const R = fc.double({ min: 0, max: 1, noNaN: true })

describe('a film of paint (Kubelka 1948), against closed forms', () => {
  it('without scattering: R = Rg exp(-2KX); K = 1, X = 1, Rg = 0.9 gives 0.121802', () => {
    expect(Math.abs(filmOver(1, 0, 1, 0.9) - 0.121802)).toBeLessThan(1e-6)
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 10, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        R,
        (k, x, rg) => {
          expect(Math.abs(filmOver(k, 0, x, rg) - rg * Math.exp(-2 * k * x))).toBeLessThan(1e-12)
        },
      ),
    )
  })
  it('thick: R = 1 + K/S - sqrt((K/S)^2 + 2K/S) whatever lies below', () => {
    fc.assert(
      fc.property(K, S, R, (k, s, rg) => {
        expect(Math.abs(filmOver(k, s, 1e6, rg) - thickFilm(k, s))).toBeLessThan(1e-9)
      }),
    )
    expect(thickFilm(1, 0)).toBe(0)
    expect(thickFilm(0, 0)).toBe(1)
  })
  it('thin: R = Rg', () => {
    fc.assert(
      fc.property(K, S, R, (k, s, rg) => {
        expect(Math.abs(filmOver(k, s, 0, rg) - rg)).toBeLessThan(1e-12)
      }),
    )
  })
  it('stays within 0..1, and two films on each other are one of double load', () => {
    fc.assert(
      fc.property(K, S, fc.double({ min: 0.001, max: 2, noNaN: true }), R, (k, s, x, rg) => {
        const once = filmOver(k, s, x, rg)
        expect(once).toBeGreaterThanOrEqual(-1e-12)
        expect(once).toBeLessThanOrEqual(1 + 1e-12)
        expect(Math.abs(filmOver(k, s, x, once) - filmOver(k, s, 2 * x, rg))).toBeLessThan(1e-9)
        const t = depthOf(k, s, x)
        const g2 = k * (k + 2 * s)
        expect(Math.abs((2 * t) / (1 + g2 * t * t) - depthOf(k, s, 2 * x))).toBeLessThan(1e-9)
      }),
    )
  })
  it('the surface goes on and comes off again', () => {
    fc.assert(
      fc.property(R, (r) => {
        expect(Math.abs(insideOf(outsideOf(r)) - r)).toBeLessThan(1e-12)
      }),
    )
  })
})
