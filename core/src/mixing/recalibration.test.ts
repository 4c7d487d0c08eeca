import { describe, expect, it } from 'vitest'
import { ciede2000 } from '../colour/ciede2000'
import { opticsOfPaint } from '../film/paintOptics'
import { masstoneOf } from '../film/optics'
import { randomFrom } from '../random'
import { labD65 } from '../units'
import { errorOfMixture, type DoubtedOptics } from './mixtureError'
import { mixOptics } from './mixOptics'
import type { StrengthNote } from './observations'
import { recalibration } from './recalibration'

const CODES = ['PB29', 'PY42', 'PR101', 'PV19', 'PY150', 'PG7', 'PB15:3', 'PBr7']
const optics = new Map<string, DoubtedOptics>(
  CODES.map((code) => {
    const own = opticsOfPaint({ pigments: [code] })
    if (!own.ok) throw new Error(own.error.message)
    return [code, own.value]
  }),
)

/** Notes of mixtures that were off by so many times the figure within which half of them should lie. */
function notes(count: number, times: number): StrengthNote[] {
  const random = randomFrom(7)
  return Array.from({ length: count }, (_, i) => {
    const ids = [CODES[i % 8]!, CODES[(i * 3 + 1 + Math.floor(i / 8)) % 8]!]
    const paints = ids[0] === ids[1] ? [ids[0]!, 'PY150x'] : ids
    const parts = paints.map((id, k) => ({ id, parts: 1 + ((i + k) % 3) }))
    const shares = parts.map((p) => ({ optics: optics.get(p.id) ?? optics.get('PY150')!, parts: p.parts }))
    const mixed = mixOptics(shares)
    if (!mixed.ok) throw new Error(mixed.error.message)
    const lab = masstoneOf(mixed.value)
    const wanted = times * errorOfMixture(shares, 0, lab).median
    // along L*, as far as the formula of colour difference says; it takes no difference for endless
    const up = lab.L < 50 ? 1 : -1
    let step = 0
    while (step < 80 && ciede2000(lab.L, lab.a, lab.b, lab.L + up * step, lab.a, lab.b) < wanted) step += 0.02
    return { paints: parts, masstone: labD65(lab.L + up * step * (0.98 + 0.04 * random()), lab.a, lab.b) }
  })
}

describe('how far a collection’s own mixtures lie off', () => {
  it('says nothing below ten notes, of tints, and of paints that are not known', () => {
    expect(recalibration(optics, notes(9, 2))).toBe(1)
    expect(
      recalibration(
        optics,
        notes(40, 2).map((n) => ({ ...n, isTint: true })),
      ),
    ).toBe(1)
    expect(recalibration(new Map(), notes(40, 2))).toBe(1)
  })

  it.each([
    [10, 1],
    [40, 1],
    [40, 1.6],
    [40, 0.7],
  ])('%i notes that are off %f times as far as was said are found to be, less where they are few', (count, times) => {
    const known = notes(count, times).filter((n) => n.paints.every((p) => optics.has(p.id)))
    const expected = known.length < 10 ? 1 : times ** (known.length / (known.length + 10))
    expect(recalibration(optics, notes(count, times))).toBeCloseTo(expected, 1)
  })

  it('never makes an error more than twice as large or less than half', () => {
    expect(recalibration(optics, notes(60, 9))).toBe(2)
    expect(recalibration(optics, notes(60, 0))).toBe(0.5)
  })

  it('is carried to mixtures, not to a paint by itself, and a trace of another changes it by a trace', () => {
    const [blue, ochre] = [optics.get('PB29')!, optics.get('PY42')!]
    const told = (parts: number) => {
      const shares = (by?: number) => [
        { optics: { ...blue, ...(by ? { calibration: by } : {}) }, parts: 1 },
        ...(parts ? [{ optics: { ...ochre, ...(by ? { calibration: by } : {}) }, parts }] : []),
      ]
      const lab = masstoneOf(blue)
      return errorOfMixture(shares(2), 0, lab).most / errorOfMixture(shares(), 0, lab).most
    }
    expect(told(0)).toBe(1)
    expect(told(0.001)).toBeLessThan(1.02)
    expect(told(1)).toBeGreaterThan(1.5)
    expect(told(1)).toBeLessThanOrEqual(2)
  })
})
