import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../arranging/holders'
import { paint as paintOf, tube as tubeOf } from '../documents/documents.fixture'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import type { PaletteState } from '../ledger/stays'
import { findingsOf } from './findings'

const paint = (id: string, L: number, a: number, b: number, more: Partial<Paint> = {}) =>
  paintOf(id, { maker: '', masstone: { L, a, b, source: 'typed' }, ...more })
const tube = (paintId: string, supply?: Item['supply']) => tubeOf(`t-${paintId}`, paintId, supply)

const PAINTS = [
  paint('lemon', 88, -8, 82),
  paint('rose', 37, 56, 12),
  paint('ultra', 31, 28, -62),
  paint('ultra two', 31.5, 28, -61),
  paint('sienna', 36, 24, 28, { lightfastness: 'fugitive' }),
]
function ask(
  plan: Palette['plan'],
  { owned = PAINTS.map((p) => tube(p.id)), paints = PAINTS, state = new Map() as PaletteState } = {},
) {
  const palette: Palette = { id: 'p', v: 1, name: 'Tin', use: 'travel', purpose: '', holder: HOLDERS[0]!, plan }
  const items = new Map(paints.map((p) => [p.id, owned.filter((i) => i.paintId === p.id)]))
  return findingsOf({ palette, paints: new Map(paints.map((p) => [p.id, p])), items, state })
}
const planned = (...ids: string[]) => Object.fromEntries(ids.map((id, i) => [`A${i + 1}`, { paintId: id }]))

describe('the verdict on a palette', () => {
  it('counts what is left', () => {
    expect(ask({ A1: { reserved: '' } }).map((f) => f.message)).toEqual(['11 of 12 places left, 1 reserved.'])
  })

  it('finds what fades, with one action; what the palette can do is judged elsewhere', () => {
    const findings = ask(planned('lemon', 'rose', 'ultra', 'ultra two', 'sienna'))
    expect(findings.map((f) => f.code)).toEqual(['fugitive', 'places-left'])
    expect(findings[0]!.remedy).toMatchObject({ kind: 'show-place', placeId: 'A5' })
  })

  it('puts what is in the way first: nothing to fill from', () => {
    const findings = ask(planned('lemon', 'rose'), { owned: [tube('rose', 'on order')] })
    expect(findings.map((f) => [f.code, f.weight])).toEqual([
      ['not-owned', 'in the way'],
      ['on-order', 'worth a look'],
      ['places-left', 'note'],
    ])
  })

  const holding = (...places: [placeId: string, paintId: string][]): PaletteState =>
    new Map(
      places.map(([placeId, paintId]) => {
        const layer = { entryId: 'e', itemId: 't', paintId, day: '2026-05-01', millilitres: 1, dryingDays: 1 }
        return [placeId, { content: { layers: [layer], dryFrom: '2026-05-02' }, stays: [] }]
      }),
    )

  it('says when a paint is planned twice', () => {
    const twice = ask(planned('lemon', 'lemon', 'rose', 'sienna', 'sienna')).filter((f) => f.code === 'twice-planned')
    expect(twice.map((f) => f.message)).toEqual([
      'lemon is planned twice: A1 and A2.',
      'sienna is planned twice: A4 and A5.',
    ])
  })

  it('says when another paint lies in a place than is planned, and not when the planned one does', () => {
    const differs = (state: PaletteState) =>
      ask(planned('lemon', 'rose'), { state }).filter((f) => f.code === 'differs-from-fill')
    expect(differs(holding(['A1', 'lemon'], ['A2', 'rose']))).toEqual([])
    expect(differs(holding(['A1', 'rose'], ['A2', 'rose']))).toMatchObject([
      { message: 'rose lies in A1, the plan says otherwise.', remedy: { placeId: 'A1' } },
    ])
    expect(differs(holding(['B1', 'rose']))).toMatchObject([{ message: 'rose lies in B1, the plan says otherwise.' }])
    expect(differs(holding(['A1', 'rose'], ['A2', 'lemon']))[0]!.message).toBe(
      'In 2 places lies another paint than planned.',
    )
  })

  it('names in one line what needs caution, and says when it is not for a child', () => {
    const list = [
      paint('blue', 38, 6, -52, { pigments: ['PB28'] }),
      paint('red', 50, 64, 50, { pigments: ['PR108'] }),
      paint('sienna', 36, 24, 28, { pigments: ['PBr7'], name: 'Burnt sienna' }),
    ]
    const said = (...ids: string[]) =>
      ask(planned(...ids), { paints: list, owned: list.map((p) => tube(p.id)) }).flatMap((f) =>
        f.code === 'needs-caution' ? [f.message] : [],
      )
    expect(said('sienna')).toEqual([])
    expect(said('blue')).toEqual(['blue (A1) needs caution; open a paint to read why.'])
    expect(said('blue', 'sienna', 'red')).toEqual([
      'Paints that need caution: A1, A3; open a paint to read why. Not a palette for a child.',
    ])
  })

  it('names what fades, recorded or assumed from the codes, and nothing that lasts', () => {
    const lasting = (lightfastness: Paint['lightfastness']) => {
      const one = { ...paint('one', 40, 30, 10), lightfastness }
      return ask({ A1: { paintId: 'one' } }, { paints: [one] }).flatMap((f) =>
        f.code === 'fugitive' ? [f.message] : [],
      )
    }
    expect(lasting('fugitive')).toEqual(['one (A1) fades: lightfastness fugitive.'])
    expect(lasting('poor')).toEqual(['one (A1) fades: lightfastness poor.'])
    expect([lasting('fair'), lasting('very good'), lasting('excellent'), lasting(undefined)]).toEqual([[], [], [], []])
    const alizarin = paint('alizarin', 25, 40, 15, { pigments: ['PR83'] })
    const said = ask({ A1: { paintId: 'alizarin' } }, { paints: [alizarin] }).find((f) => f.code === 'fugitive')
    expect(said?.message).toContain('assumed from its codes')
    const kept = { ...alizarin, lightfastness: 'very good' as const }
    expect(ask({ A1: { paintId: 'alizarin' } }, { paints: [kept] }).some((f) => f.code === 'fugitive')).toBe(false)
  })
})
