import type { Pixels } from '@juxtachrome/core/paints'

/** The pixels of a picture: drawing and reading twelve megapixels takes a while, and blocks. */
export function pixelsOf(picture: unknown): Pixels | undefined {
  const bitmap = picture as ImageBitmap
  if (typeof OffscreenCanvas === 'undefined') return undefined
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  context?.drawImage(bitmap, 0, 0)
  const image = context?.getImageData(0, 0, bitmap.width, bitmap.height)
  bitmap.close()
  return image && { width: image.width, height: image.height, data: image.data }
}
