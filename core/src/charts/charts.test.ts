import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { boxOf } from '../arranging/geometry'
import { HOLDERS } from '../arranging/holders'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { keyOf } from './key'
import { MARGIN, SHEETS, spreadOver } from './sheets'

const measure = (text: string, size: number) => text.length * size * 0.55
const paint = (name: string): Paint => ({ id: 'p', v: 1, maker: '', name, pigments: ['PB15:3', 'PY150'] })

describe('a key', () => {
  it.each(HOLDERS.map((h) => [h.name, h] as const))(
    '%s: every place has a cell of its own in the palette’s order; texts stay inside',
    (_name, holder) => {
      fc.assert(
        fc.property(fc.string({ minLength: 1, maxLength: 120 }), (name) => {
          const ids = holder.places.map((p) => p.id)
          const plan: Palette['plan'] = {
            [ids[0]!]: { paintId: 'p' },
            [ids[1]!]: { reserved: name },
            [ids[2]!]: { paintId: 'gone' },
          }
          const key = keyOf(
            { id: 'k', v: 1, name, use: 'studio', purpose: '', holder, plan },
            new Map([['p', paint(name)]]),
            measure,
          )
          expect(key.cells.map((c) => c.placeId)).toEqual(ids)
          expect(key.cells.slice(0, 4).map((c) => c.kind)).toEqual(['paint', 'reserved', 'empty', 'empty'])
          expect([key.width, key.height]).toEqual([holder.width, holder.height])
          for (const cell of key.cells) {
            const box = boxOf(cell.shape)
            for (const t of cell.texts) {
              expect(t.x).toBeGreaterThanOrEqual(box.x)
              expect(t.x + measure(t.text, t.size)).toBeLessThanOrEqual(box.x + box.width + 1e-6)
              expect(t.y).toBeLessThanOrEqual(box.y + box.height)
            }
            expect(cell.swatch.height).toBeGreaterThan(4)
          }
        }),
        { numRuns: 20 },
      )
    },
  )

  it('carries the place and the codes of a paint in its cell', () => {
    const holder = HOLDERS[0]!
    const key = keyOf(
      { id: 'k', v: 1, name: 'Tin', use: 'travel', purpose: '', holder, plan: { B2: { paintId: 'p' } } },
      new Map([['p', paint('Viridian')]]),
      measure,
    )
    expect(
      key.cells
        .find((c) => c.placeId === 'B2')!
        .texts.map((t) => t.text)
        .join(' '),
    ).toMatch(/^Viridian B2 · PB15:3/)
    expect(key.title?.text).toBe('Tin')
  })
})

describe('the lines of a cell', () => {
  const holder = HOLDERS[0]!
  const cellWith = (name: string, plan: Palette['plan'] = { A1: { paintId: 'p' } }) =>
    keyOf(
      { id: 'k', v: 1, name: 'Tin', use: 'travel', purpose: '', holder, plan },
      new Map([['p', paint(name)]]),
      measure,
    ).cells[0]!

  it('stand on baselines one line apart, below the box to paint in and above its lower edge', () => {
    const { texts, swatch, shape } = cellWith('Phthalo blue green shade')
    const box = boxOf(shape)
    expect(texts.length).toBeGreaterThan(1)
    const top = swatch.y + swatch.height + 0.4
    let above = top
    for (const { y, size } of texts) {
      expect(y - above).toBeCloseTo(size * 1.15, 9)
      above = y
    }
    expect(above).toBeLessThanOrEqual(box.y + box.height)
  })

  it('an empty or reserved cell carries its id just above the lower edge', () => {
    const { texts, shape } = cellWith('x', {})
    const box = boxOf(shape)
    expect(texts[0]).toMatchObject({ text: 'A1', bold: false })
    expect(texts[0]!.y).toBeCloseTo(box.y + box.height - 1, 9)
  })
})

describe('sheets', () => {
  it('a travel tin fits one A4, the studio tray needs two', () => {
    expect(spreadOver(113, 64, 'A4').tiles).toHaveLength(1)
    expect(spreadOver(216, 180, 'A4')).toMatchObject({ landscape: true, tiles: [{ x: 0, width: 216 }] })
    expect(spreadOver(348, 228, 'A3').tiles).toHaveLength(1)
    expect(spreadOver(348, 228, 'A4').tiles.length).toBeGreaterThan(1)
  })

  it('tiles cover every point of the drawing and fit the sheet', () => {
    const side = fc.double({ min: 10, max: 1200, noNaN: true })
    fc.assert(
      fc.property(
        side,
        side,
        fc.constantFrom(...(Object.keys(SHEETS) as (keyof typeof SHEETS)[])),
        (width, height, sheet) => {
          const plan = spreadOver(width, height, sheet)
          for (const t of plan.tiles) {
            expect(t.width).toBeLessThanOrEqual(plan.pageWidth - 2 * MARGIN)
            expect(t.x + t.width).toBeLessThanOrEqual(width + 1e-6)
          }
          for (const fx of [0, 0.3, 0.5, 0.77, 1])
            for (const fy of [0, 0.5, 1]) {
              const [x, y] = [fx * width, fy * height]
              expect(
                plan.tiles.some(
                  (t) => x >= t.x - 1e-6 && x <= t.x + t.width + 1e-6 && y >= t.y - 1e-6 && y <= t.y + t.height + 1e-6,
                ),
              ).toBe(true)
            }
        },
      ),
    )
  })
})
