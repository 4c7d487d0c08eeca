import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../arranging/holders'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { findingsOf } from './findings'

const paint = (id: string, L: number, a: number, b: number, more: Partial<Paint> = {}): Paint => ({
  id,
  v: 1,
  maker: '',
  name: id,
  pigments: [],
  masstone: { L, a, b, source: 'typed' },
  ...more,
})
const tube = (paintId: string, supply: Item['supply'] = 'open'): Item => ({
  id: `t-${paintId}`,
  v: 2,
  paintId,
  kind: 'tube',
  millilitres: 15,
  supply,
  remarks: [],
})

const PAINTS = [
  paint('lemon', 88, -8, 82),
  paint('rose', 37, 56, 12),
  paint('ultra', 31, 28, -62),
  paint('ultra two', 31.5, 28, -61),
  paint('sienna', 36, 24, 28, { lightfastness: 'fugitive' }),
]
function ask(plan: Palette['plan'], { owned = PAINTS.map((p) => tube(p.id)), paints = PAINTS, state = {} } = {}) {
  const palette: Palette = { id: 'p', v: 1, name: 'Tin', use: 'travel', purpose: '', holder: HOLDERS[0]!, plan }
  const items = new Map(paints.map((p) => [p.id, owned.filter((i) => i.paintId === p.id)]))
  return findingsOf({ palette, paints: new Map(paints.map((p) => [p.id, p])), items, state })
}
const planned = (...ids: string[]) => Object.fromEntries(ids.map((id, i) => [`A${i + 1}`, { paintId: id }]))

describe('the verdict on a palette', () => {
  it('counts what is left', () => {
    expect(ask({ A1: { reserved: '' } }).map((f) => f.message)).toEqual(['11 of 12 places left, 1 reserved.'])
  })

  it('finds near twins, a missing dark and what fades, each with one action', () => {
    const findings = ask(planned('lemon', 'rose', 'ultra', 'ultra two', 'sienna'))
    expect(findings.map((f) => f.code)).toEqual(['near-twins', 'fugitive', 'no-dark', 'places-left'])
    expect(findings[0]!.message).toContain('ultra (A3) and ultra two (A4)')
    expect(findings.slice(0, 3).every((f) => f.remedy)).toBe(true)
  })

  it('puts what is in the way first: nothing to fill from', () => {
    const findings = ask(planned('lemon', 'rose'), { owned: [tube('rose', 'on order')] })
    expect(findings.map((f) => [f.code, f.weight])).toEqual([
      ['not-owned', 'in the way'],
      ['on-order', 'worth a look'],
      ['places-left', 'note'],
    ])
  })

  it('says when another paint lies in a place, a paint is planned twice, a primary is missing', () => {
    const layer = { entryId: 'e', itemId: 't', paintId: 'rose', day: '2026-05-01', millilitres: 1, dryingDays: 1 }
    const state = { A1: { content: { layers: [layer], dryFrom: '2026-05-02' }, stays: [] } }
    const codes = ask(planned('lemon', 'lemon', 'rose', 'sienna', 'sienna'), { state }).map((f) => f.code)
    expect(codes).toEqual(expect.arrayContaining(['differs-from-fill', 'twice-planned', 'family-missing']))
  })
})
