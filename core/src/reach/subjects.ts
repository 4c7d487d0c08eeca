import { labD65 } from '../units'
import { SUBJECT_ROWS } from './subjects.generated'
import type { TargetTable } from './targetTable'

export const SUBJECTS = ['landscape', 'sea', 'skin', 'flowers', 'stone', 'autumn', 'snow'] as const
export type Subject = (typeof SUBJECTS)[number]
export const isSubject = (word: string): word is Subject => (SUBJECTS as readonly string[]).includes(word)
const NAMES: Record<Subject, string> = {
  landscape: 'temperate landscape',
  sea: 'sea and sky',
  skin: 'skin',
  flowers: 'flowers',
  stone: 'stone and town',
  autumn: 'autumn',
  snow: 'snow',
}
export const nameOfSubject = (subject: Subject): string => NAMES[subject]

/** The colours of a subject (judgement, from memory; data/subjects). */
export const subjectTargets = (subject: Subject): TargetTable => TABLES[subject]

const tableOf = (subject: Subject): TargetTable => ({
  name: NAMES[subject],
  targets: SUBJECT_ROWS.flatMap(([of, name, L, a, b, weight]) =>
    of === subject ? [{ lab: labD65(L, a, b), weight, name }] : [],
  ),
})
const TABLES = Object.fromEntries(SUBJECTS.map((s) => [s, tableOf(s)])) as Record<Subject, TargetTable>
