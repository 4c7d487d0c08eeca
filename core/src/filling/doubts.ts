import type { Item } from '../documents/item'
import type { FillEvent } from '../documents/journal/event'
import type { Palette } from '../documents/palette'
import { balanceOf } from '../ledger/items'
import type { Ledger } from '../ledger/ledger'
import { mainPaintOf } from '../ledger/stays'
import { capacityOf } from './drying'

/** A doubt about a filling: asked, never refused, since balances are estimates. */
export interface FillDoubt {
  code: 'more-than-left' | 'over-the-brim' | 'other-paint' | 'before-bought' | 'in-the-future'
  message: string
}

export interface IntendedFill {
  palette: Palette
  placeId: string
  item: Item
  millilitres: number
  day: string
  today: string
  /** The filling that this one corrects: what it drew is free again. */
  instead?: FillEvent
}

/** What speaks against a filling that is about to be recorded, or to be corrected. */
export function doubtFilling(fill: IntendedFill, ledger: Ledger): FillDoubt[] {
  const { palette, placeId, item, millilitres, day, today, instead } = fill
  const doubts: FillDoubt[] = []
  const { left } = balanceOf(item, ledger.account(item.id))
  const free = left + (instead?.itemId === item.id ? instead.millilitres : 0)
  if (millilitres > free + 1e-9)
    doubts.push({
      code: 'more-than-left',
      message: `By the records ${Math.max(0, free).toFixed(1)} ml are left in it.`,
    })
  const place = palette.holder.places.find((p) => p.id === placeId)
  const content = ledger.places(palette.id).get(placeId)?.content
  // dried and painted-out paint leaves room again: only this pour counts against the brim
  if (place && millilitres > capacityOf(place) + 0.05)
    doubts.push({
      code: 'over-the-brim',
      message: `${placeId} holds about ${capacityOf(place).toFixed(1)} ml to the brim.`,
    })
  if (!instead && content && mainPaintOf(content) !== item.paintId)
    doubts.push({
      code: 'other-paint',
      message: `Another paint lies in ${placeId}. Clean it first, or top up on purpose.`,
    })
  if (item.bought && day < item.bought)
    doubts.push({ code: 'before-bought', message: `It was bought on ${item.bought}.` })
  if (day > today) doubts.push({ code: 'in-the-future', message: `${day} lies in the future.` })
  return doubts
}
