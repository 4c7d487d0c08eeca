import { expect, it } from 'vitest'
import { labD65 } from '../units'
import type { Paint } from '../documents/paint'
import type { PaintedBox } from './marks'
import { remarkableOn } from './remarkable'

const paints: Paint[] = [
  ['a', { granulation: 'strongly granulating', staining: 'lifts well' }],
  ['b', { granulation: 'smooth', staining: 'stains strongly' }],
  ['c', {}],
].map(
  ([id, more]) => ({ id, v: 2, maker: '', name: `Paint ${id as string}`, pigments: [], ...(more as object) }) as Paint,
)
const box = (one: string, other: string, water: number): PaintedBox => ({
  id: `${one}${other}${water}`,
  label: `${one} and ${other}`,
  filling: {
    parts: [
      { paintId: one, parts: 1 },
      { paintId: other, parts: 1 },
    ],
    water,
  },
  box: { x: 0, y: 0, width: 1, height: 1 },
})
const labs: Record<string, [number, number, number]> = {
  ab1: [30, 2, 1],
  ba6: [60, 1, 1],
  ac1: [50, -40, 30],
  bc1: [18, 30, -40],
}

it('names neutral pairs, clean secondaries, the deepest dark and what parts, each pair once', () => {
  const boxes = [box('a', 'b', 1), box('b', 'a', 6), box('a', 'c', 1), box('b', 'c', 1)]
  const found = remarkableOn(
    boxes,
    (b) => labs[b.id] && labD65(...labs[b.id]!),
    (id) => paints.find((p) => p.id === id),
  )
  expect(found.map((f) => f.words)).toEqual([
    'Neutral pairs: a and b (C* 2).',
    'Cleanest greens: a and c (C* 50).',
    'Cleanest violets: b and c (C* 50).',
    'Deepest dark: b and c (L* 18).',
    'Paint a may settle out of Paint b in a wet wash.',
  ])
  // common practice, no source: a grey from a grey is no news
  const white = [...paints.slice(0, 2), { ...paints[2]!, pigments: ['PW6'] }]
  const without = remarkableOn(
    boxes,
    (b) => labs[b.id] && labD65(...labs[b.id]!),
    (id) => white.find((p) => p.id === id),
  )
  expect(without.map((f) => f.kind)).toEqual(['neutral', 'dark', 'separates'])
  expect(
    remarkableOn(
      boxes,
      () => undefined,
      () => undefined,
    ),
  ).toEqual([])
})
