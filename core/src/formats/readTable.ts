import Papa from 'papaparse'
import { fail, ok, type Result } from '../result'

export interface Table {
  headings: string[]
  rows: string[][]
  /** Line in the file of each row, from 1. */
  lines: number[]
}

export const TABLE_LIMITS = { characters: 12_000_000, rows: 50_000, columns: 100 } as const

/**
 * Reads comma-, semicolon- or tab-separated text; the first row holds the headings.
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
  const all = parsed.data
    .map((cells, i) => ({ cells, line: i + 1 }))
    .filter(({ cells }) => cells.some((c) => c.trim() !== ''))
  const [head, ...rest] = all
  if (!head || rest.length === 0)
    return fail('no-table', 'There is no table: expected a row of headings and at least one row below it.')
  if (rest.length > TABLE_LIMITS.rows)
    return fail('file-too-large', `The table has ${rest.length} rows; at most ${TABLE_LIMITS.rows} are read at once.`)
  return ok({
    headings: head.cells.slice(0, TABLE_LIMITS.columns).map((h) => h.trim().slice(0, 200)),
    rows: rest.map((r) => r.cells),
    lines: rest.map((r) => r.line),
  })
}

const hasControlCharacters = (text: string) =>
  [...text].some((c) => c === '\uFFFD' || (c < ' ' && !'\t\n\r\f\v\u001b'.includes(c)))
