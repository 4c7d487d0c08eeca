import { fail, type Result } from '@juxtachrome/core/result'
import type { Corners, SheetReading } from '@juxtachrome/core/paints'
import type { CoreClient } from '~/workers/client'
import { pixelsOf } from '~/shared/files/pixelsOf'
import type { Photo } from '~/shared/files/usePhoto'

export interface SheetGrid {
  corners: Corners
  rows: number
  columns: number
  gap: number
}

/** Reads a photographed sheet in workers; its pixels are handed over, not copied. */
export function readSheet(
  core: CoreClient,
  photo: Photo,
  grid: SheetGrid,
  progress: (share: number) => void,
): { result: Promise<Result<SheetReading>>; cancel(): void } {
  let cancelled = false
  let asked: { cancel(): void } | undefined
  async function read(): Promise<Result<SheetReading>> {
    const image = await pixelsOf(photo.bitmap)
    if (!image.ok) return image
    if (cancelled) return fail('cancelled', 'Cancelled.')
    const question = core.ask(
      'readSwatchSheet',
      { image: image.value, ...grid },
      {
        topic: 'sheet',
        transfer: [image.value.data.buffer as ArrayBuffer],
        progress: ({ done, of }) => progress(done / of),
      },
    )
    asked = question
    return question.result
  }
  return {
    result: read(),
    cancel: () => {
      cancelled = true
      asked?.cancel()
    },
  }
}
