import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { colourDifference } from '../colour/difference'
import { toLch } from '../colour/lch'
import { labOfReflectance, xyzOfReflectance } from '../colour/tristimulus'
import { colourAt, loadAt } from '../film/optics'
import { opticsOfPaint } from '../film/paintOptics'
import type { Result } from '../result'
import { glazedColour, glazedReflectance } from './glaze'
import { partsUnderLamp, underLights } from './lamp'
import { mixOptics } from './mixOptics'
import { findRecipes } from './recipes/findRecipes'

function must<T>(r: Result<T>): T {
  if (!r.ok) throw new Error(r.error.message)
  return r.value
}
const film = (code: string) => must(opticsOfPaint({ pigments: [code] }))
const [blue, yellow, opaque] = [film('PB29'), film('PY150'), film('PR108')]

describe('a wash over a dry wash', () => {
  it('is one wash where there is one', () => {
    for (const water of [0, 2, 6])
      expect(must(glazedColour([{ optics: blue, water }]))).toEqual(colourAt(blue, loadAt(blue, water)))
  })

  it('of the same paint is one as thick as both together', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 20, noNaN: true }), fc.double({ min: 0, max: 20, noNaN: true }), (p, q) => {
        const both = must(
          glazedColour([
            { optics: yellow, water: p },
            { optics: yellow, water: q },
          ]),
        )
        const whole = colourAt(yellow, loadAt(yellow, p) + loadAt(yellow, q))
        expect(colourDifference(both, whole)).toBeLessThan(1e-6)
      }),
    )
  })

  it('of transparent paints hardly cares which lies below; what covers hides what it lies on (common practice)', () => {
    const over = (lower: typeof blue, upper: typeof blue, water: number) =>
      must(
        glazedColour([
          { optics: lower, water },
          { optics: upper, water },
        ]),
      )
    expect(colourDifference(over(blue, yellow, 4), over(yellow, blue, 4))).toBeLessThan(4)
    expect(colourDifference(over(blue, opaque, 0), over(opaque, blue, 0))).toBeGreaterThan(15)
    // a glaze of yellow over blue is a green
    const green = toLch(over(blue, yellow, 4))
    expect(green.h > 100 && green.h < 220).toBe(true)
  })

  it('darkens with every layer, and refuses what makes no sense', () => {
    const layers = [1, 2, 3].map((n) => Array.from({ length: n }, () => ({ optics: blue, water: 6 })))
    const L = layers.map((l) => must(glazedColour(l)).L)
    expect(L).toEqual([...L].sort((p, q) => q - p))
    expect(glazedReflectance([])).toMatchObject({ ok: false, error: { code: 'no-layer' } })
    expect(glazedReflectance([{ optics: blue, water: NaN }])).toMatchObject({ error: { code: 'bad-water' } })
  })
})

describe('by a lamp (illuminant A)', () => {
  it('its white is that of CIE 15:2018: X 109.85, Y 100, Z 35.58', () => {
    const { X, Y, Z } = xyzOfReflectance(new Float64Array(36).fill(1), 'lamp')
    expect([X - 109.85, Y - 100, Z - 35.58].every((d) => Math.abs(d) < 0.02)).toBe(true)
  })
  it('white stays white, reds come forward and blues fall back', () => {
    const white = labOfReflectance(new Float64Array(36).fill(0.9), 'lamp')
    expect(Math.hypot(white.a, white.b)).toBeLessThan(0.01)
    const change = (code: string) => colourAt(film(code), 1, 'lamp').L - colourAt(film(code), 1).L
    expect(change('PR254')).toBeGreaterThan(2)
    expect(change('PB29')).toBeLessThan(-2)
  })
})

describe('two that match by daylight', () => {
  it('part by a lamp where their spectra differ, and never from themselves', () => {
    expect(underLights(blue, blue, [6, 6])).toEqual({ daylight: 0, lamp: 0 })
    const violet = must(opticsOfPaint({ pigments: ['PV15'] }))
    const mixed = must(
      findRecipes({
        target: { kind: 'paint', masstone: colourAt(violet, 1), wash: colourAt(violet, violet.washLoad) },
        paints: ['PB29', 'PV19', 'PBk6', 'PB15:3', 'PR122'].map((code) => ({ id: code, optics: film(code) })),
      }),
    ).best
    const apart = mixed.map((r) => {
      const mix = must(mixOptics(r.paints.map((p) => ({ optics: film(p.id), parts: p.parts }))))
      return underLights(mix, violet, [r.water, 6])
    })
    expect(apart.every((a) => Number.isFinite(a.lamp))).toBe(true)
    expect(partsUnderLamp({ daylight: 1, lamp: 4 })).toBe(true)
    expect(partsUnderLamp({ daylight: 4, lamp: 4.5 })).toBe(false)
  })
})
