import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sharedBox } from '../arranging/geometry'
import { HOLDERS } from '../arranging/holders'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { USUAL_KEY, type KeyForm, type KeyLook } from './keyCells'
import { layKey } from './layKey'
import type { Laid } from './marks'
import { runs } from '../../../tests/setup/runs'

const measure = (text: string, size: number) => text.length * size * 0.55
const paint = (id: string, name: string): Paint => ({ id, v: 2, maker: 'Skerry', name, pigments: ['PB15:3', 'PY150'] })
const FORMS: KeyForm[] = ['as the palette lies', 'list', 'boxes', 'circles']
const palette = (holder: (typeof HOLDERS)[number], plan: Palette['plan'], name = 'Tin'): Palette => ({
  ...{ id: 'k', v: 1, name, use: 'studio', purpose: '', holder, plan },
})
function laid(p: Palette, look: Partial<KeyLook> = {}, names: Record<string, string> = { p: 'Viridian' }): Laid {
  const paints = new Map(Object.entries(names).map(([id, name]) => [id, paint(id, name)]))
  const key = layKey({
    palette: p,
    paints,
    measure,
    tones: () => ['#336699', '#99bbdd'],
    look: { ...USUAL_KEY, ...look },
  })
  if (!key.ok) throw new Error(key.error.message)
  return key.value
}
const texts = ({ marks }: Laid) => marks.flatMap((m) => (m.is === 'text' ? [m] : []))

describe.each(FORMS)('a key, %s', (form) => {
  it.each(HOLDERS.map((h) => [h.name, h] as const))(
    '%s: a box for every paint in the palette’s order, blanks kept, nothing overlaps, texts stay inside',
    (_name, holder) => {
      fc.assert(
        fc.property(fc.string({ minLength: 1, maxLength: 90, unit: 'grapheme' }), fc.boolean(), (name, laminate) => {
          const ids = holder.places.map((p) => p.id)
          const plan = Object.fromEntries(
            ids.map((id, i) => [id, i % 3 === 1 ? { reserved: name } : { paintId: i % 3 ? 'gone' : 'p' }]),
          )
          const key = laid(palette(holder, plan, name), { form, laminate }, { p: name })
          expect(key.boxes.map((b) => b.id)).toEqual(ids.filter((_, i) => i % 3 === 0))
          // every place is named, also where it is blank
          const words = texts(key).map((t) => t.text)
          for (const id of ids) expect(words.some((w) => w.split(/[ ·]/).includes(id))).toBe(true)
          for (const { box } of key.boxes) {
            expect(box.height).toBeGreaterThan(3)
            expect(box.x >= 0 && box.y >= 0 && box.x + box.width <= key.width + 1e-6).toBe(true)
            expect(box.y + box.height).toBeLessThanOrEqual(key.height + 1e-6)
          }
          key.boxes.forEach((p, i) =>
            key.boxes.slice(i + 1).forEach((q) => expect(sharedBox(p.box, q.box)).toBeUndefined()),
          )
          for (const t of texts(key)) {
            expect(t.x).toBeGreaterThanOrEqual(-1e-6)
            expect(t.x + measure(t.text, t.size)).toBeLessThanOrEqual(key.width + 1e-6)
            expect(t.y).toBeLessThanOrEqual(key.height + 1e-6)
          }
        }),
        { numRuns: runs(6) },
      )
    },
  )
})

describe('what a key says of a pan', () => {
  const holder = HOLDERS[0]!
  const ids = holder.places.map((p) => p.id)
  const plan = Object.fromEntries(ids.map((id, i) => [id, { paintId: i % 2 ? 'p' : 'q' }]))
  const keyOf = (paints: Paint[], form: KeyForm, also?: (id: string) => string | undefined) => {
    const key = layKey({
      palette: palette(holder, plan),
      paints: new Map(paints.map((p) => [p.id, p])),
      measure,
      tones: () => [],
      look: { ...USUAL_KEY, form },
      ...(also ? { also } : {}),
    })
    if (!key.ok) throw new Error(key.error.message)
    return texts(key.value)
      .map((t) => t.text)
      .join(' ')
  }

  it.each(FORMS)('%s: what lies there instead is said, however long the names are', (form) => {
    for (const name of ['Viridian', 'Quinacridone magenta, transparent, of the second kind'])
      for (const lies of ['holds Raw sienna', 'holds Cobalt turquoise light; for Cerulean blue']) {
        const said = keyOf([paint('p', name), paint('q', name)], form, () => lies)
        // each cell says at least its beginning; the rest may run into the next line
        expect(said.split('holds').length - 1, `${name}, ${lies}`).toBe(ids.length)
      }
  })
  it('marks strong stainers only', () => {
    const of = (id: string, staining: Paint['staining']) => ({ ...paint(id, id), pigments: ['PG18'], staining })
    const said = keyOf([of('p', 'stains strongly'), of('q', 'stains a little')], 'boxes')
    expect(said.split('stains').length - 1).toBe(ids.length / 2)
  })
  it('tells two paints of one name apart by their makers', () => {
    const said = keyOf([paint('p', 'Raw sienna'), { ...paint('q', 'Raw sienna'), maker: 'Tern' }], 'list')
    expect(said).toContain('Raw sienna of Skerry')
    expect(said).toContain('Raw sienna of Tern')
    expect(keyOf([paint('p', 'Raw sienna'), paint('q', 'Viridian')], 'list')).not.toContain(' of ')
  })
})

describe('a key', () => {
  const holder = HOLDERS[0]!
  const plan = { B2: { paintId: 'p' } }

  it('has the palette’s own size, place and codes with each paint, and its name in the mixing surface', () => {
    const key = laid(palette(holder, plan))
    expect([key.width, key.height]).toEqual([holder.width, holder.height])
    expect(
      texts(key)
        .map((t) => t.text)
        .join(' '),
    ).toMatch(/Viridian B2 · PB15:3 PY150/)
    expect(texts(key).some((t) => t.text === 'Tin' && t.bold)).toBe(true)
    expect(key.said).toEqual([`${holder.places.length - 1} places stay blank.`])
  })

  it('as a list or rows lies on the sheet that was asked for, wider or with smaller boxes', () => {
    for (const [places, sheet] of [
      [48, { width: 185, height: 267 }],
      [24, { width: 123, height: 180 }],
      [12, { width: 180, height: 123 }],
    ] as const)
      for (const form of ['list', 'boxes', 'circles'] as const) {
        const many = HOLDERS.find((h) => h.places.length === places)!
        const every = Object.fromEntries(many.places.map((p) => [p.id, { paintId: 'p' }]))
        const key = laid(palette(many, every), { form, sheet })
        expect(key.width, `${form} ${sheet.width}`).toBeLessThanOrEqual(sheet.width)
        expect(key.height, `${form} ${sheet.width}`).toBeLessThanOrEqual(sheet.height)
        expect(key.boxes).toHaveLength(places)
      }
  })

  it('lies inside the lid: a little smaller in the palette’s geometry, folded as rows, refused where it cannot be', () => {
    const lid = { width: holder.width * 0.9, height: holder.height }
    const key = laid(palette(holder, plan), { lid })
    expect(key.width).toBeCloseTo(lid.width, 9)
    expect(key.said[0]).toContain('90 %')
    const fold = laid(palette(holder, plan), { form: 'boxes', lid: { width: 60, height: 40 }, box: 16 })
    expect(fold.width).toBe(60)
    expect(fold.height % 40).toBeCloseTo(0, 9)
    expect(fold.said[0]).toMatch(/Folded \d+ times/)
    for (const { box } of fold.boxes) expect(Math.floor(box.y / 40)).toBe(Math.floor((box.y + box.height - 1e-9) / 40))
    const refused = (look: Partial<KeyLook>, p = palette(holder, plan)) => {
      const answer = layKey({
        palette: p,
        paints: new Map([['p', paint('p', 'x')]]),
        measure,
        tones: () => [],
        look: { ...USUAL_KEY, ...look },
      })
      return answer.ok ? undefined : answer.error.code
    }
    expect(refused({ lid: { width: 40, height: 40 } })).toBe('too-small')
    expect(refused({ lid: { width: 20, height: 40 } })).toBe('bad-lid')
    expect(refused({ box: 4 })).toBe('bad-box')
    expect(refused({ form: 'boxes', box: 50, lid: { width: 100, height: 40 } })).toBe('too-small')
    expect(refused({}, palette(holder, {}))).toBe('nothing-planned')
  })

  it('draws a line to paint over, a stripe to lift, colours as wanted, and room to seal around it', () => {
    const plain = laid(palette(holder, plan))
    const full = laid(palette(holder, plan), { blackLine: true, lift: true, colouring: 'full', laminate: true })
    const [box] = full.boxes
    expect(full.width).toBe(plain.width + 8)
    const inside = full.marks.filter(
      (m) => m.is === 'line' && m.x1 === m.x2 && m.x1 > box!.box.x && m.x1 < box!.box.x + box!.box.width,
    )
    expect(inside).toHaveLength(3)
    expect(full.marks.filter((m) => 'fill' in m && m.fill).map((m) => (m as { fill: string }).fill)).toEqual([
      '#336699',
      '#99bbdd',
    ])
    expect(plain.marks.some((m) => 'fill' in m && m.fill)).toBe(false)
  })
})
