import {
  correctEvent,
  recordEvent,
  updated,
  type Change,
  type Event,
  type FillEvent,
  type Item,
  type JournalEntry,
  type Problem,
} from '@juxtachrome/core'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { stamp, useJournal } from '~/stores/undo'

/** What a person records about filling. Every record is an entry of the journal; corrections are too. */
export function useFillCommands() {
  const collection = useCollection()
  const journal = useJournal()
  const notices = useNotices()
  const nameOf = (paintId: string) => collection.paint(paintId)?.name ?? 'a paint'

  function record(label: string, event: Event, diff: Change[] = []): Problem | undefined {
    const entry = recordEvent(event, stamp())
    if (!entry.ok) {
      notices.trouble(entry.error.message)
      return entry.error
    }
    journal.commit(label, diff, [entry.value])
    return undefined
  }

  function describe(event: Event): string {
    switch (event.kind) {
      case 'fill':
        return `filled ${event.placeId} with ${nameOf(event.paintId)}`
      case 'clean':
        return `cleaned ${event.placeId}`
      case 'dry':
        return `found ${event.placeId} dry`
      case 'exchange':
        return `moved the pan of ${event.placeId} to ${event.otherPlaceId}`
      case 'measure':
        return `measured what is left`
    }
  }

  /** A sealed tube that is filled from is open from then on. */
  const opened = (item: Item | undefined): Change[] =>
    item?.supply === 'sealed' ? [updated('items', item, { ...item, supply: 'open' })] : []

  function recordAll(events: readonly Event[]): JournalEntry[] | undefined {
    const entries = events.map((event) => recordEvent(event, stamp()))
    const refused = entries.find((e) => !e.ok)
    if (refused && !refused.ok) notices.trouble(refused.error.message)
    return refused ? undefined : entries.flatMap((e) => (e.ok ? [e.value] : []))
  }

  return {
    describe,
    record: (event: Event) =>
      record(describe(event), event, event.kind === 'fill' ? opened(collection.item(event.itemId)) : []),
    correct(entryId: string, becomes: Event | null): Problem | undefined {
      const was = collection.ledger.journal.get(entryId)
      const entry = correctEvent(collection.ledger, entryId, becomes, stamp())
      if (!entry.ok) return entry.error
      const label = becomes
        ? `corrected: ${describe(becomes)}`
        : `struck out: ${was ? describe(was.event) : 'an entry'}`
      journal.commit(label, [], [entry.value])
      return undefined
    },
    /** Records several fillings as one step. */
    fillAll(paletteName: string, events: FillEvent[]) {
      const entries = recordAll(events)
      const sealed = new Set(events.map((e) => e.itemId))
      if (entries)
        journal.commit(
          `filled ${events.length} places of ${paletteName}`,
          [...sealed].flatMap((id) => opened(collection.item(id))),
          entries,
        )
    },
    /** Exchanges pans until every planned paint that lies somewhere in the palette lies in its place. */
    carryOut(paletteName: string, events: Event[]) {
      const entries = recordAll(events)
      if (entries) journal.commit(`moved ${events.length} pans of ${paletteName} to their planned places`, [], entries)
    },
  }
}
