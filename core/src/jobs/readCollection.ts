import { KIND_NAMES, noDocuments, type Documents } from '../documents/kinds'
import type { CollectionFile } from '../formats/collectionFile'
import { isApart } from '../collection/slim'
import { readCollectionFile, type FileLike } from '../formats/collectionStream'
import { fail, ok } from '../result'
import { atOnce, job } from './job'

/** How far it is, and some of the documents: a large collection comes over in portions, so that nobody is held up. */
export interface CollectionProgress {
  done: number
  of: number
  documents?: Documents
}
/** Documents of a portion, and fewer of those that carry something large: each portion holds the page for some milliseconds. */
const PORTION = 500
const LARGE = 16
/** So long the page has for itself after each portion, ms: portions that wait in a row would hold it as one. */
const REST = 8

const REFUSED = fail('no-file', 'There is no file to read.')

/**
 * Reads a collection file of any length. Its documents come as progress, in portions; the answer is all the rest: what
 * could not be read, and who wrote it. Errors: those of `readCollectionFile`.
 */
export const readCollectionJob = job<{ file: FileLike }, CollectionProgress, Omit<CollectionFile, 'documents'>>({
  lane: 'long',
  run: atOnce(() => REFUSED),
  async work({ file }, _tools, tell) {
    let said = 0
    const read = await readCollectionFile(file, async (done, of) => {
      if (done - said < of / 200) return
      said = done
      await tell({ done, of })
    })
    if (!read.ok) return read
    const { documents, ...rest } = read.value
    for (const kind of KIND_NAMES) {
      const most = isApart(kind) ? LARGE : PORTION
      for (let i = 0; i < documents[kind].length; i += most) {
        const portion = { ...noDocuments(), [kind]: documents[kind].slice(i, i + most) }
        await tell({ done: file.size, of: file.size, documents: portion }, REST)
      }
    }
    return ok(rest)
  },
})
