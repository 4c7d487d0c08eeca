import type { FillEvent, SittingEvent } from '../documents/journal/event'
import { MUCH } from '../documents/journal/events/sitting'
import type { Item } from '../documents/item'
import type { PaletteState } from '../ledger/stays'
import { pricePerMillilitre, type Sums, sumsOf } from '../paints/reading/price'
import { takenOf, type LearnedUse } from '../using/perUse'

/** What something is worth by what its tubes cost, by currency, and for how much of it no price is known. */
export interface Worth {
  sums: Sums
  /** Portions of which no tube has a price and a size. */
  unpriced: number
}

type Priced = { minor: number; currency: string } | undefined

function worthOf(amounts: Iterable<Priced>): Worth {
  const known: { minor: number; currency: string }[] = []
  let unpriced = 0
  for (const amount of amounts)
    if (amount) known.push(amount)
    else unpriced += 1
  return { sums: sumsOf(known), unpriced }
}
const times = (price: Priced, millilitres: number): Priced =>
  price && { minor: price.minor * millilitres, currency: price.currency }

/** What one filling took from its tube. */
export const costOfFill = (
  { itemId, millilitres }: Pick<FillEvent, 'itemId' | 'millilitres'>,
  item: (id: string) => Item | undefined,
): Worth => {
  const from = item(itemId)
  return worthOf([times(from && pricePerMillilitre([from]), millilitres)])
}

/** What lies in a palette, by the tubes that it was filled from. */
export function costOfPalette(state: PaletteState, item: (id: string) => Item | undefined): Worth {
  const layers = [...state.values()].flatMap((p) => p.content?.layers ?? [])
  return worthOf(
    layers.map(({ itemId, millilitres }) => {
      const from = item(itemId)
      return times(from && pricePerMillilitre([from]), millilitres)
    }),
  )
}

/** What one painting took, reckoned from what a painting takes of a colour, ml: an estimate. */
export const costOfSitting = (
  { used }: Pick<SittingEvent, 'used'>,
  use: LearnedUse,
  itemsOf: (paintId: string) => readonly Item[],
): Worth =>
  worthOf(
    used.map(({ paintId, much }) =>
      times(pricePerMillilitre(itemsOf(paintId)), takenOf(use, paintId) * (much ? MUCH : 1)),
    ),
  )
