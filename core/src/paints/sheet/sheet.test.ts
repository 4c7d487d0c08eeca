import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { colourDifference } from '../../colour/difference'
import { toScreen } from '../../colour/srgb'
import { REFERENCE_PIGMENTS } from '../../pigments/reference'
import { fitPaperLight } from './paperLight'
import { gridToImage, type Corners } from './perspective'
import { readSwatchSheet, type SheetQuestion } from './readSwatchSheet'
import type { SheetConditions } from './simulatePhoto'
import { simulateSheet } from './simulateSheet'
import { runs } from '../../../../tests/setup/runs'

const TRUTH = REFERENCE_PIGMENTS.filter((p) => toScreen(p.masstone).shown)
  .slice(0, 48)
  .map((p) => p.masstone)
const read = (question: SheetQuestion) => readSwatchSheet(question)
function photograph(conditions: SheetConditions, width = 1200, height = 900) {
  const sheet = simulateSheet(TRUTH, 8, width, height, conditions)
  if (!sheet.ok) throw new Error(sheet.error.message)
  return sheet.value
}
const code = (question: SheetQuestion) => {
  const r = read(question)
  return r.ok ? 'ok' : r.error.code
}

describe('a photographed sheet with known truth', () => {
  it.each([
    ['a perfect scan', {}, 1],
    ['noise', { noise: 0.03 }, 2],
    ['tilt', { tilt: 0.2 }, 1.5],
    ['uneven light', { uneven: 0.5 }, 1.5],
    ['warm light, tilt, noise, uneven', { light: [1, 0.86, 0.66], tilt: 0.15, noise: 0.02, uneven: 0.4 }, 3],
  ] as [string, SheetConditions, number][])('%s: median CIEDE2000 below what is asked', (_name, conditions, most) => {
    const sheet = photograph(conditions)
    const result = read(sheet)
    if (!result.ok) throw new Error(result.error.message)
    const off = result.value.cells.map((cell, i) => colourDifference(cell.lab, TRUTH[i]!)).sort((p, q) => p - q)
    expect(result.value.cells).toHaveLength(48)
    expect(off[24]!).toBeLessThan(most)
    expect(off[45]!).toBeLessThan(most * 4)
  })

  it('warns of a lamp, and knows an empty cell', () => {
    const sheet = simulateSheet([TRUTH[0], undefined, TRUTH[2], TRUTH[3]], 2, 800, 800, { light: [1, 0.6, 0.32] })
    const result = sheet.ok && read(sheet.value)
    if (!result || !result.ok) throw new Error('unread')
    expect(result.value.cautions.join()).toContain('lamp')
    expect(result.value.cells.map((c) => c.empty)).toEqual([false, true, false, false])
  })

  it('refuses with what to do', () => {
    const sheet = photograph({})
    const { image, corners } = sheet
    expect(code({ ...sheet, image: { width: 0, height: 0, data: new Uint8ClampedArray() } })).toBe('not-an-image')
    expect(code({ ...sheet, image: { ...image, data: image.data.slice(8) } })).toBe('not-an-image')
    expect(code(photograph({}, 280, 280))).toBe('image-too-small')
    expect(code({ ...sheet, corners: [corners[1], corners[0], corners[3], corners[2]] })).toBe('corners-crossed')
    expect(code({ ...sheet, corners: [corners[0], corners[2], corners[1], corners[3]] })).toBe('corners-crossed')
    expect(code({ ...sheet, corners: [{ x: -40, y: 0 }, corners[1], corners[2], corners[3]] })).toBe(
      'paper-out-of-view',
    )
    expect(code({ ...sheet, corners: [{ x: Number.NaN, y: 0 }, corners[1], corners[2], corners[3]] })).toBe('bad-grid')
    expect(code({ ...sheet, rows: 40, columns: 2 })).toBe('grid-does-not-fit')
    expect(code({ ...sheet, rows: 0 })).toBe('bad-grid')
    expect(code({ ...sheet, gap: 0.9 })).toBe('bad-grid')
    expect(code(photograph({ exposure: 1.4 }))).toBe('over-exposed')
    expect(code(photograph({ exposure: 0.02 }))).toBe('too-dark')
    const noise = new Uint8ClampedArray(image.data.length)
    for (let i = 0; i < noise.length; i += 1) noise[i] = i % 4 === 3 ? 255 : ((i * 2654435761) >>> 24) & 0xff
    expect(code({ ...sheet, image: { ...image, data: noise } })).not.toBe('ok')
  })

  it('never gives a NaN, wherever the corners lie', () => {
    const sheet = photograph({ noise: 0.02 }, 640, 480)
    const point = fc.record({ x: fc.integer({ min: 0, max: 640 }), y: fc.integer({ min: 0, max: 480 }) })
    fc.assert(
      fc.property(point, point, point, point, (a, b, c, d) => {
        const result = read({ ...sheet, corners: [a, b, c, d] as Corners })
        if (result.ok)
          expect(result.value.cells.every(({ lab, sd }) => [lab.L, lab.a, lab.b, sd].every(Number.isFinite))).toBe(true)
      }),
      { numRuns: runs(25) },
    )
  })
})

describe('the perspective of a sheet', () => {
  it('takes the corners of the grid to the corners of the sheet', () => {
    const corners: Corners = [
      { x: 100, y: 80 },
      { x: 900, y: 120 },
      { x: 950, y: 700 },
      { x: 60, y: 660 },
    ]
    const map = gridToImage(corners)
    if (!map.ok) throw new Error(map.error.message)
    ;[
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ].forEach(([u, v], i) => {
      const { x, y } = map.value(u!, v!)
      expect(Math.hypot(x - corners[i]!.x, y - corners[i]!.y)).toBeLessThan(1e-6)
    })
  })
})

describe('light on the paper', () => {
  it('is found though a third of the looks fall on paint', () => {
    const light = (u: number, v: number) => 0.7 * Math.exp(-0.4 * u - 0.2 * v * v)
    const samples = Array.from({ length: 600 }, (_, i) => {
      const [u, v] = [(i % 30) / 29, Math.floor(i / 30) / 19]
      const paper = light(u, v) * (i % 3 === 0 ? 0.2 + (i % 7) / 20 : 1)
      return { u, v, rgb: [paper, paper * 0.9, paper * 0.7] as const }
    })
    const fitted = fitPaperLight(samples)
    if (!fitted.ok) throw new Error(fitted.error.message)
    for (const [u, v] of [
      [0, 0],
      [0.5, 0.5],
      [1, 1],
    ] as const)
      expect(Math.abs(fitted.value.light(u, v)[0] / light(u, v) - 1)).toBeLessThan(0.03)
  })
})
