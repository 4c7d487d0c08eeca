import { invert, type CorrectionEntry, type Diff, type JournalEntry } from '@juxtachrome/core'
import { watchDebounced } from '@vueuse/core'
import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { recall, remember, type Command, type EventChange } from './undoMemory'
import { useCollection } from './collection'
import { useKeeper } from './keeper'
import { useNotices } from './notices'

const LONGEST = 200
let lastStamp = 0
/** A fresh id and a moment later than any before it in this tab. */
export function stamp(): { id: string; recorded: string } {
  lastStamp = Math.max(Date.now(), lastStamp + 1)
  return { id: nanoid(12), recorded: new Date(lastStamp).toISOString() }
}

/** The artist's commands, to be taken back and done again. The journal only grows: taking back an entry adds a correction. */
export const useJournal = defineStore('undo', () => {
  const kept = recall()
  const done = shallowRef<Command[]>(kept.done)
  const undone = shallowRef<Command[]>(kept.undone)
  const collection = useCollection()
  const keeper = useKeeper()
  const notices = useNotices()

  function write(diff: Diff, journal: readonly JournalEntry[]) {
    collection.apply({ diff, journal })
    keeper.keep({ diff, journal })
  }

  /** Carries out a command of the artist's. The label says it in the past: "moved Burnt sienna to C4". */
  function commit(label: string, diff: Diff, journal: readonly JournalEntry[] = []) {
    if (diff.length === 0 && journal.length === 0) return
    const events = journal.map((entry): EventChange =>
      entry.type === 'event'
        ? { entryId: entry.id, before: null, after: entry.event }
        : {
            entryId: entry.corrects,
            before: collection.ledger.journal.get(entry.corrects)?.event ?? null,
            after: entry.becomes,
          },
    )
    write(diff, journal)
    done.value = [...done.value.slice(1 - LONGEST), { label, diff, events }]
    undone.value = []
  }

  const corrections = (events: readonly EventChange[], to: 'before' | 'after', reason: string): CorrectionEntry[] =>
    events.map((change) => ({
      ...stamp(),
      v: 1,
      type: 'correction',
      corrects: change.entryId,
      becomes: change[to],
      reason,
    }))

  function undo() {
    const command = done.value.at(-1)
    if (!command) return
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, command]
    write(invert(command.diff), corrections([...command.events].reverse(), 'before', 'undo'))
    notices.say(`Undone: ${command.label}`)
  }

  function redo() {
    const command = undone.value.at(-1)
    if (!command) return
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, command]
    write(command.diff, corrections(command.events, 'after', 'redo'))
    notices.say(`Done again: ${command.label}`)
  }

  // a reload keeps the list; field by field, it stays right even if other tabs went on meanwhile
  watchDebounced([done, undone], () => remember({ done: done.value, undone: undone.value }), { debounce: 200 })

  function forget() {
    done.value = []
    undone.value = []
  }

  return {
    commit,
    undo,
    redo,
    forget,
    undoLabel: computed(() => done.value.at(-1)?.label),
    redoLabel: computed(() => undone.value.at(-1)?.label),
  }
})
