import type { Diff, Event } from '@juxtachrome/core'

/** What a journal entry stood for before and after a command. */
export interface EventChange {
  entryId: string
  before: Event | null
  after: Event | null
}
export interface Command {
  label: string
  diff: Diff
  events: EventChange[]
}
export interface UndoLists {
  done: Command[]
  undone: Command[]
}

const KEY = 'jx-undo'
/** Steps kept across a reload of this tab. */
const STEPS = 40

/** Keeps the end of the undo list for this tab; without room for it, none. */
export function remember({ done, undone }: UndoLists): void {
  try {
    sessionStorage.setItem(KEY, JSON.stringify({ done: done.slice(-STEPS), undone: undone.slice(-STEPS) }))
  } catch {
    globalThis.sessionStorage?.removeItem(KEY)
  }
}

/** The undo list as this tab left it before a reload. */
export function recall(): UndoLists {
  try {
    const kept = JSON.parse(sessionStorage.getItem(KEY) ?? '') as Partial<UndoLists> | null
    if (kept && Array.isArray(kept.done) && Array.isArray(kept.undone)) return { done: kept.done, undone: kept.undone }
  } catch {
    // nothing kept, or not readable: start with an empty list
  }
  return { done: [], undone: [] }
}
