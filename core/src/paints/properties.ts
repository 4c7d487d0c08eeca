import { byDocument } from '../collection/caches'
import type { Paint } from '../documents/paint'
import { referenceOf } from '../film/whichReference'
import { traitsOfMedium } from './media'
import type { ReferencePigment } from '../pigments/reference'
import {
  GRANULATIONS,
  LIGHTFASTNESSES,
  lightfastnessOf,
  STAININGS,
  strongestOn,
  TRANSPARENCIES,
  type Granulation,
  type Lightfastness,
  type Staining,
  type Transparency,
} from '../pigments/scales'

/** A property of a paint and whether the artist recorded it or it is assumed from the pigment codes. */
export interface Known<T> {
  value: T
  from: 'recorded' | 'assumed'
}
export interface Properties {
  transparency?: Known<Transparency>
  staining?: Known<Staining>
  granulation?: Known<Granulation>
  lightfastness?: Known<Lightfastness>
}

/**
 * A paint's behaviours: the artist's own word first, else what its pigments usually do. Of several
 * pigments the most staining, most granulating, most opaque and least lightfast decides (common practice, no source).
 * Where the lightfastness of one is unknown, that of the paint is unknown.
 */
export const propertiesOf = byDocument((paint: Paint): Properties => {
  const pigments = referenceOf(paint)
  const fading = lightfastnessOfPigments(paint, pigments)
  const pick = <T>(own: T | undefined, assumed: T | undefined): Known<T> | undefined =>
    own !== undefined
      ? { value: own, from: 'recorded' }
      : assumed !== undefined
        ? { value: assumed, from: 'assumed' }
        : undefined
  const entries = {
    transparency: pick(
      paint.transparency,
      traitsOfMedium(paint).covers ??
        strongestOn(
          TRANSPARENCIES,
          pigments.map((p) => p.transparency),
        ),
    ),
    staining: pick(
      paint.staining,
      strongestOn(
        STAININGS,
        pigments.map((p) => p.staining),
      ),
    ),
    granulation: pick(
      paint.granulation,
      strongestOn(
        GRANULATIONS,
        pigments.map((p) => p.granulation),
      ),
    ),
    lightfastness: pick(paint.lightfastness, fading.isWhole ? fading.worst : undefined),
  }
  return Object.fromEntries(Object.entries(entries).filter(([, v]) => v)) as Properties
})

/**
 * Where the lightfastness of a pigment is unknown and the artist recorded none: no better than this, which is what
 * the others have. Undefined where it is known, or nothing is.
 */
export function lightfastnessAtBest(paint: Paint): Lightfastness | undefined {
  if (paint.lightfastness) return undefined
  const { worst, isWhole } = lightfastnessOfPigments(paint, referenceOf(paint))
  return isWhole ? undefined : worst
}

/** The least lightfast of a paint's pigments; whole only where that of every one is known. */
function lightfastnessOfPigments(paint: Paint, pigments: readonly ReferencePigment[]) {
  const each = pigments.map((p) => p.astm ?? p.expected)
  const worst = strongestOn(
    LIGHTFASTNESSES,
    each.map((category) => category && lightfastnessOf(category)),
  )
  return { worst, isWhole: each.every(Boolean) && pigments.length === paint.pigments.length }
}
