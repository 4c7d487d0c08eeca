import { describe, expect, it } from 'vitest'
import { referenceFilm } from '../film/referenceFilm'
import { pigmentByCode } from '../pigments/reference'
import { colourAt, loadAt, masstoneOf, overBlack, rampOf, transparencyOf, washOf } from '../film/optics'
import { mixOptics } from './mixOptics'
import { correctedAt, correctionFor, weightAt } from './observations'

const film = (code: string, variant?: string) => referenceFilm(pigmentByCode(code, variant)!)
const mixed = (...parts: [string, number][]) => {
  const m = mixOptics(parts.map(([code, n]) => ({ optics: film(code), parts: n })))
  if (!m.ok) throw new Error(m.error.message)
  return m.value
}

describe('water and load', () => {
  it('no water is masstone, six parts are the wash, and a mixture’s wash lies between those of its paints', () => {
    const blue = film('PB29')
    expect(loadAt(blue, 0)).toBe(1)
    expect(loadAt(blue, 6)).toBeCloseTo(blue.washLoad, 12)
    expect(loadAt(blue, -3)).toBe(1)
    const [a, b] = [film('PB15:3').washLoad, film('PY3').washLoad]
    const { washLoad } = mixed(['PB15:3', 1], ['PY3', 1])
    expect(washLoad).toBeGreaterThan(Math.min(a, b))
    expect(washLoad).toBeLessThan(Math.max(a, b))
  })
  it('the ramp starts at masstone, passes the wash, and gets lighter all the way', () => {
    const blue = film('PB29')
    const ramp = rampOf(blue)
    expect(ramp[0]).toEqual({ water: 0, lab: masstoneOf(blue) })
    expect(ramp.find((r) => r.water === 6)!.lab.L).toBeCloseTo(washOf(blue).L, 9)
    expect(ramp.every((r, i) => i === 0 || r.lab.L > ramp[i - 1]!.lab.L)).toBe(true)
  })
})

describe('covering', () => {
  it('a black line shows through transparent paint and hardly through cadmium or white', () => {
    const shows = (code: string) => overBlack(film(code)).L
    expect(shows('PY150')).toBeLessThan(35)
    expect(shows('PW6')).toBeGreaterThan(80)
    expect(shows('PY35')).toBeGreaterThan(shows('PY150') + 20)
  })
  it('is said in the classes of the trade, and white makes a mixture cover', () => {
    expect([
      transparencyOf(film('PY150')),
      transparencyOf(film('PY3')),
      transparencyOf(film('PR108')),
      transparencyOf(film('PW6')),
    ]).toEqual(['transparent', 'semi-transparent', 'opaque', 'opaque'])
    expect(transparencyOf(mixed(['PB29', 1], ['PW6', 1]))).toBe('opaque')
  })
})

describe('strength', () => {
  it('one part of phthalo blue outdoes eight of a lemon more than one of cobalt does', () => {
    const lost = (blue: string) => masstoneOf(film('PY3')).L - masstoneOf(mixed(['PY3', 8], [blue, 1])).L
    expect(lost('PB15:3')).toBeGreaterThan(lost('PB28') + 5)
  })
  it('absorption of a mixture is kept finite, and thin films end at the paper', () => {
    expect(Math.max(...mixed(['PBk6', 1], ['PB15:3', 1]).K)).toBeLessThanOrEqual(60)
    expect(colourAt(film('PBk6'), 1e-9).L).toBeGreaterThan(96)
  })
})

describe('corrections by own notes', () => {
  const parts = [
    { id: 'a', optics: film('PB29'), parts: 1 },
    { id: 'b', optics: film('PY3'), parts: 1 },
  ]
  const note = (dL: number, wash = true) => {
    const plain = mixed(['PB29', 1], ['PY3', 1])
    const [m, w] = [masstoneOf(plain), washOf(plain)]
    return {
      paints: [
        { id: 'a', parts: 2 },
        { id: 'b', parts: 2 },
      ],
      masstone: { ...m, L: m.L + dL },
      ...(wash ? { wash: { ...w, L: w.L + dL / 2 } } : {}),
    }
  }
  it('two notes that agree count for more than one, and contrary ones cancel', () => {
    const [one, two] = [correctionFor(parts, [note(10)])!, correctionFor(parts, [note(10), note(10)])!]
    expect(two.masstone[0]).toBeGreaterThan(one.masstone[0])
    expect(two.weights.masstone).toBeGreaterThan(one.weights.masstone)
    expect(correctionFor(parts, [note(10), note(-10)])!.masstone[0]).toBeCloseTo(0, 9)
  })
  it('a paint that a note names twice counts once, with all its parts', () => {
    const [one, other] = note(10).paints
    const twice = {
      ...note(10),
      paints: [one!, { ...other!, parts: other!.parts / 2 }, { ...other!, parts: other!.parts / 2 }],
    }
    expect(correctionFor(parts, [twice])).toEqual(correctionFor(parts, [note(10)]))
  })
  it('go from masstone to wash with the load, and fade as the wash gets paler', () => {
    const correction = correctionFor(parts, [note(10)])!
    const at = (load: number) => correctedAt(correction, { white: 'D65', L: 50, a: 0, b: 0 }, load, 0.15).L - 50
    expect(at(1)).toBeCloseTo(correction.masstone[0], 9)
    expect(at(0.15)).toBeCloseTo(correction.wash[0], 9)
    expect(at(0.4)).toBeLessThan(at(1))
    expect(at(0.015)).toBeCloseTo(correction.wash[0] / 10, 9)
  })
  it('a note on one swatch only corrects that one, and makes that one surer', () => {
    const correction = correctionFor(parts, [note(10, false)])!
    expect(correction.wash).toEqual([0, 0, 0])
    expect([weightAt(correction, 6), weightAt(correction, 20)]).toEqual([0, 0])
    expect(weightAt(correction, 0)).toBeGreaterThan(0.5)
  })
})
