import Papa from 'papaparse'
import { fromHex } from '../colour/srgb'
import { colourOfWord } from '../colour/colourWords'
import { parseColour } from '../colour/parseColour'
import { fail, ok, type Result } from '../result'
import type { LabD65 } from '../units'

export interface ListedColour {
  lab: LabD65
  name?: string
  weight: number
}
export interface ColourList {
  name?: string
  colours: ListedColour[]
  /** Lines that could not be read, kept as they were, with the reason. */
  left: { line: number; text: string; why: string }[]
}

const MOST_CHARACTERS = 5_000_000
const MOST_LINES = 50_000
const MOST_COLOURS = 400
const GPL = /^GIMP Palette\s*$/i

/**
 * A list of colours: a GPL palette file (red, green, blue 0..255 and a name a line), or comma-, semicolon- or
 * tab-separated text with a colour a line (`#3b5c7a`, or L* a* b* in one cell or three), perhaps a name and a weight.
 * A line that cannot be read is left over, never guessed.
 *
 * Errors: `empty-file`, `binary-file`, `file-too-large`, `no-colours`.
 */
export function readColourList(text: string): Result<ColourList> {
  if (text.trim() === '') return fail('empty-file', 'There is nothing in it.')
  if (text.includes('\0')) return fail('binary-file', 'This is not a text file of colours.')
  if (text.length > MOST_CHARACTERS) return fail('file-too-large', 'That is too long for a list of colours.')
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  if (lines.length > MOST_LINES)
    return fail('file-too-large', `It has ${lines.length} lines; at most ${MOST_LINES} are read as a list of colours.`)
  const list = GPL.test(lines[0] ?? '') ? readGpl(lines) : readLines(lines)
  if (list.colours.length === 0)
    return fail('no-colours', 'No line of it is a colour: write #3b5c7a, or L* a* b*, one colour a line.')
  const over = list.colours.splice(MOST_COLOURS).length
  if (over)
    list.left.push({ line: lines.length, text: `${over} more`, why: `at most ${MOST_COLOURS} colours are taken` })
  return ok(list)
}

function readGpl(lines: readonly string[]): ColourList {
  const list: ColourList = { colours: [], left: [] }
  lines.forEach((raw, i) => {
    const text = raw.trim()
    if (i === 0 || text === '' || text.startsWith('#') || /^(Columns|Channels):/i.test(text)) return
    const title = /^Name:\s*(.*)$/i.exec(text)
    if (title) {
      if (title[1]) list.name = title[1].slice(0, 120)
      return
    }
    const row = /^(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/.exec(text)
    const rgb = row?.slice(1, 4).map(Number)
    if (!rgb || rgb.some((v) => v > 255)) {
      list.left.push({ line: i + 1, text, why: 'not three numbers from 0 to 255 and a name' })
      return
    }
    const lab = fromHex(`#${rgb.map((v) => v.toString(16).padStart(2, '0')).join('')}`)
    if (lab.ok) list.colours.push(listed(lab.value, row![4]))
  })
  return list
}

function readLines(lines: readonly string[]): ColourList {
  const list: ColourList = { colours: [], left: [] }
  const { data } = Papa.parse<string[]>(lines.join('\n'), { skipEmptyLines: false })
  data.forEach((cells, i) => {
    const own = cells.map((c) => c.trim())
    if (own.every((c) => c === '') || (i === 0 && isHead(own))) return
    const colour = colourOf(own)
    if (colour) list.colours.push(colour)
    else list.left.push({ line: i + 1, text: (lines[i] ?? own.join(', ')).trim(), why: 'no colour in it' })
  })
  return list
}

const isHead = (cells: readonly string[]) =>
  cells.every((c) => !/\d/.test(c)) && cells.some((c) => /^(?:colou?rs?|hex|names?|l\*?)$/i.test(c))
const isNumber = (cell: string) => /^[-+−]?\d+([.,]\d+)?\s*%?$/.test(cell)
const numberOf = (cell: string) => Number(cell.replace('−', '-').replace(',', '.').replace('%', ''))

/** A colour in one cell or in three numbers beside each other; a number more is its weight, words are its name; or a word for a colour. */
function colourOf(cells: readonly string[]): ListedColour | undefined {
  const whole = cells.findIndex((c) => c !== '' && !isNumber(c) && parseColour(c).ok)
  const numbers = cells.filter(isNumber)
  const words = cells.filter((c, i) => c !== '' && !isNumber(c) && i !== whole).join(', ')
  if (whole >= 0) {
    const lab = parseColour(cells[whole]!)
    return lab.ok && numbers.length <= 1 ? listed(lab.value, words, numbers[0]) : undefined
  }
  const word = cells.find((c) => colourOfWord(c))
  if (word && numbers.length <= 1) return listed(colourOfWord(word)!, words, numbers[0])
  if (numbers.length < 3 || numbers.length > 4) return undefined
  const lab = parseColour(numbers.slice(0, 3).map(numberOf).join(' '))
  return lab.ok ? listed(lab.value, words, numbers[3]) : undefined
}

function listed(lab: LabD65, name?: string, weight?: string): ListedColour {
  const own = weight === undefined ? 1 : numberOf(weight)
  return { lab, weight: own > 0 && own <= 1000 ? own : 1, ...(name?.trim() ? { name: name.trim().slice(0, 120) } : {}) }
}
