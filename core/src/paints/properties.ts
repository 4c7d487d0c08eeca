import type { Paint } from '../documents/paint'
import { referenceOf } from './optics/paintOptics'
import { GRANULATIONS, STAININGS } from '../documents/paint'

/** A property of a paint and whether the artist recorded it or it is assumed from the pigment codes. */
export interface Known<T> {
  value: T
  from: 'recorded' | 'assumed'
}
export interface Properties {
  transparency?: Known<NonNullable<Paint['transparency']>>
  staining?: Known<NonNullable<Paint['staining']>>
  granulation?: Known<NonNullable<Paint['granulation']>>
  lightfastness?: Known<NonNullable<Paint['lightfastness']>>
}

const BY_ASTM = { I: 'excellent', II: 'very good', III: 'fair', IV: 'poor', V: 'fugitive' } as const
const LIGHT = ['excellent', 'very good', 'fair', 'poor', 'fugitive'] as const
const TRANSPARENCY = ['transparent', 'semi-transparent', 'semi-opaque', 'opaque'] as const

/**
 * A paint's behaviours: the artist's own word first, else what its pigments usually do. Of several
 * pigments the most staining, most granulating, most opaque and least lightfast decides (common practice, no source).
 */
export function propertiesOf(paint: Paint): Properties {
  const pigments = referenceOf(paint)
  const most = <T extends string>(scale: readonly T[], values: readonly (T | undefined)[]) => {
    const known = values.filter((v): v is T => v !== undefined)
    return known.length ? known.reduce((p, q) => (scale.indexOf(q) > scale.indexOf(p) ? q : p)) : undefined
  }
  const pick = <T>(own: T | undefined, assumed: T | undefined): Known<T> | undefined =>
    own !== undefined
      ? { value: own, from: 'recorded' }
      : assumed !== undefined
        ? { value: assumed, from: 'assumed' }
        : undefined
  const entries = {
    transparency: pick(
      paint.transparency,
      most(
        TRANSPARENCY,
        pigments.map((p) => p.transparency),
      ),
    ),
    staining: pick(
      paint.staining,
      most(
        STAININGS,
        pigments.map((p) => p.staining),
      ),
    ),
    granulation: pick(
      paint.granulation,
      most(
        GRANULATIONS,
        pigments.map((p) => p.granulation),
      ),
    ),
    lightfastness: pick(
      paint.lightfastness,
      most(
        LIGHT,
        pigments.map((p) => (p.astm ? BY_ASTM[p.astm] : undefined)),
      ),
    ),
  }
  return Object.fromEntries(Object.entries(entries).filter(([, v]) => v)) as Properties
}
