import { REMARKS, SUPPLIES, type ItemKind, type Remark, type Supply } from '../documents/item'
import { GRADES, type Paint } from '../documents/paint'
import type { Price } from '../documents/fields'
import { CODE_PATTERN, fromMatch } from '../pigments/grammar'
import { readPrice } from './price'

/** What a line, as written on a tube or typed from memory, says. Every part can be corrected. */
export interface ReadLine {
  name: string
  maker: string
  pigments: string[]
  formula?: string
  series?: string
  grade?: Paint['grade']
  kind: ItemKind
  /** What one of them holds, ml; undefined when the line does not say. */
  millilitres?: number
  /** How many of them. */
  count: number
  supply: Supply
  remarks: Remark[]
  price?: Price
  /** Pieces that found no meaning. */
  unread: string[]
}

/** Usual contents of a bought pan, ml (common practice, no source). */
export const PAN_MILLILITRES = { half: 1.8, full: 3.6 } as const

/**
 * Reads a line such as `French ultramarine PB29 15 ml, series 2, Halvard & Roe`.
 * Order hardly matters: codes, sizes, prices, series and states are found anywhere; of what
 * remains the first piece is the name and a later one the maker.
 *
 * @param makers known makers, matched first, whatever their place in the line.
 */
export function parseLine(line: string, makers: readonly string[] = []): ReadLine {
  const rest = new Rest(line.slice(0, 500).normalize('NFC'))
  const read: ReadLine = {
    name: '',
    maker: '',
    pigments: [],
    kind: 'tube',
    count: 1,
    supply: 'open',
    remarks: [],
    unread: [],
  }
  rest.takeAll(new RegExp(CODE_PATTERN, 'gi'), (m) => {
    const code = fromMatch(m)?.code
    if (code && !read.pigments.includes(code)) read.pigments.push(code)
  })
  takeMaker(rest, read, makers)
  takeSize(rest, read)
  rest.take(
    /(?:[€£$]|\b[A-Z]{3}\b)\s*\d+(?:[.,]\d{1,2})?(?!\d)|(?<!\d)\d+(?:[.,]\d{1,2})?\s*(?:[€£$]|\b[A-Z]{3}\b)/,
    (m) => {
      read.price = readPrice(m[0])
    },
  )
  rest.take(/\bser(?:ies|\.)?\s*([0-9]{1,2}|[A-Z])\b/i, (m) => {
    read.series = m[1]!.toUpperCase()
  })
  rest.take(
    /\b(?:(old|new|first|second)\s+formula(?:tion)?|formula(?:tion)?\s+(\d{4}|[\w.]{1,12})|((?:before|since|from|until|pre)[\s-]\d{4}))\b/i,
    (m) => {
      read.formula = (m[1] ? `${m[1]} formula` : (m[2] ?? m[3]!)).toLowerCase()
    },
  )
  takeStates(rest, read)
  rest.take(new RegExp(`\\b(${GRADES.join('|')})(?:'?s?'?)?(?:\\s+(?:grade|quality))\\b`, 'i'), (m) => {
    read.grade = m[1]!.toLowerCase() as Paint['grade']
  })
  takeNames(rest, read)
  return read
}

function takeMaker(rest: Rest, read: ReadLine, makers: readonly string[]) {
  const known = [...makers].filter(Boolean).sort((p, q) => q.length - p.length)
  for (const maker of known) {
    const pattern = new RegExp(
      `(?<![\\p{L}\\d])(?:by\\s+)?${maker.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}\\d])`,
      'iu',
    )
    if (
      rest.take(pattern, () => {
        read.maker = maker
      })
    )
      return
  }
}

function takeSize(rest: Rest, read: ReadLine) {
  rest.take(/\b(\d{1,2})\s*(?:x|×|of)\s*(?=\d|half|full|pan|tube)/i, (m) => {
    read.count = Math.max(1, Math.min(50, Number(m[1])))
  })
  rest.take(/(?<![\d.,])(\d{1,4}(?:[.,]\d{1,2})?)\s*(?:ml|millilit(?:re|er)s?|cc)\b/i, (m) => {
    read.millilitres = Number(m[1]!.replace(',', '.'))
  })
  rest.take(/\b(?:(handmade|bought)\s+)?(half|full|whole)?[\s-]*pans?\b/i, (m) => {
    read.kind = m[1]?.toLowerCase() === 'handmade' ? 'handmade pan' : 'bought pan'
    read.millilitres ??= PAN_MILLILITRES[/full|whole/i.test(m[2] ?? '') ? 'full' : 'half']
  })
  rest.take(/\b(sticks?|samples?|dots?|dot cards?|tubes?)\b/i, (m) => {
    const word = m[1]!.toLowerCase()
    read.kind = word.startsWith('stick') ? 'stick' : word.startsWith('tube') ? 'tube' : 'sample'
  })
  if (rest.has(/\bhandmade\b/i) && read.kind === 'bought pan') read.kind = 'handmade pan'
}

function takeStates(rest: Rest, read: ReadLine) {
  for (const supply of SUPPLIES)
    rest.take(bounded(supply), () => {
      read.supply = supply
    })
  for (const remark of REMARKS)
    rest.take(bounded(remark), () => {
      read.remarks.push(remark)
    })
}

const bounded = (words: string) =>
  new RegExp(`(?<=^|[,;(]\\s*)${words.replace(/ /g, '[\\s-]+')}(?=\\s*(?:[,;)]|$))`, 'i')

function takeNames(rest: Rest, read: ReadLine) {
  const pieces = rest.pieces()
  read.name = pieces.shift() ?? ''
  if (!read.maker) {
    const by = /^(.+?)\s+by\s+(\S.*)$/i.exec(read.name)
    if (by) [read.name, read.maker] = [by[1]!, by[2]!]
    else read.maker = (pieces.pop() ?? '').replace(/^by\s+/i, '')
  }
  read.unread = pieces
}

/** What is left of the line; taken pieces leave a comma behind, so that they part what stood around them. */
class Rest {
  constructor(private text: string) {}

  take(pattern: RegExp, found: (match: RegExpMatchArray) => void): boolean {
    const match = pattern.exec(this.text)
    if (!match) return false
    found(match)
    this.text = `${this.text.slice(0, match.index)}, ${this.text.slice(match.index + match[0].length)}`
    return true
  }

  takeAll(pattern: RegExp, found: (match: RegExpMatchArray) => void) {
    this.text = this.text.replace(pattern, (...args) => {
      found(args.slice(0, -2) as unknown as RegExpMatchArray)
      return ', '
    })
  }

  has(pattern: RegExp): boolean {
    return pattern.test(this.text)
  }

  pieces(): string[] {
    return this.text
      .split(/[,;()[\]]|\s[-–—|]\s/)
      .map((p) =>
        p
          .replace(/\s+/g, ' ')
          .replace(/^[\s.+/&-]+|[\s+/&-]+$/g, '')
          .trim(),
      )
      .filter((p) => /[\p{L}\d]/u.test(p) && !/^(and|by)$/i.test(p))
  }
}
