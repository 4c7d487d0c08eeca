import type { ItemKind, Remark, Supply } from '../../documents/item'
import type { Price } from '../../documents/fields'
import { CODE_PATTERN, fromMatch } from '../../pigments/grammar'
import { readName, type WordRead } from '../../pigments/tradeWords'
import { belongsToAName, namesAColour } from './colourWords'
import { DAY_PATTERN, readDay } from './day'
import { takeLeft, type Left } from './left'
import { isCurrency, readMoney, type MoneyHabits } from './price'
import { Rest } from './rest'
import { millilitresOf, PAN_PATTERN, panOf, SIZE_PATTERN } from './size'
import { heed, saidAnywhere, trailingWord, type Said } from './words'

/** What a line, as written on a tube or typed from memory, says. Every part can be corrected. */
export interface ReadLine extends NonNullable<Said['paint']> {
  name: string
  /** A maker that is known, or that the line names with `by`; empty otherwise. */
  maker: string
  /** What may be a maker that is not known yet: to be asked. */
  maybeMaker?: string
  pigments: string[]
  formula?: string
  series?: string
  kind: ItemKind
  /** What one of them holds, ml; undefined when the line does not say. */
  millilitres?: number
  /** How many of them. */
  count: number
  supply: Supply
  remarks: Remark[]
  price?: Price
  bought?: string
  /** What is left of it, where the line says so. */
  left?: Left
  /** Words that were read for something else than stands there: misspelt or shortened. */
  spelling?: readonly WordRead[]
  /** Pieces that found no meaning. */
  unread: string[]
  /** What was assumed, in words. */
  doubts: string[]
}

const CODES = new RegExp(CODE_PATTERN, 'gi')
const NUMBERS: Record<string, number> = { two: 2, three: 3, four: 4, five: 5, six: 6 }
const THINGS = '(?:half |full |whole |handmade )?(?:pans?|tubes?|sticks?|samples?|godets?)'
const COUNTABLE = '(?:tubes|sticks|pans|samples|godets)'
const COUNTED = new RegExp(`(?<![\\d.,\\p{L}/½¼])(\\d{1,2}|two|three|four|five|six)\\s+(?=${THINGS}(?!\\p{L}))`, 'iu')

/**
 * Reads a line such as `French ultramarine PB29 15 ml, series 2, Halvard & Roe`. Order hardly matters: codes, sizes,
 * prices, series and states are found anywhere; of what remains, what names a colour is the name. Nothing is made into
 * a maker that is not one: a maker is known, stands after `by`, or is asked for (`maybeMaker`); what finds no meaning
 * is said (`unread`).
 *
 * @param makers known makers, matched first, whatever their place in the line.
 * @param money how the person writes money.
 */
export function parseLine(line: string, makers: readonly string[] = [], money: MoneyHabits = {}): ReadLine {
  const rest = new Rest(withoutBullet(line.slice(0, 500).normalize('NFC')))
  const read: ReadLine = {
    name: '',
    maker: '',
    pigments: [],
    kind: 'tube',
    count: 1,
    supply: 'open',
    remarks: [],
    unread: [],
    doubts: [],
  }
  takeNumber(rest, read)
  rest.takeAll(CODES, (m) => {
    const code = fromMatch(m)?.code
    if (code && !read.pigments.includes(code)) read.pigments.push(code)
  })
  takeMaker(rest, read, makers)
  const left = takeLeft(rest)
  if (left) read.left = left
  takeDay(rest, read)
  takeSizes(rest, read)
  takeVersion(rest, read)
  takePrice(rest, read, money)
  takePieces(rest, read)
  const spelling = readName(read.name).read
  if (spelling.length) read.spelling = spelling
  return read
}

/** Lists and messages put something before each line: a bullet, a number, a box to tick, the time and the sender. */
const withoutBullet = (line: string) =>
  line
    .replace(/^\s*\[?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?:\s*[ap]m)?\]?\s*(?:[-–]\s*)?(?:\p{L}[\p{L} ]{0,20}:\s)?/iu, '')
    .replace(/^\s*(?:[-*•·–—]|\[[ xX]?\]|☐|☑|✓|\d{1,3}[.)])\s+/u, '')

/** A number before a paint is its place in a list or its number in a shop, unless things are counted by it. */
function takeNumber(rest: Rest, read: ReadLine) {
  rest.take(/^\s*(#\s?\d{1,4}|no\.? ?\d{1,4}|\d{1,4})\s+(?=\p{L}{3})/iu, (m) => {
    const number = m[1]!
    const counts = /^\d{1,2}$/.test(number) && new RegExp(`(?<!\\p{L})${COUNTABLE}(?!\\p{L})`, 'iu').test(m.input!)
    if (counts || /^\s*\d+\s+(?:of\s|m\.?l)/i.test(m.input!)) return false
    read.unread.push(number)
    return true
  })
  // `2 Burnt umber tubes`: the things that are counted stand after the name
  rest.take(
    /^\s*(\d{1,2}|two|three|four|five|six)\s+(?=[\p{L}\s'’]+\s(?:tubes|sticks|(?:half |full )?pans)(?!\p{L}))/iu,
    (m) => {
      read.count = NUMBERS[m[1]!.toLowerCase()] ?? Number(m[1])
    },
  )
  rest.take(
    /^\s*(?:a|an|one|the|my)\s+(?=(?:half |full |whole |handmade )?(?:tube|pan|stick|sample|godet)(?!\p{L}))/iu,
    () => undefined,
  )
}

interface MakerPattern {
  maker: string
  pattern: RegExp
}
const patternsOf = new WeakMap<readonly string[], readonly MakerPattern[]>()
/** How makers are found in a line, the longest first; made once for a list of them. */
function makerPatterns(makers: readonly string[]): readonly MakerPattern[] {
  const known = patternsOf.get(makers)
  if (known) return known
  const patterns = [...makers]
    .filter(Boolean)
    .sort((p, q) => q.length - p.length)
    .map((maker) => {
      const escaped = maker.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
      return { maker, pattern: new RegExp(`(?<![\\p{L}\\d])(?:by\\s+)?${escaped}(?:['’]s)?(?![\\p{L}\\d])`, 'iu') }
    })
  patternsOf.set(makers, patterns)
  return patterns
}

function takeMaker(rest: Rest, read: ReadLine, makers: readonly string[]) {
  for (const { maker, pattern } of makerPatterns(makers)) {
    const found = rest.take(pattern, () => {
      read.maker = maker
    })
    if (found) return
  }
}

function takeSizes(rest: Rest, read: ReadLine) {
  const takeCount = (number: number) => {
    if (!(number >= 1 && number <= 50)) return false
    read.count = number
    return true
  }
  const isCounted =
    rest.take(/(?<![\d.,])(\d{1,2})\s*[x×]\s*(?=\d|½|¼|half|full|whole|pan|tube|\p{Lu})/iu, (m) =>
      takeCount(Number(m[1])),
    ) ||
    rest.take(/(?<![\p{L}\d])[x×]\s*(\d{1,2})(?![\d\p{L}]|[.,]\d)/iu, (m) => takeCount(Number(m[1]))) ||
    rest.take(/(?<![\d.,\p{L}])(\d{1,2})\s*[x×](?![\p{L}\d])/iu, (m) => takeCount(Number(m[1]))) ||
    rest.take(/(?<![\d.,\p{L}])(\d{1,2}|two|three|four)\s+of\s+(?:them|it|these)(?!\p{L})/iu, (m) =>
      takeCount(NUMBERS[m[1]!.toLowerCase()] ?? Number(m[1])),
    )
  if (!isCounted) {
    rest.take(COUNTED, (m) => takeCount(NUMBERS[m[1]!.toLowerCase()] ?? Number(m[1])))
  }
  rest.take(SIZE_PATTERN, (m) => {
    const millilitres = millilitresOf(m)
    if (millilitres === undefined) return false
    read.millilitres = millilitres
    return true
  })
  rest.take(PAN_PATTERN, (m) => {
    const { kind, millilitres } = panOf(m)
    read.kind = kind
    if (millilitres !== undefined) read.millilitres ??= millilitres
  })
  rest.take(/(?<!\p{L})(dot cards?|swatch cards?|sticks?|samples?|tubes?)(?!\p{L})/iu, (m) => {
    read.kind = saidAnywhere(m[1]!)?.kind ?? read.kind
  })
  if (read.kind === 'bought pan' && rest.take(/(?<!\p{L})hand-?made(?!\p{L})/iu, () => undefined))
    read.kind = 'handmade pan'
}

const SIGN_WORDS = String.raw`(?<!\p{L})(?:euros?|pounds?|dollars?|yen|kr\.?|s?fr\.|rs\.|ft|[A-Z]{3})(?!\p{L})`
const SIGN = String.raw`(?:(?:US|AU|CA|NZ|HK|[ACSR])?\$|[€£¥￥円元₹₩₺₽₪]|zł|kč|${SIGN_WORDS})`
const AMOUNT = String.raw`\d[\d.,'’\u00a0\u202f]*\d|\d`
const PRICE = new RegExp(
  String.raw`(?:@\s*)?${SIGN}\s*(?:${AMOUNT})|(?:@\s*)?(?<![\d.,\p{L}])(?:${AMOUNT})\s*(?:${SIGN}(?!\s*\d)|p(?:ence)?(?!\p{L}))`,
  'u',
)
function takePrice(rest: Rest, read: ReadLine, money: MoneyHabits) {
  rest.take(PRICE, (m) => {
    const price = readMoney(m[0].replace('@', ''), money)
    // three capitals beside a number need not be a currency
    const bare = /(?<![A-Za-z])[A-Z]{3}(?![A-Za-z])/.exec(m[0])?.[0]
    if (bare && !isCurrency(bare)) return false
    if (!price.ok) {
      read.doubts.push(price.error.message)
      read.unread.push(m[0].trim())
      return true
    }
    read.price = price.value.price
    if (price.value.doubt) read.doubts.push(price.value.doubt)
    return true
  })
}

function takeDay(rest: Rest, read: ReadLine) {
  rest.take(DAY_PATTERN, (m) => {
    const day = readDay(m[1]!)
    if (!day) return false
    read.bought = day.day
    if (day.doubt) read.doubts.push(day.doubt)
    return true
  })
}

function takeVersion(rest: Rest, read: ReadLine) {
  rest.take(
    /(?<!\p{L})(?:ser(?:ies|\.)?\s*([0-9]{1,2}|[A-Z])(?![\p{L}\d])|s\.?\s?([1-9]|1[0-2])(?![\p{L}\d]|[.,]\d))/iu,
    (m) => {
      read.series = (m[1] ?? m[2])!.toUpperCase()
    },
  )
  rest.take(
    /\b(?:(old|new|first|second)\s+formula(?:tion)?|formula(?:tion)?\s+(\d{4}|[\w.]{1,12})|((?:before|since|until|pre)[\s-]\d{4}))\b/i,
    (m) => {
      read.formula = (m[1] ? `${m[1]} formula` : (m[2] ?? m[3]!)).toLowerCase()
    },
  )
}

function takePieces(rest: Rest, read: ReadLine) {
  const open: string[] = []
  for (const piece of rest.pieces()) {
    const said = saidAnywhere(piece)
    if (/^full$/i.test(piece)) read.left ??= { share: 1 }
    else if (said && !(open.length === 0 && namesAColour(piece))) heed(said, read)
    else open.push(piece)
  }
  const at = nameAmong(open)
  if (at < 0) {
    read.unread.push(...open)
    return
  }
  read.name = withoutTrailing(open[at]!, read)
  const others: string[] = []
  for (const [i, piece] of open.entries()) {
    if (i === at) continue
    if (i > at && belongsToAName(piece)) read.name += ` ${piece}`
    else others.push(piece)
  }
  const by = /^(.+?)\s+by\s+(\S.*)$/i.exec(read.name)
  if (by && !read.maker) [read.name, read.maker] = [by[1]!, by[2]!]
  for (const piece of others) {
    const named = /^by\s+(\S.*)$/i.exec(piece)?.[1]
    if (named && !read.maker) read.maker = named
    else if (!read.maker && !read.maybeMaker && mayBeAMaker(piece)) read.maybeMaker = piece
    else read.unread.push(piece)
  }
}

/** The piece that names a colour; the first that is more than a number otherwise. */
function nameAmong(pieces: readonly string[]): number {
  const colour = pieces.findIndex((p) => namesAColour(p))
  return colour >= 0 ? colour : pieces.findIndex((p) => /\p{L}{2}/u.test(p))
}

function withoutTrailing(name: string, read: ReadLine): string {
  const trailing = trailingWord(name)
  if (!trailing) return name
  heed(trailing.said, read)
  return withoutTrailing(trailing.before, read)
}

/** Words that begin a remark and no maker's name. */
const REMARK_WORDS = [
  'half almost a an the from for in on with to my old very some bit best love loved gift maybe probably check need needs',
  'not no see same both one two three dot replace great good bad nice favourite favorite expired ugly swatch box set',
  'drawer left price natural genuine historic present gift lent from bought used lost love like favourites swap trade',
].join(' ')
const REMARK = new RegExp(`^(?:${REMARK_WORDS.replaceAll(' ', '|')})(?!\\p{L})`, 'iu')
/** Names of makers hold words; whoever writes one is asked. Those that begin with a small letter are short. */
export const mayBeAMaker = (piece: string): boolean =>
  /^\p{L}[\p{L}'’.&+ -]{1,39}$/u.test(piece) &&
  piece.split(' ').length <= (/^\p{Lu}/u.test(piece) ? 5 : 3) &&
  !REMARK.test(piece) &&
  !namesAColour(piece)
