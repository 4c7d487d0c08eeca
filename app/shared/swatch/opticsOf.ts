import type { Result } from '@juxtachrome/core/result'
import { cachedOptics, type PaintOptics } from '@juxtachrome/core/film'
import type { Paint } from '@juxtachrome/core/documents'

const known = new WeakMap<Paint, Result<PaintOptics>>()
/** A paint's optics, fitted once per document. */
export function opticsOf(paint: Paint): Result<PaintOptics> {
  const optics = known.get(paint) ?? cachedOptics(paint)
  known.set(paint, optics)
  return optics
}
