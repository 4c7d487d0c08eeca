import type { Price } from '../documents/fields'
import type { Item } from '../documents/item'

const SIGNS: Record<string, string> = { '€': 'EUR', '£': 'GBP', $: 'USD' }
const MAXIMUM = 10_000_00

/** Reads `€ 8.90`, `8,90 EUR`, `£12`; undefined when there is no price or it is beyond reason. */
export function readPrice(text: string, currency = 'EUR'): Price | undefined {
  const amount = /(\d+)(?:[.,](\d{1,2}))?(?![\d.,])/.exec(text)
  if (!amount || /-\s*\d/.test(text)) return undefined
  const minor = Number(amount[1]) * 100 + Number((amount[2] ?? '').padEnd(2, '0'))
  const sign = /[€£$]/.exec(text)?.[0]
  const code = /(?<![A-Za-z])[A-Z]{3}(?![A-Za-z])/.exec(text)?.[0]
  return minor > MAXIMUM ? undefined : { minor, currency: (sign && SIGNS[sign]) ?? code ?? currency }
}

export const writePrice = ({ minor, currency }: Price) => `${(minor / 100).toFixed(2)} ${currency}`

/** Price of a millilitre in the smallest unit of its currency, by the first item whose price and size are known. */
export function pricePerMillilitre(items: readonly Item[]): { minor: number; currency: string } | undefined {
  const priced = items.find((i) => i.price && i.millilitres > 0)
  return priced && { minor: priced.price!.minor / priced.millilitres, currency: priced.price!.currency }
}
