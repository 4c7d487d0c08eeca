import { colourOfWord } from '../colour/colourWords'
import { labD65 } from '../units'
import { SUBJECT_ROWS, WORD_SUBJECTS } from './subjects.generated'
import type { TargetTable } from './targetTable'

/** Subjects with tables of their own: as they are shown, and the words by which a purpose calls them. */
const OWN: readonly (readonly [id: string, shown: string, words: string])[] = [
  ['landscape', 'temperate landscape', 'landscape landscapes countryside hills plein air outdoors walk walks'],
  ['sea', 'sea and sky', 'sea seas coast coastal ocean sky skies marine seascape seascapes'],
  ['skin', 'skin', 'skin flesh nude nudes'],
  ['flowers', 'flowers', 'flower flowers bouquet petals'],
  ['stone', 'stone and town', 'stone stones rock town towns village villages architecture'],
  ['autumn', 'autumn', 'autumn fall october november'],
  ['snow', 'snow', 'snow snowy ice glacier arctic'],
]
export type Subject = string
export const SUBJECTS: readonly Subject[] = [...OWN, ...WORD_SUBJECTS].map(([id]) => id)
const known = new Set(SUBJECTS)
export const isSubject = (word: string): word is Subject => known.has(word)
const NAMES: ReadonlyMap<Subject, string> = new Map([...OWN, ...WORD_SUBJECTS].map(([id, shown]) => [id, shown]))
export const nameOfSubject = (subject: Subject): string => NAMES.get(subject) ?? subject

/** The colours of a subject (judgement, from memory; data/subjects). */
export const subjectTargets = (subject: Subject): TargetTable => TABLES.get(subject)!

function tableOf(subject: Subject): TargetTable {
  const byWords = WORD_SUBJECTS.find(([id]) => id === subject)
  const targets = byWords
    ? byWords[3].map(([name, weight]) => ({ lab: colourOfWord(name)!, weight, name }))
    : SUBJECT_ROWS.flatMap(([of, name, L, a, b, weight]) =>
        of === subject ? [{ lab: labD65(L, a, b), weight, name }] : [],
      )
  return { name: nameOfSubject(subject), targets }
}
const TABLES: ReadonlyMap<Subject, TargetTable> = new Map(SUBJECTS.map((s) => [s, tableOf(s)]))

const CALLED: ReadonlyMap<string, Subject> = new Map(
  [
    ...WORD_SUBJECTS.map(([id, , words]) => [id, words] as const),
    ...OWN.map(([id, , words]) => [id, words.split(' ')] as const),
  ].flatMap(([id, words]) => words.map((word) => [word, id] as const)),
)
/** Whether a word calls a subject. */
export const isSubjectWord = (word: string): boolean => CALLED.has(word)
/** Subjects that a purpose speaks of, in the order of its words: `autumn woodland and grey sea` is autumn, forest and sea. */
export function subjectsIn(purpose: string): Subject[] {
  const words = purpose.toLowerCase().match(/[a-z]+/g) ?? []
  return [...new Set(words.flatMap((word) => CALLED.get(word) ?? []))]
}
