import type { Event } from '@juxtachrome/core/documents'
import type { Patch } from '@juxtachrome/core/collection'

/** What a journal entry stood for before and after a command. */
export interface EventChange {
  entryId: string
  before: Event | null
  after: Event | null
}
export interface Command {
  label: string
  patches: readonly Patch[]
  events: readonly EventChange[]
}
export interface UndoLists {
  /** The era of the collection in which the commands were made. */
  era: string
  done: readonly Command[]
  undone: readonly Command[]
}

const KEY = 'jx-undo'
/** Steps kept across a reload of this tab. */
const STEPS = 40

/** Keeps the end of the undo list for this tab; without room for it, none. */
export function remember({ era, done, undone }: UndoLists): void {
  try {
    sessionStorage.setItem(KEY, JSON.stringify({ era, done: done.slice(-STEPS), undone: undone.slice(-STEPS) }))
  } catch {
    globalThis.sessionStorage?.removeItem(KEY)
  }
}

/** The undo list as this tab left it before a reload, if the collection is still the one it was made on. */
export function recall(era: string): UndoLists {
  try {
    const kept = JSON.parse(sessionStorage.getItem(KEY) ?? '') as Partial<UndoLists> | null
    const lists = kept && [kept.done, kept.undone]
    if (kept?.era === era && lists?.every((l) => Array.isArray(l) && l.every(isCommand))) return kept as UndoLists
  } catch {
    // nothing kept, or not readable: start with an empty list
  }
  return { era, done: [], undone: [] }
}

const isCommand = (value: unknown): value is Command =>
  typeof value === 'object' &&
  value !== null &&
  typeof (value as Command).label === 'string' &&
  Array.isArray((value as Command).patches) &&
  Array.isArray((value as Command).events)
