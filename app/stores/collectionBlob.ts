import { isApart, type Contents, type Unreadable } from '@juxtachrome/core/collection'
import { KIND_NAMES, loadDocument, type EditableKind, type KindName } from '@juxtachrome/core/documents'
import type { Stamps } from '@juxtachrome/core/exchange'
import { beginOfList, endOfList, endPiece, headPiece, lineOf, stampPiece } from '@juxtachrome/core/formats'
import { Turns } from './turns'

/** Characters after which what was written leaves the page's memory for the browser's. */
const PIECE = 500_000
/** Documents that are read off the disk together. */
const TOGETHER = 20

export interface Writing {
  progress?: (share: number) => void
  signal?: AbortSignal
  /** Gives documents whole of which only that they are there is held; without it they are in the contents as they are. */
  apart?: (kind: EditableKind, ids: readonly string[]) => Promise<{ id: string }[]>
  /** Who wrote what, for another device. */
  stamps?: Stamps | undefined
}

/**
 * A whole collection as a file, written piece by piece beside the page's other work. `undefined` when it was cancelled.
 */
export async function collectionBlob(
  { documents, unreadable }: Contents,
  written: Date,
  { progress, signal, apart, stamps }: Writing = {},
): Promise<Blob | undefined> {
  const parts: Blob[] = []
  const left: Pick<Unreadable, 'kind' | 'raw'>[] = [...unreadable]
  const of = KIND_NAMES.reduce((n, kind) => n + documents[kind].length, 0) || 1
  let done = 0
  let piece = headPiece(written.toISOString(), stamps)
  const turns = new Turns()
  /** Lets others have their turn where it is time; false when it was cancelled. */
  async function goOn(): Promise<boolean> {
    if (piece.length > PIECE) {
      parts.push(new Blob([piece]))
      piece = ''
    }
    if (!turns.isOver) return true
    progress?.(done / of)
    await turns.pass()
    return !signal?.aborted
  }

  for (const kind of KIND_NAMES) {
    piece += beginOfList(kind)
    let isFirst = true
    for await (const document of wholeOf(kind, documents[kind], apart, left)) {
      piece += lineOf(document, isFirst)
      isFirst = false
      done += 1
      if (!(await goOn())) return undefined
    }
    piece += endOfList(kind)
  }
  parts.push(new Blob([piece, stamps ? stampPiece(stamps) : '', endPiece(left)]))
  return new Blob(parts, { type: 'application/json' })
}

/** A kind's documents by id; of those that lie apart what the disk has, and what of it cannot be read goes along as it is. */
async function* wholeOf(
  kind: KindName,
  list: readonly { id: string }[],
  apart: Writing['apart'],
  left: Pick<Unreadable, 'kind' | 'raw'>[],
): AsyncGenerator<unknown> {
  const sorted = [...list].sort((p, q) => (p.id < q.id ? -1 : 1))
  if (!apart || !isApart(kind)) return yield* sorted
  for (let i = 0; i < sorted.length; i += TOGETHER) {
    const ids = sorted.slice(i, i + TOGETHER).map((d) => d.id)
    for (const raw of await apart(kind as EditableKind, ids)) {
      const loaded = loadDocument(kind, raw)
      if (loaded.ok) yield loaded.value
      else left.push({ kind, raw })
    }
  }
}
