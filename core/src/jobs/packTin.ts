import { type PackProgress, packTin, type TinPacked, type TinQuestion } from '../arranging/packing/packTin'
import { job } from './job'

/** How many pans fit into a tin, at once and then better where there is better. Errors: those of `packTin`. */
export const packTinJob = job<TinQuestion, PackProgress, TinPacked>({
  lane: 'long',
  run: (question) => packTin(question),
  news: ({ soFar }) => soFar,
})
