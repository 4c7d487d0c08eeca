import { added, updated, type Change } from '../documents/diff'
import type { Item } from '../documents/item'
import { compareText } from './view'
import type { Paint } from '../documents/paint'
import { readName } from '../pigments/tradeWords'
import { paintPartOf, type PaintRow } from './paintRow'

/** Usual contents of a new item, ml, when nobody said (common practice, no source). */
export const USUAL_MILLILITRES: Record<Item['kind'], number> = {
  tube: 15,
  stick: 10,
  'bought pan': 1.8,
  'handmade pan': 1.8,
  sample: 0.2,
}

/** What makes a paint the same product: maker, name and formula, as one word to compare by. */
export const identityOf = (p: { maker: string; name: string; formula?: string }) =>
  [p.maker, p.name, p.formula ?? ''].map((t) => t.trim().toLowerCase()).join('\u001f')

/** The paint already in the collection that is the same product: maker, name and formula agree. */
export function samePaint(
  paints: Iterable<Paint>,
  read: { maker: string; name: string; formula?: string },
): Paint | undefined {
  const wanted = identityOf(read)
  for (const paint of paints) if (!paint.removed && identityOf(paint) === wanted) return paint
  return undefined
}

/** The same pigments, in whatever order; paints of which no code is known are not the same. */
export const isSameCodes = (one: readonly string[], other: readonly string[]): boolean =>
  one.length > 0 && one.length === other.length && keyOfCodes(one) === keyOfCodes(other)
/** Codes in whatever order they are written. */
export const keyOfCodes = (codes: readonly string[]): string => [...codes].sort().join()

/** For each row the paint of the collection that it names, where that is owned already. */
export function ownedAmong(rows: readonly PaintRow[], paints: Iterable<Paint>): (Paint | undefined)[] {
  const known = byIdentity(paints)
  return rows.map((row) => known.get(identityOf(row)))
}

/** What a row means whose paint is in the collection already. */
export const OWNED_MEANS = ['another', 'nothing', 'update'] as const
export type OwnedMeans = (typeof OWNED_MEANS)[number]

/**
 * What enters the collection for rows that were read: new paints, and an item for each thing owned. Of a paint that is
 * there already another item, nothing, or an update of what the row says of it; rows of a paint that came in an
 * earlier row add items to it.
 */
export function collectRows(
  rows: readonly PaintRow[],
  paints: Iterable<Paint>,
  newId: () => string,
  means: (row: number) => OwnedMeans = () => 'another',
  /** Told of each thing owned that is new, with its row: what is left of it goes into the journal. */
  onItem: (item: Item, row: PaintRow) => void = () => undefined,
): Change[] {
  const owned = byIdentity(paints)
  const fresh = new Map<string, Paint>()
  const changed = new Map<string, { before: Paint; after: Paint }>()
  const changes = rows.flatMap((row, i) => {
    const key = identityOf(row)
    const present = owned.get(key)
    const wanted = present ? means(i) : 'another'
    if (wanted === 'nothing') return []
    if (present && wanted === 'update') {
      const before = changed.get(key)?.before ?? present
      changed.set(key, { before, after: { ...(changed.get(key)?.after ?? present), ...saidOf(row) } })
      return []
    }
    const known = present ?? fresh.get(key)
    const paint: Paint = known ?? { id: newId(), v: 2, ...paintPartOf(row) }
    if (!present) fresh.set(key, paint)
    const items = Array.from({ length: row.count }, () => {
      const item = itemOfRow(row, paint.id, newId())
      onItem(item, row)
      return added('items', item)
    })
    return known ? items : [added('paints', paint), ...items]
  })
  return [...changes, ...[...changed.values()].map(({ before, after }) => updated('paints', before, after))]
}

/** Paints that were not removed, by what makes each the product it is. */
export function byIdentity(paints: Iterable<Paint>): Map<string, Paint> {
  const known = new Map<string, Paint>()
  for (const paint of paints) if (!paint.removed) known.set(identityOf(paint), paint)
  return known
}

/** What a row says of its paint; what it leaves open stays as it was. */
function saidOf(row: PaintRow): Partial<Paint> {
  const said = Object.entries(paintPartOf(row)).filter(([, value]) => value !== undefined && value !== '')
  const { pigments, ...rest } = Object.fromEntries(said) as Partial<Paint>
  return pigments?.length ? { ...rest, pigments } : rest
}

function itemOfRow(row: PaintRow, paintId: string, id: string): Item {
  const { kind, supply, remarks, price, bought, boughtFrom, itemNote, place } = row
  const item: Item = {
    id,
    v: 2,
    paintId,
    kind,
    supply,
    remarks: [...remarks],
    millilitres: row.millilitres ?? USUAL_MILLILITRES[kind],
  }
  if (row.millilitres === undefined) item.sizeAssumed = true
  if (price) item.price = price
  if (bought) item.bought = bought
  if (boughtFrom) item.boughtFrom = boughtFrom
  if (place) item.place = place
  if (itemNote) item.note = itemNote.slice(0, 2000)
  return item
}

/** Every maker of the collection once, by name: and those remembered though none of theirs is left. */
export function makersOf(paints: Iterable<Paint>, remembered: readonly string[] = []): string[] {
  const bySpelling = new Map<string, string>()
  for (const maker of [...[...paints].filter((p) => !p.removed).map((p) => p.maker), ...remembered])
    if (maker && !bySpelling.has(maker.toLowerCase())) bySpelling.set(maker.toLowerCase(), maker)
  return [...bySpelling.values()].sort(compareText)
}

const inAnyOrder = (name: string) => [...readName(name).words].sort().join(' ')

/**
 * The one paint of the collection that a row may well name again, though not letter by letter: the same words of the
 * trade in any order and spelling, no other maker, no other codes, the same formula. To be asked, never assumed.
 */
export function alikeAmong(paints: Iterable<Paint>): (row: NamesAPaint) => Paint | undefined {
  const byWords = new Map<string, Paint[]>()
  for (const paint of paints) {
    if (paint.removed) continue
    const words = inAnyOrder(paint.name)
    const known = byWords.get(words)
    if (known) known.push(paint)
    else byWords.set(words, [paint])
  }
  return (row) => (row.name ? alikeIn(byWords.get(inAnyOrder(row.name)) ?? [], row) : undefined)
}
type NamesAPaint = Pick<PaintRow, 'name' | 'maker' | 'formula' | 'pigments'>

function alikeIn(named: readonly Paint[], row: NamesAPaint): Paint | undefined {
  const plain = (text = '') => text.trim().toLowerCase()
  const found = named.filter(
    (paint) =>
      (!row.maker || plain(row.maker) === plain(paint.maker)) &&
      plain(row.formula) === plain(paint.formula) &&
      (!row.pigments.length || !paint.pigments.length || isSameCodes(row.pigments, paint.pigments)),
  )
  return found.length === 1 && identityOf(found[0]!) !== identityOf(row) ? found[0] : undefined
}
