import { readName, type WordRead } from '../pigments/tradeWords'
import { rowOfLine, type PaintRow } from '../paints/paintRow'
import { parseLines, type SkippedLine } from '../paints/reading/parseLines'
import type { MoneyHabits } from '../paints/reading/price'
import { ok, type Result } from '../result'
import { readPaintRows, type RowsProgress } from './paintRows'
import { matchColumns, type ColumnMatching } from './paintTable'
import { readTable } from './readTable'
import type { Table } from './table'

export interface ListQuestion {
  text: string
  makers: readonly string[]
  money?: MoneyHabits
}

/** A paint of a pasted list, with what is left open about it. */
export interface ListedPaint {
  line: number
  /** What stood there. */
  text: string
  row: PaintRow
  /** What may be a maker that is not known yet. */
  maybeMaker?: string
  /** What found no meaning; it is in the note of the thing owned. */
  unread: string[]
  doubts: string[]
  /** Words of the name that were read for others. */
  spelling?: readonly WordRead[]
}
export interface ListPaints {
  paints: ListedPaint[]
  skipped: SkippedLine[]
}

/**
 * Takes a pasted text apart: a table with headings by its columns, anything else line by line.
 * Yields how far it is.
 */
export function* readPastedList({
  text,
  makers,
  money = {},
}: ListQuestion): Generator<RowsProgress, Result<ListPaints>> {
  const table = /\t/.test(text) ? readTable(text) : undefined
  if (table?.ok && !table.value.headless) {
    const matching = matchColumns(table.value)
    if (Object.values(matching).includes('name')) return yield* fromTable(table.value, matching, money)
  }
  const { paints, skipped } = yield* parseLines(text, makers, money)
  return ok({
    paints: paints.map(({ line, text: own, read }) => ({
      line,
      text: own,
      row: rowOfLine(read.maybeMaker === read.name ? { ...read, maybeMaker: undefined } : read),
      ...(read.maybeMaker ? { maybeMaker: read.maybeMaker } : {}),
      unread: read.unread,
      doubts: read.doubts,
      ...(read.spelling ? { spelling: read.spelling } : {}),
    })),
    skipped,
  })
}

function* fromTable(
  table: Table,
  matching: ColumnMatching,
  money: MoneyHabits,
): Generator<RowsProgress, Result<ListPaints>> {
  const rows = yield* readPaintRows({ table, matching, money })
  if (!rows.ok) return rows
  const textAt = new Map(table.lines.map((line, i) => [line, table.rows[i]!.filter(Boolean).join(' | ')]))
  const { good, lines, bad, aside } = rows.value
  return ok({
    paints: good.map((row, i) => ({
      line: lines[i]!,
      text: textAt.get(lines[i]!)!,
      row,
      spelling: readName(row.name).read,
      unread: [],
      doubts: (row.questions ?? []).map((q) => q.message),
    })),
    skipped: [...bad, ...aside].map(({ line, reason }) => ({ line, text: textAt.get(line)!, reason })),
  })
}
