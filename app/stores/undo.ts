import { ok, type Result } from '@juxtachrome/core/result'
import {
  same,
  type Change,
  type CorrectionEntry,
  type Diff,
  type EditableKind,
  type Event,
  type JournalEntry,
} from '@juxtachrome/core/documents'
import { checkWrite, patchesOf, takeBack, type WriteSet } from '@juxtachrome/core/collection'
import { correctEvent } from '@juxtachrome/core/filling'
import { useEventListener, watchDebounced } from '@vueuse/core'
import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { STOPPED, type LongWork } from '~/storage/longWork'
import { recall, remember, type Command, type EventChange } from './undoMemory'
import { useCollection } from './collection'
import { useKeeper } from './keeper'
import { useNotices } from './notices'

const LONGEST = 200
/** Documents checked between two looks at the page's other work. */
const PORTION = 500
let lastStamp = 0
/** A fresh id and a moment later than any before it in this tab. */
export function stamp(): { id: string; recorded: string } {
  lastStamp = Math.max(Date.now(), lastStamp + 1)
  return { id: nanoid(12), recorded: new Date(lastStamp).toISOString() }
}

/** The artist's commands, to be taken back and done again. The journal only grows: taking back an entry adds a correction. */
export const useUndo = defineStore('undo', () => {
  const done = shallowRef<readonly Command[]>([])
  const undone = shallowRef<readonly Command[]>([])
  const collection = useCollection()
  const keeper = useKeeper()
  const notices = useNotices()

  /**
   * Carries out a command of the artist's: the one door through which changes come in. The label says it in
   * the past: "moved Burnt sienna to C4". What is refused is said, and nothing changes.
   */
  function commit(label: string, diff: Diff, journal: readonly JournalEntry[] = []): Result<void> {
    if (diff.length === 0 && journal.length === 0) return ok(undefined)
    const stood = standingOf(journal)
    const applied = collection.core.apply({ diff, journal })
    if (!applied.ok) {
      notices.trouble(applied.error.message)
      return applied
    }
    keeper.keep(applied.value.write)
    push(label, applied.value.write, changesSince(stood))
    return ok(undefined)
  }

  /** As `commit`, for long work: checked in portions, and written before it is shown, with progress. */
  async function commitLong(label: string, write: WriteSet, how: LongWork = {}): Promise<Result<void>> {
    const checked: Change[] = []
    for (let i = 0; i < write.diff.length; i += PORTION) {
      const portion = checkWrite({ diff: write.diff.slice(i, i + PORTION), journal: [] })
      if (!portion.ok) return portion
      checked.push(...portion.value.diff)
      await new Promise((resume) => setTimeout(resume, 0))
      if (how.signal?.aborted) return STOPPED
    }
    const all = { diff: checked, journal: write.journal }
    const stood = standingOf(write.journal)
    const kept = await keeper.keepAll(all, how)
    if (kept.ok) push(label, all, changesSince(stood))
    return kept
  }

  function push(label: string, { diff }: WriteSet, events: readonly EventChange[]) {
    done.value = [...done.value.slice(1 - LONGEST), { label, patches: patchesOf(diff), events }]
    undone.value = []
  }

  const standing = (entryId: string) => collection.core.ledger.journal.get(entryId)?.event ?? null

  /** The events that entries are about, as they stand; what comes from another device may bring one with its corrections. */
  const standingOf = (journal: readonly JournalEntry[]): Map<string, Event | null> =>
    new Map(
      journal.map((entry) => {
        const id = entry.type === 'event' ? entry.id : entry.corrects
        return [id, standing(id)] as const
      }),
    )

  const changesSince = (stood: ReadonlyMap<string, Event | null>): EventChange[] =>
    [...stood]
      .map(([entryId, before]) => ({ entryId, before, after: standing(entryId) }))
      .filter(({ before, after }) => !same(before, after))

  /** Corrections that take events back; those that were corrected elsewhere since are left. */
  function corrections(events: readonly EventChange[], reason: 'undo' | 'redo') {
    const entries: CorrectionEntry[] = []
    let kept = 0
    for (const { entryId, before, after } of [...events].reverse()) {
      if (!same(standing(entryId), after)) kept += 1
      else {
        const entry = correctEvent(collection.core.ledger, entryId, before, stamp(), reason)
        if (entry.ok) entries.push(entry.value)
      }
    }
    return { entries, kept }
  }

  /** Takes a command back and returns what takes that back in turn; what changed elsewhere since stays. */
  function reverse(command: Command, reason: 'undo' | 'redo'): { inverse: Command; kept: number } | undefined {
    const now = (kind: EditableKind, id: string) => collection.core.get(kind, id)
    const documents = takeBack(command.patches, now)
    const { entries, kept } = corrections(command.events, reason)
    const stood = standingOf(entries)
    const applied = collection.core.apply({ diff: documents.diff, journal: entries })
    if (!applied.ok) {
      notices.trouble(applied.error.message)
      return undefined
    }
    const { write } = applied.value
    if (write.diff.length || write.journal.length) keeper.keep(write)
    const inverse = { label: command.label, patches: patchesOf(write.diff), events: changesSince(stood) }
    return { inverse, kept: documents.kept.length + kept }
  }

  function say(what: string, label: string, kept: number) {
    if (!kept) notices.say(`${what}: ${label}`)
    else notices.trouble(`${what}: ${label}. What was changed elsewhere since is left as it is.`)
  }

  function undo() {
    const command = done.value.at(-1)
    const reversed = command && reverse(command, 'undo')
    if (!command) return
    done.value = done.value.slice(0, -1)
    if (!reversed) return
    undone.value = [...undone.value, reversed.inverse]
    say('Undone', command.label, reversed.kept)
  }

  function redo() {
    const command = undone.value.at(-1)
    const reversed = command && reverse(command, 'redo')
    if (!command) return
    undone.value = undone.value.slice(0, -1)
    if (!reversed) return
    done.value = [...done.value, reversed.inverse]
    say('Done again', command.label, reversed.kept)
  }

  /** Takes up the list as this tab left it before a reload. */
  function takeUp() {
    const kept = recall(keeper.era)
    done.value = kept.done
    undone.value = kept.undone
  }

  // a reload keeps the list; field by field, it stays right even if other tabs went on meanwhile
  const keepList = () => remember({ era: keeper.era, done: done.value, undone: undone.value })
  watchDebounced([done, undone], keepList, { debounce: 200 })
  // whoever leaves at once finds the list as it was, too
  if (typeof window !== 'undefined') useEventListener(window, 'pagehide', keepList)

  function forget() {
    done.value = []
    undone.value = []
  }
  keeper.onReplaced(forget)

  return {
    commit,
    commitLong,
    undo,
    redo,
    takeUp,
    undoLabel: computed(() => done.value.at(-1)?.label),
    redoLabel: computed(() => undone.value.at(-1)?.label),
  }
})
