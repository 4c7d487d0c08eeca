import { parseColour } from '../colour/parseColour'
import { Paint } from '../documents/paint'
import { COLUMNS, scaleOfColumn, WORD_FIELDS, type ColumnField } from '../documents/fieldTable'
import { firstIssue } from '../documents/load'
import { problemOfSwatchPair } from '../film/swatchPair'
import { parsePigmentCodes } from '../pigments/grammar'
import { questionCodes } from '../pigments/plausibility'
import { fail, ok, type Result } from '../result'
import { paintPartOf, type PaintRow, type RowQuestion } from '../paints/paintRow'
import { currencyIn, readMoney, type MoneyHabits } from '../paints/reading/price'
import { isOpenDay, readDay, type DayOrder } from '../paints/reading/day'
import { readLeft } from '../paints/reading/left'
import { panOfSize, readSize } from '../paints/reading/size'
import { heed, saidInField, type WordField } from '../paints/reading/words'
import { matchByContent, READABLE } from './cells'
import type { Table } from './table'

export const COLUMN_FIELDS: readonly ColumnField[] = COLUMNS.map((c) => c.name)
/** Column number -> meaning; columns left out are not read. */
export type ColumnMatching = Record<number, ColumnField>
/** Headings that a person gave a meaning before, in lower case. */
export type LearnedHeadings = Readonly<Record<string, ColumnField | ''>>

export const headingKey = (heading: string) => heading.toLowerCase().replace(/\s+/g, ' ').trim()

/**
 * Proposes what each column means: as the person said before, from its heading, or from what its cells look like where
 * the table has no headings. Each meaning is used once.
 */
export function matchColumns(
  { headings, headless, rows = [] }: Pick<Table, 'headings' | 'headless'> & Partial<Pick<Table, 'rows'>>,
  learned: LearnedHeadings = {},
  makers: readonly string[] = [],
): ColumnMatching {
  if (headless) return matchByContent(rows, makers)
  const byHeading = matchByHeading(headings, learned)
  // a column whose heading says nothing is read by what stands in it, where nearly all of it looks alike
  const nothing = Object.fromEntries(
    headings.flatMap((h, c) =>
      learned[headingKey(h)] === '' || /^(?:no|nr|#|id)\.?$/i.test(h) ? [[c, ''] as const] : [],
    ),
  )
  return { ...matchByContent(rows, makers, { ...nothing, ...byHeading }), ...byHeading }
}

function matchByHeading(headings: readonly string[], learned: LearnedHeadings): ColumnMatching {
  const matching: ColumnMatching = {}
  const free = new Set<ColumnField>(COLUMN_FIELDS)
  const settled = new Set<number>()
  const claim = (test: (heading: string, field: ColumnField) => boolean) =>
    headings.forEach((heading, column) => {
      if (matching[column] || settled.has(column)) return
      const field = [...free].find((f) => test(headingKey(heading), f))
      if (!field) return
      matching[column] = field
      free.delete(field)
    })
  // a column that was said to mean nothing stays unread
  headings.forEach((heading, column) => {
    if (learned[headingKey(heading)] === '') settled.add(column)
  })
  claim((heading, field) => learned[heading] === field)
  claim((heading, field) => heading === field)
  claim((heading, field) => headingOf(field).test(heading))
  return matching
}

/** Why the meaning of a column is doubted. */
export type ColumnDoubt = 'guessed from its values' | 'few of its values fit'

/**
 * Columns whose meaning should be looked at: their heading says nothing and what stands in them was gone by, or most of
 * what stands in them is nothing of what they are said to hold.
 */
export function doubtedColumns(
  { headings, headless, rows }: Pick<Table, 'headings' | 'headless' | 'rows'>,
  matching: ColumnMatching,
  learned: LearnedHeadings = {},
): Record<number, ColumnDoubt> {
  const byHeading = headless ? {} : matchByHeading(headings, learned)
  const doubts: Record<number, ColumnDoubt> = {}
  for (const [key, field] of Object.entries(matching)) {
    const column = Number(key)
    const test = READABLE[field]
    const cells = rows.slice(0, 200).flatMap((r) => r[column]?.trim() || [])
    if (test && cells.length && cells.filter(test).length < cells.length / 2) doubts[column] = 'few of its values fit'
    else if (!headless && byHeading[column] !== field && learned[headingKey(headings[column] ?? '')] !== field)
      doubts[column] = 'guessed from its values'
  }
  return doubts
}

const headingOf = (field: ColumnField) => COLUMNS.find((c) => c.name === field)!.heading

/**
 * Reads the rows of a table under a column matching. An odd value questions its field, which stays open; what stood
 * there goes into the note, so that nothing is lost. Cells of columns that are not matched are not looked at.
 *
 * Errors: `unreadable-row` where no paint is named, or the row as a whole cannot be kept.
 */
export function rowReader(
  { headings, rows }: Pick<Table, 'headings' | 'rows'>,
  matching: ColumnMatching,
  money: MoneyHabits = {},
  days?: DayOrder,
): (row: number) => Result<PaintRow> {
  const columns = new Map(Object.entries(matching).map(([column, field]) => [field, Number(column)]))
  // `Price (€)` says what its amounts are in
  const currency = currencyIn(headings[columns.get('price') ?? -1] ?? '')?.currency
  const habits = { ...money, ...(currency ? { currency } : {}), ...(days ? { days } : {}) }
  return (row) => {
    const cells = rows[row] ?? []
    return readCells((field) => unquoteFormula((cells[columns.get(field) ?? -1] ?? '').trim()), habits)
  }
}

/** One row, as `rowReader` reads it. */
export const readRow = (table: Table, row: number, matching: ColumnMatching, money?: MoneyHabits): Result<PaintRow> =>
  rowReader(table, matching, money)(row)

/** How the person writes money and days. */
type Habits = MoneyHabits & { days?: DayOrder }

function readCells(cell: Cell, money: Habits): Result<PaintRow> {
  const read: PaintRow = { name: '', maker: '', pigments: [], kind: 'tube', count: 1, supply: 'open', remarks: [] }
  const questions: RowQuestion[] = []
  const ask = (field: string, text: string, message: string) => questions.push({ field, text, message })
  for (const reader of READERS) reader(cell, read, ask, money)
  const kept = questions.filter((q) => q.text).map((q) => `${q.field}: ${q.text}`)
  if (kept.length) read.note = [read.note, ...kept].filter(Boolean).join('; ').slice(0, 2000)
  if (questions.length) read.questions = questions
  if (!read.name) return fail('unreadable-row', 'name: A name is needed.')
  const checked = Paint.safeParse({ id: 'row', v: 2, ...paintPartOf(read) })
  return checked.success ? ok(read) : fail('unreadable-row', firstIssue(checked.error))
}

/** Spreadsheets guard text with a leading apostrophe; a formula is kept as the text it is, never run. */
const unquoteFormula = (text: string) => text.replace(/^'(?=[=+\-@])/, '')

type Cell = (field: ColumnField) => string
type Ask = (field: string, text: string, message: string) => void
type Reader = (cell: Cell, into: PaintRow, ask: Ask, money: Habits) => void

const shown = (text: string) => text.slice(0, 60)

const readNames: Reader = (cell, into) => {
  into.name = cell('name')
  into.maker = cell('maker')
  for (const [column, field] of [
    ['formula', 'formula'],
    ['series', 'series'],
    ['note', 'note'],
    ['bought from', 'boughtFrom'],
    ['place', 'place'],
  ] as const)
    if (cell(column)) into[field] = cell(column)
}

const readMarks: Reader = (cell, into) => {
  const marks = cell('marks')
    .split(/[,;]/)
    .map((m) => m.trim().slice(0, 40))
    .filter(Boolean)
  if (marks.length) into.marks = [...new Set(marks)].slice(0, 20)
}

const readCodes: Reader = (cell, into, ask) => {
  const { codes, unread } = parsePigmentCodes(cell('pigments'))
  into.pigments = codes.map((c) => c.code)
  if (!into.name && codes.length) into.name = into.pigments.join(' ')
  for (const { text, message } of unread) ask('pigments', text, message)
  if (into.name) for (const { message } of questionCodes(into.name, codes)) ask('pigments', '', message)
}

const readAmounts: Reader = (cell, into, ask, money) => {
  const size = cell('size')
  if (size) {
    const found = readSize(size)
    if (!found) ask('size', shown(size), `“${shown(size)}” is not a size.`)
    if (found?.kind) into.kind = found.kind
    if (found?.millilitres !== undefined) into.millilitres = found.millilitres
    // what holds as much as a pan is one, unless it is said to be something else
    const isSaid = Boolean(found?.kind) || cell('kind') !== '' || /\bpans?\b/i.test(cell('state'))
    const pan = isSaid || found?.millilitres === undefined ? undefined : panOfSize(found.millilitres)
    if (pan) into.kind = 'bought pan'
    if (pan) ask('size', '', `${shown(size)} is what a ${pan} holds: taken for one.`)
  }
  const count = cell('count').replace(/^[x×]\s*|\s*[x×]$|\.0$/gi, '')
  if (count && /^\d{1,2}$/.test(count)) into.count = Number(count)
  else if (count) ask('count', shown(count), `“${shown(count)}” is not a number from 0 to 99.`)
  if (cell('left')) {
    const left = readLeft(cell('left'))
    if (left) into.left = left
    else
      ask(
        'left',
        shown(cell('left')),
        `“${shown(cell('left'))}” does not say how much is left: half, 1/3, 30 % or 4 ml.`,
      )
  }
  if (cell('price')) {
    const price = readMoney(cell('price'), money)
    if (!price.ok) ask('price', shown(cell('price')), price.error.message)
    else {
      into.price = price.value.price
      if (price.value.doubt) ask('price', '', price.value.doubt)
    }
  }
  const bought = cell('bought')
  const day = bought ? readDay(bought, money.days) : undefined
  if (day) {
    into.bought = day.day
    if (day.doubt) ask('bought', '', day.doubt)
  } else if (isOpenDay(bought)) ask('bought', shown(bought), `Which of “${shown(bought)}” is the day, which the month?`)
  else if (bought) ask('bought', shown(bought), `“${shown(bought)}” is not a day such as 2026-05-14.`)
}

const readWords: Reader = (cell, into, ask) => {
  const one = (field: WordField & ColumnField, text: string) => {
    const said = saidInField(field, text) ?? (field === 'state' ? saidInField('kind', text) : undefined)
    if (said) heed(said, into)
    else ask(field, shown(text), `“${shown(text)}” is none of ${(scaleOfColumn(field) ?? []).join(', ')}.`)
  }
  for (const { key } of WORD_FIELDS) if (cell(key)) one(key, cell(key))
  for (const word of cell('state').split(/[,;/+]/)) if (word.trim()) one('state', word.trim())
  const kind = cell('kind')
  const sized = kind ? readSize(kind) : undefined
  if (sized?.kind) {
    into.kind = sized.kind
    into.millilitres ??= sized.millilitres
  } else if (kind) one('kind', kind)
}

const readColours: Reader = (cell, into, ask) => {
  for (const field of ['masstone', 'wash'] as const) {
    if (!cell(field)) continue
    const colour = parseColour(cell(field))
    if (!colour.ok) ask(field, shown(cell(field)), colour.error.message)
    else into[field] = { L: colour.value.L, a: colour.value.a, b: colour.value.b, source: 'typed' }
  }
  const exchanged = problemOfSwatchPair(into.masstone, into.wash)
  if (!exchanged) return
  for (const field of ['masstone', 'wash'] as const) {
    ask(field, shown(cell(field)), exchanged)
    into[field] = undefined
  }
}

const READERS: readonly Reader[] = [readNames, readMarks, readCodes, readAmounts, readWords, readColours]
