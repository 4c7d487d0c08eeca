import type { Item } from '../documents/item'
import type { ItemAccount } from '../ledger/items'
import type { PaletteState } from '../ledger/stays'
import type { Palette } from '../documents/palette'
import { daysAfter, daysBetween } from '../units/calendar'
import { layersToCome } from './planFilling'

/** Use is reckoned over so many days back (judgement): a season's half. */
const WINDOW = 180

/** What was drawn from items over the last half year. */
function drawnLately(accounts: readonly ItemAccount[], today: string): { day: string; millilitres: number }[] {
  const since = daysAfter(today, -WINDOW)
  return accounts
    .flatMap((a) => a.events)
    .flatMap(({ event }) => (event.kind === 'fill' && event.day > since && event.day <= today ? [event] : []))
}

/** Whether anything was filled from items over the last half year. */
export const isFilledFrom = (accounts: readonly ItemAccount[], today: string): boolean =>
  drawnLately(accounts, today).length > 0

/**
 * What was drawn from items a day on average over the last half year, ml; 0 where nothing was, or on one day only: one
 * filling says nothing of how fast a paint is used.
 */
export function rateOfUse(accounts: readonly ItemAccount[], today: string): number {
  const drawn = drawnLately(accounts, today)
  if (new Set(drawn.map((e) => e.day)).size < 2) return 0
  return drawn.reduce((sum, e) => sum + e.millilitres, 0) / WINDOW
}

/** The day on which so many ml are used up at a rate; undefined where that lies more than five years ahead or never comes. */
export function usedUpOn(left: number, rate: number, today: string): string | undefined {
  if (left <= 0) return today
  const days = left / rate
  return Number.isFinite(days) && days < 5 * 365 ? daysAfter(today, Math.ceil(days - 1e-6)) : undefined
}

/** Places of a palette where further layers were meant to come, and the day on which they can. */
export function unfinishedIn(
  palette: Palette,
  state: PaletteState,
): { placeId: string; wants: number; from: string }[] {
  return palette.holder.places.flatMap(({ id: placeId }) => {
    const content = state.get(placeId)?.content
    const wants = content ? layersToCome(content) : 0
    return content && wants > 0 ? [{ placeId, wants, from: content.dryFrom }] : []
  })
}

/** Contents that should be dry since a few days and of which nobody said so: to be looked at, so that forecasts learn. */
export function toLookAt(palette: Palette, state: PaletteState, today: string): { placeId: string; since: string }[] {
  return palette.holder.places.flatMap(({ id: placeId }) => {
    const content = state.get(placeId)?.content
    if (!content) return []
    const forecast = content.layers
      .map((l) => daysAfter(l.day, l.dryingDays))
      .sort()
      .at(-1)!
    const ago = daysBetween(content.dryFrom, today)
    return content.dryFrom === forecast && ago >= 0 && ago <= 6 ? [{ placeId, since: content.dryFrom }] : []
  })
}

const OLD = 4 * 365
const LOOKED_AT = 365
const A_MONTH = 4

/** Old tubes that nobody looked at for a year, the oldest first: a few a month. */
export function oldTubes(items: readonly Item[], account: (id: string) => ItemAccount, today: string): Item[] {
  return items
    .filter(
      (i) =>
        (i.supply === 'open' || i.supply === 'sealed') &&
        i.bought !== undefined &&
        daysBetween(i.bought, today) > OLD &&
        (i.lookedAt === undefined || daysBetween(i.lookedAt, today) > LOOKED_AT) &&
        account(i.id).events.every(({ event }) => daysBetween(event.day, today) > LOOKED_AT),
    )
    .sort((p, q) => (p.bought! < q.bought! ? -1 : 1))
    .slice(0, A_MONTH)
}

/** A loan is overdue after so many days, a palette unused (judgement). */
const [LOAN, UNUSED] = [60, 180]

/** Whether what was lent that day should be back by now. */
export const isOverdue = (since: string, today: string): boolean => daysBetween(since, today) > LOAN

/**
 * Since when a palette that holds paint was neither painted from nor filled, where that is half a year or more; undefined
 * where it was used, or holds nothing.
 */
export function unusedSince(state: PaletteState, painted: readonly string[], today: string): string | undefined {
  const filled = [...state.values()].flatMap(({ content }) => content?.layers.map((l) => l.day) ?? [])
  if (filled.length === 0) return undefined
  const last = [...filled, ...painted].sort().at(-1)!
  return daysBetween(last, today) >= UNUSED ? last : undefined
}
