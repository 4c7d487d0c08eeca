import { capital } from '~/shared/words/capital'
import { WORD_FIELDS, wordOf, type ColumnField } from '@juxtachrome/core/documents'
import type { Left, ManyChange, PaintRow } from '@juxtachrome/core/paints'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { priceInWords } from '~/shared/words/moneyWords'
import { readName, type WordRead } from '@juxtachrome/core/pigments'
import { atMost, listed, percent } from '~/shared/words/figures'

/** `“siena” is read as sienna.` */
export const spellingInWords = (spelling: readonly WordRead[]): string =>
  spelling.length
    ? `${listed(spelling.map(({ wrote, means }) => `“${wrote}” as ${means}`))}: read so, and left as you wrote it.`
    : ''

/** The name with the words that were read in place of those that were written. */
export function inTradeSpelling(name: string, spelling: readonly WordRead[]): string {
  return spelling.reduce((text, { wrote, means }) => {
    const at = text.indexOf(wrote)
    if (at < 0) return text
    const isFirst = at === 0 && /^\p{Lu}/u.test(wrote)
    const word = isFirst ? capital(means) : means
    const end = at + wrote.length + (text[at + wrote.length] === '.' ? 1 : 0)
    return text.slice(0, at) + word + text.slice(end)
  }, name)
}

const SHARES = {
  1: 'full',
  0.75: 'three quarters',
  0.67: 'two thirds',
  0.5: 'half',
  0.33: 'a third',
  0.25: 'a quarter',
}

/** A name as the trade writes it, where it is misspelt or shortened; undefined where it is written so. */
export function betterName(name: string): string | undefined {
  const { read } = readName(name)
  return read.length ? inTradeSpelling(name, read) : undefined
}

/** `half left`, `a third left`, `6 ml left`, `full` */
export function leftInWords(left: Left): string {
  if ('millilitres' in left) return `${atMost(left.millilitres, 1)} ml left`
  const words = (SHARES as Record<number, string>)[Math.round(left.share * 100) / 100] ?? percent(left.share)
  return words === 'full' ? words : `${words} left`
}

const swatchText = (s: PaintRow['masstone']) => (s ? [s.L, s.a, s.b].map((n) => atMost(n, 1)).join(' ') : '')
const COLUMN_TEXTS: Partial<Record<ColumnField, (row: PaintRow) => string | undefined>> = {
  pigments: (row) => row.pigments.join(' '),
  size: (row) => (row.millilitres === undefined ? 'not said' : `${atMost(row.millilitres, 1)} ml`),
  count: (row) => String(row.count),
  state: (row) => [row.supply, ...row.remarks].join(', '),
  price: (row) => row.price && priceInWords(row.price),
  bought: (row) => row.bought && dayInWords(row.bought),
  'bought from': (row) => row.boughtFrom,
  left: (row) => row.left && leftInWords(row.left),
  masstone: (row) => swatchText(row.masstone),
  wash: (row) => swatchText(row.wash),
}
/** What a row will keep of a column, as text. */
export function columnText(row: PaintRow, column: ColumnField): string {
  const own = COLUMN_TEXTS[column]
  if (own) return own(row) ?? ''
  const field = WORD_FIELDS.find((f) => f.column.name === column)
  const value = row[column as keyof PaintRow]
  return field ? wordOf(field, value) : typeof value === 'string' ? value : ''
}

/** What was done to many paints, as undo says it: `marked 12 paints “trip”`. */
export function manyInWords(change: ManyChange, count: number): string {
  const paints = counted(count, 'paint')
  if (change.kind === 'mark') return `marked ${paints} “${change.mark}”`
  if (change.kind === 'unmark') return `took the mark “${change.mark}” from ${paints}`
  if (change.kind === 'place') return change.place ? `put ${paints} into ${change.place}` : `forgot where ${paints} lie`
  if (change.kind === 'maker') return `set the maker of ${paints} to ${change.maker}`
  if (change.kind === 'medium') return `set the medium of ${paints} to ${change.medium}`
  return `set ${paints} to ${change.kind === 'supply' ? change.supply : change.remark}`
}
