import type { Result } from '../result'
import { opticsOfPaint, type PaintOptics } from './paintOptics'
import { saidVariants } from './whichReference'
import type { OpticalPaint } from './swatch'

const fitted = new Map<string, Result<PaintOptics>>()
const MOST_KEPT = 6000

/** Optics by what they depend on, fitted once. */
export function cachedOptics(paint: OpticalPaint): Result<PaintOptics> {
  const { pigments, masstone, wash, washes, transparency, effect, medium } = paint
  const key = JSON.stringify([
    pigments,
    pigments.length ? saidVariants(paint) : paint.name,
    masstone,
    wash,
    washes,
    transparency,
    effect,
    medium,
  ])
  const known = fitted.get(key)
  if (known) return known
  if (fitted.size > MOST_KEPT) fitted.clear()
  const optics = opticsOfPaint(paint)
  fitted.set(key, optics)
  return optics
}
