import type { Documents, KindName } from '../documents/kinds'
import { noDocuments } from '../documents/kinds'
import type { Problem } from '../result'

/** A document that could not be read, kept as it was found. */
export interface Unreadable {
  kind: KindName
  raw: unknown
  problem: Problem
}

/** A whole collection at rest: in a file, in the database, on its way to a worker. */
export interface Contents {
  documents: Documents
  unreadable: Unreadable[]
}

export const noContents = (): Contents => ({ documents: noDocuments(), unreadable: [] })
