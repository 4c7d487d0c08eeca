import type { Item } from '../documents/item'
import type { Event, FillEvent, JournalEntry } from '../documents/journalEntry'
import { byTime, EffectiveJournal, insertByTime, type Effective } from './journal'
import { afterEvent, stateAfter, type PaletteState } from './places'

/** What the journal knows of an item. */
export interface ItemAccount {
  /** Its events in order of time. */
  events: readonly Effective[]
  /** Sum of all fills, ml. */
  drawn: number
  /** The last time someone looked how much is left, ml, and what was drawn since. */
  measured?: { day: string; millilitres: number; drawnSince: number }
}

interface PaletteAccount {
  events: Effective[]
  state: PaletteState
}

const NO_ACCOUNT: ItemAccount = { events: [], drawn: 0 }

/**
 * The ledger: what is left in every item and what lies in every place, as a projection of the
 * append-only journal. `add` brings it up to date from the accounts an entry touches; a `new Ledger`
 * over all entries, in any order, gives the same.
 */
export class Ledger {
  readonly journal = new EffectiveJournal()
  readonly #items = new Map<string, ItemAccount>()
  readonly #palettes = new Map<string, PaletteAccount>()

  constructor(entries: Iterable<JournalEntry> = []) {
    const ids = new Set<string>()
    for (const entry of entries) {
      this.journal.add(entry)
      ids.add(entry.type === 'event' ? entry.id : entry.corrects)
    }
    const effective = [...ids]
      .map((id) => this.journal.get(id))
      .filter((e) => e !== null)
      .sort(byTime)
    this.#enterAll(effective)
  }

  /** Takes in one more entry: an event recorded now, one of an earlier day, or a correction. */
  add(entry: JournalEntry): void {
    const { before, after } = this.journal.add(entry)
    if (before === after) return
    if (before) this.#withdraw(before)
    if (after) this.#enter(after)
  }

  account(itemId: string): ItemAccount {
    return this.#items.get(itemId) ?? NO_ACCOUNT
  }

  places(paletteId: string): PaletteState {
    return this.#palettes.get(paletteId)?.state ?? {}
  }

  /** All events of a palette in order of time. */
  eventsOf(paletteId: string): readonly Effective[] {
    return this.#palettes.get(paletteId)?.events ?? []
  }

  itemIds(): string[] {
    return [...this.#items.keys()]
  }

  paletteIds(): string[] {
    return [...this.#palettes.keys()]
  }

  /** Into an empty ledger, in order of time. */
  #enterAll(effective: readonly Effective[]) {
    for (const [id, events] of grouped(effective, itemOf)) this.#items.set(id, accountOf(events))
    for (const [id, events] of grouped(effective, paletteOf))
      this.#palettes.set(id, { events, state: stateAfter(events) })
  }

  #enter(effective: Effective) {
    const itemId = itemOf(effective.event)
    if (itemId !== undefined) {
      const account = this.account(itemId)
      const events = account === NO_ACCOUNT ? [] : (account.events as Effective[])
      const at = insertByTime(events, effective)
      this.#items.set(itemId, at === events.length - 1 ? accountAfter(account, effective, events) : accountOf(events))
    }
    const paletteId = paletteOf(effective.event)
    if (paletteId !== undefined) {
      const { events, state } = this.#palettes.get(paletteId) ?? { events: [], state: {} }
      const at = insertByTime(events, effective)
      this.#palettes.set(paletteId, {
        events,
        state: at === events.length - 1 ? afterEvent(state, effective) : stateAfter(events),
      })
    }
  }

  #withdraw({ entryId, event }: Effective) {
    const itemId = itemOf(event)
    if (itemId !== undefined)
      this.#items.set(itemId, accountOf(this.account(itemId).events.filter((e) => e.entryId !== entryId)))
    const paletteId = paletteOf(event)
    if (paletteId !== undefined) {
      const events = (this.#palettes.get(paletteId)?.events ?? []).filter((e) => e.entryId !== entryId)
      this.#palettes.set(paletteId, { events, state: stateAfter(events) })
    }
  }
}

function grouped(
  effective: readonly Effective[],
  keyOf: (event: Event) => string | undefined,
): Map<string, Effective[]> {
  const groups = new Map<string, Effective[]>()
  for (const one of effective) {
    const key = keyOf(one.event)
    if (key === undefined) continue
    const group = groups.get(key)
    if (group) group.push(one)
    else groups.set(key, [one])
  }
  return groups
}

const itemOf = (event: Event) => (event.kind === 'fill' || event.kind === 'measure' ? event.itemId : undefined)
const paletteOf = (event: Event) => (event.kind === 'measure' ? undefined : event.paletteId)

const accountOf = (events: readonly Effective[]): ItemAccount =>
  events.reduce((account, e) => accountAfter(account, e, events), { ...NO_ACCOUNT, events })

function accountAfter(account: ItemAccount, { event }: Effective, events: readonly Effective[]): ItemAccount {
  if (event.kind === 'measure')
    return { ...account, events, measured: { day: event.day, millilitres: event.millilitres, drawnSince: 0 } }
  if (event.kind !== 'fill') return { ...account, events }
  const { measured } = account
  return {
    events,
    drawn: round(account.drawn + event.millilitres),
    ...(measured ? { measured: { ...measured, drawnSince: round(measured.drawnSince + event.millilitres) } } : {}),
  }
}

/** Sums are kept to a millionth of a ml, so that they do not depend on the order of adding. */
const round = (n: number) => Math.round(n * 1e6) / 1e6

export interface Balance {
  /** What should be left, ml; below 0 when more was drawn than it held. */
  left: number
  /** A measurement is nearer to the truth than the size on the label. */
  from: 'label' | 'measured'
}

/** What should be left in an item, in ml. */
export function balanceOf(item: Pick<Item, 'millilitres'>, account: ItemAccount): Balance {
  const { measured } = account
  if (measured) return { left: round(measured.millilitres - measured.drawnSince), from: 'measured' }
  return { left: round(item.millilitres - account.drawn), from: 'label' }
}

/** The fills drawn from an item, newest first. */
export function fillsFrom(account: ItemAccount): { entryId: string; event: FillEvent }[] {
  return account.events.flatMap(({ entryId, event }) => (event.kind === 'fill' ? [{ entryId, event }] : [])).reverse()
}
