import { parsePigmentCode, parsePigmentCodes, questionCodes, variantAsked } from '@juxtachrome/core/pigments'
import { readLeft, readMoney, type MoneyHabits, type PaintRow } from '@juxtachrome/core/paints'
import { numberIn } from '~/shared/words/numberIn'
import { priceInWords } from '~/shared/words/moneyWords'
import { leftInWords } from './words'

/** What of a row is shown as text and can be corrected where it stands. */
export const ROW_FIELDS = [
  'name',
  'maker',
  'codes',
  'formula',
  'series',
  'millilitres',
  'count',
  'price',
  'left',
] as const
export type RowField = (typeof ROW_FIELDS)[number]
/** What was typed over what had been read. */
export type Corrections = Readonly<Partial<Record<RowField, string>>>

const TEXTS: Record<RowField, (row: PaintRow) => string> = {
  name: (row) => row.name,
  maker: (row) => row.maker,
  codes: (row) => row.pigments.join(', '),
  formula: (row) => row.formula ?? '',
  series: (row) => row.series ?? '',
  millilitres: (row) => (row.millilitres === undefined ? '' : String(row.millilitres)),
  count: (row) => String(row.count),
  price: (row) => (row.price ? priceInWords(row.price) : ''),
  left: (row) => (row.left ? leftInWords(row.left) : ''),
}
/** What stands in a field: as it was typed, else as it was read. */
export const textOf = (row: PaintRow, field: RowField, typed: Corrections = {}): string =>
  typed[field] ?? TEXTS[field](row)

/** A row with what was typed over it; what was not touched stays as it was read. What is wrong with it, in words, or nothing. */
export function correctedRow(
  row: PaintRow,
  typed: Corrections,
  money: MoneyHabits,
): { row: PaintRow; problem: string } {
  const fixed: PaintRow = { ...row }
  const problems: string[] = []
  if (typed.name !== undefined) fixed.name = typed.name.trim()
  if (typed.maker !== undefined) fixed.maker = typed.maker.trim()
  if (typed.formula !== undefined) fixed.formula = typed.formula.trim() || undefined
  if (typed.series !== undefined) fixed.series = typed.series.trim() || undefined
  if (typed.codes !== undefined) {
    const { codes, unread } = parsePigmentCodes(typed.codes)
    fixed.pigments = codes.map((c) => c.code)
    if (unread[0]) problems.push(unread[0].message)
  }
  if (typed.millilitres !== undefined)
    fixed.millilitres = typed.millilitres.trim() ? numberIn(typed.millilitres) : undefined
  if (typed.count !== undefined) fixed.count = /^[1-9]\d?$/.test(typed.count.trim()) ? Number(typed.count) : NaN
  if (typed.price?.trim()) {
    const price = readMoney(typed.price, money)
    if (price.ok) fixed.price = price.value.price
    else problems.push(price.error.message)
  } else if (typed.price !== undefined) fixed.price = undefined
  if (typed.left?.trim()) {
    fixed.left = readLeft(typed.left)
    if (!fixed.left) problems.push('What is left: half, 1/3, 30 % or 4 ml.')
  } else if (typed.left !== undefined) fixed.left = undefined
  return { row: fixed, problem: problemOf(fixed) || (problems[0] ?? '') }
}

/** Doubts about the codes that a row has for its name. */
export const questionsOf = ({ name, pigments }: PaintRow): string[] =>
  name ? questionCodes(name, pigments.flatMap(codeOf)).map((q) => q.message) : []
const codeOf = (text: string) => {
  const code = parsePigmentCode(text)
  return code.ok ? [code.value] : []
}

/** A row with the colour of its code that was tapped, where one was asked for. */
export function withVariant(row: PaintRow, answer: string | undefined): PaintRow {
  const asked = answer === undefined ? undefined : variantAsked(row)
  return asked ? { ...row, variants: { [asked.code]: answer! } } : row
}

function problemOf({ name, maker, millilitres, count }: PaintRow): string {
  if (!name) return 'A name is needed.'
  if (name.length > 120 || maker.length > 120) return 'A name or maker has at most 120 characters.'
  if (millilitres !== undefined && !(millilitres <= 5000)) return 'The size is a number of ml, from 0 to 5000.'
  return count >= 1 && count <= 99 ? '' : 'How many: a number from 1 to 99.'
}
