import readXlsxFile from 'read-excel-file/universal'
import { fail, ok, type Result } from '../result'
import { tableOf, type Table } from './readTable'

/** A sheet of a workbook that holds a table. */
export interface Sheet {
  name: string
  table: Table
}

/** Sheets as rows of cells, as the file holds them. */
export type RawSheets = { sheet: string; data: readonly (readonly unknown[])[] }[]

/**
 * Unpacks a workbook (Office Open XML, ECMA-376: `.xlsx`).
 * Errors: `not-a-workbook`.
 */
export async function unpackWorkbook(bytes: ArrayBuffer): Promise<Result<RawSheets>> {
  try {
    return ok(await readXlsxFile(bytes))
  } catch {
    return fail(
      'not-a-workbook',
      'This is not an XLSX workbook, or it is damaged or locked. Save it as XLSX or CSV first.',
    )
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
  if (value instanceof Date) return value.toISOString().slice(0, 10)
  return String(value)
}
