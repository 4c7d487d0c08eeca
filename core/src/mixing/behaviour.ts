import { GRANULATIONS, LIGHTFASTNESSES, STAININGS, type Paint } from '../documents/paint'
import { propertiesOf } from '../paints/properties'

export interface MixtureBehaviour {
  granulation?: NonNullable<Paint['granulation']>
  staining?: NonNullable<Paint['staining']>
  /** That of the weakest paint in it. */
  lightfastness?: NonNullable<Paint['lightfastness']>
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
  const level = <T>(scale: readonly T[], value: T | undefined) => (value === undefined ? -1 : scale.indexOf(value))
  const worst = <T>(scale: readonly T[], values: readonly (T | undefined)[]): T | undefined => {
    const known = values.map((v) => level(scale, v)).filter((i) => i >= 0)
    return known.length ? scale[Math.max(...known)] : undefined
  }
  const heavy = telling.filter((p) => level(GRANULATIONS, p.granulation?.value) >= 2)
  const fine = telling.filter(
    (p) => level(GRANULATIONS, p.granulation?.value) === 0 && level(STAININGS, p.staining?.value) >= 2,
  )
  const granulation = worst(
    GRANULATIONS,
    telling.map((p) => p.granulation?.value),
  )
  const staining = worst(
    STAININGS,
    telling.map((p) => p.staining?.value),
  )
  const lightfastness = worst(
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
