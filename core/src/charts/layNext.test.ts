import { describe, expect, it } from 'vitest'
import { layNext, nextInWords, type CardBox } from './layNext'

const NAMES: Record<string, string> = { blue: 'Ultramarine', sienna: 'Burnt sienna', white: 'Titanium white' }
const nameOf = (id: string) => NAMES[id]!
const BOXES: CardBox[] = [
  { kind: 'masstone', parts: [{ paintId: 'blue', parts: 1 }], water: 0 },
  { kind: 'wash', parts: [{ paintId: 'blue', parts: 1 }], water: 6 },
  {
    kind: 'tint',
    parts: [
      { paintId: 'blue', parts: 1 },
      { paintId: 'white', parts: 10 },
    ],
    water: 0,
  },
  {
    kind: 'mixture',
    parts: [
      { paintId: 'blue', parts: 1 },
      { paintId: 'sienna', parts: 1 },
    ],
    water: 0,
  },
]
const measure = (text: string, size: number) => text.length * size * 0.5
const lay = (boxes: readonly CardBox[], box = 20, room = { width: 180, height: 260 }) =>
  layNext({ boxes, nameOf, box, measure, tones: () => [], colouring: 'none' }, room)

describe('the card of what to paint next', () => {
  it('has a box for each, in its order, with its words', () => {
    const laid = lay(BOXES)
    if (!laid.ok) throw new Error(laid.error.message)
    expect(laid.value).toHaveLength(1)
    expect(laid.value[0]!.boxes.map((b) => b.label)).toEqual([
      'Ultramarine, as it is',
      'Ultramarine, 6 parts of water to one',
      'Ultramarine: one part in 10 of Titanium white',
      'Ultramarine and Burnt sienna, equal parts, as they are',
    ])
    expect(laid.value[0]!.boxes.map((b) => b.filling.isTint ?? false)).toEqual([false, false, true, false])
    expect(nextInWords(BOXES[0]!, nameOf)).toBe('Ultramarine, as it is')
  })
  it('keeps its boxes apart and on the sheet, twelve on one', () => {
    const twelve = Array.from({ length: 12 }, (_, i) => BOXES[i % 4]!)
    const laid = lay(twelve)
    if (!laid.ok) throw new Error(laid.error.message)
    expect(laid.value).toHaveLength(1)
    const { boxes, width, height } = laid.value[0]!
    for (const [i, { box }] of boxes.entries()) {
      expect(box.x).toBeGreaterThanOrEqual(0)
      expect(box.x + box.width).toBeLessThanOrEqual(width)
      expect(box.y + box.height).toBeLessThanOrEqual(height)
      for (const { box: other } of boxes.slice(i + 1))
        expect(Math.abs(box.x - other.x) > box.width || Math.abs(box.y - other.y) > box.height).toBe(true)
    }
  })
  it('refuses nothing to paint, odd boxes and too small a sheet', () => {
    const code = (r: ReturnType<typeof lay>) => (r.ok ? '' : r.error.code)
    expect(code(lay([]))).toBe('nothing-to-paint')
    expect(code(lay(BOXES, 3))).toBe('bad-box')
    expect(code(lay(BOXES, 40, { width: 30, height: 30 }))).toBe('too-small')
  })
})
