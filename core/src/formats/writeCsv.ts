import Papa from 'papaparse'

/** What a spreadsheet would work out as a formula, on whatever line of the cell the rest stands (CWE-1236). */
const FORMULA = /^\s*[=+\-@\t\r]/
/** A number is none, whatever its sign. */
const NUMBER = /^\s*[+-]?\d+([.,]\d+)?\s*$/
const guarded = (cell: string) => (FORMULA.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell)

/** Any table as comma-separated text (RFC 4180); what a spreadsheet would take for a formula is kept from being one. */
export const writeCsv = (rows: readonly (readonly string[])[]): string =>
  Papa.unparse(
    rows.map((row) => row.map(guarded)),
    { newline: '\r\n' },
  )
