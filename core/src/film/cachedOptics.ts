import type { Result } from '../result'
import { opticsOfPaint, saidVariants, type PaintOptics } from './paintOptics'
import type { OpticalPaint } from './swatch'

const fitted = new Map<string, Result<PaintOptics>>()
const MOST_KEPT = 6000

/** Optics by what they depend on, fitted once. */
export function cachedOptics(paint: OpticalPaint): Result<PaintOptics> {
  const { pigments, masstone, wash, transparency, effect } = paint
  const key = JSON.stringify([
    pigments,
    pigments.length ? saidVariants(paint) : paint.name,
    masstone,
    wash,
    transparency,
    effect,
  ])
  const known = fitted.get(key)
  if (known) return known
  if (fitted.size > MOST_KEPT) fitted.clear()
  const optics = opticsOfPaint(paint)
  fitted.set(key, optics)
  return optics
}
