import { describe, expect, it } from 'vitest'
import { invert } from '../documents/diff'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { changeMany, withMark, type ManyChange } from './changeMany'

const paint = (id: string, more: Partial<Paint> = {}): Paint => ({
  id,
  v: 2,
  maker: '',
  name: id,
  pigments: [],
  ...more,
})
const item = (id: string, paintId: string): Item => ({
  ...{ id, v: 2, paintId, kind: 'tube', millilitres: 5 },
  ...{ supply: 'open', remarks: ['stiff'] },
})
const paints = [paint('a'), paint('b', { maker: 'Northwall', marks: ['trip'] })]
const items = [item('a1', 'a'), item('a2', 'a'), item('b1', 'b')]
const itemsOf = (id: string) => items.filter((i) => i.paintId === id)
const after = (change: ManyChange) => changeMany(paints, itemsOf, change).map((c) => c.after)

describe('many paints in one step', () => {
  it.each([
    [{ kind: 'maker', maker: ' Northwall ' }, [{ id: 'a', maker: 'Northwall' }]],
    [
      { kind: 'medium', medium: 'gouache' },
      [
        { id: 'a', medium: 'gouache' },
        { id: 'b', medium: 'gouache' },
      ],
    ],
    [{ kind: 'mark', mark: 'trip' }, [{ id: 'a', marks: ['trip'] }]],
    [{ kind: 'unmark', mark: 'trip' }, [{ id: 'b', marks: undefined }]],
    [
      { kind: 'place', place: 'drawer 2' },
      [
        { id: 'a1', place: 'drawer 2' },
        { id: 'a2', place: 'drawer 2' },
        { id: 'b1', place: 'drawer 2' },
      ],
    ],
    [{ kind: 'supply', supply: 'open' }, []],
    [{ kind: 'supply', supply: 'lent' }, [{ id: 'a1', supply: 'lent' }, { id: 'a2' }, { id: 'b1' }]],
    [
      { kind: 'remark', remark: 'nearly empty' },
      [{ id: 'a1', remarks: ['nearly empty', 'stiff'] }, { id: 'a2' }, { id: 'b1' }],
    ],
    [{ kind: 'remark', remark: 'stiff' }, []],
  ] as const)('%o', (change, expected) => expect(after(change)).toMatchObject(expected))

  it('is taken back whole', () => {
    const diff = changeMany(paints, itemsOf, { kind: 'place', place: 'bag' })
    expect(invert(diff).map((c) => c.after)).toEqual([...itemsOf('a'), ...itemsOf('b')].reverse())
  })
  it('a mark stands once, and an empty one not at all', () => {
    expect(withMark(['trip'], 'trip ')).toEqual(['trip'])
    expect(withMark(undefined, ' ')).toEqual([])
  })
})
