import type { ItemKind } from '../../documents/item'

/** Usual contents of a bought pan, ml (common practice, no source). */
export const PAN_MILLILITRES = { quarter: 0.9, half: 1.8, full: 3.6 } as const

/** A US fluid ounce, ml (NIST Handbook 44, appendix C: 29.57353). */
const OUNCE = 29.57353
const FRACTIONS: Record<string, number> = { '½': 0.5, '¼': 0.25, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3 }
const AMOUNT = String.raw`(\d+\s*\/\s*\d+|[½¼¾⅓⅔]|\d{1,4}(?:[.,]\d{1,2})?)`
const UNIT = String.raw`(m\.?l\.?|millilit(?:re|er)s?|cc|cl|centilit(?:re|er)s?|fl(?:uid)?\.?\s*(?:oz|ounces?)\.?|oz\.?|ounces?)`

/** A size anywhere in a text: `15 ml`, `7,5ml`, `½ oz`, `0.5 fl. oz`, `2 cl`. */
export const SIZE_PATTERN = new RegExp(`(?<![\\d.,/])${AMOUNT}\\s*${UNIT}(?![\\p{L}])`, 'iu')

/** Millilitres of a match of `SIZE_PATTERN`, to a tenth; undefined beyond 5 litres. */
export function millilitresOf([, amount = '', unit = '']: RegExpMatchArray): number | undefined {
  const [whole, part] = amount.split('/').map((t) => Number(t.trim().replace(',', '.')))
  const number = FRACTIONS[amount] ?? (part === undefined ? whole! : whole! / part)
  const per = /oz|ounce/i.test(unit) ? OUNCE : /^c(?!c)/i.test(unit) ? 10 : 1
  const millilitres = Math.round(number * per * 10) / 10
  return Number.isFinite(millilitres) && millilitres <= 5000 ? millilitres : undefined
}

/** A bought pan in words: `half pan`, `1/2 pan`, `full pans`, `pan`, `godet`, `hp`. */
export const PAN_PATTERN =
  /(?<!\p{L})(?:(handmade|home-?made|bought)\s+)?(?:(?:(half|½|1\/2|full|whole|1\/1|quarter|¼|1\/4)[\s-]*)?(?:pans?|godets?)|([hf])\.?\s?p\.?)(?!\p{L})/iu

export function panOf([, made, size, letter]: RegExpMatchArray): { kind: ItemKind; millilitres?: number } {
  const kind = /^h/i.test(made ?? '') ? 'handmade pan' : 'bought pan'
  const said = size ?? letter
  if (!said) return { kind }
  const which = /full|whole|1\/1|^f$/i.test(said) ? 'full' : /quarter|¼|1\/4/i.test(said) ? 'quarter' : 'half'
  return { kind, millilitres: PAN_MILLILITRES[which] }
}

/** The pan that holds so much, ml: a half pan 1.6 to 1.9, a full pan 3.2 to 3.8 (common practice, no source); small tubes hold 2 ml or 5. */
export const panOfSize = (millilitres: number): 'half pan' | 'full pan' | undefined =>
  millilitres >= 1.6 && millilitres <= 1.9
    ? 'half pan'
    : millilitres >= 3.2 && millilitres <= 3.8
      ? 'full pan'
      : undefined

/** A size as a cell of a table says it: with a unit, as a pan, or as a bare number of ml. */
export function readSize(text: string): { millilitres?: number; kind?: ItemKind } | undefined {
  const plain = text.trim().replace(/\.$/, '')
  const sized = SIZE_PATTERN.exec(plain)
  if (sized?.[0] === plain) {
    const millilitres = millilitresOf(sized)
    return millilitres === undefined ? undefined : { millilitres }
  }
  const pan = PAN_PATTERN.exec(plain)
  if (pan?.[0] === plain) return panOf(pan)
  const bare = /^\d{1,4}(?:[.,]\d{1,2})?$/.test(plain) ? Number(plain.replace(',', '.')) : undefined
  return bare === undefined || bare > 5000 ? undefined : { millilitres: bare }
}
