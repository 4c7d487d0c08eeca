import { KIND_NAMES, noDocuments, type Documents } from '../documents/kinds'
import type { Unreadable } from '../collection/contents'
import { readCollectionFile, type FileLike } from '../formats/collectionStream'
import { fail, ok } from '../result'
import { atOnce, job } from './job'

/** How far it is, and some of the documents: a large collection comes over in portions, so that nobody is held up. */
export interface CollectionProgress {
  done: number
  of: number
  documents?: Documents
}
/** Documents of a portion; one may hold a picture. */
const PORTION = 1000

const REFUSED = fail('no-file', 'There is no file to read.')

/**
 * Reads a collection file of any length. Its documents come as progress, in portions; the answer is what could not be
 * read. Errors: those of `readCollectionFile`.
 */
export const readCollectionJob = job<{ file: FileLike }, CollectionProgress, Unreadable[]>({
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
    const { documents, unreadable } = read.value
    for (const kind of KIND_NAMES)
      for (let i = 0; i < documents[kind].length; i += PORTION) {
        const portion = { ...noDocuments(), [kind]: documents[kind].slice(i, i + PORTION) }
        await tell({ done: file.size, of: file.size, documents: portion })
      }
    return ok(unreadable)
  },
})
