import { describe, expect, it } from 'vitest'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { alikeAmong, collectRows, makersOf, samePaint, USUAL_MILLILITRES } from './collect'
import type { PaintRow } from './paintRow'
import { pricePerMillilitre } from './reading/price'

const paint = (id: string, more: Partial<Paint> = {}): Paint => ({
  id,
  v: 2,
  maker: 'Skerry',
  name: 'Viridian',
  pigments: ['PG18'],
  ...more,
})
const row = (more: Partial<PaintRow> = {}): PaintRow => ({
  name: 'Viridian',
  maker: 'Skerry',
  pigments: ['PG18'],
  kind: 'tube',
  count: 1,
  supply: 'open',
  remarks: [],
  ...more,
})
const ids = () => {
  let n = 0
  return () => `n${(n += 1)}`
}

describe('the same paint', () => {
  it('is one of the same maker, name and formula, however they are written, and never a removed one', () => {
    const present = paint('p')
    const asked = { maker: ' skerry ', name: 'VIRIDIAN' }
    expect(samePaint([present], asked)).toBe(present)
    expect(samePaint([paint('gone', { removed: true })], asked)).toBeUndefined()
    expect(samePaint([paint('gone', { removed: true }), present], asked)).toBe(present)
    expect(samePaint([present], { ...asked, formula: 'before 2021' })).toBeUndefined()
    expect(samePaint([present], { ...asked, maker: 'Holm' })).toBeUndefined()
  })

  it('of a removed one that is bought again a new paint comes in', () => {
    const kinds = (paints: Paint[]) => collectRows([row()], paints, ids()).map((c) => c.kind)
    expect(kinds([paint('gone', { removed: true })])).toEqual(['paints', 'items'])
    expect(kinds([paint('p')])).toEqual(['items'])
  })
})

it('rows of one paint make one paint and as many items as they say, of the usual size where none is given', () => {
  const changes = collectRows([row({ count: 2 }), row({ kind: 'sample' }), row({ millilitres: 5 })], [], ids())
  const items = changes.flatMap((c) => (c.kind === 'items' && c.after ? [c.after as Item] : []))
  expect(changes.filter((c) => c.kind === 'paints')).toHaveLength(1)
  expect(new Set(items.map((i) => i.paintId))).toEqual(new Set(['n1']))
  expect(items.map((i) => i.millilitres)).toEqual([15, 15, USUAL_MILLILITRES.sample, 5])
})

it('makers are named once, without those of removed paints', () => {
  const paints = [paint('a'), paint('b'), paint('c', { maker: 'Holm' }), paint('d', { maker: 'Gone', removed: true })]
  expect(makersOf(paints)).toEqual(['Holm', 'Skerry'])
})

it('the price of a millilitre is that of the first item whose price and size are known', () => {
  const item = (millilitres: number, minor?: number): Item => ({
    id: 'i',
    v: 2,
    paintId: 'p',
    kind: 'tube',
    millilitres,
    supply: 'open',
    remarks: [],
    ...(minor === undefined ? {} : { price: { minor, currency: 'EUR' } }),
  })
  expect(pricePerMillilitre([item(15), item(0, 500), item(5, 500), item(10, 500)])).toEqual({
    minor: 100,
    currency: 'EUR',
  })
  expect(pricePerMillilitre([item(15)])).toBeUndefined()
})

describe('a paint that may be owned under another writing', () => {
  const own = { id: 'a', v: 2, maker: 'Skerry Colours', name: 'Burnt sienna', pigments: ['PBr7'] } as const
  const others = [
    { id: 'b', v: 2, maker: 'Northwall', name: 'Raw umber', pigments: ['PBr7'] },
    { id: 'c', v: 2, maker: 'Northwall', name: 'Raw sienna', pigments: [], removed: true },
  ] as const
  const paints = [own, ...others].map((p) => ({ ...p, pigments: [...p.pigments] }))
  const alike = (name: string, maker = '', pigments: string[] = [], formula?: string) =>
    alikeAmong(paints)({ name, maker, pigments, formula })?.id
  it.each(['Sienna, burnt', 'burnt siena', 'B. Sienna', 'Burnt sienna'])('%s is asked about', (name) =>
    expect(alike(name)).toBe('a'),
  )
  it('but not where maker, codes or formula differ, where it is the same to the letter, or was removed', () => {
    expect(alike('Burnt siena', 'Northwall')).toBeUndefined()
    expect(alike('Burnt siena', '', ['PR101'])).toBeUndefined()
    expect(alike('Burnt siena', '', [], 'old formula')).toBeUndefined()
    expect(alike('Burnt sienna', 'Skerry Colours')).toBeUndefined()
    expect(alike('Raw sienna')).toBeUndefined()
    expect(alike('')).toBeUndefined()
  })
})

it('makers are named once whatever their case, and those remembered of which none is left', () => {
  const paint = (id: string, maker: string, removed?: boolean) =>
    ({ id, v: 2, maker, name: 'x', pigments: [], ...(removed ? { removed } : {}) }) as const
  const paints = [paint('a', 'Northwall'), paint('b', 'NORTHWALL'), paint('c', 'Old Harbour', true), paint('d', '')]
  expect(
    makersOf(
      paints.map((p) => ({ ...p, pigments: [] })),
      ['Gannet Street'],
    ),
  ).toEqual(['Gannet Street', 'Northwall'])
})
