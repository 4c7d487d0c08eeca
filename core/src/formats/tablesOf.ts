import { fail, ok, type Result } from '../result'
import { headingsIn, isRowOfHeadings } from './cells'
import { TABLE_LIMITS, type Table } from './table'

interface Line {
  cells: readonly string[]
  line: number
}
/** Where a person says the headings stand: a line of the file, or nowhere. */
export type HeadingSaid = number | 'none'

/** Headings are looked for in so many rows: titles, dates and notes may stand above them. */
const SEARCHED = 20
const filledIn = (cells: readonly string[]) => cells.filter((c) => c.trim()).length

/** A row that says what at least two columns mean, names or codes among them, and holds no more values than headings. */
function saysColumns({ cells }: Line): boolean {
  const fields = new Set(headingsIn(cells))
  const isOfPaints = fields.has('name') || fields.has('pigments')
  return fields.size >= 2 && isOfPaints && 2 * fields.size >= filledIn(cells) && isRowOfHeadings(cells)
}

/** The line of the headings: the first row that says what its columns mean, or the first of all where it says anything. */
function headOf(lines: readonly Line[]): Line | undefined {
  const found = lines.slice(0, SEARCHED).find(saysColumns)
  if (found) return found
  const width = Math.max(...lines.map(({ cells }) => filledIn(cells)))
  const [first] = lines
  return first && (filledIn(first.cells) > 1 || width === 1) && isRowOfHeadings(first.cells) ? first : undefined
}

/** Tables that lie beside each other on one sheet, parted by a column that is empty throughout: where each begins and ends. */
function besideEachOther(head: Line, rows: readonly Line[]): [from: number, to: number][] {
  const width = Math.max(head.cells.length, ...rows.map((r) => r.cells.length))
  const isEmpty = (c: number) => !head.cells[c]?.trim() && rows.every((r) => !r.cells[c]?.trim())
  const parts: [number, number][] = []
  for (let c = 0, from = 0; c <= width; c += 1)
    if (c === width || isEmpty(c)) {
      if (c > from) parts.push([from, c])
      from = c + 1
    }
  const isTable = ([from, to]: [number, number]) => headingsIn(head.cells.slice(from, to)).some((f) => f === 'name')
  return parts.length > 1 && parts.filter(isTable).length > 1 ? parts.filter(isTable) : [[0, width]]
}

function cut(head: Line | undefined, rows: readonly Line[]): Table[] {
  const own = rows.filter((r) => filledIn(r.cells) > 0)
  if (!head) {
    const width = Math.min(TABLE_LIMITS.columns, Math.max(...own.map((r) => r.cells.length)))
    const headings = Array.from({ length: width }, (_, c) => `column ${c + 1}`)
    return [{ headings, headless: true, rows: own.map((r) => [...r.cells]), lines: own.map((r) => r.line) }]
  }
  return besideEachOther(head, own).map(([from, to]) => {
    const width = Math.min(TABLE_LIMITS.columns, to - from)
    const part = own.filter((r) => filledIn(r.cells.slice(from, to)) > 0)
    return {
      headings: Array.from({ length: width }, (_, c) => (head.cells[from + c] ?? '').trim().slice(0, 200)),
      headingLine: head.line,
      ...(from ? { from } : {}),
      rows: part.map((r) => r.cells.slice(from, to)),
      lines: part.map((r) => r.line),
    }
  })
}

/**
 * The tables in rows of cells: headings may stand under titles, several tables may stand below or beside each other;
 * headings that come again as they were are left out. Where the headings stand, or that there are none, can be said.
 * Errors: `file-too-large`, `no-table`.
 */
export function tablesOf(data: readonly (readonly string[])[], said?: HeadingSaid): Result<Table[]> {
  const all = data.map((cells, i): Line => ({ cells, line: i + 1 })).filter(({ cells }) => filledIn(cells) > 0)
  const head = said === undefined ? (all.length ? headOf(all) : undefined) : all.find((l) => l.line === said)
  const below = head ? all.slice(all.indexOf(head) + 1) : all
  if (below.length === 0)
    return fail('no-table', 'There is no table: expected a row of headings and at least one row below it.')
  if (!head && !below.some(({ cells }) => filledIn(cells) > 1))
    return fail('no-table', 'There is no table: only one column, and nothing that says what it holds.')
  if (below.length > TABLE_LIMITS.rows)
    return fail('file-too-large', `The table has ${below.length} rows; at most ${TABLE_LIMITS.rows} are read at once.`)
  const sections: { head: Line | undefined; rows: Line[] }[] = [{ head, rows: [] }]
  for (const line of below) {
    const now = sections.at(-1)!
    if (head && said === undefined && saysColumns(line)) {
      const isSame = now.head && line.cells.join('\t').trim() === now.head.cells.join('\t').trim()
      if (!isSame) sections.push({ head: line, rows: [] })
    } else now.rows.push(line)
  }
  const tables = sections.filter((s) => s.rows.length).flatMap((s) => cut(s.head, s.rows))
  return tables.length ? ok(tables) : fail('no-table', 'There is no table: only headings.')
}

/** The longest of the tables in rows of cells. Errors: as `tablesOf`. */
export function tableOf(data: readonly (readonly string[])[], said?: HeadingSaid): Result<Table> {
  const found = tablesOf(data, said)
  if (!found.ok) return found
  return ok(found.value.reduce((p, q) => (q.rows.length > p.rows.length ? q : p)))
}
