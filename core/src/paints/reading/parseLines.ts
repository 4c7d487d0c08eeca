import Papa from 'papaparse'
import { parsePigmentCodes } from '../../pigments/grammar'
import { mayBeAMaker, parseLine, type ReadLine } from './parseLine'
import type { MoneyHabits } from './price'

/** A paint of a pasted list, with the line that it was read from. */
export interface ListedLine {
  line: number
  text: string
  read: ReadLine
}
/** A line of a pasted list that is no paint: empty ones are not even named. */
export interface SkippedLine {
  line: number
  text: string
  reason: string
}
export interface ParsedList {
  paints: ListedLine[]
  skipped: SkippedLine[]
}

export const MOST_LINES = 5000

/** A line that stands above others: `Blues:`, `Halvard & Roe`, `== Tin ==`. */
const HEADING = /^(?:[=#*_~\s-]*)([^:=#*~]{2,60}?)\s*(?::|[=#*_~-]{2,})?\s*$/u
const isRule = (text: string) => !/[\p{L}\d]/u.test(text)

/**
 * Takes a pasted list apart, one paint a line: lines of a message, of a note, or rows of a table. A line with a known
 * maker alone, or any line that ends in a colon, stands above those that follow; a known maker is taken for all of them.
 * Yields the share done.
 */
export function* parseLines(
  text: string,
  makers: readonly string[] = [],
  money: MoneyHabits = {},
): Generator<{ done: number; of: number }, ParsedList> {
  const lines = rowsOf(text)
  const found: ParsedList = { paints: [], skipped: [] }
  let under = ''
  for (const [i, { text: line, line: number }] of lines.entries()) {
    if (i % 128 === 127) yield { done: i, of: lines.length }
    if (line.trim() === '') continue
    if (i >= MOST_LINES) {
      found.skipped.push({ line: number, text: line, reason: `At most ${MOST_LINES} lines are read at once.` })
      continue
    }
    if (isRule(line)) continue
    const heading = headingIn(line, makers)
    if (heading !== undefined) {
      under = heading
      if (!heading) found.skipped.push({ line: number, text: line, reason: 'Reads like a heading, not like a paint.' })
      continue
    }
    const read = parseLine(line, makers, money)
    // what may be another maker is asked about, not overruled by what stands above
    if (!read.maker && under && !read.maybeMaker) read.maker = under
    // a name alone may be the maker of the lines below it
    if (!read.maker && read.name && isNameAlone(read) && mayBeAMaker(line.trim())) read.maybeMaker = read.name
    if (read.maker && read.maybeMaker) {
      read.unread.push(read.maybeMaker)
      delete read.maybeMaker
    }
    if (!read.name && read.pigments.length === 0)
      found.skipped.push({ line: number, text: line, reason: 'Names no paint.' })
    else found.paints.push({ line: number, text: line, read: { ...read, name: read.name || read.pigments.join(' ') } })
  }
  return found
}

const isNameAlone = ({ pigments, millilitres, unread, maybeMaker }: ReadLine) =>
  pigments.length === 0 && millilitres === undefined && unread.length === 0 && maybeMaker === undefined

/** The maker that a heading names, empty for another heading; undefined where the line is none. */
function headingIn(line: string, makers: readonly string[]): string | undefined {
  const own = HEADING.exec(line.trim())?.[1]
  if (own === undefined || parsePigmentCodes(line).codes.length > 0) return undefined
  const known = makers.find((m) => m.toLowerCase() === own.toLowerCase())
  if (known) return known
  return /:\s*$|^\s*[=#]{2,}|^\s*#\s/.test(line) ? '' : undefined
}

/** Lines; where cells are parted by tabs, or quoted, the cells of a row are pieces of one line. */
function rowsOf(text: string): { text: string; line: number }[] {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  const isTable = lines.filter((l) => l.includes('\t')).length >= lines.filter((l) => l.trim()).length / 2
  if (!isTable) return lines.map((line, i) => ({ text: line, line: i + 1 }))
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimiter: '\t' })
  return data.map((cells, i) => ({
    text: cells
      .map((c) => c.trim())
      .filter(Boolean)
      .join('; '),
    line: i + 1,
  }))
}
