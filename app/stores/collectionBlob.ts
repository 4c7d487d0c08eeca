import type { Contents } from '@juxtachrome/core/collection'
import { KIND_NAMES } from '@juxtachrome/core/documents'
import { collectionPieces } from '@juxtachrome/core/formats'

/** How long the page may be held up at a time, ms. */
const SLICE = 16

/**
 * A whole collection as a file, written piece by piece beside the page's other work; each piece leaves the page's memory
 * for the browser's. `undefined` when it was cancelled.
 */
export async function collectionBlob(
  contents: Contents,
  written: Date,
  { progress, signal }: { progress?: (share: number) => void; signal?: AbortSignal } = {},
): Promise<Blob | undefined> {
  const of = KIND_NAMES.reduce((n, kind) => n + contents.documents[kind].length, 0) || 1
  const parts: Blob[] = []
  let lines = 0
  let begun = performance.now()
  for (const piece of collectionPieces(contents, written.toISOString())) {
    parts.push(new Blob([piece]))
    if (performance.now() - begun < SLICE) continue
    for (let at = piece.indexOf('\n'); at >= 0; at = piece.indexOf('\n', at + 1)) lines += 1
    progress?.(Math.min(1, lines / of))
    await new Promise((resume) => setTimeout(resume, 0))
    if (signal?.aborted) return undefined
    begun = performance.now()
  }
  return new Blob(parts, { type: 'application/json' })
}
