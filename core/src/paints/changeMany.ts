import { updated, type Change } from '../documents/diff'
import type { Item, Remark, Supply } from '../documents/item'
import { REMARKS } from '../documents/item'
import type { Paint } from '../documents/paint'

/** One thing that is said of many paints, or of what is owned of them, in one step. */
export type ManyChange =
  | { kind: 'maker'; maker: string }
  | { kind: 'medium'; medium: NonNullable<Paint['medium']> }
  | { kind: 'mark'; mark: string }
  | { kind: 'unmark'; mark: string }
  | { kind: 'place'; place: string }
  | { kind: 'supply'; supply: Supply }
  | { kind: 'remark'; remark: Remark }

/** Marks of a paint with one more, each once. */
export const withMark = (marks: readonly string[] = [], mark: string): string[] =>
  [...new Set([...marks, mark.trim()])].filter(Boolean)

function paintAfter(paint: Paint, change: ManyChange): Paint {
  if (change.kind === 'maker') return { ...paint, maker: change.maker.trim() }
  if (change.kind === 'medium') return { ...paint, medium: change.medium }
  if (change.kind === 'mark') return { ...paint, marks: withMark(paint.marks, change.mark) }
  if (change.kind === 'unmark') {
    const marks = (paint.marks ?? []).filter((m) => m !== change.mark)
    return { ...paint, marks: marks.length ? marks : undefined }
  }
  return paint
}
function itemAfter(item: Item, change: ManyChange): Item {
  if (change.kind === 'place') return { ...item, place: change.place.trim() || undefined }
  if (change.kind === 'supply') return { ...item, supply: change.supply }
  if (change.kind === 'remark')
    return { ...item, remarks: REMARKS.filter((r) => r === change.remark || item.remarks.includes(r)) }
  return item
}

/** What one change means for these paints and the things owned of them; those that are so already stay as they are. */
export function changeMany(
  paints: readonly Paint[],
  itemsOf: (paintId: string) => readonly Item[],
  change: ManyChange,
): Change[] {
  const differs = (one: unknown, other: unknown) => JSON.stringify(one) !== JSON.stringify(other)
  return paints.flatMap((paint) => {
    const after = paintAfter(paint, change)
    const items = itemsOf(paint.id).flatMap((item) => {
      const now = itemAfter(item, change)
      return differs(item, now) ? [updated('items', item, now)] : []
    })
    return [...(differs(paint, after) ? [updated('paints', paint, after)] : []), ...items]
  })
}
