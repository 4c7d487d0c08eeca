export interface Table {
  /** What stands above the columns; `column 1` and so on where the table has no headings. */
  headings: string[]
  /** Set where the first row is a row like the others. */
  headless?: boolean
  /** Line in the file of the headings. */
  headingLine?: number
  /** The first column of the sheet that belongs to it, where several tables lie beside each other. */
  from?: number
  rows: string[][]
  /** Line in the file of each row, from 1. */
  lines: number[]
}

export const TABLE_LIMITS = { characters: 12_000_000, rows: 50_000, columns: 100 } as const
