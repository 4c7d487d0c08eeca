import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lettered, stacked } from './lettering'

const measure = (text: string, size: number) => [...text].length * size * 0.55

describe('lettering', () => {
  it('is never wider than its room nor longer than its lines, whatever the words', () => {
    const words = fc.string({ unit: 'grapheme', maxLength: 120 })
    fc.assert(
      fc.property(
        words,
        fc.double({ min: 2, max: 60, noNaN: true }),
        fc.integer({ min: 1, max: 4 }),
        (text, width, lines) => {
          const set = lettered(text, width, { size: 2.4, lines }, measure)
          expect(set.length).toBeLessThanOrEqual(lines)
          for (const line of set) expect(measure(line.text, line.size)).toBeLessThanOrEqual(width + 1e-9)
        },
      ),
    )
  })

  it('keeps every letter where they fit, in lines between words, smaller before cut', () => {
    const said = (text: string, width: number, lines: number) => lettered(text, width, { size: 2, lines }, measure)
    expect(said('Phthalo blue green shade', 14, 3).map((l) => l.text)).toEqual(['Phthalo blue', 'green shade'])
    expect(said('Ultramarinblau', 10, 2)[0]!.size).toBeLessThan(2)
    expect(
      said('Ultramarinblau', 6, 3)
        .map((l) => l.text)
        .join(''),
    ).toBe('Ultramarinblau')
    expect(said('Ultramarinblau', 4, 2).at(-1)!.text).toMatch(/…$/)
    // letters that are made of several characters stay whole
    expect(
      said('நீலநிறம்நீலநிறம்', 5, 9)
        .map((l) => l.text)
        .join(''),
    ).toBe('நீலநிறம்நீலநிறம்')
    expect(said('  ', 10, 2)).toEqual([])
  })

  it('stands on baselines one line apart and leaves out what would fall out of its room', () => {
    const lines = [2, 2, 2].map((size) => ({ text: 'x', size, bold: false }))
    const marks = stacked(lines, { x: 1, y: 10, width: 10, height: 5 })
    expect(marks.map((m) => (m.is === 'text' ? m.y.toFixed(3) : ''))).toEqual(['12.300', '14.600'])
  })
})
