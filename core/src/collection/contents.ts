import { KINDS, noDocuments, type Documents, type KindName } from '../documents/kinds'
import { fail, type Problem, type Result } from '../result'
import { loadDocument } from '../documents/load'

/** A document that could not be read, kept as it was found. */
export interface Unreadable {
  /** The table it was found in; a newer version may have tables that this one does not know. */
  kind: string
  raw: unknown
  problem: Problem
}

/** A whole collection at rest: in a file, in the database, on its way to a worker. */
export interface Contents {
  documents: Documents
  unreadable: Unreadable[]
}

export const noContents = (): Contents => ({ documents: noDocuments(), unreadable: [] })

export const isKind = (kind: string): kind is KindName => Object.hasOwn(KINDS, kind)
/** What a document of a table is called in messages. */
export const wordOf = (kind: string): string => (isKind(kind) ? KINDS[kind].word : 'document of a newer version')

const UNKNOWN_KIND = fail('unknown-kind', 'This Juxtachrome does not know such documents; it is kept as it was found.')

/** A document of any table, brought up to the present version; a table that this version does not know is no reason to lose it. */
export const loadOfAnyKind = (kind: string, raw: unknown): Result<{ id: string }> =>
  isKind(kind) ? loadDocument(kind, raw) : UNKNOWN_KIND
