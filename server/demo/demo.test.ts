import { opticsOfPaint } from '@juxtachrome/core/film'
import { holderProblems } from '@juxtachrome/core/drawing'
import { KIND_NAMES, loadDocument } from '@juxtachrome/core/documents'
import { balanceOf, isWet, Ledger } from '@juxtachrome/core/ledger'
import { viewOfPaint } from '@juxtachrome/core/paints'
import { describe, expect, it } from 'vitest'
import { buildDemo } from './build'

const TODAY = '2026-09-14'
const demo = buildDemo(TODAY)
const ledger = new Ledger(demo.journal)

describe('the demo season', () => {
  it('holds what was asked for', () => {
    expect(demo.items.length).toBeGreaterThanOrEqual(60)
    expect(demo.paints.length).toBeGreaterThanOrEqual(45)
    expect(new Set(demo.paints.map((p) => p.maker)).size).toBeGreaterThanOrEqual(5)
    expect(demo.palettes.map((p) => p.holder.places.length)).toEqual([12, 18, 36, 8])
    expect(demo.palettes[0]!.brief).toMatchObject({ targets: [{ subject: 'sea' }, { name: 'the ledge at low tide' }] })
    const of = (codes: string) => demo.paints.filter((p) => p.pigments.join() === codes)
    expect(new Set(of('PB29').map((p) => p.maker)).size).toBe(3)
    expect(of('PB28').map((p) => p.name)).toEqual(['Cobalt blue', 'Cobalt turquoise'])
    expect(demo.paints.filter((p) => p.name === 'Aureolin').map((p) => p.formula)).toEqual([
      'before 2021',
      'since 2021',
    ])
    expect(
      demo.items.some((i) => i.supply === 'on order') &&
        demo.items.some((i) => i.remarks.includes('stiff')) &&
        demo.items.some((i) => i.remarks.includes('label lost') && i.kind === 'handmade pan'),
    ).toBe(true)
  })

  it('has marks, places and binders of its own', () => {
    expect(demo.paints.filter((p) => p.marks?.includes('boat bag')).length).toBe(3)
    expect(new Set(demo.items.flatMap((i) => i.place ?? []))).toEqual(new Set(['blue drawer', 'boat bag']))
    expect(demo.paints.some((p) => p.binder === 'with honey')).toBe(true)
  })

  it('is valid throughout, with ids of its own', () => {
    for (const kind of KIND_NAMES) {
      expect(new Set(demo[kind].map((d) => d.id)).size).toBe(demo[kind].length)
      for (const document of demo[kind]) expect(loadDocument(kind, document).ok).toBe(true)
    }
    for (const palette of demo.palettes)
      for (const id of Object.keys(palette.plan)) expect(palette.holder.places.some((p) => p.id === id)).toBe(true)
  })

  it('has a box of its own in which nothing overlaps', () => {
    for (const holder of demo.holders) expect(holderProblems(holder)).toEqual([])
    expect(demo.holders.length * demo.blends.length).toBeGreaterThan(0)
  })

  it('has pans in a master set, in a bag and lent', () => {
    const where = ledger.looseVessels().map((id) => ledger.vessel(id).whereabouts?.kind)
    expect([...new Set(where)].sort()).toEqual(['bag', 'lent', 'master set'])
  })

  it('never draws more from a tube than it held, and something is wet today', () => {
    for (const item of demo.items) expect(balanceOf(item, ledger.account(item.id)).left).toBeGreaterThanOrEqual(0)
    const contents = demo.palettes.flatMap((p) => [...ledger.places(p.id).values()].flatMap((s) => s.content ?? []))
    expect(contents.filter((c) => isWet(c, TODAY)).length).toBeGreaterThanOrEqual(3)
  })

  it('has recipes of paints that it holds, and every paint but the effects can be predicted', () => {
    expect(demo.recipes.length).toBeGreaterThanOrEqual(3)
    for (const recipe of demo.recipes)
      for (const { paintId } of recipe.paints)
        expect(
          demo.paints.some((p) => p.id === paintId),
          recipe.name,
        ).toBe(true)
    const out = demo.paints.flatMap((p) => {
      const optics = opticsOfPaint(p)
      return optics.ok ? (optics.value.doubt ? [p.name] : []) : [optics.error.code]
    })
    expect(out).toEqual(['outside-the-model', 'outside-the-model'])
  })

  it('gives the painter’s families to its paints', () => {
    const family = (name: string) => viewOfPaint(demo.paints.find((p) => p.name === name)!).family
    expect(
      [
        'Lemon yellow',
        'Pyrrole orange',
        'Quinacridone rose',
        'Cobalt violet',
        'French ultramarine',
        'Viridian',
        'Burnt sienna',
        'Mars black',
        'Titanium white',
      ].map(family),
    ).toEqual(['yellow', 'orange', 'red', 'violet', 'blue', 'green', 'earth', 'neutral', 'white'])
  })
})
