import { parsePigmentCodes } from '@juxtachrome/core/pigments'
import { numberIn } from '~/shared/words/numberIn'

/** What is wrong with a row as its fields hold it; empty when nothing is. */
export function rowProblem(fields: { name: string; codes: string; millilitres: string; count: string }): string {
  if (!fields.name.trim()) return 'A name is needed.'
  const unread = parsePigmentCodes(fields.codes).unread[0]
  if (unread) return unread.message
  if (fields.millilitres && !(numberIn(fields.millilitres) <= 5000))
    return 'The size is a number of ml, from 0 to 5000.'
  return /^[1-9]\d?$/.test(fields.count) ? '' : 'How many: a number from 1 to 99.'
}
