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
  /** Density of paint from the tube, g/ml. */
  density: number
  /** Days for a smear to dry, at 20 °C and 55 % humidity. */
  smear: number
  /** Days for each further millimetre. */
  perMillimetre: number
}

export const PRACTICE_FIELDS: readonly PracticeField[] = [
  {
    key: 'level',
    label: 'How full at once',
    unit: 'of the brim',
    least: 0.2,
    most: 1,
    usual: 0.8,
    source: 'common practice, no source: room is left, since a full pan cracks from its walls as it shrinks',
  },
  {
    key: 'dried',
    label: 'What is left of it when dry',
    unit: 'of what was poured',
    least: 0.2,
    most: 0.9,
    usual: 0.5,
    source: 'common practice, no source: it shrinks by about half',
  },
  {
    key: 'density',
    label: 'Density',
    unit: 'g/ml',
    least: 1,
    most: 2.6,
    usual: 1.4,
    source: 'judgement: gum and water near 1.1, earths and metals well above; weigh one tube of yours to know',
  },
  {
    key: 'smear',
    label: 'A smear dries in',
    unit: 'days',
    least: 0.1,
    most: 5,
    usual: 1,
    source: 'common practice, no source',
  },
  {
    key: 'perMillimetre',
    label: 'Each millimetre more in',
    unit: 'days',
    least: 0.1,
    most: 5,
    usual: 1,
    source: 'common practice, no source: a half pan filled at once takes about a week',
  },
]

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
