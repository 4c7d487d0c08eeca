import type { Result } from '@juxtachrome/core/result'
import type { LabD65 } from '@juxtachrome/core/units'
import { pictureOf } from '~/shared/files/usePhoto'
import type { useCore } from '~/shared/questions/useCore'

/** A made-up photograph of swatches, tilted and unevenly lit, to try the reader out. Errors: those of the job. */
export async function madeUpSheet(
  core: ReturnType<typeof useCore>,
  colours: (LabD65 | undefined)[],
): Promise<Result<Blob>> {
  const sheet = await core.ask(
    'simulateSheet',
    {
      colours,
      columns: 6,
      width: 1500,
      height: 1100,
      conditions: { noise: 0.015, tilt: 0.12, uneven: 0.35, light: [1, 0.92, 0.82] },
    },
    { topic: 'made-up sheet' },
  ).result
  return sheet.ok ? { ok: true, value: await pictureOf(sheet.value.image) } : sheet
}
