import { COLUMNS, type ColumnField } from '../documents/fieldTable'
import { parsePigmentCode, parsePigmentCodes } from '../pigments/grammar'
import { readMoney } from '../paints/reading/price'
import { readSize } from '../paints/reading/size'
import { saidInField } from '../paints/reading/words'
import { readDay } from '../paints/reading/day'
import { readLeft } from '../paints/reading/left'
import { namesAColour } from '../paints/reading/colourWords'

const headingIn = (cell: string) => COLUMNS.find((c) => c.heading.test(cell.trim().toLowerCase()))?.name
const isHeading = (cell: string) => headingIn(cell) !== undefined
/** What the cells of a row would say as headings; a cell that is long is none. */
export const headingsIn = (cells: readonly string[]): ColumnField[] =>
  cells.flatMap((c) => (c.trim() && c.trim().length <= 40 ? (headingIn(c) ?? []) : []))
const isValue = (cell: string) =>
  parsePigmentCode(cell).ok || (/\d/.test(cell) && (readSize(cell) !== undefined || readMoney(cell).ok))

/** Whether a first row says what the columns mean, or is a row like the others. */
export function isRowOfHeadings(cells: readonly string[]): boolean {
  const filled = cells.filter((c) => c.trim())
  const headings = filled.filter(isHeading).length
  return headings > 0 && headings >= filled.filter(isValue).length
}

/** How sure a cell is of a kind, 0 or 1, for the columns whose values tell what they are. */
const TELLING: readonly (readonly [field: ColumnField, test: (cell: string) => boolean])[] = [
  ['pigments', (c) => parsePigmentCodes(c).codes.length > 0],
  ['size', (c) => /\p{L}|½/u.test(c) && readSize(c) !== undefined],
  ['price', (c) => /\d/.test(c) && !/^\d+$/.test(c.trim()) && readMoney(c).ok],
  ['bought', (c) => /\d/.test(c) && readDay(c, 'day first') !== undefined],
  ['state', (c) => saidInField('state', c) !== undefined],
  ['kind', (c) => saidInField('kind', c) !== undefined],
  ['transparency', (c) => saidInField('transparency', c) !== undefined],
  ['name', (c) => namesAColour(c)],
  ['count', (c) => /^[1-9]$/.test(c.trim())],
]

/** Whether a cell can be read as what a column is said to hold; any text will do where the column holds words of one's own. */
export const READABLE: Partial<Record<ColumnField, (cell: string) => boolean>> = {
  pigments: (c) => parsePigmentCodes(c).codes.length > 0,
  size: (c) => readSize(c) !== undefined,
  left: (c) => readLeft(c) !== undefined,
  price: (c) => /\d/.test(c) && readMoney(c).ok,
  count: (c) => /^[x×]?\s*\d{1,2}(?:\.0)?\s*[x×]?$/.test(c.trim()),
  bought: (c) => readDay(c, 'day first') !== undefined,
  kind: (c) => saidInField('kind', c) !== undefined || readSize(c)?.kind !== undefined,
  state: (c) => c.split(/[,;/+]/).every((w) => saidInField('state', w) ?? saidInField('kind', w)),
  transparency: (c) => saidInField('transparency', c) !== undefined,
  staining: (c) => saidInField('staining', c) !== undefined,
  granulation: (c) => saidInField('granulation', c) !== undefined,
  lightfastness: (c) => saidInField('lightfastness', c) !== undefined,
}

/** Numbers that run on by one from row to row are no amounts. */
const isRunning = (cells: readonly string[]): boolean =>
  cells.length > 2 && cells.every((c, i) => i === 0 || Number(c) === Number(cells[i - 1]) + 1)

/**
 * What columns without headings hold, by what most of their cells look like; words that repeat are makers. Columns that
 * are settled already stay as they are, and their meaning is given to no other.
 */
export function matchByContent(
  rows: readonly (readonly string[])[],
  makers: readonly string[],
  settled: Readonly<Record<number, ColumnField | ''>> = {},
): Record<number, ColumnField> {
  const width = Math.max(0, ...rows.map((r) => r.length))
  const given = Object.entries(settled).filter(([, field]) => field) as unknown as [number, ColumnField][]
  const matching: Record<number, ColumnField> = Object.fromEntries(given)
  const taken = (field: ColumnField) => Object.values(matching).includes(field)
  const some = rows.slice(0, 200)
  const share = (column: number, test: (cell: string) => boolean) => {
    const cells = some.map((r) => (r[column] ?? '').trim()).filter(Boolean)
    return cells.length ? cells.filter(test).length / cells.length : 0
  }
  const free = () =>
    Array.from({ length: width }, (_, c) => c).filter((c) => matching[c] === undefined && settled[c] === undefined)
  for (const [field, test] of TELLING) {
    if (taken(field)) continue
    const best = free()
      .filter((column) => field !== 'count' || !isRunning(some.map((r) => r[column] ?? '')))
      .map((column) => ({ column, sure: share(column, test) }))
      .sort((p, q) => q.sure - p.sure)[0]
    if (best && best.sure >= 0.6) matching[best.column] = field
  }
  const isMaker = (cell: string) => makers.some((m) => m.toLowerCase() === cell.toLowerCase())
  const words = free().map((column) => {
    const cells = some.map((r) => (r[column] ?? '').trim()).filter(Boolean)
    const repeats = cells.length > 3 && new Set(cells).size <= cells.length / 2
    return {
      column,
      likely: share(column, isMaker) + (repeats && share(column, (c) => /\p{L}{3}/u.test(c)) > 0.8 ? 0.5 : 0),
    }
  })
  const maker = words.sort((p, q) => q.likely - p.likely)[0]
  if (maker && maker.likely >= 0.5 && !taken('maker')) matching[maker.column] = 'maker'
  if (!Object.values(matching).includes('name')) {
    const name = free().find((column) => share(column, (c) => /\p{L}{2}/u.test(c)) > 0.8)
    if (name !== undefined) matching[name] = 'name'
  }
  return matching
}
