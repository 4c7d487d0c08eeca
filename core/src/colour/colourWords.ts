import { fail, ok, type Result } from '../result'
import { labD65, type LabD65 } from '../units'
import { COLOUR_WORD_ROWS } from './colourWords.generated'
import { parseColour } from './parseColour'

const WORDS: ReadonlyMap<string, LabD65> = new Map(
  COLOUR_WORD_ROWS.map(([name, L, a, b]): [string, LabD65] => [name, labD65(L, a, b)]),
)
/** The words for colours that are understood. */
export const COLOUR_WORDS: readonly string[] = [...WORDS.keys()]

const plain = (text: string) => text.toLowerCase().trim().replace(/\s+/g, ' ')

/** What painters mean by a word such as `olive` or `wet slate`; undefined where it is not known. From memory: data/colour-words. */
export const colourOfWord = (text: string): LabD65 | undefined => WORDS.get(plain(text))

/** Words that begin so, or hold a word that does; at most so many. */
export function wordsLike(text: string, most = 6): string[] {
  const asked = plain(text)
  if (!asked) return []
  const begins = COLOUR_WORDS.filter((w) => w.startsWith(asked))
  const holds = COLOUR_WORDS.filter((w) => !begins.includes(w) && w.includes(` ${asked}`))
  return [...begins, ...holds].slice(0, most)
}

/**
 * A colour by its numbers, as `parseColour` takes them, or by a word for it.
 *
 * Errors: those of `parseColour`; what is neither names words that come near.
 */
export function parseColourOrWord(text: string): Result<LabD65> {
  const word = colourOfWord(text)
  if (word) return ok(word)
  const numbers = parseColour(text)
  if (numbers.ok || numbers.error.code !== 'not-a-colour' || /\d|#/.test(text) || !text.trim()) return numbers
  const near = wordsLike(text.slice(0, 3)).slice(0, 4)
  const perhaps = near.length ? ` Perhaps ${near.join(', ')}?` : ''
  return fail('not-a-colour', `“${text.trim().slice(0, 40)}” is no word for a colour that is known here.${perhaps}`)
}
