import { tablesIn, unpackWorkbook, type RawSheets, type Sheet } from '../formats/readWorkbook'
import { ok } from '../result'
import { atOnce, job } from './job'

export interface WorkbookRequest {
  bytes: ArrayBuffer
  /** Filled in by unpacking. */
  sheets?: RawSheets
}

/** Unpacks a workbook and finds its tables. */
export const readWorkbookJob = job<WorkbookRequest, never, Sheet[]>({
  lane: 'long',
  async first(request) {
    const sheets = await unpackWorkbook(request.bytes)
    return sheets.ok ? ok({ ...request, sheets: sheets.value }) : sheets
  },
  run: atOnce(({ sheets = [] }) => tablesIn(sheets)),
})
