import { LISTS, paintsIn, palettesIn, recipesIn, shopsIn } from '../collection/lists'
import type { Reading } from '../collection/reading'
import type { Paint } from '../documents/paint'
import { namesOfCode } from '../paints/search'
import { REFERENCE_PIGMENTS } from '../pigments/reference'

/** What one search over everything finds, in the order in which kinds of equal fit are shown. */
export const FOUND_KINDS = [
  'paint',
  'palette',
  'tube',
  'pan',
  'painting',
  'recipe',
  'pigment',
  'box',
  'shop',
  'note',
] as const
export type FoundKind = (typeof FOUND_KINDS)[number]

/** Something that can be searched for, and where it belongs. */
export interface Findable {
  kind: FoundKind
  /** Its document, its entry of the journal, or the code of a pigment. */
  id: string
  /** What it is called; for a tube its paint's name. */
  name: string
  /** Colour Index names that tell it apart. */
  codes?: readonly string[]
  /** What else tells it apart: a maker, a place where it lies, a day. */
  detail?: string
  /** What somebody wrote down about it. */
  note?: string
  /** Other words by which it is found, never shown. */
  also?: string
  paintId?: string
  paletteId?: string
  day?: string
}

const joined = (words: readonly (string | undefined)[]): string | undefined =>
  words.filter(Boolean).join(', ') || undefined

/** Everything of a collection that can be searched for, with the reference of pigments. */
export function findablesIn(reading: Reading): Findable[] {
  const paint = (id: string | undefined): Paint | undefined => reading.get('paints', id)
  const ledger = reading.ledger.whole
  return [
    ...paintsIn(reading).map((p): Findable => ({
      kind: 'paint',
      id: p.id,
      name: p.name,
      codes: p.pigments,
      detail: joined([p.maker, p.formula]),
      note: p.note,
      also: [...(p.marks ?? []), ...p.pigments.flatMap(namesOfCode)].join(' '),
      paintId: p.id,
    })),
    // a tube that nothing is said of is found by its paint
    ...LISTS.items(reading).flatMap((i): Findable[] =>
      i.place || i.note || i.boughtFrom
        ? [
            {
              kind: 'tube',
              id: i.id,
              name: paint(i.paintId)?.name ?? '',
              codes: paint(i.paintId)?.pigments,
              detail: joined([i.kind, i.place, i.boughtFrom]),
              note: i.note,
              paintId: i.paintId,
            },
          ]
        : [],
    ),
    ...LISTS.pans(reading).map((p): Findable => ({
      kind: 'pan',
      id: p.id,
      name: p.label,
      detail: p.size,
      note: p.note,
    })),
    ...palettesIn(reading).map((p): Findable => ({
      kind: 'palette',
      id: p.id,
      name: p.name,
      detail: p.holder.name,
      note: p.purpose || undefined,
      paletteId: p.id,
    })),
    ...ledger.paintedFrom().flatMap((paletteId) =>
      ledger.sittingsOf(paletteId).map(({ entryId, event }): Findable => {
        const names = event.used.map((u) => paint(u.paintId)?.name)
        return {
          kind: 'painting',
          id: entryId,
          name: event.words || event.subject || '',
          detail: reading.get('palettes', paletteId)?.name,
          note: event.note,
          also: [event.subject, ...(event.wished ?? []).map((w) => w.words), ...names].filter(Boolean).join(' '),
          paletteId,
          day: event.day,
        }
      }),
    ),
    ...recipesIn(reading).map((r): Findable => ({
      kind: 'recipe',
      id: r.id,
      name: r.name,
      detail: joined(r.paints.map((p) => paint(p.paintId)?.name)),
      note: r.note,
    })),
    ...REFERENCE_PIGMENTS.map((p): Findable => ({
      kind: 'pigment',
      id: p.id,
      name: p.code,
      detail: joined(p.names),
      also: p.chemistry,
    })),
    ...LISTS.holders(reading).map((h): Findable => ({ kind: 'box', id: h.id, name: h.name })),
    ...shopsIn(reading).map((s): Findable => ({ kind: 'shop', id: s.id, name: s.name })),
    ...ledger.journal.latestFirst().flatMap(({ entryId, event }): Findable[] => {
      if (event.kind === 'sitting' || !event.note) return []
      const paintId = event.kind === 'fill' ? event.paintId : undefined
      return [
        { kind: 'note', id: entryId, name: paint(paintId)?.name ?? '', note: event.note, paintId, day: event.day },
      ]
    }),
  ]
}
