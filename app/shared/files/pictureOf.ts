import { digest } from '@juxtachrome/core/collection'
import type { Picture } from '@juxtachrome/core/documents'

/** A picture as a document: the same one twice is one, its id says what it holds. */
export const pictureOf = (image: string, day: string): Picture => ({
  id: `p-${digest(image)}-${image.length.toString(36)}`,
  v: 1,
  day,
  image,
})
