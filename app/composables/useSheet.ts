import { fail, type Corners, type Result, type SheetReading } from '@juxtachrome/core'
import { coreClient } from '~/workers/client'
import type { Photo } from './usePhoto'

export interface SheetGrid { corners: Corners; rows: number; columns: number; gap: number }

/** The pixels of a photograph, drawn off the page. */
function pixelsOf({ bitmap, width, height }: Photo) {
  const canvas = new OffscreenCanvas(width, height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) return undefined
  context.drawImage(bitmap, 0, 0)
  return context.getImageData(0, 0, width, height)
}

/** Reads a photographed sheet in the worker; its pixels are handed over, not copied. */
export function readSheet(photo: Photo, grid: SheetGrid, progress: (share: number) => void): { result: Promise<Result<SheetReading>>; cancel(): void } {
  const image = pixelsOf(photo)
  if (!image) return { result: Promise.resolve(fail('not-an-image', 'This browser cannot give the pixels of the photograph.')), cancel: () => undefined }
  const { width, height, data } = image
  return coreClient().ask('readSwatchSheet', { image: { width, height, data }, ...grid }, { lane: 'sheet', transfer: [data.buffer], progress: ({ done, of }) => progress(done / of) })
}
