import type { Result } from '@juxtachrome/core/result'
import { added, updated, type Item, type Paint, type Palette, type Recipe } from '@juxtachrome/core/documents'
import { HOLDERS } from '@juxtachrome/core/arranging'
import type { Assessment } from '@juxtachrome/core/choosing'
import { describe, expect, it, vi } from 'vitest'
import { clientOver, localPort, silentPort } from './local.fixture'
import type { Port } from './seat'

const paint = (id: string, pigment: string): Paint => ({ id, v: 2, maker: '', name: id, pigments: [pigment] })
const tube = (paintId: string, supply: Item['supply'] = 'open'): Item => ({
  id: `tube-${paintId}`,
  v: 2,
  paintId,
  kind: 'tube',
  millilitres: 15,
  supply,
  remarks: [],
})
const palette: Palette = {
  id: 'p',
  v: 1,
  name: 'Tin',
  use: 'travel',
  purpose: '',
  holder: HOLDERS[0]!,
  plan: { A1: { paintId: 'blue' }, A2: { paintId: 'rose' } },
}
const paints = [paint('blue', 'PB29'), paint('rose', 'PV19'), paint('ochre', 'PY42')]
const items = paints.map((p) => tube(p.id))
/** Smooth, bright paints: whoever looks misses a blue. */
const SMOOTH = [
  ['rose', 'PV19'],
  ['lemon', 'PY3'],
  ['green', 'PG7'],
  ['scarlet', 'PR254'],
  ['orange', 'PO71'],
  ['gold', 'PY150'],
] as const
const smooth = SMOOTH.map(([id, pigment]) => paint(id, pigment))
const bright = { ...palette, plan: Object.fromEntries(smooth.map((p, i) => [`A${i + 1}`, { paintId: p.id }])) }
const remediesIn = (a: Assessment | undefined) => (a?.gaps ?? []).flatMap((g) => g.remedy?.paintId ?? [])

describe('an open verdict', () => {
  it('no longer proposes a paint whose tube was emptied elsewhere, and proposes it again when one came', async () => {
    const { client, collection } = clientOver(() => localPort(), {
      palettes: [bright],
      paints: [...smooth, paint('blue', 'PB29')],
      items,
    })
    let latest: Assessment | undefined
    let answers = 0
    client.open(
      'assessPalette',
      { paletteId: 'p' },
      {
        answer: (r: Result<Assessment>) => {
          answers += 1
          if (r.ok) latest = r.value
        },
      },
    )
    await vi.waitFor(() => expect(remediesIn(latest)).toContain('blue'), { timeout: 20_000 })
    const full = items.find((i) => i.paintId === 'blue')!
    const empty = { ...full, supply: 'empty' as const }
    collection.take({ documents: [{ kind: 'items', id: full.id, document: empty }], journal: [] }, 'other tab')
    await vi.waitFor(() => expect(remediesIn(latest)).not.toContain('blue'), { timeout: 20_000 })
    collection.apply({ diff: [added('items', { ...tube('blue'), id: 'another' })], journal: [] })
    await vi.waitFor(() => expect(remediesIn(latest)).toContain('blue'), { timeout: 20_000 })
    // what is noted of a tube is nothing to a verdict; it may still be given what the whole collection mixes
    await vi.waitFor(() => expect(latest?.needs).toEqual([]), { timeout: 20_000 })
    const before = answers
    const now = collection.get('items', 'another')!
    collection.apply({ diff: [updated('items', now, { ...now, note: 'from the fair' })], journal: [] })
    await client.ask('assessPalette', { paletteId: 'p' }).result
    expect(answers).toBe(before)
  }, 60_000)
})

describe('an open arrangement', () => {
  it('follows a new recipe and a filling, which say what is mixed and used', async () => {
    const { client, collection } = clientOver(() => localPort(), { palettes: [palette], paints, items })
    let answers = 0
    const blend = { partners: 1, use: 1 }
    client.open('arrangePalette', { paletteId: 'p', blend }, { answer: () => (answers += 1) })
    await vi.waitFor(() => expect(answers).toBe(1))
    const recipe: Recipe = {
      id: 'violet',
      v: 1,
      name: 'Violet',
      water: 0,
      paints: [
        { paintId: 'blue', parts: 1 },
        { paintId: 'rose', parts: 1 },
      ],
    }
    collection.apply({ diff: [added('recipes', recipe)], journal: [] })
    await vi.waitFor(() => expect(answers).toBe(2))
    const fill = {
      id: 'f',
      v: 2 as const,
      recorded: '2026-11-30T10:00:00.000Z',
      type: 'event' as const,
      event: {
        kind: 'fill' as const,
        day: '2026-11-30',
        vessel: { paletteId: 'p', placeId: 'A1' },
        itemId: 'tube-blue',
        paintId: 'blue',
        millilitres: 1.5,
        dryingDays: 2,
      },
    }
    collection.apply({ diff: [], journal: [fill] })
    await vi.waitFor(() => expect(answers).toBe(3))
    collection.apply({ diff: [updated('palettes', palette, { ...palette, name: 'Another name' })], journal: [] })
    await client.ask('arrangePalette', { paletteId: 'p', blend }).result
    expect(answers).toBe(3)
  })
})

describe('a session', () => {
  it('outlives one worker after another, as long as each of them says something', async () => {
    const ports: Port[] = []
    const { client, collection } = clientOver(
      () => {
        ports.push(localPort())
        return ports.at(-1)!
      },
      { palettes: [palette], paints, items },
    )
    let answers = 0
    const trouble: string[] = []
    client.open(
      'arrangePalette',
      { paletteId: 'p', blend: { value: 1 } },
      {
        answer: (r) => (r.ok ? (answers += 1) : trouble.push(r.error.message)),
      },
    )
    for (let death = 1; death <= 4; death += 1) {
      await vi.waitFor(() => expect(answers).toBe(death))
      ports.at(-1)!.onerror?.({ message: 'out of memory' })
    }
    await vi.waitFor(() => expect(answers).toBe(5))
    expect([ports.length, trouble]).toEqual([5, []])
    const after = { ...palette, plan: { ...palette.plan, A3: { paintId: 'ochre' } } }
    collection.apply({ diff: [updated('palettes', palette, after)], journal: [] })
    await vi.waitFor(() => expect(answers).toBe(6))
  })

  it('is given up where worker after worker dies over it in silence', async () => {
    const ports: Port[] = []
    const { client } = clientOver(() => {
      ports.push(silentPort())
      return ports.at(-1)!
    })
    const said = new Promise<string>((resolve) =>
      client.open(
        'arrangePalette',
        { paletteId: 'p', blend: { value: 1 } },
        {
          answer: (r) => resolve(r.ok ? 'an answer' : r.error.code),
        },
      ),
    )
    ports[0]!.onerror?.({})
    ports[1]!.onerror?.({})
    expect(await said).toBe('worker-failed')
  })
})

describe('an answer of an earlier visit', () => {
  const storeOver = (kept: Map<string, unknown>) => ({
    readAnswer: async (name: string) => kept.get(name) as never,
    keepAnswer: async (name: string, _request: unknown, answer: unknown) => void kept.set(name, answer),
    readParts: async () => undefined,
    keepParts: async () => undefined,
    forget: async () => undefined,
    newest: async () => undefined,
    inTurn: <T>(_key: string, work: () => Promise<T>) => work(),
  })
  const request = { paletteId: 'p', blend: { value: 1 } }

  it('stands at once while what it rests on is the same, and is worked out anew otherwise', async () => {
    const kept = new Map<string, unknown>()
    const first = clientOver(() => localPort(), { palettes: [palette], paints, items }, undefined, storeOver(kept))
    await new Promise<void>((resolve) => first.client.open('arrangePalette', request, { answer: () => resolve() }))
    await vi.waitFor(() => expect(kept.has('arrangePalette')).toBe(true))
    const marked = kept.get('arrangePalette') as { value: { moved: string[] } }
    kept.set('arrangePalette', { ...marked, value: { ...marked.value, moved: ['kept'] } })
    const movedIn = (documents: object) =>
      new Promise<string[]>((resolve) => {
        const { client } = clientOver(() => localPort(), documents, undefined, storeOver(kept))
        client.open('arrangePalette', request, { answer: (r) => resolve(r.ok ? r.value.moved : ['refused']) })
      })
    expect(await movedIn({ palettes: [palette], paints, items })).toEqual(['kept'])
    const other = { ...palette, plan: { A1: { paintId: 'ochre' } } }
    expect(await movedIn({ palettes: [other], paints, items })).not.toEqual(['kept'])
  })
})
