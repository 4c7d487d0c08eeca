import type { HueFamily } from '../colour/wheel'
import type { Item, Remark, Supply } from '../documents/item'
import type { Paint } from '../documents/paint'
import { viewOfPaint } from './view'

/** What the collection is narrowed down to. Undefined or empty means: do not ask. */
export interface PaintFilter {
  text?: string
  family?: HueFamily
  maker?: string
  transparency?: Paint['transparency']
  staining?: Paint['staining']
  granulation?: Paint['granulation']
  lightfastness?: Paint['lightfastness']
  /** A supply or a remark that at least one item of the paint has, or `none`: paints without any item. */
  state?: Supply | Remark | 'none'
  singlePigment?: boolean
}

/** Whether a paint and its items pass every question of the filter but the text. */
export function passesFilter(paint: Paint, items: readonly Item[], filter: PaintFilter): boolean {
  if (filter.family && viewOfPaint(paint).family !== filter.family) return false
  if (filter.maker && paint.maker !== filter.maker) return false
  if (filter.transparency && paint.transparency !== filter.transparency) return false
  if (filter.staining && paint.staining !== filter.staining) return false
  if (filter.granulation && paint.granulation !== filter.granulation) return false
  if (filter.lightfastness && paint.lightfastness !== filter.lightfastness) return false
  if (filter.singlePigment && paint.pigments.length !== 1) return false
  if (!filter.state) return true
  if (filter.state === 'none') return items.length === 0
  return items.some((i) => i.supply === filter.state || i.remarks.includes(filter.state as Remark))
}
