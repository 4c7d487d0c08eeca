import { type Sums, writePrice } from '@juxtachrome/core/paints'

/** `12.40 EUR`, of several currencies `12.40 EUR and 3.00 GBP`; nothing where there is none. */
export const sumsInWords = (sums: Sums): string =>
  [...sums]
    .filter(([, minor]) => Math.round(minor) > 0)
    .map(([currency, minor]) => writePrice({ minor: Math.round(minor), currency }))
    .join(' and ')

export const moneyInWords = (minor: number, currency: string): string =>
  writePrice({ minor: Math.round(minor), currency })
