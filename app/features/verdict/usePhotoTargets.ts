import type { TargetColour } from '@juxtachrome/core/documents'
import { ref } from 'vue'
import { pixelsOf } from '~/shared/files/pixelsOf'
import { decodePhoto } from '~/shared/files/usePhoto'
import { useQuestion } from '~/shared/questions/useQuestion'

/** The colours of photographs, grouped and weighed, as targets: read in a worker, with progress and cancel. */
export function usePhotoTargets() {
  const { ask, cancel, isWorking, trouble } = useQuestion('extractTargets')
  const progress = ref(0)

  /** Undefined when a picture cannot be read, or when it was cancelled; `trouble` says why. */
  async function read(files: readonly File[]): Promise<{ name: string; colours: TargetColour[] } | undefined> {
    trouble.value = ''
    const pictures: { width: number; height: number; data: Uint8ClampedArray | Uint8Array }[] = []
    for (const file of files) {
      const photo = await decodePhoto(file, file.name)
      if (!photo.ok) return void (trouble.value = photo.error.message)
      const pixels = await pixelsOf(photo.value.bitmap)
      URL.revokeObjectURL(photo.value.url)
      photo.value.bitmap.close()
      if (!pixels.ok) return void (trouble.value = pixels.error.message)
      pictures.push(pixels.value)
    }
    const [first] = files
    if (!first) return undefined
    const name = files.length > 1 ? `${files.length} photographs` : first.name
    progress.value = 0
    const found = await ask(
      { pictures, name },
      ({ done, of }) => (progress.value = done / of),
      pictures.map((p) => p.data.buffer as ArrayBuffer),
    )
    if (!found) return undefined
    const colours = found.targets.map(({ lab: { L, a, b }, weight }) => ({
      L,
      a,
      b,
      weight: Math.max(0.1, Math.round(weight * 1000) / 10),
    }))
    return { name, colours }
  }
  return { read, cancel, isWorking, progress, trouble }
}
