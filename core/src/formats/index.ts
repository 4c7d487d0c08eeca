/** Readers and writers of files. What is shared of it, by name. */
export { readCollection, writeCollection } from './collectionFile'
export { leftoverOf, type PaintRows } from './paintRows'
export { COLUMN_FIELDS, type ColumnMatching, matchColumns, readRow } from './paintTable'
export { readSpectra, type SpectralFile } from './readSpectra'
export type { Table } from './readTable'
