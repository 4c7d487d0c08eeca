import type { ItemFold } from '../documents/journal/eventKind'
import { kindOfEvent } from '../documents/journal/event'
import { isUsable, type Item } from '../documents/item'
import type { Effective } from './effectiveJournal'

/** What the journal knows of an item. */
export interface ItemAccount {
  /** Its events in order of time. */
  events: readonly Effective[]
  /** Sum of all fills, ml. */
  drawn: number
  /** The last time someone looked how much is left, ml, and what was drawn since. */
  measured?: { day: string; millilitres: number; drawnSince: number }
}

export const NO_ACCOUNT: ItemAccount = { events: [], drawn: 0 }

/** Amounts are counted in whole microlitres, so that sums are exact and do not depend on the order of adding. */
const microlitres = (millilitres: number) => Math.round(millilitres * 1000)

class Account implements ItemFold {
  #drawn = 0
  #measured: { day: string; millilitres: number } | undefined
  #drawnSince = 0

  draw(millilitres: number) {
    this.#drawn += microlitres(millilitres)
    this.#drawnSince += microlitres(millilitres)
  }
  measured(day: string, millilitres: number) {
    this.#measured = { day, millilitres }
    this.#drawnSince = 0
  }
  read(events: readonly Effective[]): ItemAccount {
    const measured = this.#measured && { ...this.#measured, drawnSince: this.#drawnSince / 1000 }
    return { events, drawn: this.#drawn / 1000, ...(measured ? { measured } : {}) }
  }
}

/** Accounts of items, folded event by event in order of time. */
export class ItemAccounts {
  readonly #accounts = new Map<string, Account>()

  enter(itemId: string, { event }: Effective): void {
    let account = this.#accounts.get(itemId)
    if (!account) this.#accounts.set(itemId, (account = new Account()))
    kindOfEvent(event).foldItem?.(event, account)
  }
  restart(itemId: string): void {
    this.#accounts.delete(itemId)
  }
  read(itemId: string, events: readonly Effective[]): ItemAccount {
    return this.#accounts.get(itemId)?.read(events) ?? NO_ACCOUNT
  }
}

export interface Balance {
  /** What should be left, ml; below 0 when more was drawn than it held. */
  left: number
  /** A measurement is nearer to the truth than what was said by eye, that nearer than the size on the label. */
  from: 'label' | 'by eye' | 'measured'
}

/** What a tube that is said to be nearly empty still holds, a share of its size; half or twice that as well (judgement). */
export const NEARLY_EMPTY = 0.1

/** What should be left in an item, in ml: nothing in one that is said to be empty, little in one that is nearly so. */
export function balanceOf(
  item: Pick<Item, 'millilitres'> & Partial<Pick<Item, 'supply' | 'remarks'>>,
  { measured, drawn }: ItemAccount,
): Balance {
  if (item.supply === 'empty') return { left: 0, from: 'by eye' }
  if (measured)
    return { left: (microlitres(measured.millilitres) - microlitres(measured.drawnSince)) / 1000, from: 'measured' }
  const left = (microlitres(item.millilitres) - microlitres(drawn)) / 1000
  const most = NEARLY_EMPTY * item.millilitres
  return item.remarks?.includes('nearly empty') && left > most
    ? { left: microlitres(most) / 1000, from: 'by eye' }
    : { left, from: 'label' }
}

/** ml that can be painted from, over all open and sealed items; what is overdrawn counts as nothing. */
export const leftInAll = (items: readonly Item[], leftIn: (item: Item) => number): number =>
  items.filter(isUsable).reduce((sum, item) => sum + Math.max(0, leftIn(item)), 0)

/** How many more fillings of a size an item gives, whole ones; 0 upward. */
export const fillsLeft = (left: number, millilitres: number): number =>
  millilitres > 0 ? Math.max(0, Math.floor(left / millilitres + 1e-9)) : 0
