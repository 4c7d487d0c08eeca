import { keyOfDocument } from '../collection/keys'
import type { JoinedDocument, Meeting } from './meeting'
import type { Part } from './parts'

/** One thing to choose: a part that both wrote, or a document that one removed while the other edited it. */
export interface Question {
  key: string
  document: JoinedDocument
  part?: Part
}

export const questionKey = ({ kind, id }: JoinedDocument, part: Part = ''): string =>
  `${keyOfDocument(kind, id)}${part}`

/** What somebody has to choose of a document before two are brought together. */
export function questionsAbout(document: JoinedDocument): Question[] {
  if (document.fate === 'removed here' || document.fate === 'removed there')
    return [{ key: questionKey(document), document }]
  return [...document.parts].flatMap(([part, joined]) =>
    joined.is === 'open' ? [{ key: questionKey(document, part), document, part }] : [],
  )
}

export const questionsOf = ({ documents }: Meeting): Question[] => documents.flatMap(questionsAbout)
