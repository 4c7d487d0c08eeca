import { fail, ok, type Result } from '@juxtachrome/core/result'
import type { Pixels } from '@juxtachrome/core/paints'

/** The pixels of a decoded picture, read in a worker of their own. Errors: `not-an-image`. */
export async function pixelsOf(bitmap: ImageBitmap): Promise<Result<Pixels>> {
  const refused = fail('not-an-image', 'This browser cannot give the pixels of the photograph.')
  const worker = new Worker(new URL('./pixels.worker.ts', import.meta.url), { type: 'module' })
  try {
    // a copy goes over, since what is handed to a worker is gone here
    const copy = await createImageBitmap(bitmap)
    return await new Promise<Result<Pixels>>((resolve) => {
      worker.onmessage = ({ data }: MessageEvent<Pixels | undefined>) => resolve(data ? ok(data) : refused)
      worker.onerror = () => resolve(refused)
      worker.postMessage(copy, [copy])
    })
  } catch {
    return refused
  } finally {
    worker.terminate()
  }
}
