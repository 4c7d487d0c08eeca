import { decimalsOf, type Sums } from '@juxtachrome/core/paints'
import type { Price } from '@juxtachrome/core/documents'
import { listed, figure } from './figures'

/** Money as it is written on screens: with the device's decimal mark, the currency's code behind it. */
export const priceInWords = ({ minor, currency }: Price): string =>
  `${figure(minor / 100, decimalsOf(currency))} ${currency}`

export const moneyInWords = (minor: number, currency: string): string =>
  priceInWords({ minor: Math.round(minor), currency })

/** `12.40 EUR`, of several currencies `12.40 EUR and 3.00 GBP`; nothing where there is none. */
export const sumsInWords = (sums: Sums): string =>
  listed(
    [...sums].filter(([, minor]) => Math.round(minor) > 0).map(([currency, minor]) => moneyInWords(minor, currency)),
  )

/** What a millilitre costs: always with two decimals. */
export const perMlInWords = ({ minor, currency }: Price): string => `${figure(minor / 100, 2)} ${currency} a ml`
