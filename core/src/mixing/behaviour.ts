import type { Paint } from '../documents/paint'
import {
  GRANULATIONS,
  levelOn,
  LIGHTFASTNESSES,
  STAININGS,
  strongestOn,
  type Granulation,
  type Lightfastness,
  type Staining,
} from '../pigments/scales'
import { propertiesOf } from '../paints/properties'

export interface MixtureBehaviour {
  granulation?: Granulation
  staining?: Staining
  /** That of the weakest paint in it; unknown where that of one is. */
  lightfastness?: Lightfastness
  /** A heavy, granulating paint drops out of a fine, staining one as the wash dries: said in words, or undefined. */
  separates?: string
}

/** Below this share a paint does not decide how a mixture behaves (judgement). */
const COUNTS_FROM = 0.12

/** A strong stainer stains in small shares, too (judgement). */
const STAINS_FROM = 0.03

/** How a mixture behaves on the paper, from its paints and their shares, 0..1 (common practice, no source). */
export function behaviourOfMixture(parts: readonly { paint: Paint; share: number }[]): MixtureBehaviour {
  const telling = parts
    .filter(({ share }) => share >= COUNTS_FROM)
    .map(({ paint }) => ({ paint, ...propertiesOf(paint) }))
  const heavy = telling.filter((p) => levelOn(GRANULATIONS, p.granulation?.value) >= 2)
  const fine = telling.filter(
    (p) => levelOn(GRANULATIONS, p.granulation?.value) === 0 && levelOn(STAININGS, p.staining?.value) >= 2,
  )
  const granulation = strongestOn(
    GRANULATIONS,
    telling.map((p) => p.granulation?.value),
  )
  const staining = strongestOn(
    STAININGS,
    parts.flatMap(({ paint, share }) => {
      const own = propertiesOf(paint).staining?.value
      return share >= (levelOn(STAININGS, own) === STAININGS.length - 1 ? STAINS_FROM : COUNTS_FROM) ? [own] : []
    }),
  )
  const fading = parts.map(({ paint }) => propertiesOf(paint).lightfastness?.value)
  const lightfastness = fading.every(Boolean) ? strongestOn(LIGHTFASTNESSES, fading) : undefined
  return {
    ...(granulation ? { granulation } : {}),
    ...(staining ? { staining } : {}),
    ...(lightfastness ? { lightfastness } : {}),
    ...(heavy[0] && fine[0]
      ? { separates: `${heavy[0].paint.name} may settle out of ${fine[0].paint.name} in a wet wash` }
      : {}),
  }
}
