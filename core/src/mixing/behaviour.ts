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
  TRANSPARENCIES,
  type Transparency,
} from '../pigments/scales'
import { propertiesOf } from '../paints/properties'

export interface MixtureBehaviour {
  /** That of its most opaque paint. */
  transparency?: Transparency
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
const STRONG_STAINS_FROM = 0.03
const stainsFrom = (staining: Staining | undefined) =>
  staining === STAININGS.at(-1) ? STRONG_STAINS_FROM : COUNTS_FROM

/** How a mixture behaves on the paper, from its paints and their shares, 0..1 (common practice, no source). */
export function behaviourOfMixture(parts: readonly { paint: Paint; share: number }[]): MixtureBehaviour {
  const known = parts.map(({ paint, share }) => ({ paint, share, ...propertiesOf(paint) }))
  const telling = known.filter(({ share }) => share >= COUNTS_FROM)
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
    known.filter(({ share, staining }) => share >= stainsFrom(staining?.value)).map((p) => p.staining?.value),
  )
  const transparency = strongestOn(
    TRANSPARENCIES,
    telling.map((p) => p.transparency?.value),
  )
  const fading = known.map((p) => p.lightfastness?.value)
  const lightfastness = fading.every(Boolean) ? strongestOn(LIGHTFASTNESSES, fading) : undefined
  return {
    ...(transparency ? { transparency } : {}),
    ...(granulation ? { granulation } : {}),
    ...(staining ? { staining } : {}),
    ...(lightfastness ? { lightfastness } : {}),
    ...(heavy[0] && fine[0]
      ? { separates: `${heavy[0].paint.name} may settle out of ${fine[0].paint.name} in a wet wash` }
      : {}),
  }
}
