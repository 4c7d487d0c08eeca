import { fail, ok, type Result } from '../../result'
import type { Price } from '../../documents/fields'
import type { Item } from '../../documents/item'

/** How money is written where the person lives; what a text leaves open is read that way, and said. */
export interface MoneyHabits {
  /** ISO 4217 code of what a bare amount is in. */
  currency?: string
  /** The mark between whole units and their parts. */
  decimal?: '.' | ','
}
export interface MoneyRead {
  price: Price
  /** What had to be assumed, in words. */
  doubt?: string
}

/** Signs and words of the common currencies, those that several share with all of them, the most traded first. */
const SIGNS: readonly (readonly [pattern: RegExp, currencies: readonly string[]])[] = [
  [/US\s?\$/i, ['USD']],
  [/(?<!\p{L})(?:AU|A)\$/iu, ['AUD']],
  [/(?<!\p{L})(?:CA|C)\$/iu, ['CAD']],
  [/NZ\$/i, ['NZD']],
  [/HK\$/i, ['HKD']],
  [/S\$/i, ['SGD']],
  [/R\$/i, ['BRL']],
  [/€|(?<!\p{L})euros?(?!\p{L})/iu, ['EUR']],
  [/£|(?<!\p{L})(?:pounds?|quid)(?!\p{L})/iu, ['GBP']],
  [/\$|(?<!\p{L})dollars?(?!\p{L})/iu, ['USD', 'CAD', 'AUD', 'NZD']],
  [/¥|￥/, ['JPY', 'CNY']],
  [/円|(?<!\p{L})yen(?!\p{L})/iu, ['JPY']],
  [/元|(?<!\p{L})yuan(?!\p{L})/iu, ['CNY']],
  [/₹|(?<!\p{L})rs\.?(?!\p{L})/iu, ['INR']],
  [/₩|(?<!\p{L})won(?!\p{L})/iu, ['KRW']],
  [/(?<!\p{L})s?fr\.?(?!\p{L})/iu, ['CHF']],
  [/(?<!\p{L})kr\.?(?!\p{L})/iu, ['SEK', 'NOK', 'DKK', 'ISK']],
  [/zł|(?<!\p{L})zl(?!\p{L})/iu, ['PLN']],
  [/(?<!\p{L})kč(?!\p{L})/iu, ['CZK']],
  [/(?<!\p{L})ft(?!\p{L})/iu, ['HUF']],
  [/₺/, ['TRY']],
  [/₽/, ['RUB']],
  [/₪/, ['ILS']],
]
/** ISO 4217 codes of currencies in which paint is sold often, for a platform that does not list its own. */
const USUAL =
  'AUD BRL CAD CHF CNY CZK DKK EUR GBP HKD HUF ILS INR ISK JPY KRW MXN NOK NZD PLN RON RUB SEK SGD THB TRY TWD UAH USD ZAR'
/** The ISO 4217 codes that the platform knows. */
export const CURRENCY_CODES: readonly string[] =
  'supportedValuesOf' in Intl ? Intl.supportedValuesOf('currency') : (USUAL as string).split(' ')
const CODES = new Set(CURRENCY_CODES)
const CODE = /(?<![A-Za-z])[A-Za-z]{3}(?![A-Za-z])/g
const NUMBER = /\d{1,3}(?:[.,'’\u00a0\u202f ]\d{3})+(?:[.,]\d{1,2})?(?!\d)|\d+(?:[.,]\d{1,3})?(?!\d)/
/** Hundredths of a unit; beyond this a paint's price is a slip. */
const MAXIMUM = 100_000_00

/** Digits after the mark in which a currency is written: 2 for euros, 0 for yen. */
export function decimalsOf(currency: string): number {
  const known = DECIMALS.get(currency)
  if (known !== undefined) return known
  const decimals = isCurrency(currency)
    ? (new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2)
    : 2
  DECIMALS.set(currency, decimals)
  return decimals
}
const DECIMALS = new Map<string, number>()
/** Whether three capitals are an ISO 4217 code that the platform knows. */
export const isCurrency = (code: string): boolean => CODES.has(code)

/**
 * Reads an amount of money: `€ 8.90`, `8,90 EUR`, `1.234,50 euros`, `¥1500`, `120 kr`, `450p`. A sign that several
 * currencies share is read as the person's own where that is one of them; otherwise the doubt says what was assumed.
 *
 * Errors: `no-amount`, `two-amounts`, `negative`, `which-mark` (`1,234`: thousands or parts?), `too-much`.
 */
export function readMoney(text: string, habits: MoneyHabits = {}): Result<MoneyRead> {
  const plain = text.normalize('NFKC').trim()
  if (/[-−]\s*\d/.test(plain.replace(/\d\s*[-–]\s*$/, ''))) return fail('negative', 'A price is not below 0.')
  const found = NUMBER.exec(plain)
  if (!found) return fail('no-amount', `“${shown(text)}” holds no amount such as 8.90 EUR.`)
  const rest = plain.slice(0, found.index) + ' ' + plain.slice(found.index + found[0].length)
  if (/\d/.test(rest)) return fail('two-amounts', `“${shown(text)}” holds more than one amount.`)
  const pence = /(?<!\p{L})p(?:ence)?(?!\p{L})/iu.test(rest)
  const own = habits.currency ?? 'EUR'
  const { currency, doubt } = pence
    ? { currency: 'GBP', doubt: undefined }
    : (currencyIn(rest, own) ?? { currency: own, doubt: undefined })
  const amount = amountOf(found[0], decimalsOf(currency), habits.decimal)
  if (amount === undefined)
    return fail(
      'which-mark',
      `“${shown(text)}” may be thousands or parts of one: write it with two digits after the mark.`,
    )
  const minor = Math.round(amount * (pence ? 1 : 100))
  if (minor > MAXIMUM) return fail('too-much', `“${shown(text)}” is more than a paint costs.`)
  return ok({ price: { minor, currency }, ...(doubt ? { doubt } : {}) })
}

const shown = (text: string) => text.trim().slice(0, 40)

/** The currency that a text names by a code, a sign or a word, the person's own where a shared sign may be that. */
export function currencyIn(text: string, own?: string): { currency: string; doubt?: string } | undefined {
  for (const [code] of text.matchAll(CODE)) {
    const upper = code.toUpperCase()
    if (isCurrency(upper)) return { currency: upper }
  }
  const shared = SIGNS.find(([pattern]) => pattern.test(text))
  if (!shared) return undefined
  const [pattern, currencies] = shared
  const [first, ...others] = currencies
  if (!others.length) return { currency: first! }
  if (own && currencies.includes(own)) return { currency: own }
  const sign = pattern.exec(text)![0]
  return { currency: first!, doubt: `“${sign}” is taken as ${first}; it may also be ${others.join(', ')}.` }
}

/** Undefined where one mark with three digits behind it leaves open what it is. */
function amountOf(text: string, decimals: number, decimal: MoneyHabits['decimal']): number | undefined {
  const marks = [...text.replace(/[\d]/g, '')]
  const last = marks.at(-1)
  const behind = last === undefined ? 0 : text.length - text.lastIndexOf(last) - 1
  const digits = (part: string) => part.replace(/\D/g, '')
  if (last === undefined) return Number(text)
  const isWhole = Number(digits(text))
  if (behind < 3) {
    const at = text.lastIndexOf(last)
    return Number(`${digits(text.slice(0, at))}.${text.slice(at + 1)}`)
  }
  // three digits behind the last mark: thousands where the mark recurs, is a blank or quote, or no parts are written
  if (marks.length > 1 || !/[.,]/.test(last) || decimals === 0) return isWhole
  if (decimal) return last === decimal ? undefined : isWhole
  return undefined
}

/** As `readMoney`, for where only a price or none is wanted. */
export function readPrice(text: string, habits: MoneyHabits = {}): Price | undefined {
  const read = text.trim() ? readMoney(text, habits) : undefined
  return read?.ok ? read.value.price : undefined
}

export const writePrice = ({ minor, currency }: Price) => `${(minor / 100).toFixed(decimalsOf(currency))} ${currency}`

/** `0.53 EUR`: a price of a millilitre, to hundredths also where none are coined. */
export const pricePerMlInWords = ({ minor, currency }: Price): string => `${(minor / 100).toFixed(2)} ${currency}`

/** Price of a millilitre in hundredths of its currency, by the first item whose price and size are known. */
export function pricePerMillilitre(items: readonly Item[]): { minor: number; currency: string } | undefined {
  const priced = items.find((i) => i.price && i.millilitres > 0)
  return priced && { minor: priced.price!.minor / priced.millilitres, currency: priced.price!.currency }
}

/** Sums of money by currency, hundredths: amounts in two currencies are never added. */
export type Sums = ReadonlyMap<string, number>

export function sumsOf(amounts: Iterable<{ minor: number; currency: string }>): Sums {
  const sums = new Map<string, number>()
  for (const { minor, currency } of amounts) sums.set(currency, (sums.get(currency) ?? 0) + minor)
  return sums
}
