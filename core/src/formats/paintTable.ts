import { parseColour } from '../colour/parseColour'
import { isDay } from '../documents/fields'
import { ITEM_KINDS, REMARKS, SUPPLIES } from '../documents/item'
import { Paint } from '../documents/paint'
import { COLUMNS, scaleOfColumn, type ColumnField } from '../documents/fieldTable'
import { firstIssue } from '../documents/load'
import { parsePigmentCodes } from '../pigments/grammar'
import { fail, ok, type Result } from '../result'
import { readPrice } from '../paints/price'
import { paintPartOf, type PaintRow } from '../paints/paintRow'
import type { Table } from './readTable'
import { problemOfSwatchPair } from '../film/swatchPair'

export const COLUMN_FIELDS: readonly ColumnField[] = COLUMNS.map((c) => c.name)
/** Column number -> meaning; columns left out are not read. */
export type ColumnMatching = Record<number, ColumnField>

/** Proposes what each column means from its heading; each meaning is used once. */
export function matchColumns(headings: readonly string[]): ColumnMatching {
  const matching: ColumnMatching = {}
  const free = new Set<ColumnField>(COLUMN_FIELDS)
  const claim = (test: (heading: string, field: ColumnField) => boolean) =>
    headings.forEach((heading, column) => {
      const field = matching[column] ? undefined : [...free].find((f) => test(heading.toLowerCase().trim(), f))
      if (!field) return
      matching[column] = field
      free.delete(field)
    })
  claim((heading, field) => heading === field)
  claim((heading, field) => headingOf(field).test(heading))
  return matching
}

const headingOf = (field: ColumnField) => COLUMNS.find((c) => c.name === field)!.heading

/**
 * Reads one row under a column matching. A row that cannot be read gives the reason, naming the
 * column; cells of columns that are not matched are not looked at.
 */
export function readRow(table: Table, row: number, matching: ColumnMatching): Result<PaintRow> {
  const cells = table.rows[row] ?? []
  const cell = (field: ColumnField) => {
    const column = Object.entries(matching).find(([, f]) => f === field)?.[0]
    return column === undefined ? '' : unquoteFormula((cells[Number(column)] ?? '').trim())
  }
  const read: PaintRow = {
    name: cell('name'),
    maker: cell('maker'),
    pigments: [],
    kind: 'tube',
    count: 1,
    supply: 'open',
    remarks: [],
  }
  for (const reader of [readCodes, readAmounts, readStates, readColours, readScales, readWords]) {
    const problem = reader(cell, read)
    if (problem) return fail('unreadable-row', problem)
  }
  const checked = Paint.safeParse({ id: 'row', v: 1, ...paintPartOf(read) })
  return checked.success ? ok(read) : fail('unreadable-row', firstIssue(checked.error))
}

/** Spreadsheets guard text with a leading apostrophe; a formula is kept as the text it is, never run. */
const unquoteFormula = (text: string) => text.replace(/^'(?=[=+\-@])/, '')

type Cell = (field: ColumnField) => string
type Reader = (cell: Cell, into: PaintRow) => string | undefined

const readCodes: Reader = (cell, into) => {
  const { codes, unread } = parsePigmentCodes(cell('pigments'))
  into.pigments = codes.map((c) => c.code)
  return unread[0] && `pigments: ${unread[0].message}`
}

const readAmounts: Reader = (cell, into) => {
  const size = cell('size').replace(',', '.')
  if (size) {
    const found = /^(\d+(?:\.\d+)?)\s*(ml)?$/i.exec(size)
    if (!found || Number(found[1]) > 5000) return `size: “${size.slice(0, 40)}” is not a size in ml.`
    into.millilitres = Number(found[1])
  }
  const count = cell('count')
  if (count && !/^\d{1,2}$/.test(count)) return `count: “${count.slice(0, 40)}” is not a number from 0 to 99.`
  if (count) into.count = Number(count)
  if (cell('price')) {
    into.price = readPrice(cell('price'))
    if (!into.price) return `price: “${cell('price').slice(0, 40)}” is not a price.`
  }
  const bought = cell('bought')
  if (bought && !isDay(bought)) return `bought: “${bought.slice(0, 40)}” is not a day such as 2026-05-14.`
  if (bought) into.bought = bought
  return undefined
}

const readStates: Reader = (cell, into) => {
  const kind = cell('kind') && oneOf(ITEM_KINDS, cell('kind').replace(/^(half |full )?pan$/i, 'bought pan'))
  if (kind === null) return `kind: “${cell('kind').slice(0, 40)}” is none of ${ITEM_KINDS.join(', ')}.`
  if (kind) into.kind = kind
  for (const word of cell('state')
    .split(/[,;/+]/)
    .map((w) => w.trim())
    .filter(Boolean)) {
    const supply = oneOf(SUPPLIES, word)
    const remark = oneOf(REMARKS, word)
    if (!supply && !remark) return `state: “${word.slice(0, 40)}” is none of ${[...SUPPLIES, ...REMARKS].join(', ')}.`
    if (supply) into.supply = supply
    if (remark && !into.remarks.includes(remark)) into.remarks.push(remark)
  }
  return undefined
}

const readColours: Reader = (cell, into) => {
  for (const field of ['masstone', 'wash'] as const) {
    if (!cell(field)) continue
    const colour = parseColour(cell(field))
    if (!colour.ok) return `${field}: ${colour.error.message}`
    const { L, a, b } = colour.value
    into[field] = { L, a, b, source: 'typed' }
  }
  const exchanged = problemOfSwatchPair(into.masstone, into.wash)
  return exchanged && `masstone: ${exchanged}`
}

const SCALED = ['grade', 'transparency', 'staining', 'granulation', 'lightfastness'] as const
const readScales: Reader = (cell, into) => {
  for (const field of SCALED) {
    const scale = scaleOfColumn(field)!
    const text = cell(field)
    const value = text && oneOf(scale, text)
    if (value === null) return `${field}: “${text.slice(0, 40)}” is none of ${scale.join(', ')}.`
    if (value) Object.assign(into, { [field]: value })
  }
  return undefined
}

const readWords: Reader = (cell, into) => {
  if (!into.name) return 'name: A name is needed.'
  for (const field of ['formula', 'series', 'note'] as const) if (cell(field)) into[field] = cell(field)
  return undefined
}

function oneOf<T extends string>(scale: readonly T[], text: string): T | null {
  const plain = text.trim().toLowerCase()
  return scale.find((s) => s === plain) ?? null
}
