import type { Light } from '@juxtachrome/core/colour'
import type { Paint } from '@juxtachrome/core/documents'
import { propertiesOf } from '@juxtachrome/core/paints'
import { levelOn, STAININGS } from '@juxtachrome/core/pigments'

export const LIGHTS_IN_WORDS: Readonly<Record<Light, string>> = {
  daylight: 'Daylight',
  lamp: 'Evening lamp',
}
/** What a light of a lamp does not tell. */
export const OF_LAMPS = 'A warm lamp (2856 K), to an eye that is used to it. Recorded colours were read by daylight.'

/** What a dry wash does when another is laid over it (common practice, no source). */
export function liftingInWords(lower: Paint): string {
  const staining = propertiesOf(lower).staining?.value
  if (!staining) return `Whether ${lower.name} lifts is not known: try it before you glaze over it.`
  return levelOn(STAININGS, staining) <= 1
    ? `${lower.name} ${staining}: lay the wash over it in one go, and do not scrub.`
    : `${lower.name} ${staining}: it stays where it lies.`
}
