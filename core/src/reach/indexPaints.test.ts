import { expect, it } from 'vitest'
import { Collection } from '../collection/collection'
import { readingOf } from '../collection/reading'
import { noContents } from '../collection/contents'
import { paint, tin } from '../documents/documents.fixture'
import type { Palette } from '../documents/palette'
import { indexPaintsIn, indexPaintsOf } from './indexPaints'
import { MOST_INDEXED } from './mixtureIndex'

const many = Array.from({ length: MOST_INDEXED + 20 }, (_, i) =>
  paint(`p${String(i).padStart(4, '0')}`, { pigments: ['PB29'] }),
)
const last = many.at(-1)!

it('of very many paints those that are planned somewhere come first, and the others are counted', () => {
  const of = (palettes: Palette[], paints = many) => {
    const contents = noContents()
    return readingOf(new Collection({ ...contents, documents: { ...contents.documents, paints, palettes } }))
  }
  const palette = { ...tin, plan: { A1: { paintId: last.id } } }
  const planned = indexPaintsIn(of([palette]))
  expect([planned.paints.length, planned.over]).toEqual([MOST_INDEXED, 20])
  expect(planned.paints[0]!.id).toBe(last.id)
  expect(indexPaintsIn(of([])).paints.map((p) => p.id)).not.toContain(last.id)
  const few = of([palette], many.slice(-3))
  expect(indexPaintsIn(few).paints.map((p) => p.id)).toEqual(many.slice(-3).map((p) => p.id))
  expect(indexPaintsIn(few)).toBe(indexPaintsIn(few))
})

it('what lies outside the model is left out and named', () => {
  const { paints, left } = indexPaintsOf([
    paint('a', { pigments: ['PB29'] }),
    paint('b'),
    paint('c', { effect: 'metallic' }),
  ])
  expect(paints.map((p) => p.id)).toEqual(['a'])
  expect(left.map((l) => l.id)).toEqual(['b', 'c'])
})
