import { COLUMNS, WORD_FIELDS, wordOf, type ColumnField } from '../documents/fieldTable'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { writePrice } from '../paints/reading/price'
import { writeCsv } from './writeCsv'

/** Columns as a table of the collection has them: those that an import understands, in its order. */
export const LIST_HEADINGS: readonly ColumnField[] = COLUMNS.map((c) => c.name)

const swatch = (s: Paint['masstone']) => (s ? [s.L, s.a, s.b].map((v) => Number(v.toFixed(1))).join(' ') : '')
function paintCells(paint: Paint): Partial<Record<ColumnField, string>> {
  return {
    name: paint.name,
    maker: paint.maker,
    pigments: paint.pigments.join(' '),
    formula: paint.formula,
    series: paint.series,
    masstone: swatch(paint.masstone),
    wash: swatch(paint.wash),
    note: paint.note,
    marks: paint.marks?.join(', '),
    ...Object.fromEntries(WORD_FIELDS.map((field) => [field.column.name, wordOf(field, paint[field.key])])),
  }
}

function itemCells(item: Item, left?: number): Partial<Record<ColumnField, string>> {
  return {
    kind: item.kind,
    state: [item.supply, ...item.remarks].join(', '),
    // a size that nobody gave is not made out to be known
    size: item.sizeAssumed ? '' : `${item.millilitres} ml`,
    count: '1',
    left: left === undefined ? '' : `${Math.round(left * 10) / 10} ml`,
    price: item.price && writePrice(item.price),
    bought: item.bought,
    'bought from': item.boughtFrom,
    place: item.place,
  }
}

/**
 * The collection as rows of a table, one a tube or pan, one also for a paint of which none is owned (count 0): what an
 * import reads again. Items' notes, swatches beyond masstone and wash, and the journal are not in it, but what it says is left.
 */
export function paintTableRows(
  paints: readonly Paint[],
  itemsOf: (paintId: string) => readonly Item[],
  /** What is left of a thing, ml, where somebody looked or filled from it. */
  leftIn: (item: Item) => number | undefined = () => undefined,
): Record<ColumnField, string>[] {
  const row = (cells: Partial<Record<ColumnField, string>>) =>
    Object.fromEntries(LIST_HEADINGS.map((h) => [h, cells[h] ?? ''])) as Record<ColumnField, string>
  return paints.flatMap((paint) => {
    const items = itemsOf(paint.id)
    const own = paintCells(paint)
    return items.length
      ? items.map((item) => row({ ...own, ...itemCells(item, leftIn(item)) }))
      : [row({ ...own, count: '0' })]
  })
}

/** The collection's rows as comma-separated text. */
export const writePaintCsv = (rows: readonly Record<ColumnField, string>[]): string =>
  writeCsv([[...LIST_HEADINGS], ...rows.map((row) => LIST_HEADINGS.map((heading) => row[heading]))])
