import type { Paint } from '../documents/paint'
import { referenceOf } from '../film/paintOptics'
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
 */
export function propertiesOf(paint: Paint): Properties {
  const pigments = referenceOf(paint)
  const pick = <T>(own: T | undefined, assumed: T | undefined): Known<T> | undefined =>
    own !== undefined
      ? { value: own, from: 'recorded' }
      : assumed !== undefined
        ? { value: assumed, from: 'assumed' }
        : undefined
  const entries = {
    transparency: pick(
      paint.transparency,
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
    lightfastness: pick(
      paint.lightfastness,
      strongestOn(
        LIGHTFASTNESSES,
        pigments.map((p) => p.astm && lightfastnessOf(p.astm)),
      ),
    ),
  }
  return Object.fromEntries(Object.entries(entries).filter(([, v]) => v)) as Properties
}
