import type { Pixels } from '@juxtachrome/core/paints'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import { drawingOf } from './drawing'
import { useCore } from '~/shared/questions/useCore'

/** The pixels of a decoded picture. Errors: `not-an-image`, and those of a worker. */
export async function pixelsOf(bitmap: ImageBitmap): Promise<Result<Pixels>> {
  const core = useCore()
  // where a worker cannot draw, the page does
  if (typeof OffscreenCanvas === 'undefined') return drawn(bitmap)
  try {
    // a copy goes over, since what is handed to a worker is gone here
    const picture = await createImageBitmap(bitmap)
    return await core.ask('readPixels', { picture }, { transfer: [picture] }).result
  } catch {
    return fail('not-an-image', 'This browser cannot give the pixels of the photograph.')
  }
}

function drawn(bitmap: ImageBitmap): Result<Pixels> {
  const { width, height } = bitmap
  const { to } = drawingOf(width, height)
  to.drawImage(bitmap, 0, 0)
  const { data } = to.getImageData(0, 0, width, height)
  return ok({ width, height, data })
}
