import { digest } from '@juxtachrome/core/collection'
import { added, type Change } from '@juxtachrome/core/documents'
import { useCollection } from '~/stores/collection'

/** The id of a picture, and what keeps it: the same one twice is one, its id says what it holds. */
export function keptPicture(image: string, day: string): { id: string; changes: Change[] } {
  const id = `p-${digest(image)}-${image.length.toString(36)}`
  const isThere = useCollection().core.get('pictures', id) !== undefined
  return { id, changes: isThere ? [] : [added('pictures', { id, v: 1, day, image })] }
}
