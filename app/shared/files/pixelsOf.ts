import type { Pixels } from '@juxtachrome/core/paints'
import { fail, type Result } from '@juxtachrome/core/result'
import { useCore } from '~/shared/questions/useCore'

/** The pixels of a decoded picture. Errors: `not-an-image`, and those of a worker. */
export async function pixelsOf(bitmap: ImageBitmap): Promise<Result<Pixels>> {
  const core = useCore()
  try {
    // a copy goes over, since what is handed to a worker is gone here
    const picture = await createImageBitmap(bitmap)
    return await core.ask('readPixels', { picture }, { transfer: [picture] }).result
  } catch {
    return fail('not-an-image', 'This browser cannot give the pixels of the photograph.')
  }
}
