import { PRACTICE_ROWS } from './practice.generated'

/** One of the numbers that filling reckons with: adjustable by everybody, since makers, pans and hands differ. */
export interface PracticeField {
  key: keyof Practice
  label: string
  unit: string
  least: number
  most: number
  usual: number
  /** Where the usual value comes from. */
  source: string
}

/** What filling reckons with. */
export interface Practice {
  /** How full a vessel is filled at once, share of the brim. */
  level: number
  /** What dried paint still takes up of what was poured, share. */
  dried: number
  /** A dab on top of what lies there, ml. */
  dab: number
  /** Density of paint from the tube, g/ml. */
  density: number
  /** Days for a smear to dry, at 20 °C and 55 % humidity. */
  smear: number
  /** Days for each further millimetre. */
  perMillimetre: number
  /** What a painting takes of a colour that is used, ml as poured. */
  touch: number
}

export const PRACTICE_FIELDS: readonly PracticeField[] = PRACTICE_ROWS

export const USUAL_PRACTICE: Practice = Object.fromEntries(
  PRACTICE_FIELDS.map(({ key, usual }) => [key, usual]),
) as unknown as Practice

/** Practice with what a person adjusted, where it lies in its range; anything else is as usual. */
export function practiceOf(own: Partial<Record<keyof Practice, number>>): Practice {
  const entries = PRACTICE_FIELDS.map(({ key, usual, least, most }) => {
    const value = own[key]
    return [key, value !== undefined && value >= least && value <= most ? value : usual] as const
  })
  return Object.fromEntries(entries) as unknown as Practice
}

/** Millilitres in so many grams. */
export const millilitresOf = (grams: number, density: number): number => grams / density
