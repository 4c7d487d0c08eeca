import { counted, dayOf } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import type { Problem } from '@juxtachrome/core/result'
import {
  added,
  eventInWords,
  isDay,
  isPlace,
  samePlace,
  updated,
  type Change,
  type Event,
  type FillEvent,
  type Item,
  type JournalEntry,
  type Pan,
  type PanSize,
  type PlaceRef,
  type VesselRef,
  type Whereabouts,
  whereaboutsInWords,
} from '@juxtachrome/core/documents'
import { correctEvent, isOut, recordEvent } from '@juxtachrome/core/filling'
import { nanoid } from 'nanoid'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { stamp, useUndo } from '~/stores/undo'
import { useNaming } from '~/shared/words/naming'

/** What a person records about filling and about where pans lie. Every record is an entry of the journal; corrections are too. */
export function useFillCommands(paletteId?: () => string | undefined) {
  const collection = useCollection()
  const undo = useUndo()
  const notices = useNotices()
  const name = useNaming(paletteId)
  const describe = (event: Event) => eventInWords(event, name)

  /** A sealed tube that is filled from is open from then on. */
  const opened = (item: Item | undefined): Change[] =>
    item?.supply === 'sealed' ? [updated('items', item, { ...item, supply: 'open' })] : []

  /** Nothing that is still to come was done. */
  function stillToCome(events: readonly Event[]): Problem | undefined {
    const today = dayOf(new Date())
    const late = events.find((e) => isDay(e.day) && e.day > today)
    if (!late) return undefined
    return {
      code: 'still-to-come',
      message: `${dayInWords(late.day)} is still to come: only what was done is recorded.`,
      where: 'day',
    }
  }

  /** Records events as one step, or none of them. */
  function recordAll(label: string, events: readonly Event[], diff: Change[] = []): Problem | undefined {
    const entries: JournalEntry[] = []
    const future = stillToCome(events)
    if (future) {
      notices.trouble(future.message)
      return future
    }
    for (const event of events) {
      const entry = recordEvent(event, stamp())
      if (!entry.ok) {
        notices.trouble(entry.error.message)
        return entry.error
      }
      entries.push(entry.value)
    }
    const sealed = new Set(events.flatMap((e) => (e.kind === 'fill' ? [e.itemId] : [])))
    const kept = undo.commit(label, [...diff, ...[...sealed].flatMap((id) => opened(collection.item(id)))], entries)
    return kept.ok ? undefined : kept.error
  }

  /** The vessel that lies in a place, by its own name, so that its history goes with it wherever it goes. */
  function vesselIn(place: PlaceRef): VesselRef {
    const state = collection.ledger.places(place.paletteId).get(place.placeId)
    return state?.vesselId === undefined ? place : { vesselId: state.vesselId }
  }

  return {
    describe,
    vesselIn,
    recordAll,
    record: (event: Event) => recordAll(describe(event), [event]),
    correct(entryId: string, becomes: Event | null): Problem | undefined {
      const was = collection.ledger.whole.journal.get(entryId)
      const future = becomes && stillToCome([becomes])
      if (future) return future
      const entry = correctEvent(collection.core.ledger, entryId, becomes, stamp())
      if (!entry.ok) return entry.error
      const label = becomes
        ? `corrected: ${describe(becomes)}`
        : `struck out: ${was ? describe(was.event) : 'an entry'}`
      const kept = undo.commit(label, [], [entry.value])
      return kept.ok ? undefined : kept.error
    },
    /** Records what went into one vessel, from one tube or several, as one step. */
    pour: (events: readonly FillEvent[]) => recordAll(events[0] ? describe(events[0]) : '', events),
    /** Records several fillings as one step. */
    fillAll: (paletteName: string, events: FillEvent[]) =>
      recordAll(`filled ${counted(events.length, 'place')} of ${paletteName}`, events),
    /** Exchanges pans until every planned paint that lies somewhere in the palette lies in its place. */
    carryOut(paletteName: string, events: Event[]) {
      const where = events.length === 1 ? 'its planned place' : 'their planned places'
      return recordAll(`moved ${counted(events.length, 'pan')} of ${paletteName} to ${where}`, events)
    },
    /** Moves the pan of a place to another, of this palette or another; a pan that lies there comes back in exchange. */
    movePan(from: PlaceRef, to: PlaceRef, day: string): Problem | undefined {
      if (samePlace(from, to)) return undefined
      // a place of which the journal says nothing holds the pan that came with it
      const event: Event = isOut(collection.ledger.places(to.paletteId), to.placeId)
        ? { kind: 'put', day, vessel: vesselIn(from), place: to }
        : { kind: 'exchange', day, place: from, other: to }
      return recordAll(`moved the pan of ${name.place(from)} to ${name.place(to)}`, [event])
    },
    takePanOut: (from: PlaceRef, day: string) =>
      recordAll(`took the pan of ${name.place(from)} out`, [{ kind: 'takeOut', day, vessel: vesselIn(from) }]),
    /** Lays pans where they lie in no palette. */
    stow(vessels: readonly VesselRef[], where: Whereabouts, day: string): Problem | undefined {
      const events = vessels.map((vessel): Event => ({ kind: 'stow', day, vessel, where }))
      const what = vessels.length === 1 ? name.vessel(vessels[0]!) : counted(vessels.length, 'pan')
      return recordAll(`laid ${what} ${whereaboutsInWords(where)}`, events)
    },
    /** Lays pans back where each of them lay, as one step. */
    stowAll(paletteName: string, back: readonly { where: Whereabouts; vesselIds: readonly string[] }[], day: string) {
      const events = back.flatMap(({ where, vesselIds }) =>
        vesselIds.map((vesselId): Event => ({ kind: 'stow', day, vessel: { vesselId }, where })),
      )
      return recordAll(`put ${counted(events.length, 'pan')} of ${paletteName} back`, events)
    },
    /** To whom a pan was lent, said or put right afterwards: the entry is corrected, its day stays. */
    lentTo(vesselId: string, words: string): Problem | undefined {
      const lent = collection.ledger.whole.journal
        .latestFirst()
        .find(({ event }) => event.kind === 'stow' && !isPlace(event.vessel) && event.vessel.vesselId === vesselId)
      if (lent?.event.kind !== 'stow') return undefined
      const entry = correctEvent(
        collection.core.ledger,
        lent.entryId,
        { ...lent.event, where: { ...lent.event.where, words } },
        stamp(),
      )
      if (!entry.ok) return entry.error
      const kept = undo.commit(`lent ${name.vessel({ vesselId })} to ${words}`, [], [entry.value])
      return kept.ok ? undefined : kept.error
    },
    /** Puts several pans into their places as one step. */
    putAll: (paletteName: string, puts: readonly { vesselId: string; place: PlaceRef }[], day: string) =>
      recordAll(
        `put ${counted(puts.length, 'pan')} into ${paletteName}`,
        puts.map(({ vesselId, place }): Event => ({ kind: 'put', day, vessel: { vesselId }, place })),
      ),
    /** Pans without a box, new ones, among the loose pans. */
    addLoose(size: PanSize, labels: readonly string[], day: string): Problem | undefined {
      const pans = labels.map((label): Pan => ({ id: nanoid(12), v: 1, size, label }))
      const events = pans.map(({ id }): Event => ({
        kind: 'stow',
        day,
        vessel: { vesselId: id },
        where: { kind: 'master set' },
      }))
      return recordAll(
        `added ${counted(pans.length, size)} to the loose pans`,
        events,
        pans.map((p) => added('pans', p)),
      )
    },
    relabel: (pan: Pan, label: string) =>
      undo.commit(`wrote “${label}” under a pan`, [updated('pans', pan, { ...pan, label })]),
    putPanIn(vessel: VesselRef, place: PlaceRef, day: string): Problem | undefined {
      const event: Event = { kind: 'put', day, vessel, place }
      return recordAll(describe(event), [event])
    },
    /** Puts a fresh pan into a place whose own is out. */
    addPan(size: PanSize, label: string, place: PlaceRef, day: string): Problem | undefined {
      const pan: Pan = { id: nanoid(12), v: 1, size, label }
      const event: Event = { kind: 'put', day, vessel: { vesselId: pan.id }, place }
      return recordAll(`put a new ${size} into ${name.place(place)}`, [event], [added('pans', pan)])
    },
  }
}
