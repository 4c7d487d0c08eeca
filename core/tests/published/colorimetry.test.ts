import { readFileSync } from 'node:fs'
import { differenceCiede2000 } from 'culori'
import Color from 'colorjs.io'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { colourDifference, labD65, readSpectra } from '../../src'
import { ciede2000, localMetric } from '../../src/colour/ciede2000'
import { labOfReflectance, labOfXyz, WHITE_D65 } from '../../src/colour/tristimulus'
import { runs } from '../../../tests/setup/runs'

const table = (name: string) =>
  readFileSync(new URL(name, import.meta.url), 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((l) => l.split(','))
const PAIRS = table('ciede2000-pairs.csv').map(
  (row) => row.map(Number) as [number, number, number, number, number, number, number],
)

describe('CIEDE2000 (Sharma, Wu, Dalal 2005, table 1)', () => {
  it('all 34 pairs to 1e-7, both ways round', () => {
    expect(PAIRS).toHaveLength(34)
    for (const [L1, a1, b1, L2, a2, b2, expected] of PAIRS) {
      expect(Math.abs(ciede2000(L1, a1, b1, L2, a2, b2) - expected)).toBeLessThan(1e-7)
      expect(Math.abs(ciede2000(L2, a2, b2, L1, a1, b1) - expected)).toBeLessThan(1e-7)
      expect(Math.abs(colourDifference(labD65(L1, a1, b1), labD65(L2, a2, b2)) - expected)).toBeLessThan(5e-5)
    }
  })

  const culori = differenceCiede2000()
  const byCulori = ([L1, a1, b1]: Colour, [L2, a2, b2]: Colour) =>
    culori({ mode: 'lab65', l: L1, a: a1, b: b1 }, { mode: 'lab65', l: L2, a: a2, b: b2 })
  // colorjs.io compares in the Lab of its own white; told D65, it gets the same numbers
  const byColorjs = (one: Colour, other: Colour) => new Color('lab', one).deltaE(new Color('lab', other), '2000')
  type Colour = [L: number, a: number, b: number]
  const part = (most: number) => fc.double({ min: -most, max: most, noNaN: true })
  const colour = fc.tuple(fc.double({ min: 0, max: 100, noNaN: true }), part(100), part(100))

  it('agrees with culori on every pair of colours under D65', () => {
    fc.assert(
      fc.property(colour, colour, (one, other) => {
        expect(Math.abs(ciede2000(...one, ...other) - byCulori(one, other))).toBeLessThan(1e-12)
      }),
      { numRuns: runs(500) },
    )
  })

  it('agrees with colorjs.io, which takes a chroma below 0.0025 for none, wherever there is more', () => {
    const chromatic = colour.filter(([, a, b]) => Math.hypot(a, b) > 0.01)
    fc.assert(
      fc.property(chromatic, chromatic, (one, other) => {
        expect(Math.abs(ciede2000(...one, ...other) - byColorjs(one, other))).toBeLessThan(1e-9)
      }),
      { numRuns: runs(200) },
    )
    const nearlyGrey: [Colour, Colour] = [
      [50, 0, 0.00136],
      [58, 37, 0],
    ]
    const off = Math.abs(ciede2000(...nearlyGrey[0], ...nearlyGrey[1]) - byColorjs(...nearlyGrey))
    expect(off).toBeGreaterThan(1e-6)
    expect(off).toBeLessThan(1e-3)
  })

  it('jumps where two hues lie opposite, since their mean turns by half a circle; both sides as published', () => {
    const red: Colour = [50, 20, 0]
    const side = (b: number): Colour => [50, -20, b]
    const [above, below] = [ciede2000(...red, ...side(1e-9)), ciede2000(...red, ...side(-1e-9))]
    expect(Math.abs(above - byCulori(red, side(1e-9)))).toBeLessThan(1e-12)
    expect(Math.abs(below - byCulori(red, side(-1e-9)))).toBeLessThan(1e-12)
    // the weight of hue, T, is another one at 90 than at 270 degrees (eq. 15)
    expect(Math.abs(above - below)).toBeGreaterThan(1)
    expect(Math.abs(ciede2000(...red, ...side(1e-3)) - above)).toBeLessThan(1e-2)
    expect(Math.abs(ciede2000(...red, ...side(-1e-3)) - below)).toBeLessThan(1e-2)
  })

  it('the local form is CIEDE2000 near a colour', () => {
    for (const [L, a, b] of [
      [50, 20, -40],
      [70, -10, 60],
      [30, 1, 1],
    ] as const) {
      const q = localMetric(L, a, b)
      const [dL, da, db] = [0.4, -0.3, 0.5]
      const local = Math.sqrt(
        q[0]! * dL * dL + q[1]! * da * da + q[2]! * db * db + q[3]! * da * db + q[4]! * dL * da + q[5]! * dL * db,
      )
      expect(Math.abs(local / ciede2000(L, a, b, L + dL, a + da, b + db) - 1)).toBeLessThan(0.06)
    }
  })
})

describe('colour of a spectrum under D65, 2 degree (CIE 15:2018)', () => {
  it('white is 95.047, 100, 108.90 within 0.02', () => {
    expect(Math.abs(WHITE_D65.X - 95.047)).toBeLessThan(0.02)
    expect(Math.abs(WHITE_D65.Y - 100)).toBeLessThan(1e-6)
    expect(Math.abs(WHITE_D65.Z - 108.9)).toBeLessThan(0.02)
    const white = labOfReflectance(new Float64Array(36).fill(1))
    expect(Math.hypot(white.L - 100, white.a, white.b)).toBeLessThan(1e-9)
  })

  const [head, ...rows] = readFileSync(new URL('cie-test-colours.csv', import.meta.url), 'utf8')
    .trim()
    .split('\n')
    .map((l) => l.split(','))
  const observer = readFileSync(new URL('../../../data/observer/cie-1931-2deg-d65.csv', import.meta.url), 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((l) => l.split(',').map(Number) as [number, number, number, number, number])
  /** Summed over the whole table at 5 nm, the slow and plain way. */
  function fromTable(row: readonly string[]) {
    const at = new Map(head!.slice(1).map((nm, i) => [Number(nm), Number(row[i + 1])]))
    let [X, Y, Z, white] = [0, 0, 0, 0]
    for (const [nm, x, y, z, d65] of observer) {
      const r = at.get(Math.min(780, nm))!
      X += x * d65 * r
      Y += y * d65 * r
      Z += z * d65 * r
      white += y * d65
    }
    return [X, Y, Z].map((v) => (100 * v) / white)
  }

  // CIE 13.3 spectrum; XYZ by an independent general-purpose tool (spec2cie, D65, 2 degree)
  it('our observer table gives test colour 1 as XYZ 33.02, 29.89, 24.59 within 0.02', () => {
    expect(
      fromTable(rows[0]!)
        .map((v, i) => Math.abs(v - [33.02, 29.89, 24.59][i]!))
        .every((d) => d < 0.02),
    ).toBe(true)
  })

  it('36 bands, as the reader of spectra brings them, against the full table: below 0.12 for the eight test colours', () => {
    const read = readSpectra(readFileSync(new URL('cie-test-colours.csv', import.meta.url), 'utf8'))
    if (!read.ok) throw new Error(read.error.message)
    expect(read.value.samples).toHaveLength(8)
    expect(read.value.notes[0]).toContain('Resampled from 360–780 nm by 5 nm')
    rows.forEach((row, k) => {
      const [X, Y, Z] = fromTable(row) as [number, number, number]
      const [full, own] = [labOfXyz({ X, Y, Z }), labOfReflectance(read.value.samples[k]!.reflectance)]
      expect(ciede2000(full.L, full.a, full.b, own.L, own.a, own.b)).toBeLessThan(0.12)
    })
  })
})
