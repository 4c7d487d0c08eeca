import { Holder } from '@juxtachrome/core/documents'
import type { Result } from '@juxtachrome/core/result'
import { readSharedFile } from '~/shared/files/sharedFile'
import { asHolder } from './commands'
import { saveFile } from '~/shared/files/saveFile'

const FORMAT = 'juxtachrome-boxes'
const MOST = 100

/** Boxes as a file of their own, to be shared. */
export const boxesAsText = (boxes: readonly Holder[]): string =>
  `${JSON.stringify({ format: FORMAT, version: 1, boxes: boxes.map(asHolder) }, undefined, 1)}\n`
export const saveBoxes = (boxes: readonly Holder[]): void =>
  saveFile('juxtachrome-boxes.json', boxesAsText(boxes), 'application/json')

/** Reads a file of boxes. Errors: `not-boxes`, `from-newer-version`. */
export const readBoxes = (text: string): Result<Holder[]> =>
  readSharedFile(text, FORMAT, {
    list: 'boxes',
    one: 'Box',
    most: MOST,
    read(raw) {
      const read = Holder.safeParse(raw)
      if (!read.success) return { ok: false, why: read.error.issues[0]?.message ?? '' }
      const { places } = read.data
      if (new Set(places.map((p) => p.id)).size < places.length)
        return { ok: false, why: 'two of its places have one name.' }
      return { ok: true, value: read.data }
    },
  })
