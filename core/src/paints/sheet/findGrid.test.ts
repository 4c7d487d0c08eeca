import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { colourDifference } from '../../colour/difference'
import { REFERENCE_PIGMENTS } from '../../pigments/reference'
import { labD65, type LabD65 } from '../../units'
import { findGrid } from './findGrid'
import { simulateSheet } from './simulateSheet'
import { runs } from '../../../../tests/setup/runs'

const paper = labD65(93, 0, 2)
const COLOURS = REFERENCE_PIGMENTS.map((p) => p.masstone).filter((c) => colourDifference(c, paper) > 25)
const sheet = (
  colours: readonly (LabD65 | undefined)[],
  columns: number,
  how: Parameters<typeof simulateSheet>[4] = {},
  width = 900,
  height = 700,
) => {
  const made = simulateSheet(colours, columns, width, height, how)
  if (!made.ok) throw new Error(made.error.message)
  return made.value
}

describe('a grid of swatches', () => {
  it(`is found within three pixels at its corners, with its rows and columns: 95 in a hundred, of ${runs(20)}`, () => {
    const how = fc.record({
      noise: fc.double({ min: 0, max: 0.02, noNaN: true }),
      tilt: fc.double({ min: 0, max: 0.2, noNaN: true }),
      uneven: fc.double({ min: 0, max: 0.4, noNaN: true }),
      tone: fc.double({ min: 0, max: 0.2, noNaN: true }),
      light: fc.constantFrom([1, 1, 1] as const, [1, 0.9, 0.75] as const),
      seed: fc.integer({ min: 1, max: 1e6 }),
    })
    let [within, all] = [0, 0]
    fc.assert(
      fc.property(
        how,
        fc.integer({ min: 4, max: 9 }),
        fc.integer({ min: 3, max: 6 }),
        fc.nat(40),
        (conditions, columns, rows, from) => {
          // every seventh cell is empty
          const colours = Array.from({ length: rows * columns }, (_, i) =>
            i % 7 === 3 ? undefined : COLOURS[(from + i) % COLOURS.length],
          )
          const made = sheet(colours, columns, conditions)
          const found = findGrid(made.image)
          all += 1
          if (!found.ok || found.value.rows !== rows || found.value.columns !== columns) return
          if (found.value.corners.every((c, i) => Math.hypot(c.x - made.corners[i]!.x, c.y - made.corners[i]!.y) <= 3))
            within += 1
          expect(Math.abs(found.value.gap - made.gap)).toBeLessThan(0.06)
        },
      ),
      { numRuns: runs(20) },
    )
    expect(within / all).toBeGreaterThanOrEqual(0.95)
  }, 60_000)

  it('is refused with a reason where there is none, or too little of it', () => {
    const code = (image: Parameters<typeof findGrid>[0]) => {
      const found = findGrid(image)
      return found.ok ? 'found' : found.error.code
    }
    expect(code({ width: 400, height: 300, data: new Uint8ClampedArray(400 * 300 * 4).fill(235) })).toBe(
      'grid-not-found',
    )
    expect(code(sheet([COLOURS[0], undefined, undefined, COLOURS[1]], 2).image)).toBe('grid-not-found')
    const noise = new Uint8ClampedArray(400 * 300 * 4)
    for (let i = 0; i < noise.length; i += 1) noise[i] = i % 4 === 3 ? 255 : ((i * 2654435761) >>> 24) & 0xff
    expect(code({ width: 400, height: 300, data: noise })).toBe('grid-not-found')
  })
})
