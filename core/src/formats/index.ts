/** Readers and writers of files. What is shared of it, by name. */
export {
  beginOfList,
  type CollectionFile,
  collectionPieces,
  endOfList,
  endPiece,
  FILE_SCHEMA,
  headPiece,
  lineOf,
  readCollection,
  stampPiece,
  writeCollection,
} from './collectionFile'
export { deviceFileName, deviceOfFile } from './deviceFile'
export { type FileLike, readCollectionFile } from './collectionStream'
export { leftoverOf, type PaintRows, standsOnce } from './paintRows'
export { type HeadingSaid, tableOf } from './tablesOf'
export { decodeText } from './decodeText'
export { type ListPaints, type ListQuestion } from './pastedList'
export {
  COLUMN_FIELDS,
  type ColumnMatching,
  type ColumnDoubt,
  doubtedColumns,
  headingKey,
  type LearnedHeadings,
  matchColumns,
  readRow,
} from './paintTable'
export { readSpectra, type SpectralFile } from './readSpectra'
export type { Table } from './table'
export type { Sheet } from './readWorkbook'
export { LIST_HEADINGS, paintTableRows, writePaintCsv } from './writePaintTable'
export { type ColourList, readColourList } from './readColourList'
export { type NamedColour, writeCgats, writeColoursCsv, writeGpl } from './writeColours'
export { type PriceList, readPriceList } from './readPriceList'
export { readShopAnswer, type ShopAnswer, SHOP_FORMAT } from './readShopAnswer'
export { readPalette, sharedPalette, takePalette, writePalette } from './paletteFile'
export { openedLink, writeForLink } from './paletteLink'
export { linesOf, readStudentList, type StudentLine, type StudentList, writeStudentList } from './studentsFile'
export { linesOfGuide, linesOfPalette, paintsInOrder } from './studentLines'
export { readFormat } from './readFormat'
export { writeCsv } from './writeCsv'
export { copiesToThin, dayOfCopy, nextCopyName } from './copies'
