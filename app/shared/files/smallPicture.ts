import { fail, ok, type Result } from '@juxtachrome/core/result'
import { tooManyPixels } from '~/shared/files/usePhoto'

/** The longer side of a kept picture, px; smaller where it would still be too large. */
const SIDES = [360, 280, 200] as const
const MOST = 80_000
const MOST_BYTES = 60_000_000

/** A photograph made small enough to be kept with a painting: a JPEG of at most some 60 kB. Errors: `not-an-image`, `too-large`. */
export async function smallPicture(file: File): Promise<Result<string>> {
  if (file.size > MOST_BYTES) return fail('too-large', 'The picture is larger than 60 MB.')
  const vast = await tooManyPixels(file, file.name.slice(0, 80))
  if (vast) return vast
  let bitmap: ImageBitmap
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' })
  } catch {
    return fail('not-an-image', `${file.name.slice(0, 80)} cannot be read as a picture. A JPEG, PNG or WebP is needed.`)
  }
  for (const side of SIDES) {
    const scale = Math.min(1, side / Math.max(bitmap.width, bitmap.height))
    const canvas = document.createElement('canvas')
    canvas.width = Math.max(1, Math.round(bitmap.width * scale))
    canvas.height = Math.max(1, Math.round(bitmap.height * scale))
    const context = canvas.getContext('2d')
    if (!context) break
    context.fillStyle = '#fff'
    context.fillRect(0, 0, canvas.width, canvas.height)
    context.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
    const image = canvas.toDataURL('image/jpeg', 0.72)
    if (image.length <= MOST) return ok(image)
  }
  return fail('too-large', 'The picture cannot be made small enough to be kept.')
}
