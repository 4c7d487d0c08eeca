import type { FoundGrid } from '@juxtachrome/core/paints'
import { ref } from 'vue'
import { pixelsOf } from '~/shared/files/pixelsOf'
import type { Photo } from '~/shared/files/usePhoto'
import { useQuestion } from '~/shared/questions/useQuestion'

/** Looks for the grid of swatches in a photograph; says what it found, or why the corners have to be laid by hand. */
export function useFoundGrid() {
  const question = useQuestion('findGrid')
  const said = ref('')
  async function find(photo: Photo): Promise<FoundGrid | undefined> {
    said.value = 'Looking for the swatches …'
    const image = await pixelsOf(photo.bitmap)
    const found = image.ok
      ? await question.ask({ image: image.value }, undefined, [image.value.data.buffer as ArrayBuffer])
      : undefined
    said.value = found
      ? `Found by itself: ${found.rows} rows and ${found.columns} columns. Correct the corners where they are off.`
      : question.trouble.value
    return found
  }
  return { said, find }
}
