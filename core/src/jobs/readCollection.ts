import type { Contents } from '../collection/contents'
import { readCollection, type ReadProgress } from '../formats/collectionFile'
import { job } from './job'

/** Reads a collection file. */
export const readCollectionJob = job<{ text: string }, ReadProgress, Contents>({
  lane: 'long',
  run: ({ text }) => readCollection(text),
})
