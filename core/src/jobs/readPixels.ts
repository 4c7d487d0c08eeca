import type { Pixels } from '../paints/sheet/readPatch'
import { fail, ok } from '../result'
import { atOnce, job } from './job'

const REFUSED = fail('not-an-image', 'This browser cannot give the pixels of the photograph.')

/** The pixels of a decoded picture, away from the page: drawing and reading twelve megapixels takes a while. Errors: `not-an-image`. */
export const readPixelsJob = job<{ picture: unknown }, never, Pixels>({
  lane: 'pixels',
  run: atOnce(() => REFUSED),
  async work({ picture }, { pixelsOf }) {
    const pixels = pixelsOf?.(picture)
    return pixels ? ok(pixels) : REFUSED
  },
  hands: ({ data }) => [data.buffer as ArrayBuffer],
})
