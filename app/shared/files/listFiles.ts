import type { Item, Paint } from '@juxtachrome/core/documents'
import { LIST_HEADINGS, paintTableRows, writePaintCsv } from '@juxtachrome/core/formats'
import { byWheel, viewOfPaint } from '@juxtachrome/core/paints'
import writeXlsx from 'write-excel-file/browser'

/** The paints and what is owned of them as a table that an import reads again, in the order of the wheel. */
const rowsOf = (
  paints: readonly Paint[],
  itemsOf: (paintId: string) => readonly Item[],
  leftIn: (item: Item) => number | undefined,
) =>
  paintTableRows(
    paints
      .map(viewOfPaint)
      .sort(byWheel)
      .map((v) => v.paint),
    itemsOf,
    leftIn,
  )

export const csvOf = (...collection: Parameters<typeof rowsOf>): string => writePaintCsv(rowsOf(...collection))

export function xlsxOf(...collection: Parameters<typeof rowsOf>): Promise<Blob> {
  const rows = rowsOf(...collection).map((row) => LIST_HEADINGS.map((h) => ({ value: row[h], type: String })))
  const head = LIST_HEADINGS.map((h) => ({ value: h, fontWeight: 'bold' as const }))
  return writeXlsx([head, ...rows], { sheet: 'Paints', stickyRowsCount: 1 }).toBlob()
}
