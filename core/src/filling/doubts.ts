import type { Item } from '../documents/item'
import type { FillEvent } from '../documents/journal/event'
import type { Palette } from '../documents/palette'
import { balanceOf } from '../ledger/items'
import type { Ledger } from '../ledger/ledger'
import { mainPaintOf, type Content } from '../ledger/stays'
import { dayInWords, daysAfter } from '../units'
import { capacityOf } from './drying'

/** A doubt about a filling: asked, never refused, since balances are estimates. */
export interface FillDoubt {
  code: 'more-than-left' | 'over-the-brim' | 'other-paint' | 'before-bought'
  message: string
}

export interface IntendedFill {
  palette: Palette
  placeId: string
  item: Item
  millilitres: number
  day: string
  /** The filling that this one corrects: what it drew is free again. */
  instead?: FillEvent
}

/** What dried paint still takes up of what was poured (common practice, no source: it shrinks by about half). */
const DRIED = 0.5

/**
 * What lies in a vessel at least, ml: what is wet still, in full, and of what is dry the last pour, shrunk. What was
 * poured before that is taken for painted out.
 */
function liesIn({ layers }: Content, day: string, instead: FillEvent | undefined): number {
  const others = layers.filter((l) => !isSameFill(l, instead))
  const dry = others.filter((l) => daysAfter(l.day, l.dryingDays) <= day).at(-1)
  return wetOf(others, day) + DRIED * (dry?.millilitres ?? 0)
}
const wetOf = (layers: Content['layers'], day: string): number =>
  layers.filter((l) => l.day <= day && daysAfter(l.day, l.dryingDays) > day).reduce((sum, l) => sum + l.millilitres, 0)

/** What of a content is still wet on a day, ml: none of it where it was found dry. */
export const wetIn = ({ layers, dryFrom }: Content, day: string): number => (day < dryFrom ? wetOf(layers, day) : 0)

const isSameFill = (layer: Content['layers'][number], fill: FillEvent | undefined) =>
  fill !== undefined && layer.itemId === fill.itemId && layer.day === fill.day && layer.millilitres === fill.millilitres

/** What speaks against a filling that is about to be recorded, or to be corrected. */
export function doubtFilling(fill: IntendedFill, ledger: Ledger): FillDoubt[] {
  const { palette, placeId, item, millilitres, day, instead } = fill
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
  const lying = content ? liesIn(content, day, instead) : 0
  const already = lying > 0.05 ? `, and about ${lying.toFixed(1)} lie in it already` : ''
  if (place && millilitres + lying > capacityOf(place) + 0.05)
    doubts.push({
      code: 'over-the-brim',
      message: `${placeId} holds about ${capacityOf(place).toFixed(1)} ml to the brim${already}.`,
    })
  if (!instead && content && mainPaintOf(content) !== item.paintId)
    doubts.push({
      code: 'other-paint',
      message: `Another paint lies in ${placeId}. Clean it first, or top up on purpose.`,
    })
  if (item.bought && day < item.bought)
    doubts.push({ code: 'before-bought', message: `It was bought on ${dayInWords(item.bought)}.` })
  return doubts
}
