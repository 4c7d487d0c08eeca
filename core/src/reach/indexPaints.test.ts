import { expect, it } from 'vitest'
import { Collection } from '../collection/collection'
import { readingOf } from '../collection/reading'
import { noContents } from '../collection/contents'
import { paint, tin, tube } from '../documents/documents.fixture'
import type { Item } from '../documents/item'
import type { Palette } from '../documents/palette'
import { indexPaintsIn, indexPaintsOf } from './indexPaints'
import { MOST_INDEXED } from './mixtureIndex'

const many = Array.from({ length: MOST_INDEXED + 20 }, (_, i) =>
  paint(`p${String(i).padStart(4, '0')}`, { pigments: ['PB29'] }),
)
const last = many.at(-1)!

it('of very many paints those that matter are weighed: planned first, twins, fading and empty ones last', () => {
  const of = (palettes: Palette[], paints = many, items: Item[] = []) => {
    const contents = noContents()
    return readingOf(new Collection({ ...contents, documents: { ...contents.documents, paints, palettes, items } }))
  }
  const palette = { ...tin, plan: { A1: { paintId: last.id } } }
  const planned = indexPaintsIn(of([palette]))
  expect([planned.paints.length, planned.over]).toEqual([MOST_INDEXED, 20])
  expect(planned.paints.map((p) => p.id)).toContain(last.id)
  expect(indexPaintsIn(of([])).paints.map((p) => p.id)).not.toContain(last.id)
  const few = of([palette], many.slice(-3))
  expect(indexPaintsIn(few).paints.map((p) => p.id)).toEqual(many.slice(-3).map((p) => p.id))
  expect(indexPaintsIn(few)).toBe(indexPaintsIn(few))

  // whatever stands where in the list: one of each film that is there and lasts is in
  const codes = ['PY3', 'PR254', 'PB15:3', 'PG7', 'PV19', 'PBr7']
  const others = codes.map((code) => paint(`z ${code}`, { pigments: [code] }))
  const fading = paint('z fades', { pigments: ['PR83'] })
  const empty = paint('z empty', { pigments: ['PY65'] })
  const all = [...many, ...others, fading, empty]
  const items = all.filter((p) => p !== empty).map((p): Item => tube(`tube of ${p.id}`, p.id))
  const ids = indexPaintsIn(of([], all, items)).paints.map((p) => p.id)
  expect(ids).toEqual(expect.arrayContaining(others.map((p) => p.id)))
  expect(ids).not.toContain(fading.id)
  expect(ids).not.toContain(empty.id)
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
