import { added, type Change } from '../documents/diff'
import type { Item } from '../documents/item'
import { compareText } from './view'
import type { Paint } from '../documents/paint'
import { paintPartOf, type PaintRow } from './paintRow'

/** Usual contents of a new item, ml, when nobody said (common practice, no source). */
export const USUAL_MILLILITRES: Record<Item['kind'], number> = {
  tube: 15,
  stick: 10,
  'bought pan': 1.8,
  'handmade pan': 1.8,
  sample: 0.2,
}

const identity = (p: { maker: string; name: string; formula?: string }) =>
  [p.maker, p.name, p.formula ?? ''].map((t) => t.trim().toLowerCase()).join('\u001f')

/** The paint already in the collection that is the same product: maker, name and formula agree. */
export function samePaint(
  paints: Iterable<Paint>,
  read: { maker: string; name: string; formula?: string },
): Paint | undefined {
  const wanted = identity(read)
  for (const paint of paints) if (!paint.removed && identity(paint) === wanted) return paint
  return undefined
}

/**
 * What enters the collection for rows that were read: new paints, and an item for each thing owned.
 * Rows of a paint that is already there, or came in an earlier row, add items to it only.
 */
export function collectRows(rows: readonly PaintRow[], paints: Iterable<Paint>, newId: () => string): Change[] {
  const known = new Map<string, Paint>()
  for (const paint of paints) if (!paint.removed) known.set(identity(paint), paint)
  return rows.flatMap((row) => {
    const present = known.get(identity(row))
    const paint: Paint = present ?? { id: newId(), v: 1, ...paintPartOf(row) }
    known.set(identity(row), paint)
    const items = Array.from({ length: row.count }, () => added('items', itemOfRow(row, paint.id, newId())))
    return present ? items : [added('paints', paint), ...items]
  })
}

function itemOfRow(row: PaintRow, paintId: string, id: string): Item {
  const { kind, supply, remarks, price, bought } = row
  const item: Item = {
    id,
    v: 2,
    paintId,
    kind,
    supply,
    remarks: [...remarks],
    millilitres: row.millilitres ?? USUAL_MILLILITRES[kind],
  }
  if (price) item.price = price
  if (bought) item.bought = bought
  return item
}

/** Every maker of the collection once, by name. */
export const makersOf = (paints: Iterable<Paint>): string[] =>
  [...new Set([...paints].filter((p) => !p.removed && p.maker).map((p) => p.maker))].sort(compareText)
