import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { loadDocument } from '../documents/load'
import { daysAfter } from '../units/calendar'
import { stamp } from './journal.arbitrary'
import { Ledger } from './ledger'
import { runs } from '../../../tests/setup/runs'

/** Events of version 1, when paint lay in a palette's place. */
interface OldEvent {
  kind: 'fill' | 'clean' | 'dry' | 'exchange' | 'measure'
  day: string
  paletteId?: string
  placeId?: string
  otherPlaceId?: string
  itemId?: string
  paintId?: string
  millilitres?: number
  dryingDays?: number
}
interface OldEntry {
  id: string
  v: 1
  recorded: string
  type: 'event' | 'correction'
  corrects?: string
  event?: OldEvent
  becomes?: OldEvent | null
}

const day = fc.integer({ min: 1, max: 28 }).map((d) => `2026-05-${String(d).padStart(2, '0')}`)
const placeId = fc.constantFrom('A1', 'A2', 'A3')
const at = { day, paletteId: fc.constantFrom('tin', 'tray'), placeId }
const old: fc.Arbitrary<OldEvent> = fc.oneof(
  {
    weight: 5,
    arbitrary: fc.record({
      ...at,
      kind: fc.constant('fill' as const),
      itemId: fc.constantFrom('t1', 't2'),
      paintId: fc.constantFrom('p', 'q'),
      millilitres: fc.integer({ min: 1, max: 40 }).map((n) => n / 10),
      dryingDays: fc.integer({ min: 0, max: 9 }),
    }),
  },
  { weight: 2, arbitrary: fc.record({ ...at, kind: fc.constantFrom('clean' as const, 'dry' as const) }) },
  { weight: 2, arbitrary: fc.record({ ...at, kind: fc.constant('exchange' as const), otherPlaceId: placeId }) },
)
const journals = fc.array(fc.tuple(fc.boolean(), old, fc.nat()), { maxLength: 30 }).map((steps) => {
  const entries: OldEntry[] = []
  steps.forEach(([corrects, event, pick], n) => {
    const earlier = entries.filter((e) => e.type === 'event')
    if (!corrects || !earlier.length) entries.push({ ...stamp(n), v: 1, type: 'event', event })
    else
      entries.push({
        ...stamp(n),
        v: 1,
        type: 'correction',
        corrects: earlier[pick % earlier.length]!.id,
        becomes: pick % 3 ? event : null,
      })
  })
  return entries
})

interface OldContent {
  layers: [paintId: string, millilitres: number][]
  dryFrom: string
}

/** What version 1 said of its places, worked out anew from its rules, as simply as can be. */
function asVersion1Said(entries: readonly OldEntry[]): Record<string, OldContent> {
  const holds = new Map<string, OldEvent | null>()
  for (const e of entries) {
    if (e.type === 'event') holds.set(e.id, e.event!)
    else holds.set(e.corrects!, e.becomes!)
  }
  const recorded = new Map(entries.map((e) => [e.id, e.recorded]))
  const standing = [...holds].flatMap(([id, event]) => (event ? [{ id, event }] : []))
  standing.sort(
    (p, q) => p.event.day.localeCompare(q.event.day) || recorded.get(p.id)!.localeCompare(recorded.get(q.id)!),
  )
  const places: Record<string, OldContent | undefined> = {}
  for (const { event: e } of standing) {
    const [one, other] = [`${e.paletteId} ${e.placeId}`, `${e.paletteId} ${e.otherPlaceId}`]
    const here = places[one]
    if (e.kind === 'clean') places[one] = undefined
    else if (e.kind === 'dry' && here) places[one] = { ...here, dryFrom: e.day }
    else if (e.kind === 'exchange') [places[one], places[other]] = [places[other], places[one]]
    else if (e.kind === 'fill') {
      const dry = daysAfter(e.day, e.dryingDays!)
      const layers = [...(here?.layers ?? []), [e.paintId!, e.millilitres!] as [string, number]]
      places[one] = { layers, dryFrom: here && here.dryFrom > dry ? here.dryFrom : dry }
    }
  }
  return Object.fromEntries(Object.entries(places).filter((p): p is [string, OldContent] => p[1] !== undefined))
}

function afterMigration(entries: readonly OldEntry[]): Record<string, OldContent> {
  const loaded = entries.map((raw) => {
    const entry = loadDocument('journal', raw)
    if (!entry.ok) throw new Error(entry.error.message)
    return entry.value
  })
  const ledger = new Ledger(loaded)
  const places = ['tin', 'tray'].flatMap((id) =>
    [...ledger.places(id)].map(([p, s]) => [`${id} ${p}`, s.content] as const),
  )
  return Object.fromEntries(
    places.flatMap(([key, content]) =>
      content
        ? [[key, { layers: content.layers.map((l) => [l.paintId, l.millilitres]), dryFrom: content.dryFrom }]]
        : [],
    ),
  ) as Record<string, OldContent>
}

describe('the season of the demo as version 1 wrote it', () => {
  const url = new URL('../../tests/fixtures/season-version-1.json', import.meta.url)
  const season = JSON.parse(readFileSync(url, 'utf8')) as {
    journal: OldEntry[]
    places: Record<string, Record<string, { content?: { layers: object[]; dryFrom: string }; stays: number }>>
    drawn: Record<string, number>
  }
  const ledger = new Ledger(
    season.journal.map((raw) => {
      const entry = loadDocument('journal', raw)
      if (!entry.ok) throw new Error(entry.error.message)
      return entry.value
    }),
  )

  it('says what lies in every place, since when, and how often something lay there, as it did then', () => {
    expect(season.journal.length).toBeGreaterThan(60)
    for (const [paletteId, places] of Object.entries(season.places)) {
      const now = [...ledger.places(paletteId)].map(([id, { content, stays }]) => [
        id,
        { content, stays: stays.length },
      ])
      expect(JSON.parse(JSON.stringify(Object.fromEntries(now)))).toEqual(places)
    }
  })

  it('draws from every tube what it drew then', () => {
    expect(Object.fromEntries(ledger.itemIds().map((id) => [id, ledger.account(id).drawn]))).toEqual(season.drawn)
  })
})

describe('a journal of version 1', () => {
  it('says the same of every place after it was migrated', () => {
    fc.assert(
      fc.property(journals, (entries) => {
        expect(afterMigration(entries)).toEqual(asVersion1Said(entries))
      }),
      { numRuns: runs(400) },
    )
  })

  it('keeps unknown fields of its entries and events', () => {
    const raw = {
      ...stamp(1),
      v: 1,
      type: 'event',
      later: 1,
      event: { kind: 'clean', day: '2026-05-01', paletteId: 'tin', placeId: 'A1', mood: 'rainy' },
    }
    expect(loadDocument('journal', raw)).toMatchObject({ value: { later: 1, event: { mood: 'rainy' } } })
  })
})
