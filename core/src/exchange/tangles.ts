import type { Event } from '../documents/journal/event'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { isPlace, ownVesselOf, samePlace, type PlaceRef, type VesselRef } from '../documents/journal/vessel'
import type { Item } from '../documents/item'
import { balanceOf } from '../ledger/items'
import type { Ledger } from '../ledger/ledger'

/** What cannot be right once two journals are one. */
export type Tangle =
  | { is: 'overdrawn'; itemId: string; paintId: string; /** ml below nothing */ by: number }
  | { is: 'pan in two places'; vesselId: string; places: readonly PlaceRef[] }
  | { is: 'two fillings of a place'; place: PlaceRef; paintIds: readonly string[] }

/**
 * What two devices recorded, each for itself, that cannot both be so: more was drawn from a tube than it held, a pan was
 * put into two places, a place was filled with two paints.
 * @param ledger over both journals
 * @param entries those that only one of the two had, of each
 */
export function tanglesOf(
  ledger: Ledger,
  items: ReadonlyMap<string, Item>,
  entries: { here: readonly JournalEntry[]; there: readonly JournalEntry[] },
): Tangle[] {
  const [here, there] = [standing(ledger, entries.here), standing(ledger, entries.there)]
  return [...overdrawn(ledger, items, [...here, ...there]), ...putTwice(here, there), ...filledTwice(here, there)]
}

/** The events of entries as they stand; those of corrections, too. */
function standing(ledger: Ledger, entries: readonly JournalEntry[]): Event[] {
  const ids = new Set(entries.map((e) => (e.type === 'event' ? e.id : e.corrects)))
  return [...ids].flatMap((id) => ledger.journal.get(id)?.event ?? [])
}

function overdrawn(ledger: Ledger, items: ReadonlyMap<string, Item>, events: readonly Event[]): Tangle[] {
  const ids = new Set(events.flatMap((e) => (e.kind === 'fill' ? [e.itemId] : [])))
  return [...ids].flatMap((itemId): Tangle[] => {
    const item = items.get(itemId)
    const left = item ? balanceOf(item, ledger.account(itemId)).left : 0
    return item && left < 0 ? [{ is: 'overdrawn', itemId, paintId: item.paintId, by: -left }] : []
  })
}

const nameOf = (vessel: VesselRef) => (isPlace(vessel) ? ownVesselOf(vessel) : vessel.vesselId)
/** What both recorded of the same thing, each the last of it. */
function onBoth<T>(
  here: readonly Event[],
  there: readonly Event[],
  pick: (event: Event) => T[],
  of: (one: T) => string,
): [T, T][] {
  const last = (events: readonly Event[]) => new Map(events.flatMap(pick).map((one) => [of(one), one]))
  const others = last(there)
  return [...last(here)].flatMap(([key, mine]): [T, T][] => (others.has(key) ? [[mine, others.get(key)!]] : []))
}

function putTwice(here: readonly Event[], there: readonly Event[]): Tangle[] {
  const puts = onBoth(
    here,
    there,
    (e) => (e.kind === 'put' ? [e] : []),
    (e) => nameOf(e.vessel),
  )
  return puts.flatMap(([mine, other]): Tangle[] => {
    if (samePlace(mine.place, other.place)) return []
    return [{ is: 'pan in two places', vesselId: nameOf(mine.vessel), places: [mine.place, other.place] }]
  })
}

function filledTwice(here: readonly Event[], there: readonly Event[]): Tangle[] {
  const fills = onBoth(
    here,
    there,
    (e) => (e.kind === 'fill' && isPlace(e.vessel) ? [{ place: e.vessel, paintId: e.paintId }] : []),
    (e) => ownVesselOf(e.place),
  )
  return fills.flatMap(([mine, other]): Tangle[] => {
    if (mine.paintId === other.paintId) return []
    return [{ is: 'two fillings of a place', place: mine.place, paintIds: [mine.paintId, other.paintId] }]
  })
}
