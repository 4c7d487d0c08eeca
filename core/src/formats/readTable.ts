import Papa from 'papaparse'
import { fail, ok, type Result } from '../result'
import { TABLE_LIMITS, type Table } from './table'
import { tableOf } from './tablesOf'

/**
 * Reads comma-, semicolon- or tab-separated text: its longest table; see `tablesOf`.
 * Errors: those of `readCells`, `no-table`.
 */
export function readTable(text: string): Result<Table> {
  const cells = readCells(text)
  return cells.ok ? tableOf(cells.value) : cells
}

/** The rows of cells of a text, empty ones included. Errors: `empty-file`, `binary-file`, `file-too-large`. */
export function readCells(text: string): Result<string[][]> {
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
  return ok(Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false }).data)
}

const hasControlCharacters = (text: string) =>
  [...text].some((c) => c === '\uFFFD' || (c < ' ' && !'\t\n\r\f\v\u001b'.includes(c)))
