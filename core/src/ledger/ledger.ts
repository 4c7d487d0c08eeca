import { kindOfEvent, type FillEvent } from '../documents/journal/event'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { loadDocument } from '../documents/load'
import { ok, type Result } from '../result'
import type { PlaceRef } from '../documents/journal/vessel'
import { EffectiveJournal, type Effective } from './effectiveJournal'
import { ItemAccounts, NO_ACCOUNT, type ItemAccount } from './items'
import type { FoundDry, PaletteState, SeenUse, VesselState } from './stays'
import { type Sitting, Sittings } from './sittings'
import { changeTimeline } from './timeline'
import { keysOf, paletteKey, VesselGroup, vesselKey } from './vesselGroup'

/** What entries changed: of these items and palettes the ledger says something new. */
export interface Touched {
  items: Set<string>
  palettes: Set<string>
}

interface Change {
  before: Effective | null
  after: Effective | null
}
/** Events that leave and enter one list. */
class Turnover {
  readonly withdrawn = new Set<string>()
  readonly added: Effective[] = []
}

const NOTHING: PaletteState = new Map()

/**
 * The ledger: what is left in every item, what lies in every vessel, and where the vessels are, as
 * independent folds over the append-only journal. It is kept up from the lists that an entry touches;
 * a new ledger over all entries, in any order, says the same.
 */
export class Ledger {
  readonly journal = new EffectiveJournal()
  readonly #accounts = new ItemAccounts()
  readonly #itemEvents = new Map<string, Effective[]>()
  readonly #groups = new Map<string, VesselGroup>()
  readonly #sittings = new Sittings()
  /** Accounts as they were last read; gone when an event touches the item. */
  readonly #read = new Map<string, ItemAccount>()

  constructor(entries: Iterable<JournalEntry> = []) {
    this.addAll(entries)
  }

  /**
   * Takes in one more entry: an event recorded now, one of an earlier day, or a correction.
   * Errors: as `loadDocument`; then nothing was taken in.
   */
  add(entry: JournalEntry): Result<Touched> {
    const checked = loadDocument('journal', entry)
    return checked.ok ? ok(this.addAll([checked.value])) : checked
  }

  /** Takes in entries that were checked on their way in. */
  addAll(entries: Iterable<JournalEntry>): Touched {
    const changes = this.#changesOf(entries)
    const [items, palettes] = [this.#changeItems(changes), this.#changeVessels(changes)]
    for (const { before, after } of changes) for (const id of this.#sittings.change(before, after)) palettes.add(id)
    return { items, palettes }
  }

  /** What the journal knows of an item; the same object until something changes. */
  account(itemId: string): ItemAccount {
    const known = this.#read.get(itemId)
    const events = this.#itemEvents.get(itemId)
    if (known || !events) return known ?? NO_ACCOUNT
    const account = this.#accounts.read(itemId, [...events])
    this.#read.set(itemId, account)
    return account
  }

  /** What lies in a palette's places, by their ids; the same object until something changes there. */
  places(paletteId: string): PaletteState {
    return this.#groups.get(paletteKey(paletteId))?.fold.palette(paletteId) ?? NOTHING
  }

  vessel(vesselId: string): VesselState {
    const group = this.#groups.get(vesselKey(vesselId))
    return (group?.fold ?? new VesselGroup().fold).vessel(vesselId)
  }

  /** Vessels that lie in no palette and of which the journal speaks. */
  looseVessels(): string[] {
    return [...new Set(this.#groups.values())].flatMap((group) => group.fold.loose())
  }

  /** What was found dry, and how long that took against what was forecast. */
  foundDry(): FoundDry[] {
    return [...new Set(this.#groups.values())].flatMap((group) => [...group.fold.foundDry()])
  }

  /** The paintings from a palette, in order of time; the same list until one of them changes. */
  sittingsOf(paletteId: string): readonly Sitting[] {
    return this.#sittings.of(paletteId)
  }

  /** Palettes from which anything was painted, also those that are gone. */
  paintedFrom(): string[] {
    return this.#sittings.palettes()
  }

  /** What paintings took between two looks at a pan, wherever anybody looked. */
  seenUse(): SeenUse[] {
    return [...new Set(this.#groups.values())].flatMap((group) => [...group.fold.seenUse()])
  }

  /** All events that touched a palette, in order of time. */
  eventsOf(paletteId: string): readonly Effective[] {
    const group = this.#groups.get(paletteKey(paletteId))
    return group?.events.filter((e) => group.placesOf(e.entryId).some((p) => p.paletteId === paletteId)) ?? []
  }

  /** The places that an event touched: where a filling went on its day, from where and to where a pan was moved. */
  placesOf(entryId: string): readonly PlaceRef[] {
    const event = this.journal.get(entryId)?.event
    const key = event && keysOf(event)[0]
    return (key && this.#groups.get(key)?.placesOf(entryId)) || []
  }

  itemIds(): string[] {
    return [...this.#itemEvents.keys()]
  }

  #changesOf(entries: Iterable<JournalEntry>): Change[] {
    const byEvent = new Map<string, Change>()
    for (const entry of entries) {
      const { before, after } = this.journal.add(entry)
      const id = entry.type === 'event' ? entry.id : entry.corrects
      const known = byEvent.get(id)
      if (known) known.after = after
      else byEvent.set(id, { before, after })
    }
    return [...byEvent.values()].filter(({ before, after }) => before !== after && !isSame(before, after))
  }

  #changeItems(changes: readonly Change[]): Set<string> {
    const lists = turnovers(changes, (event) => kindOfEvent(event).item?.(event))
    for (const [itemId, { withdrawn, added }] of lists) {
      const { from, events } = changeTimeline(this.#itemEvents.get(itemId) ?? [], withdrawn, added)
      this.#itemEvents.set(itemId, events)
      this.#read.delete(itemId)
      if (from === 'beginning') this.#accounts.restart(itemId)
      const fresh = from === 'beginning' ? events : events.slice(events.length - added.length)
      for (const effective of fresh) this.#accounts.enter(itemId, effective)
    }
    return new Set(lists.keys())
  }

  #changeVessels(changes: readonly Change[]): Set<string> {
    for (const { before, after } of changes) {
      if (before) this.#tie(keysOf(before.event))
      if (after) this.#tie(keysOf(after.event))
    }
    const lists = turnovers(changes, (event) => {
      const [key] = keysOf(event)
      return key === undefined ? undefined : this.#groups.get(key)
    })
    return new Set([...lists].flatMap(([group, { withdrawn, added }]) => [...group.change(withdrawn, added)]))
  }

  /** Brings all of the keys into one group; groups that they tie together become one. */
  #tie(keys: readonly string[]): void {
    if (keys.length === 0 || (keys.length === 1 && this.#groups.has(keys[0]!))) return
    const found = [...new Set(keys.flatMap((k) => this.#groups.get(k) ?? []))]
    const [first = new VesselGroup(), ...others] = found.sort((p, q) => q.events.length - p.events.length)
    for (const key of keys) first.keys.add(key)
    for (const other of others) {
      for (const key of other.keys) first.keys.add(key)
      first.change(new Set(), other.events)
    }
    if (found.length !== 1 || keys.some((k) => !this.#groups.has(k)))
      for (const key of first.keys) this.#groups.set(key, first)
  }
}

/** The same event from the same entry: nothing that a fold would notice. */
const isSame = (before: Effective | null, after: Effective | null) =>
  before !== null && after !== null && before.event === after.event && before.corrected === after.corrected

function turnovers<Key>(
  changes: readonly Change[],
  keyFor: (event: Effective['event']) => Key | undefined,
): Map<Key, Turnover> {
  const lists = new Map<Key, Turnover>()
  const of = (event: Effective['event']) => {
    const key = keyFor(event)
    if (key === undefined) return undefined
    let known = lists.get(key)
    if (!known) lists.set(key, (known = new Turnover()))
    return known
  }
  for (const { before, after } of changes) {
    if (before) of(before.event)?.withdrawn.add(before.entryId)
    if (after) of(after.event)?.added.push(after)
  }
  return lists
}

/** The fills drawn from an item, newest first. */
export function fillsFrom(account: ItemAccount): { entryId: string; event: FillEvent }[] {
  return account.events.flatMap(({ entryId, event }) => (event.kind === 'fill' ? [{ entryId, event }] : [])).reverse()
}
