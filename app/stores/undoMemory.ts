import { Event, isFieldName, KIND_NAMES } from '@juxtachrome/core/documents'
import type { Patch as CorePatch } from '@juxtachrome/core/collection'
import * as z from 'zod/mini'

const kind = z.enum(KIND_NAMES.filter((k) => k !== 'journal'))
/** Where a patch puts a value; never a name that reaches into an object's own workings. */
const path = z.array(z.string().check(z.refine(isFieldName)))
const Patch = z.discriminatedUnion('did', [
  z.object({
    kind,
    id: z.string(),
    did: z.literal('changed'),
    // a field that was not there before, or is not after, is in no text
    fields: z.array(z.object({ path, before: z.optional(z.unknown()), after: z.optional(z.unknown()) })),
  }),
  z.object({ kind, id: z.string(), did: z.literal('added'), digest: z.string() }),
  z.object({ kind, id: z.string(), did: z.literal('removed'), document: z.looseObject({ id: z.string() }) }),
])
/** What a journal entry stood for before and after a command. */
const EventChange = z.object({ entryId: z.string(), before: z.nullable(Event), after: z.nullable(Event) })
const Command = z.object({ label: z.string(), patches: z.array(Patch), events: z.array(EventChange) })
const Lists = z.object({ era: z.string(), done: z.array(Command), undone: z.array(Command) })

export type EventChange = z.infer<typeof EventChange>
export interface Command {
  label: string
  patches: readonly CorePatch[]
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
    forget()
  }
}

function forget(): void {
  try {
    sessionStorage.removeItem(KEY)
  } catch {
    // no store for this tab: the list lasts until a reload
  }
}

/**
 * The undo list as this tab left it before a reload, if the collection is still the one it was made on.
 * A list that was damaged, or that a newer version left, is none.
 */
export function recall(era: string): UndoLists {
  const none = { era, done: [], undone: [] }
  try {
    const kept = Lists.safeParse(JSON.parse(sessionStorage.getItem(KEY) ?? 'null'))
    return kept.success && kept.data.era === era ? (kept.data as UndoLists) : none
  } catch {
    return none
  }
}
