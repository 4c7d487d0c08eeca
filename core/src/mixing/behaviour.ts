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
  /** That of the weakest paint in it. */
  lightfastness?: Lightfastness
  /** A heavy, granulating paint drops out of a fine, staining one as the wash dries: said in words, or undefined. */
  separates?: string
}

/** Below this share a paint does not decide how a mixture behaves (judgement). */
const COUNTS_FROM = 0.12

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
    telling.map((p) => p.staining?.value),
  )
  const lightfastness = strongestOn(
    LIGHTFASTNESSES,
    parts.map(({ paint }) => propertiesOf(paint).lightfastness?.value),
  )
  return {
    ...(granulation ? { granulation } : {}),
    ...(staining ? { staining } : {}),
    ...(lightfastness ? { lightfastness } : {}),
    ...(heavy[0] && fine[0]
      ? { separates: `${heavy[0].paint.name} may settle out of ${fine[0].paint.name} in a wet wash` }
      : {}),
  }
}
