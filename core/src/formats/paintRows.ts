import { ok, type Result } from '../result'
import type { LeftoverRow } from '../documents/leftoverRow'
import type { PaintRow } from '../paints/paintRow'
import type { MoneyHabits } from '../paints/reading/price'
import type { DayOrder } from '../paints/reading/day'
import { rowReader, type ColumnMatching } from './paintTable'
import type { Table } from './table'

export interface RowsQuestion {
  table: Table
  matching: ColumnMatching
  money?: MoneyHabits
  /** Which of two numbers is the day, where a slash leaves it open. */
  days?: DayOrder
  /** Makers that are known: a row with one alone stands above the rows that follow. */
  makers?: readonly string[]
  /** Whether a maker stands once for all rows below it, up to the next. */
  makerOnce?: boolean
}
export type RowsProgress = { done: number; of: number }

/** A row that cannot be read: its place in the table, its line in the file, and why. */
export interface UnreadRow {
  row: number
  line: number
  reason: string
}
export interface PaintRows {
  good: PaintRow[]
  /** Line in the file of each row that can be read. */
  lines: number[]
  bad: UnreadRow[]
  /** Rows that are no paints: headings of groups, sums. Nothing of them is kept. */
  aside: UnreadRow[]
}

const SUM = /^(?:(?:grand |sub)?totals?|sum|sums|altogether|average|mean|count)\b\s*:?/i
/** A group of colours rather than one: `Blues`, `Earth colours`, `My yellows:`. */
const GROUPS = [
  'yellows|oranges|reds|pinks|violets|purples|blues|greens|browns|earths|greys|grays|blacks|whites|neutrals|darks|metallics',
  String.raw`(?:yellow|orange|red|violet|blue|green|earth|neutral)\s+(?:colou?rs|paints|tones)`,
].join('|')
const GROUP = new RegExp(String.raw`^(?:(?:my|the|all|other|more)\s+)?(?:${GROUPS})\b|:\s*$`, 'i')

/** What a row is that is no paint: a sum, the heading of a group, a maker above its paints; undefined for any other. */
function asideOf(cells: readonly string[], question: RowsQuestion): { reason: string; maker?: string } | undefined {
  const filled = cells.map((c) => c.trim()).filter(Boolean)
  const [first = ''] = filled
  if (filled.length <= 3 && SUM.test(first)) return { reason: 'A sum, not a paint.' }
  if (filled.length !== 1 || Object.keys(question.matching).length < 2) return undefined
  const plain = first.replace(/:\s*$/, '').trim()
  const maker = question.makers?.find((m) => m.toLowerCase() === plain.toLowerCase())
  if (maker) return { reason: `${maker} is taken for the maker of the rows below it.`, maker }
  return GROUP.test(first) ? { reason: 'The heading of a group, not a paint.' } : undefined
}

/** Whether the maker stands in some rows only, each for those below it: the first row has one, and others have none. */
export function standsOnce({ rows }: Pick<Table, 'rows'>, matching: ColumnMatching): boolean {
  const column = Object.entries(matching).find(([, field]) => field === 'maker')?.[0]
  if (column === undefined) return false
  const cells = rows.filter((r) => r.filter((c) => c.trim()).length > 1).map((r) => r[Number(column)]?.trim() ?? '')
  const empty = cells.filter((c) => !c).length
  return Boolean(cells[0]) && empty >= 2 && empty >= cells.length / 3
}

/** Reads every row of a table under a matching of its columns. Yields progress every few hundred rows. */
export function* readPaintRows(question: RowsQuestion): Generator<RowsProgress, Result<PaintRows>> {
  const { table, matching, money, days, makerOnce } = question
  const rows: PaintRows = { good: [], lines: [], bad: [], aside: [] }
  const read = rowReader(table, matching, money, days)
  let [above, before] = ['', '']
  for (let row = 0; row < table.rows.length; row += 1) {
    if (row % 256 === 255) yield { done: row + 1, of: table.rows.length }
    const line = table.lines[row]!
    const aside = asideOf(table.rows[row]!, question)
    if (aside) {
      rows.aside.push({ row, line, reason: aside.reason })
      above = aside.maker ?? above
      continue
    }
    const found = read(row)
    if (!found.ok) {
      rows.bad.push({ row, line, reason: found.error.message })
      continue
    }
    const own = found.value.maker
    if (own) before = own
    rows.good.push(own ? found.value : { ...found.value, maker: above || (makerOnce ? before : '') })
    rows.lines.push(line)
  }
  return ok(rows)
}

/** A row that could not be read, as it is kept until it is corrected: with what its columns mean, as far as that is known. */
export function leftoverOf(
  { table, matching }: Pick<RowsQuestion, 'table' | 'matching'>,
  { row, line, reason }: UnreadRow,
  { id, file, kept }: { id: string; file: string; kept: string },
): LeftoverRow {
  const heading = (column: number) => matching[column] ?? table.headings[column] ?? `column ${column + 1}`
  const cells = (table.rows[row] ?? []).slice(0, 200)
  return {
    id,
    v: 1,
    file: file.slice(0, 300),
    line,
    reason: reason.slice(0, 600),
    kept,
    cells: cells.map((cell, c) => [heading(c).slice(0, 300), cell.slice(0, 4000)]),
  }
}
