/** What a person says matters of a stand-in here: 0 not at all, 1 as usual, 2 above all. */
export const MATTERS = ['colour', 'mixtures', 'behaviour', 'permanence', 'purity', 'price', 'staying'] as const
export type Matter = (typeof MATTERS)[number]
export type Matters = Readonly<Record<Matter, number>>

export const MATTER_WORDS: Record<Matter, { label: string; about: string }> = {
  colour: { label: 'Hue and value', about: 'how near it is by itself, masstone and wash' },
  mixtures: { label: 'In mixtures', about: 'how near its mixtures with the paints of this palette are' },
  behaviour: { label: 'Behaviour', about: 'transparency, staining and granulation' },
  permanence: { label: 'Permanence', about: 'that it does not fade sooner' },
  purity: { label: 'Purity', about: 'few pigments, no mixing' },
  price: { label: 'Price', about: 'what a millilitre costs' },
  staying: { label: 'Staying here', about: 'paints that are on this palette already' },
}

/** Colour first, alone and mixed; then what it does on the paper, and that nothing new has to come in (judgement). */
export const USUAL_MATTERS: Matters = {
  colour: 1,
  mixtures: 1,
  behaviour: 1,
  permanence: 1,
  purity: 1,
  price: 0,
  staying: 1,
}

/** The order in words. */
export function mattersInWords(matters: Matters): string {
  const of = (weight: number) =>
    MATTERS.filter((m) => matters[m] === weight).map((m) => MATTER_WORDS[m].label.toLowerCase())
  const [most, usual, none] = [of(2), of(1), of(0)]
  return [
    'What was tried on paper comes before what is predicted, the same paint before all.',
    most.length ? `Above all: ${most.join(', ')}.` : '',
    usual.length ? `Counted: ${usual.join(', ')}.` : '',
    none.length ? `Not counted: ${none.join(', ')}.` : '',
  ]
    .filter(Boolean)
    .join(' ')
}
