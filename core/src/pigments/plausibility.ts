import { COLOUR_NAMES } from './colourNames.generated'
import { pigmentVariants } from './reference'
import { readName } from './tradeWords'
import { HUE_LETTERS, type HueLetter, type PigmentCode } from './grammar'

/** A doubt about a paint's codes: asked, never refused. */
export interface Question {
  code: 'number-beyond-index' | 'unusual-for-name' | 'far-from-name'
  message: string
}

/**
 * Highest numbers that Pigment names are known to reach, per hue, rounded up generously (from
 * memory; the Index still grows). Used only to question a mistyped number.
 */
const HIGHEST: Record<HueLetter, number> = {
  Y: 250,
  O: 120,
  R: 300,
  V: 70,
  B: 100,
  G: 70,
  Br: 60,
  Bk: 50,
  W: 50,
  M: 10,
}

const WHEEL: readonly HueLetter[] = ['Y', 'O', 'R', 'V', 'B', 'G']
const HUE_IN_NAME: readonly [RegExp, HueLetter][] = [
  [/\byellow\b/i, 'Y'],
  [/\borange\b/i, 'O'],
  [/\b(red|scarlet|crimson|pink|rose)\b/i, 'R'],
  [/\b(violet|purple|mauve)\b/i, 'V'],
  [/\bblue\b/i, 'B'],
  [/\bgreen\b/i, 'G'],
]

/**
 * Doubts about the codes given for a name: a number no index reaches, a name that usually means
 * another pigment ("ultramarine, PG29"), or a hue word far from a single pigment's hue.
 * Names with "hue", "imitation" or "substitute" say themselves that they hold another pigment.
 */
export function questionCodes(name: string, codes: readonly PigmentCode[]): Question[] {
  const beyond = codes
    .filter((c) => c.number > HIGHEST[c.hue])
    .map<Question>((c) => ({
      code: 'number-beyond-index',
      message: `${c.code}: numbers of this hue stay below ${HIGHEST[c.hue]} as far as known. Is a digit too many?`,
    }))
  if (codes.length === 0 || /\b(hue|imitation|substitute)\b/i.test(name)) return beyond
  return [...beyond, ...(questionName(name, codes) ?? questionHue(name, codes))]
}

/** One spelling of the many: what is misspelt, shortened or written otherwise reads as the trade spells it. */
const plainly = (name: string) => readName(name).words.join(' ')
/** The names of the table, longest first. */
const TERMS = COLOUR_NAMES.map(([term, usual]) => ({ term, usual, words: readName(term).words }))
const HUES = /^(?:yellow|orange|red|violet|blue|green|brown|grey|black|white|rose|magenta|turquoise|pink|scarlet)$/

/** The name of the table that a paint's name holds: as it stands, or its words in another order where no other hue is named. */
function termIn(plain: string) {
  const inOrder = TERMS.find(({ words }) => ` ${plain} `.includes(` ${words.join(' ')} `))
  if (inOrder) return inOrder
  const own = new Set(plain.replace(/\b\w+ shade\b/g, '').split(' '))
  const hues = [...own].filter((w) => HUES.test(w))
  return TERMS.find(
    ({ words }) => words.length > 1 && words.every((w) => own.has(w)) && hues.every((w) => words.includes(w)),
  )
}

/** An empty list when the name is known and fits; undefined when the name is not in the table. */
function questionName(name: string, codes: readonly PigmentCode[]): Question[] | undefined {
  const plain = plainly(name)
  if (codes.some((c) => pigmentVariants(c.code).some((p) => p.names.some((own) => plainly(own) === plain)))) return []
  const known = termIn(plain)
  if (!known) return undefined
  const { term, usual } = known
  // a sub-type is one of its parent, and a parent may stand for its sub-types
  const parent = (code: string) => code.replace(/[:.].*$/, '')
  if (codes.some((c) => usual.includes(c.code) || usual.includes(parent(c.code)))) return []
  const given = codes.map((c) => c.code).join(', ')
  return [
    {
      code: 'unusual-for-name',
      message: `“${term}” is usually ${listed(usual)}; ${given} would be unusual. Check the label.`,
    },
  ]
}

function questionHue(name: string, codes: readonly PigmentCode[]): Question[] {
  const [only] = codes
  const word = HUE_IN_NAME.find(([pattern]) => pattern.test(name))?.[1]
  if (codes.length !== 1 || !only || !word || HUE_IN_NAME.filter(([p]) => p.test(name)).length > 1) return []
  const from = WHEEL.indexOf(word)
  const to = WHEEL.indexOf(only.hue)
  if (to < 0) return []
  const steps = Math.min((from - to + 6) % 6, (to - from + 6) % 6)
  if (steps < 2) return []
  return [
    {
      code: 'far-from-name',
      message: `The name says ${hueWord(word)}, ${only.code} is a ${hueWord(only.hue)} pigment. Check the label.`,
    },
  ]
}

const listed = (codes: readonly string[]) =>
  codes.length < 2 ? codes.join('') : `${codes.slice(0, 4).join(', ')}${codes.length > 4 ? ' …' : ''}`

const hueWord = (hue: HueLetter) =>
  ['yellow', 'orange', 'red', 'violet', 'blue', 'green', 'brown', 'black', 'white', 'metal'][HUE_LETTERS.indexOf(hue)]!
