import readXlsxFile from 'read-excel-file/universal'
import { fail, ok, type Result } from '../result'
import { lookIntoWorkbook, NOT_A_WORKBOOK, withOddCellsAsText } from './lookIntoWorkbook'
import { readCells } from './readTable'
import type { Table } from './table'
import { tablesOf } from './tablesOf'

/** A sheet of a workbook that holds a table. */
export interface Sheet {
  name: string
  table: Table
  /** The rows of the sheet as they stand, so that the line of the headings can be set. */
  data: readonly (readonly string[])[]
}

/** Sheets as rows of cells, as the file holds them. */
export type RawSheets = { sheet: string; data: readonly (readonly unknown[])[] }[]

/**
 * Unpacks a workbook (Office Open XML, ECMA-376: `.xlsx`). An odd cell becomes text.
 * Errors: `not-a-workbook`, `file-too-large`.
 */
export async function unpackWorkbook(bytes: ArrayBuffer): Promise<Result<RawSheets>> {
  const looked = lookIntoWorkbook(new Uint8Array(bytes))
  if (!looked.ok) return looked
  try {
    return ok(await readXlsxFile(bytes))
  } catch {
    return unpackMended(bytes)
  }
}

async function unpackMended(bytes: ArrayBuffer): Promise<Result<RawSheets>> {
  try {
    return ok(await readXlsxFile(new Uint8Array(withOddCellsAsText(new Uint8Array(bytes))).buffer))
  } catch {
    return NOT_A_WORKBOOK
  }
}

/** The tables of a text, the longest first. Errors: as `readTable`. */
export function readSheets(text: string): Result<Sheet[]> {
  const cells = readCells(text)
  const sheets = cells.ok ? sheetsOf('', cells.value) : cells
  return sheets.ok ? ok(longestFirst(sheets.value)) : sheets
}
const longestFirst = (sheets: readonly Sheet[]) => [...sheets].sort((p, q) => q.table.rows.length - p.table.rows.length)

/** The tables of a workbook, the longest first. Errors: `no-table`. */
export function tablesIn(sheets: RawSheets): Result<Sheet[]> {
  const found = sheets.flatMap(({ sheet, data }) => {
    const own = sheetsOf(
      sheet,
      data.map((row) => row.map(cellText)),
    )
    return own.ok ? own.value : []
  })
  return found.length ? ok(longestFirst(found)) : fail('no-table', 'No sheet of this workbook holds a table.')
}

/** The tables of one sheet, each as a sheet of its own: named after where it stands, where there are several. */
function sheetsOf(name: string, data: readonly (readonly string[])[]): Result<Sheet[]> {
  const tables = tablesOf(data)
  if (!tables.ok) return tables
  const several = tables.value.length > 1
  const sheets = tables.value.map((table) => {
    const where = table.from ? `line ${table.lines[0]}, column ${table.from + 1}` : `line ${table.lines[0]}`
    return { name: several ? [name, `from ${where}`].filter(Boolean).join(', ') : name, table, data }
  })
  return ok(sheets)
}

function cellText(value: unknown): string {
  if (value === null || value === undefined) return ''
  if (value instanceof Date) return dayText(value)
  return String(value)
}

/** A day that the calendar does not have is text, and puts its row in question. */
function dayText(date: Date): string {
  if (Number.isNaN(date.getTime())) return 'a day out of range'
  return date.toISOString().split('T')[0]!
}
