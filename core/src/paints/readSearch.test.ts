import { describe, expect, it } from 'vitest'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { doublesOf } from './doubles'
import { passesFilter } from './filter'
import { readSearch } from './readSearch'

const chips = (text: string) => {
  const { asks, rest } = readSearch(text)
  return [asks.map((a) => a.chip).join(' + '), rest]
}

describe('a search in words', () => {
  it.each([
    ['granulating blue', 'granulating + blue', ''],
    ['granulating blues', 'granulating + blue', ''],
    ['fades', 'fades', ''],
    ['nearly empty', 'nearly empty', ''],
    ['twice', 'owned twice', ''],
    ['PR122 alone', 'single pigment', 'PR122'],
    ['transparent yellow not staining', 'transparent + yellow + not staining', ''],
    ['transparent yellow, non-staining', 'transparent + yellow + not staining', ''],
    ['what I have not used', 'never used', ''],
    ['unused greens', 'never used + green', ''],
    ['warm reds', 'warm + red', ''],
    ['red earths that lift', 'red earth + lifts', ''],
    ['darks', 'dark', ''],
    ['wishes', 'wished for', ''],
    ['vegan black', 'vegan + black', ''],
    ['not vegan', 'not vegan', ''],
    ['no swatch', 'no swatch', ''],
    ['gouache', 'gouache', ''],
    // names stay names
    ['cobalt blue', '', 'cobalt blue'],
    ['transparent red oxide', '', 'transparent red oxide'],
    ['permanent rose', '', 'permanent rose'],
    ['yellow ochre', '', 'yellow ochre'],
    ['halvard', '', 'halvard'],
    ['PB29', '', 'PB29'],
    ['', '', ''],
    // both
    ['granulating cobalt', 'granulating', 'cobalt'],
    ['halvard nearly empty', 'nearly empty', 'halvard'],
    ['cobalt blue not staining', 'not staining', 'cobalt blue'],
    ['Skerry fades', 'fades', 'Skerry'],
    ['not halvard', '', 'not halvard'],
  ])('%s: %s / %s', (text, asks, rest) => expect(chips(text)).toEqual([asks, rest]))

  it('every ask is one that paints can answer', () => {
    const paint: Paint = { id: 'p', v: 2, maker: '', name: 'French ultramarine', pigments: ['PB29'] }
    const item = { id: 'i', v: 2, paintId: 'p', kind: 'tube', millilitres: 5, supply: 'open', remarks: [] } as Item
    const passes = (text: string, known = {}) =>
      readSearch(text).asks.every(({ key, any }) => passesFilter(paint, [item], { words: { [key]: any } }, known))
    const yes = [
      'granulating blue',
      'transparent',
      'alone',
      'no swatch',
      'open',
      'lifts',
      'not opaque',
      'unused',
      'lightfast',
      'dark',
    ]
    const no = ['smooth', 'red', 'opaque', 'fades', 'sealed', 'twice', 'needs care', 'vegan', 'gouache', 'warm']
    expect(yes.filter((t) => !passes(t))).toEqual([])
    expect(no.filter((t) => passes(t))).toEqual([])
    expect(passes('unused', { isUsed: true })).toBe(false)
    expect(passes('twice', { double: { items: 2, others: [] } })).toBe(true)
    expect(passes('same pigment', { double: { items: 1, others: ['q'] } })).toBe(true)
  })
})

describe('what is owned twice', () => {
  const paint = (id: string, name: string, ...pigments: string[]): Paint => ({ id, v: 2, maker: id, name, pigments })
  const paints = [
    paint('a', 'French ultramarine', 'PB29'),
    paint('b', 'Ultramarine blue', 'PB29'),
    paint('c', 'Lapis lazuli', 'PB29'),
    paint('d', 'Burnt sienna', 'PBr7'),
    paint('e', 'Raw umber', 'PBr7'),
    paint('f', 'Sap green', 'PG7', 'PY150'),
    paint('g', 'Leaf', 'PY150', 'PG7'),
    paint('h', 'Nothing known'),
    paint('i', 'Another unknown'),
  ]
  const counts: Record<string, number> = { a: 2, b: 1, c: 1, d: 1, e: 1, f: 1, g: 0, h: 1, i: 3 }
  const itemsOf = (id: string) =>
    Array.from({ length: counts[id]! }, (_, n) => ({ id: `${id}${n}`, supply: n ? 'sealed' : 'open' }) as Item)
  it('the same paint apart from the same pigments, each colour of a code by itself', () => {
    expect(Object.fromEntries(doublesOf(paints, itemsOf))).toEqual({
      a: { items: 2, others: ['b'] },
      b: { items: 1, others: ['a'] },
      i: { items: 3, others: [] },
    })
  })
  it('an empty tube is none', () => {
    const empty = () => [{ supply: 'empty' }, { supply: 'open' }] as Item[]
    expect(doublesOf([paints[0]!], empty).size).toBe(0)
  })
})
