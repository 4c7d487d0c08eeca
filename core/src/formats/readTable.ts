import Papa from 'papaparse'
import { fail, ok, type Result } from '../result'
import { isRowOfHeadings } from './cells'

export interface Table {
  /** What stands above the columns; `column 1` and so on where the table has no headings. */
  headings: string[]
  /** Set where the first row is a row like the others. */
  headless?: boolean
  rows: string[][]
  /** Line in the file of each row, from 1. */
  lines: number[]
}

export const TABLE_LIMITS = { characters: 12_000_000, rows: 50_000, columns: 100 } as const

/**
 * Reads comma-, semicolon- or tab-separated text; a first row that says what the columns mean holds the headings.
 * Errors: `empty-file`, `binary-file`, `file-too-large`, `no-table`.
 */
export function readTable(text: string): Result<Table> {
  if (text.trim() === '') return fail('empty-file', 'The file is empty.')
  if (text.length > TABLE_LIMITS.characters)
    return fail(
      'file-too-large',
      `The table is too large: at most ${TABLE_LIMITS.characters / 1e6} million characters are read at once. Split it and import the parts.`,
    )
  if (hasControlCharacters(text.slice(0, 4000)))
    return fail(
      'binary-file',
      'This is not a text table: it looks like a spreadsheet, picture or archive. Save it as CSV first.',
    )
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false })
  return tableOf(parsed.data)
}

/** A table from rows of cells. Errors: `file-too-large`, `no-table`. */
export function tableOf(data: readonly string[][]): Result<Table> {
  const all = data.map((cells, i) => ({ cells, line: i + 1 })).filter(({ cells }) => cells.some((c) => c.trim() !== ''))
  const [head] = all
  const headless = head !== undefined && !isRowOfHeadings(head.cells)
  const rest = headless ? all : all.slice(1)
  if (!head || rest.length === 0)
    return fail('no-table', 'There is no table: expected a row of headings and at least one row below it.')
  if (headless && !rest.some(({ cells }) => cells.filter((c) => c.trim()).length > 1))
    return fail('no-table', 'There is no table: only one column, and nothing that says what it holds.')
  if (rest.length > TABLE_LIMITS.rows)
    return fail('file-too-large', `The table has ${rest.length} rows; at most ${TABLE_LIMITS.rows} are read at once.`)
  const width = Math.min(
    TABLE_LIMITS.columns,
    headless ? Math.max(...rest.map((r) => r.cells.length)) : head.cells.length,
  )
  const heading = (c: number) => (headless ? `column ${c + 1}` : (head.cells[c] ?? '').trim().slice(0, 200))
  return ok({
    headings: Array.from({ length: width }, (_, c) => heading(c)),
    ...(headless ? { headless } : {}),
    rows: rest.map((r) => r.cells),
    lines: rest.map((r) => r.line),
  })
}

const hasControlCharacters = (text: string) =>
  [...text].some((c) => c === '\uFFFD' || (c < ' ' && !'\t\n\r\f\v\u001b'.includes(c)))
