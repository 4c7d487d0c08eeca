import type { Item } from '../documents/item'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { pricePerMillilitre, sumsOf } from '../paints/reading/price'
import { usualFilling } from './drying'

export interface FillCost {
  /** Hundredths of each currency that was paid in. */
  sums: { minor: number; currency: string }[]
  /** ml of the usual filling of all planned places, 0 upward. */
  millilitres: number
  /** Planned places whose paint has no known price. */
  unpriced: number
}

/** What the usual filling of every planned place holds and is worth, by what the tubes cost. */
export function costToFill(palette: Palette, itemsOf: (paintId: string) => readonly Item[]): FillCost {
  const worth: { minor: number; currency: string }[] = []
  let [millilitres, unpriced] = [0, 0]
  for (const place of palette.holder.places) {
    const paintId = planAt(palette, place.id)?.paintId
    if (paintId === undefined) continue
    const amount = usualFilling(place)
    const price = pricePerMillilitre(itemsOf(paintId))
    millilitres += amount
    if (price) worth.push({ ...price, minor: price.minor * amount })
    else unpriced += 1
  }
  return { sums: [...sumsOf(worth)].map(([currency, minor]) => ({ minor, currency })), millilitres, unpriced }
}
