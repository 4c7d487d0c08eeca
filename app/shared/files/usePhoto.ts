import { fail, ok, type Result } from '@juxtachrome/core/result'
import type { Corners, Pixels } from '@juxtachrome/core/paints'
import { shallowRef } from 'vue'
import { drawingOf } from './drawing'
import { figure } from '~/shared/words/figures'

export interface Photo {
  name: string
  width: number
  height: number
  url: string
  bitmap: ImageBitmap
}
const MOST_BYTES = 50e6
const MOST_PIXELS = 60e6
/** Decoded, a pixel takes four bytes: more than these are not even tried. */
const MOST_DECODED = 100e6

/** The size of a picture as its first bytes say; nothing where they do not, and the browser finds out. Errors: `image-too-large`. */
export async function tooManyPixels(file: Blob, name: string): Promise<Result<never> | undefined> {
  try {
    const { imageSize } = await import('image-size')
    const { width, height } = imageSize(new Uint8Array(await file.slice(0, 512_000).arrayBuffer()))
    if (width * height <= MOST_DECODED) return undefined
    return fail('image-too-large', `${name} has ${figure((width * height) / 1e6)} megapixels; at most 60 are read.`)
  } catch {
    return undefined
  }
}

/** A chosen picture, decoded. Errors: `file-too-large`, `not-an-image`, `image-too-large`. */
export async function decodePhoto(file: Blob, name: string): Promise<Result<Photo>> {
  if (file.size === 0) return fail('not-an-image', `${name} is empty.`)
  if (file.size > MOST_BYTES)
    return fail(
      'file-too-large',
      `${name} is ${figure(file.size / 1e6)} MB; at most 50 MB are read. Save it smaller first.`,
    )
  const vast = await tooManyPixels(file, name)
  if (vast) return vast
  try {
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' })
    const { width, height } = bitmap
    if (width * height > MOST_PIXELS) {
      bitmap.close()
      return fail('image-too-large', `${name} has ${figure((width * height) / 1e6)} megapixels; at most 60 are read.`)
    }
    return ok({ name, width, height, url: URL.createObjectURL(file), bitmap })
  } catch {
    return fail('not-an-image', `${name} is not a photograph that this browser can read. Use JPEG, PNG or WebP.`)
  }
}

/** A made-up picture as a file. */
export function pictureOf({ width, height, data }: Pixels): Promise<Blob> {
  const { to, blob } = drawingOf(width, height)
  to.putImageData(new ImageData(new Uint8ClampedArray(data), width), 0, 0)
  return blob()
}

/** Corners to begin with where none are found: a tenth inside of the picture. */
export const cornersToLay = ({ width: w, height: h }: Pick<Photo, 'width' | 'height'>): Corners => [
  { x: w * 0.1, y: h * 0.1 },
  { x: w * 0.9, y: h * 0.1 },
  { x: w * 0.9, y: h * 0.9 },
  { x: w * 0.1, y: h * 0.9 },
]

/** One photograph at a time; the one before is let go. */
export function usePhoto() {
  const photo = shallowRef<Photo>()
  function put(next: Photo | undefined) {
    if (photo.value) {
      URL.revokeObjectURL(photo.value.url)
      photo.value.bitmap.close()
    }
    photo.value = next
  }
  return { photo, put }
}
