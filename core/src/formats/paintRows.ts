import { ok, type Result } from '../result'
import type { LeftoverRow } from '../documents/leftoverRow'
import type { PaintRow } from '../paints/paintRow'
import type { MoneyHabits } from '../paints/reading/price'
import { rowReader, type ColumnMatching } from './paintTable'
import type { Table } from './readTable'

export interface RowsQuestion {
  table: Table
  matching: ColumnMatching
  money?: MoneyHabits
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
}

/** Reads every row of a table under a matching of its columns. Yields progress every few hundred rows. */
export function* readPaintRows({ table, matching, money }: RowsQuestion): Generator<RowsProgress, Result<PaintRows>> {
  const rows: PaintRows = { good: [], lines: [], bad: [] }
  const read = rowReader(table, matching, money)
  for (let row = 0; row < table.rows.length; row += 1) {
    const line = table.lines[row]!
    const found = read(row)
    if (found.ok) {
      rows.good.push(found.value)
      rows.lines.push(line)
    } else rows.bad.push({ row, line, reason: found.error.message })
    if (row % 256 === 255) yield { done: row + 1, of: table.rows.length }
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
