import { colourOfWord } from '../colour/colourWords'
import type { TargetChoice } from '../documents/brief'
import { subjectsIn, isSubjectWord, nameOfSubject } from './subjects'

/** Words of a colour's name at the most: `warm shadow on skin`. */
const LONGEST = 4
/** The colours that a purpose names are kept under one id, so that they are replaced and not added twice. */
const NAMED = 'purpose-colours'

/** Colours that a purpose names, in the order of its words, the longest name first: `wet slate` is no slate. */
export function coloursIn(purpose: string): string[] {
  const words = purpose.toLowerCase().match(/[a-z]+/g) ?? []
  const found: string[] = []
  for (let at = 0; at < words.length;) {
    const length = [...Array(LONGEST).keys()]
      .map((i) => LONGEST - i)
      .find((n) => at + n <= words.length && isColour(words.slice(at, at + n)))
    if (length) found.push(words.slice(at, at + length).join(' '))
    at += length ?? 1
  }
  return [...new Set(found)]
}
/** A word by which a subject is called is that subject: snow, stone. */
const isColour = (words: readonly string[]) =>
  colourOfWord(words.join(' ')) !== undefined && !(words.length === 1 && isSubjectWord(words[0]!))

/** What a purpose asks to be mixed: subjects it speaks of and colours it names; empty where it says neither. */
export function targetsOfPurpose(purpose: string): TargetChoice[] {
  const subjects = subjectsIn(purpose).map((subject) => ({ kind: 'subject' as const, subject, weight: 1 }))
  const names = coloursIn(purpose)
  const colours = names.map((name) => {
    const { L, a, b } = colourOfWord(name)!
    return { L, a, b, weight: 1, name }
  })
  return [
    ...subjects,
    ...(colours.length
      ? [{ kind: 'colours' as const, id: NAMED, name: names.join(', ').slice(0, 120), weight: 1, colours }]
      : []),
  ]
}

/** What they are called, one by one: `sea and sky`, `wet slate, gorse`. */
export const namesOfTargets = (targets: readonly TargetChoice[]): string[] =>
  targets.map((t) => (t.kind === 'subject' ? nameOfSubject(t.subject) : t.kind === 'colours' ? t.name : 'everything'))

/** Whether two ask for the same subject, or for the same list of colours. */
export const isSameTarget = (one: TargetChoice, other: TargetChoice): boolean =>
  one.kind === 'subject'
    ? other.kind === 'subject' && one.subject === other.subject
    : one.kind === 'colours'
      ? other.kind === 'colours' && one.id === other.id && one.name === other.name
      : other.kind === 'everything'
