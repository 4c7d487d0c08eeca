import readXlsxFile from 'read-excel-file/universal'
import { fail, ok, type Result } from '../result'
import { lookIntoWorkbook, NOT_A_WORKBOOK, withOddCellsAsText } from './lookIntoWorkbook'
import { tableOf, type Table } from './readTable'

/** A sheet of a workbook that holds a table. */
export interface Sheet {
  name: string
  table: Table
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

/** The tables of a workbook, the longest first. Errors: `no-table`. */
export function tablesIn(sheets: RawSheets): Result<Sheet[]> {
  const found = sheets.flatMap(({ sheet, data }) => {
    const table = tableOf(data.map((row) => row.map(cellText)))
    return table.ok ? [{ name: sheet, table: table.value }] : []
  })
  found.sort((p, q) => q.table.rows.length - p.table.rows.length)
  return found.length ? ok(found) : fail('no-table', 'No sheet of this workbook holds a table.')
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
