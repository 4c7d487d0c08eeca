import { describe, expect, it } from 'vitest'
import { sharedBox } from '../arranging/geometry'
import type { Paint } from '../documents/paint'
import type { Result } from '../result'
import { layBook } from './layBook'
import { layCards } from './layCards'
import { byFamily, layBoxLabels, layUndersides } from './layLabels'
import { DILUTIONS, layDilutions, layFadeTest, layValues } from './layScales'
import { layTriangle, layWheel, triangleParts, wheelParts, WHEEL_STEPS } from './layWheel'
import type { Laid } from './marks'

const measure = (text: string, size: number) => text.length * size * 0.5
const A4 = { width: 180, height: 260 }
const paints: Paint[] = (
  [
    ['Hansa yellow', 'PY97'],
    ['Quinacridone rose', 'PV19'],
    ['Phthalo blue', 'PB15:3'],
    ['Viridian', 'PG18'],
    ['Burnt sienna', 'PBr7'],
  ] as const
).map(([name, code], i) => ({ id: `p${i}`, v: 2, maker: 'Skerry', name, pigments: [code] }))
const common = { measure, tones: () => ['#aa3311'], colouring: 'faint' as const }
const value = <T>(answer: Result<T>): T => {
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}
const code = (answer: Result<unknown>) => (answer.ok ? undefined : answer.error.code)
/** What holds of every sheet: inside its size, nothing on top of each other. */
function isSound({ width, height, boxes }: Laid) {
  boxes.forEach((p, i) => {
    expect(p.box.x > -1e-6 && p.box.y > -1e-6 && p.box.x + p.box.width < width + 1e-6, p.label).toBe(true)
    expect(p.box.y + p.box.height < height + 1e-6, p.label).toBe(true)
    for (const q of boxes.slice(i + 1)) {
      const both = sharedBox(p.box, q.box)
      const middles = Math.hypot(
        p.box.x + p.box.width / 2 - q.box.x - q.box.width / 2,
        p.box.y + p.box.height / 2 - q.box.y - q.box.height / 2,
      )
      if (p.round && q.round) expect(middles, `${p.label}, ${q.label}`).toBeGreaterThan((p.box.width + q.box.width) / 2)
      else expect(both, `${p.label}, ${q.label}`).toBeUndefined()
    }
  })
}

describe('a wheel from three paints', () => {
  it('steps evenly from paint to paint, parts in smallest whole numbers', () => {
    expect(wheelParts(12).slice(0, 5)).toEqual([
      [1, 0, 0],
      [3, 1, 0],
      [1, 1, 0],
      [1, 3, 0],
      [0, 1, 0],
    ])
    expect(wheelParts(18)[7]).toEqual([0, 5, 1])
    expect(wheelParts(24)).toHaveLength(24)
  })
  it.each(WHEEL_STEPS)(
    'of %i steps lies sound on its sheet; of two paints, or twice the same, none is made',
    (steps) => {
      for (const size of [90, 170, 300]) {
        const laid = value(layWheel({ ...common, paints: paints.slice(0, 3), size, water: 1, steps }))
        isSound(laid)
        expect(laid.boxes).toHaveLength(2 * steps)
        // no name stands on a circle
        for (const m of laid.marks)
          if (m.is === 'text' && m.bold) {
            const wide = measure(m.text, m.size)
            const words = { x: m.x, y: m.y - m.size * 0.7, width: wide, height: m.size * 0.7 }
            expect(m.x >= -1e-6 && m.x + wide <= laid.width + 1e-6).toBe(true)
            for (const b of laid.boxes) {
              const near = {
                x: Math.max(words.x, Math.min(words.x + wide, b.box.x + b.box.width / 2)),
                y: Math.max(words.y, Math.min(words.y + words.height, b.box.y + b.box.height / 2)),
              }
              expect(
                Math.hypot(near.x - b.box.x - b.box.width / 2, near.y - b.box.y - b.box.height / 2),
              ).toBeGreaterThan(b.box.width / 2)
            }
          }
      }
      expect(code(layWheel({ ...common, paints: paints.slice(0, 2), size: 100, water: 1, steps }))).toBe('three-paints')
      expect(
        code(layWheel({ ...common, paints: [paints[0]!, paints[0]!, paints[1]!], size: 100, water: 1, steps })),
      ).toBe('three-paints')
      expect(code(layWheel({ ...common, paints: paints.slice(0, 3), size: 10, water: 1, steps }))).toBe('bad-size')
    },
  )
  it('as a triangle holds every mixture in six parts once', () => {
    const laid = value(layTriangle({ ...common, paints: paints.slice(0, 3), size: 160, water: 1 }))
    isSound(laid)
    expect(laid.boxes).toHaveLength(28)
    expect(new Set(laid.boxes.map((b) => b.id)).size).toBe(28)
    for (const parts of triangleParts(6)) expect(parts.reduce((a, b) => a + b)).toBe(6)
    expect(laid.boxes.find((b) => b.id === '2-2-2')!.filling.parts.map((p) => p.parts)).toEqual([1, 1, 1])
  })
})

describe('cards, scales and labels', () => {
  const many = Array.from({ length: 30 }, (_, i) => ({ ...paints[i % 5]!, id: `m${i}` }))
  it('a card for each paint, in the order given, as many on a sheet as fit', () => {
    const sheets = value(layCards({ ...common, paints: many, width: 55, height: 85, punch: 5, window: true }, A4))
    expect(sheets.map((s) => s.boxes.length)).toEqual([18, 18, 18, 6])
    expect(sheets.flatMap((s) => s.boxes.map((b) => b.id.split('/')[0])).filter((_, i) => i % 2 === 0)).toEqual(
      many.map((p) => p.id),
    )
    sheets.forEach(isSound)
    expect(code(layCards({ ...common, paints: many, width: 20, height: 85, punch: 0, window: false }, A4))).toBe(
      'bad-card',
    )
    expect(code(layCards({ ...common, paints: many, width: 190, height: 85, punch: 0, window: false }, A4))).toBe(
      'too-small',
    )
    expect(code(layCards({ ...common, paints: [], width: 50, height: 85, punch: 0, window: false }, A4))).toBe(
      'too-few',
    )
  })
  it('scales of dilution and value, and a fade test with its days', () => {
    const scale = value(layDilutions({ ...common, paints, box: 16 }, A4))
    expect(scale[0]!.boxes.map((b) => b.filling.water).slice(0, 7)).toEqual([...DILUTIONS])
    scale.forEach(isSound)
    const greys = value(layValues({ ...common, paints, box: 14 }, A4))
    greys.forEach(isSound)
    // printed greys get lighter, and no colour
    const fills = greys[0]!.marks
      .flatMap((m) => (m.is === 'rect' && m.fill && /^#(..)\1\1$/.test(m.fill) ? m.fill : []))
      .slice(0, 8)
    expect(fills).toEqual([...fills].sort())
    expect(fills).toHaveLength(8)
    const fade = value(layFadeTest({ ...common, paints, box: 20, begin: '2026-05-14' }, A4))
    fade.forEach(isSound)
    const words = fade[0]!.marks.flatMap((m) => (m.is === 'text' ? m.text : [])).join(' ')
    expect(words).toContain('14 May 2026')
    expect(words).toContain('14 May 2027')
    expect(code(layDilutions({ ...common, paints, box: 40 }, A4))).toBe('too-small')
  })
  it('a book and labels by family, in the order of the wheel', () => {
    expect(byFamily(paints).map((f) => f.family)).toEqual(['yellow', 'red', 'blue', 'green', 'earth'])
    const book = value(layBook({ ...common, paints: many, box: 18 }, { width: 180, height: 120 }))
    book.forEach(isSound)
    expect(book.flatMap((s) => s.boxes)).toHaveLength(30)
    expect(book.length).toBeGreaterThan(1)
    const labels = value(layBoxLabels({ paints: many, measure, width: 80, height: 40 }, A4))
    expect(labels[0]!.marks.flatMap((m) => (m.is === 'text' && m.bold ? m.text : []))).toEqual([
      'Yellow',
      'Red',
      'Blue',
      'Green',
      'Earth',
    ])
    const undersides = value(layUndersides({ paints: many, measure, width: 16, height: 11 }, A4))
    expect(undersides.flatMap((s) => s.marks.filter((m) => m.is === 'rect'))).toHaveLength(30)
    expect(code(layUndersides({ paints, measure, width: 2, height: 2 }, A4))).toBe('bad-label')
  })
})
