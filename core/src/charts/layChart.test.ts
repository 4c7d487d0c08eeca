import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sharedBox } from '../arranging/geometry'
import type { Paint } from '../documents/paint'
import { pitchOf } from './boxes'
import { chartCells, layChart, type ChartQuestion } from './layChart'
import { partnerFillings, layPartners } from './layPartners'
import { runs } from '../../../tests/setup/runs'

const measure = (text: string, size: number) => text.length * size * 0.55
const paints = (count: number): Paint[] =>
  Array.from({ length: count }, (_, i) => ({ id: `p${i}`, v: 2, maker: '', name: `Paint ${i}`, pigments: [] }))
const question = (count: number, box = 20): ChartQuestion => ({
  ...{ paints: paints(count), measure, tones: () => [], colouring: 'none', box, water: 1, tintWater: 6 },
})

describe('a mixing chart', () => {
  it('has pure colours on both edges and the diagonal, mixtures above it and tints of them below', () => {
    const cells = chartCells(paints(3), 1, 6)
    expect(cells).toHaveLength(15)
    const at = (row: number, column: number) => cells.find((c) => c.row === row && c.column === column)!
    for (const n of [1, 2, 3])
      for (const c of [at(0, n), at(n, 0), at(n, n)])
        expect(c.filling.parts).toEqual([{ paintId: `p${n - 1}`, parts: 1 }])
    expect([at(1, 3).kind, at(1, 3).filling.water]).toEqual(['mixture', 1])
    expect([at(3, 1).kind, at(3, 1).filling.water]).toEqual(['tint', 6])
    const ids = (row: number, column: number) =>
      at(row, column)
        .filling.parts.map((p) => p.paintId)
        .sort()
    expect(ids(1, 3)).toEqual(ids(3, 1))
  })

  it('twelve paints take four sheets of A4 and no more, with boxes a little smaller; one sheet, if it is asked for', () => {
    // A4 less the margins
    const room = { width: 185, height: 267 }
    const four = layChart(question(12), room)
    if (!four.ok) throw new Error(four.error.message)
    expect(four.value).toHaveLength(4)
    expect(four.value[0]!.boxes[0]!.box.width).toBeGreaterThanOrEqual(17)
    expect(four.value[0]!.said.join(' ')).toMatch(/4 sheets.*rather than 20/)
    const one = layChart({ ...question(12), onOne: true }, room)
    if (!one.ok) throw new Error(one.error.message)
    expect(one.value).toHaveLength(1)
    expect(one.value[0]!.boxes).toHaveLength(13 * 13 - 1)
    expect(layChart({ ...question(30), onOne: true }, room)).toMatchObject({ error: { code: 'too-small' } })
    // what fits as it is stays as it is
    const few = layChart(question(5), room)
    expect(few.ok && few.value[0]!.boxes[0]!.box.width).toBe(20)
  })

  it('is the same chart over its sheets: every cell once, names on every sheet, nothing overlapping or cut', () => {
    const sizes = fc.record({
      count: fc.integer({ min: 2, max: 36 }),
      box: fc.integer({ min: 8, max: 40 }),
      width: fc.double({ min: 90, max: 400, noNaN: true }),
      height: fc.double({ min: 90, max: 400, noNaN: true }),
    })
    fc.assert(
      fc.property(sizes, ({ count, box, width, height }) => {
        const laid = layChart(question(count, box), { width, height })
        if (!laid.ok) throw new Error(laid.error.message)
        const all = laid.value.flatMap((s) => s.boxes.map((b) => b.id))
        expect(new Set(all).size).toBe(all.length)
        expect(all).toHaveLength((count + 1) ** 2 - 1)
        for (const sheet of laid.value) {
          expect(sheet.width).toBeLessThanOrEqual(width + 1e-6)
          expect(sheet.height).toBeLessThanOrEqual(height + 1e-6)
          for (const { box: b } of sheet.boxes)
            expect(b.x + b.width <= sheet.width && b.y + b.height <= sheet.height).toBe(true)
          const [first, second] = sheet.boxes
          if (second) expect(sharedBox(first!.box, second.box)).toBeUndefined()
          const rows = new Set(sheet.boxes.map((b) => b.id.split('.')[0]))
          const columns = new Set(sheet.boxes.map((b) => b.id.split('.')[1]))
          const words = sheet.marks.filter((m) => m.is === 'text')
          expect(words.length).toBeGreaterThanOrEqual(rows.size + columns.size)
        }
      }),
      { numRuns: runs(40) },
    )
    expect(pitchOf(20)).toBe(23)
  })

  it('says what is wrong: too few paints, too many, boxes out of range, a sheet too small', () => {
    const code = (q: ChartQuestion, width = 200) => {
      const laid = layChart(q, { width, height: 200 })
      return laid.ok ? undefined : laid.error.code
    }
    expect([0, 1, 37].map((n) => code(question(n)))).toEqual(['too-few', 'too-few', 'too-many'])
    expect([code(question(3, 4)), code(question(3, 61)), code(question(3, 60), 40)]).toEqual([
      'bad-box',
      'bad-box',
      'too-small',
    ])
  })
})

describe('cards of fixed partners', () => {
  it('have the same partner in the same place on every card', () => {
    const [subjects, partners] = [paints(5), paints(12).map((p) => ({ ...p, id: `q${p.id}` }))]
    const laid = layPartners(
      { ...{ subjects, partners, measure, tones: () => [], colouring: 'none', box: 18, water: 1 } },
      { width: 180, height: 260 },
    )
    if (!laid.ok) throw new Error(laid.error.message)
    const boxes = laid.value.flatMap((s) => s.boxes)
    expect(boxes).toHaveLength(5 * 13)
    const where = (subject: string) => {
      const own = boxes.filter((b) => b.id.startsWith(`${subject}/`))
      return own.map(({ box }) => [(box.x - own[0]!.box.x).toFixed(6), (box.y - own[0]!.box.y).toFixed(6)])
    }
    for (const { id } of subjects) expect(where(id)).toEqual(where('p0'))
    expect(partnerFillings(subjects[0]!, [subjects[0]!], 1)[1]!.parts).toHaveLength(1)
    expect(
      layPartners(
        { ...{ subjects, partners: [], measure, tones: () => [], colouring: 'none', box: 18, water: 1 } },
        { width: 180, height: 260 },
      ),
    ).toMatchObject({ ok: false, error: { code: 'too-few' } })
  })
})
