import type { Offer, OfferedPaint } from '../documents/offer'
import { currencyIn, readMoney } from '../paints/reading/price'
import { readSize } from '../paints/reading/size'
import { USUAL_MILLILITRES } from '../paints/collect'
import { parsePigmentCodes } from '../pigments/grammar'
import { fail, ok, type Result } from '../result'
import type { Table } from './table'

/** A shop's list of prices as it was read. */
export interface PriceList {
  currency: string
  offers: Offer[]
  /** Lines that were left out or of which something could not be read, and why. */
  odd: { line: number; reason: string }[]
}

const HEADINGS = {
  id: /^(sku|id|number|no\.?|article|item|order(ing)? (no\.?|number|code)|code)$/i,
  maker: /maker|brand|manufacturer|producer|^by$/i,
  name: /^(name|paint|colou?r|title|product|description)/i,
  pigments: /pigment|c\.?i\.?\b|index/i,
  size: /size|contents|volume|^ml$|amount/i,
  price: /price|cost|^(eur|usd|gbp|chf|[€$£])$/i,
  set: /^(set|in set|bundle|assortment)/i,
  stock: /stock|available|availability|delivery state/i,
} as const
type Column = keyof typeof HEADINGS

const SOLD_OUT = /^(0|no|none|out|sold ?out|out of stock|unavailable|not available)$/i

/**
 * A table of a shop's prices: a line a paint in one size. Lines with the same name in the column of sets are one set, its
 * price on any one of them. A line in another currency than most, or without a readable price, is kept without a price.
 *
 * Errors: `no-price-list` (no column of names or of prices), `no-offers`.
 */
export function readPriceList(table: Table, habits: { currency?: string } = {}): Result<PriceList> {
  const columns = columnsOf(table)
  if (columns.name === undefined && columns.pigments === undefined)
    return fail('no-price-list', 'No column names the paints: a heading such as Name or Paint is needed.')
  if (columns.price === undefined)
    return fail('no-price-list', 'No column holds prices: a heading such as Price or Price (EUR) is needed.')
  const cell = (row: readonly string[], column: Column) => (row[columns[column] ?? -1] ?? '').trim()
  const own = currencyIn(table.headings[columns.price] ?? '', habits.currency)?.currency ?? habits.currency
  const odd: PriceList['odd'] = []
  const read = table.rows.flatMap((row, i): Line[] => {
    const line = table.lines[i]!
    const paint = paintOf(row, cell)
    if (!paint.name && paint.pigments.length === 0) {
      odd.push({ line, reason: 'no paint is named' })
      return []
    }
    const price = cell(row, 'price') ? readMoney(cell(row, 'price'), own ? { currency: own } : {}) : undefined
    if (price && !price.ok) odd.push({ line, reason: price.error.message })
    return [
      {
        line,
        paint: { ...paint, name: paint.name || paint.pigments.join(' ') },
        set: cell(row, 'set').slice(0, 120),
        id: cell(row, 'id').slice(0, 60),
        isSoldOut: SOLD_OUT.test(cell(row, 'stock')),
        ...(price?.ok ? { price: price.value.price } : {}),
      },
    ]
  })
  if (read.length === 0) return fail('no-offers', 'No line of the list names a paint.')
  const currency = commonest(read.flatMap((l) => l.price?.currency ?? [])) ?? own ?? 'EUR'
  for (const l of read) {
    if (!l.price || l.price.currency === currency) continue
    odd.push({ line: l.line, reason: `its price is in ${l.price.currency}, the list’s in ${currency}` })
    delete l.price
  }
  return ok({ currency, offers: offersOf(read), odd: odd.sort((p, q) => p.line - q.line) })
}

interface Line {
  line: number
  paint: OfferedPaint
  set: string
  id: string
  isSoldOut: boolean
  price?: { minor: number; currency: string }
}

function columnsOf({ headings, rows }: Table): Partial<Record<Column, number>> {
  const columns: Partial<Record<Column, number>> = {}
  for (const column of Object.keys(HEADINGS) as Column[]) {
    const at = headings.findIndex((h, i) => HEADINGS[column].test(h.trim()) && !Object.values(columns).includes(i))
    if (at >= 0) columns[column] = at
  }
  const { id, pigments, ...others } = columns
  // "Code" may be the shop's number or the pigment's: the cells tell
  if (id === undefined || !areCodes(rows.map((row) => row[id] ?? ''))) return columns
  return { ...others, pigments: pigments ?? id }
}

/** Whether most of a column's cells are pigment codes. */
function areCodes(cells: readonly string[]): boolean {
  const filled = cells.filter((c) => c.trim()).slice(0, 500)
  return filled.filter((c) => parsePigmentCodes(c).codes.length > 0).length > filled.length / 2
}

function paintOf(row: readonly string[], cell: (row: readonly string[], column: Column) => string): OfferedPaint {
  const size = readSize(cell(row, 'size'))
  const kind = size?.kind ?? 'tube'
  return {
    maker: cell(row, 'maker').slice(0, 120),
    name: cell(row, 'name').slice(0, 120),
    pigments: parsePigmentCodes(cell(row, 'pigments'))
      .codes.map((c) => c.code)
      .slice(0, 12),
    millilitres: size?.millilitres ?? (size?.kind ? USUAL_MILLILITRES[size.kind] : 0),
    kind,
  }
}

function commonest(words: readonly string[]): string | undefined {
  const counts = new Map<string, number>()
  for (const word of words) counts.set(word, (counts.get(word) ?? 0) + 1)
  return [...counts].sort((p, q) => q[1] - p[1])[0]?.[0]
}

function offersOf(lines: readonly Line[]): Offer[] {
  const unique = numberer()
  const sets = new Map<string, Line[]>()
  const singles: Offer[] = []
  for (const line of lines) {
    const set = line.set ? sets.get(line.set) : undefined
    if (set) set.push(line)
    else if (line.set) sets.set(line.set, [line])
    else singles.push(offerOf(unique(line.id || `line-${line.line}`), [line]))
  }
  const bundles = [...sets].map(([set, own]) => ({
    ...offerOf(unique(own.find((l) => l.id)?.id ?? `set-${own[0]!.line}`), own),
    set,
  }))
  return [...singles, ...bundles]
}

/** Gives each line a number of its own: a repeated one counts on, from where it last stood. */
function numberer(): (wanted: string) => string {
  const used = new Set<string>()
  const last = new Map<string, number>()
  return (wanted) => {
    const base = wanted.slice(0, 70)
    let n = last.get(base) ?? 1
    let id = wanted
    while (used.has(id)) id = `${base}-${(n += 1)}`
    last.set(base, n)
    used.add(id)
    return id
  }
}

/** One paint, or a set: its price stands on one of its lines; sold out where any line says so. */
function offerOf(id: string, lines: readonly Line[]): Offer {
  const price = lines.find((l) => l.price)?.price
  return {
    id,
    holds: lines.map((l) => l.paint),
    ...(price ? { minor: price.minor } : {}),
    ...(lines.some((l) => l.isSoldOut) ? { isSoldOut: true } : {}),
  }
}
