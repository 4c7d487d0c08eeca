import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Guide } from '../documents/guide'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { HOLDERS } from '../arranging/holders'
import { clearPlan, movePlan } from '../arranging/moves'
import { callsOf } from '../choosing/methods/shorthand'
import { readPalette, sharedPalette, takePalette, writePalette } from './paletteFile'
import { openedLink, writeForLink } from './paletteLink'
import { readShopAnswer, SHOP_FORMAT } from './readShopAnswer'
import { linesOfGuide, linesOfPalette } from './studentLines'
import { linesOf, readStudentList, writeStudentList } from './studentsFile'
import { runs } from '../../../tests/setup/runs'

const paint = (id: string, name: string, pigments: string[] = [], maker = 'Skerry'): Paint => ({
  id,
  v: 2,
  maker,
  name,
  pigments,
})
const value = <T>(result: { ok: true; value: T } | { ok: false; error: { message: string } }): T => {
  if (!result.ok) throw new Error(result.error.message)
  return result.value
}
const PAINTS = [
  paint('a', 'Lemon yellow', ['PY175']),
  paint('b', 'French ultramarine', ['PB29']),
  paint('c', 'Rose', ['PV19']),
  paint('d', 'Never planned'),
]
const paintOf = (id: string) => PAINTS.find((p) => p.id === id)
const tin: Palette = {
  id: 'tin',
  v: 1,
  name: 'Tin',
  use: 'travel',
  purpose: 'walks',
  holder: HOLDERS[0]!,
  plan: {
    A1: { paintId: 'a', locked: true },
    A2: {
      paintId: 'b',
      standsFor: { paintId: 'c', words: 'Rose', mixture: { paints: [{ paintId: 'a', parts: 1 }], water: 2 } },
    },
    A3: { reserved: 'a darker brown' },
  },
  brief: { mustIn: ['a'], spare: ['b'] },
  apart: [['a', 'b']],
  answered: [{ key: 'out a', said: 'refused' }],
}
const RECIPES = [
  {
    id: 'r1',
    v: 1 as const,
    name: 'Green',
    paints: [
      { paintId: 'a', parts: 1 },
      { paintId: 'b', parts: 2 },
    ],
    water: 2,
  },
  { id: 'r2', v: 1 as const, name: 'Of something else', paints: [{ paintId: 'd', parts: 1 }], water: 2 },
]

describe('a shared palette', () => {
  const shared = sharedPalette(tin, paintOf, RECIPES)
  it('holds its paints, what is stood in for and its recipes, and nothing else of the collection', () => {
    expect(shared.paints.map((p) => p.id).sort()).toEqual(['a', 'b', 'c'])
    expect(shared.recipes.map((r) => r.id)).toEqual(['r1'])
    expect(shared.palette).not.toHaveProperty('answered')
    expect(value(readPalette(writePalette(shared)))).toEqual(shared)
  })
  it('comes in beside what is there: known paints are those, everything has an id of its own, nothing is overwritten', () => {
    const owned = [paint('mine', 'lemon yellow ', ['PY3'])]
    let n = 0
    const { changes, palette, known, fresh } = takePalette(shared, owned, [{ name: 'Tin' }], () => `n${(n += 1)}`)
    expect([known, fresh]).toEqual([1, 2])
    expect(changes.every((c) => c.before === null)).toBe(true)
    expect(new Set(changes.map((c) => c.id)).size).toBe(changes.length)
    expect(changes.some((c) => ['tin', 'a', 'b', 'c', 'mine', 'r1'].includes(c.id))).toBe(false)
    expect(palette.name).toBe('Tin (2)')
    expect(palette.plan.A1).toEqual({ paintId: 'mine', locked: true })
    const b = palette.plan.A2!.paintId!
    expect(palette.plan.A2!.standsFor!.mixture!.paints).toEqual([{ paintId: 'mine', parts: 1 }])
    expect(palette.brief).toEqual({ mustIn: ['mine'], spare: [b] })
    expect(palette.apart).toEqual([['mine', b]])
  })
  it.each([
    ['', 'not-a-palette'],
    ['{"format":"juxtachrome-collection"}', 'not-a-palette'],
    [JSON.stringify({ format: 'juxtachrome-palette', version: 2 }), 'from-newer-version'],
    [JSON.stringify({ format: 'juxtachrome-palette', version: 1, palette: tin, paints: [] }), 'not-a-palette'],
    [
      JSON.stringify({ format: 'juxtachrome-palette', version: 1, palette: { ...tin, name: '' }, paints: PAINTS }),
      'invalid-document',
    ],
    [
      JSON.stringify({ format: 'juxtachrome-palette', version: 1, palette: tin, paints: [{ id: 'a', v: 9 }] }),
      'from-newer-version',
    ],
  ])('%#: is refused whole where anything of it cannot be read', (text, code) => {
    const read = readPalette(text)
    expect(read.ok ? 'ok' : read.error.code).toBe(code)
  })

  it('gives no notes along unless one wants to, and refuses a box that cannot be', () => {
    const noted = {
      ...PAINTS[0]!,
      note: 'from aunt',
      marks: ['hers'],
      pictureId: 'p-hers',
      masstone: { L: 80, a: 0, b: 70, source: 'typed' as const, note: 'lamp' },
    }
    const share = (withNotes: boolean) =>
      writePalette(sharedPalette(tin, (id) => (id === 'a' ? noted : paintOf(id)), RECIPES, { withNotes }))
    expect(share(false)).not.toMatch(/from aunt|lamp|hers/)
    expect(share(true)).not.toContain('p-hers')
    expect(share(true)).toMatch(/from aunt[^]*lamp|lamp[^]*from aunt/)
    const written = (palette: Palette) => readPalette(writePalette(sharedPalette(palette, paintOf, [])))
    const { holder } = tin
    const twice = { ...holder, places: [...holder.places, holder.places[0]!] }
    expect(written({ ...tin, holder: twice })).toMatchObject({ error: { message: /two of its places have one name/ } })
    expect(written({ ...tin, holder: { ...holder, width: 0 } })).toMatchObject({ error: { message: /20 to 1000 mm/ } })
    const moon = { targets: [{ kind: 'subject' as const, subject: 'moon', weight: 1 }] }
    expect(written({ ...tin, brief: moon })).toMatchObject({ error: { message: /subject “moon”/ } })
  })

  it('what is planned for places that its box lacks is kept, and named', () => {
    const odd = { ...tin, plan: { ...tin.plan, Z9: { paintId: 'c' } } }
    const taken = takePalette(value(readPalette(writePalette(sharedPalette(odd, paintOf, [])))), PAINTS, [], () => 'x')
    expect(taken.lacking).toEqual(['Z9'])
    expect(taken.palette.plan.Z9).toEqual({ paintId: 'c' })
    // it can be moved to a place that the box has, or taken off
    expect(value(movePlan(taken.palette, 'Z9', 'A4')).plan).toMatchObject({ A4: { paintId: 'c' } })
    expect(value(clearPlan(taken.palette, 'Z9')).plan.Z9).toBeUndefined()
  })
})

describe('a list for students', () => {
  it('of a palette: each paint once, by code, with what matters and the cautions of its pigments', () => {
    const cadmium = paint('cd', 'Cadmium red', ['PR108'])
    const twice = { ...tin, plan: { A1: { paintId: 'cd' }, A2: { paintId: 'cd' }, A3: { paintId: 'b' } } }
    const lines = linesOfPalette(twice, (id) => (id === 'cd' ? cadmium : paintOf(id)))
    expect(lines.map((l) => [l.name, l.pigments])).toEqual([
      ['Cadmium red', ['PR108']],
      ['French ultramarine', ['PB29']],
    ])
    expect(lines[0]!.cautions!.join()).toMatch(/cadmium/i)
    expect(lines[1]!.matters).toMatch(/blue/)
  })
  it('of a guide: a line for every paint that it calls for, with a lightfast pigment and others that answer', () => {
    const guide: Guide = { id: 'g', v: 1, name: 'G', calls: callsOf('cool yellow; 2 earth; dark') }
    const lines = linesOfGuide(guide)
    expect(lines).toHaveLength(4)
    expect(lines.every((l) => l.pigments.length === 1)).toBe(true)
    expect(new Set(lines.slice(1, 3).map((l) => l.pigments[0])).size).toBe(2)
    expect(lines[0]!.name).toMatch(/^cool yellow: /)
  })
  it('is read back as it was written, and as lines of text for a comparison', () => {
    const list = {
      title: 'First term',
      note: 'bring rags',
      levels: ['up to 0.80 EUR a ml'],
      lines: [{ name: 'Lemon\nyellow', pigments: ['PY175'], standIns: ['x'] }],
    }
    const read = value(readStudentList(writeStudentList(list)))
    expect(read).toMatchObject(list)
    expect(linesOf(read)).toBe('Lemon yellow PY175')
    expect(readStudentList('[]')).toMatchObject({ ok: false, error: { code: 'not-a-list' } })
    expect(
      readStudentList(JSON.stringify({ format: 'juxtachrome-list', version: 1, title: 'x', lines: [] })),
    ).toMatchObject({ ok: false })
  })
})

describe('what a shop answers', () => {
  const good = {
    format: SHOP_FORMAT,
    version: 1,
    name: 'Harbour',
    day: '2026-05-01',
    currency: 'EUR',
    offers: [{ id: '1', holds: [{ maker: '', name: 'A', pigments: [], millilitres: 5, kind: 'tube' }], minor: 500 }],
  }
  it('is read where it is right', () => {
    expect(readShopAnswer(JSON.stringify(good))).toMatchObject({ ok: true, value: { name: 'Harbour' } })
  })
  it.each([
    ['<html>', 'not-a-shop'],
    ['null', 'not-a-shop'],
    [JSON.stringify({ ...good, version: 2 }), 'from-newer-version'],
    [JSON.stringify({ ...good, currency: 'euros' }), 'not-a-shop'],
    [JSON.stringify({ ...good, offers: [good.offers[0], good.offers[0]] }), 'same-number'],
    [JSON.stringify({ ...good, offers: [{ ...good.offers[0], minor: -5 }] }), 'not-a-shop'],
    [JSON.stringify({ ...good, offers: [{ ...good.offers[0], minor: 1e99 }] }), 'not-a-shop'],
    [JSON.stringify({ ...good, offers: [{ ...good.offers[0], holds: [] }] }), 'not-a-shop'],
  ])('%#: is refused with the reason', (text, code) => {
    const read = readShopAnswer(text)
    expect(read.ok ? 'ok' : read.error.code).toBe(code)
  })
  it('whatever comes, it is refused or can be kept, and never throws', () => {
    const mutated = fc
      .tuple(fc.constantFrom(...Object.keys(good)), fc.jsonValue())
      .map(([key, odd]) => JSON.stringify({ ...good, [key]: odd }))
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json(), mutated), (text) => {
        const read = readShopAnswer(text)
        if (!read.ok) expect(read.error.message).not.toBe('')
        else expect(read.value.offers.every((o) => o.holds.length > 0)).toBe(true)
      }),
      { numRuns: runs(300) },
    )
  })
})

describe('a palette as a link carries it', () => {
  const NOTED = { L: 40, a: 10, b: 10, source: 'typed', note: 'secret' } as const
  const full = (places: number): Palette => ({
    ...tin,
    purpose: 'sea and sky',
    pictureId: 'portrait',
    holder: {
      ...HOLDERS[0]!,
      places: Array.from({ length: places }, (_, i) => ({ ...HOLDERS[0]!.places[0]!, id: `W${i}` })),
    },
    plan: Object.fromEntries(
      Array.from({ length: places }, (_, i) => [`W${i}`, { paintId: `own-${i}`, note: 'secret', locked: true }]),
    ),
    brief: { targets: [{ kind: 'subject', subject: 'sea', weight: 1 }], mustIn: ['own-1'] },
  })
  const owned = (id: string): Paint => ({
    ...paint(id, `Colour ${id.slice(4)}`, ['PB29', 'PV19']),
    note: 'secret',
    marks: ['secret'],
    pictureId: 'portrait',
    masstone: NOTED,
  })

  it.each([1, 12, 64])('of %i wells is the same palette: names, codes, box, purpose, and nothing besides', (places) => {
    const palette = full(places)
    const text = writeForLink(sharedPalette(palette, owned, []))
    expect(text).not.toMatch(/secret|portrait|own-|masstone/)
    const read = value(readPalette(text))
    expect(read.palette.holder).toEqual(palette.holder)
    expect([read.palette.name, read.palette.purpose, read.palette.brief?.targets]).toEqual([
      palette.name,
      'sea and sky',
      palette.brief!.targets,
    ])
    const byId = new Map(read.paints.map((p) => [p.id, p]))
    for (let i = 0; i < places; i += 1) {
      const lies = byId.get(read.palette.plan[`W${i}`]!.paintId!)!
      expect([lies.name, lies.pigments]).toEqual([`Colour ${i}`, ['PB29', 'PV19']])
    }
  })

  it('keeps what is kept free, and leaves out what is not planned', () => {
    const text = writeForLink(sharedPalette(tin, paintOf, []))
    const read = value(readPalette(openedLink(text)))
    const kept = Object.entries(tin.plan).flatMap(([id, p]) => (p.reserved === undefined ? [] : [[id, p.reserved]]))
    expect(
      Object.entries(read.palette.plan).flatMap(([id, p]) => (p.reserved === undefined ? [] : [[id, p.reserved]])),
    ).toEqual(kept)
    expect(read.paints.map((p) => p.name)).not.toContain('Never planned')
  })
})
