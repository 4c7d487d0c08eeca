import { locale } from './locale'

/**
 * Numbers as they are written on screens: with the decimal mark of the device's locale, in Latin digits, since the words
 * round them are English. The one place where numbers become text; files and codes are written elsewhere, the same for all.
 */
const writers = new Map<string, Intl.NumberFormat>()
function writer(least: number, most: number): Intl.NumberFormat {
  const key = `${locale()} ${least} ${most}`
  const known =
    writers.get(key) ??
    new Intl.NumberFormat(locale(), {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      useGrouping: false,
      numberingSystem: 'latn',
    })
  writers.set(key, known)
  return known
}
/** Nothing is written as “-0”. */
const positive = (value: number, digits: number) => (Math.abs(value) < 0.5 * 10 ** -digits ? 0 : value)

/** `3.0`: always with so many decimals. */
export const figure = (value: number, digits = 0): string => writer(digits, digits).format(positive(value, digits))
/** `3` or `3.25`: with at most so many decimals. */
export const atMost = (value: number, digits: number): string => writer(0, digits).format(positive(value, digits))

/** A quantity with its unit: `1.8 ml`. */
export const quantity = (value: number, unit: string, digits: number): string => `${figure(value, digits)} ${unit}`
export const inMl = (value: number): string => quantity(value, 'ml', 1)

/** A share, 0..1: `13 %`; below one in a hundred with a decimal. */
export const percent = (share: number): string => quantity(100 * share, '%', share > 0 && share < 0.01 ? 1 : 0)
/** A share that is gained or lost, to a tenth. */
export const points = (share: number): string => quantity(100 * share, '%', 1)

/** `Hansa yellow, ochre and sienna`, by English rules. */
export const listed = (names: readonly string[]): string =>
  new Intl.ListFormat('en-GB', { type: 'conjunction' }).format(names)
