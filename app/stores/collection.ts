import {
  applyToDocument,
  createPaintIndex,
  EDITABLE_KINDS,
  KIND_NAMES,
  Ledger,
  makersOf,
  noDocuments,
  type Collection,
  type Diff,
  type DocumentOf,
  type EditableKind,
  type Item,
  type JournalEntry,
  type LeftoverRow,
  type Paint,
  type Palette,
  type Recipe,
  type Unreadable,
} from '@juxtachrome/core'
import { defineStore } from 'pinia'
import { computed, shallowRef, triggerRef } from 'vue'
import type { WriteSet } from '~/storage/storage'

type Tables = { [K in EditableKind]: ReadonlyMap<string, DocumentOf<K>> }
const emptyTables = (): Tables => ({
  paints: new Map(),
  items: new Map(),
  palettes: new Map(),
  recipes: new Map(),
  leftovers: new Map(),
})

/** Every document in memory, the ledger over the journal, and what follows from them. Changes come in through `apply` only. */
export const useCollection = defineStore('collection', () => {
  const tables = shallowRef<Tables>(emptyTables())
  const journal = shallowRef(new Map<string, JournalEntry>())
  const ledger = shallowRef(new Ledger())
  const unreadable = shallowRef<Unreadable[]>([])
  let index = createPaintIndex()

  /** In the database's own order, so that undo and a reload leave every list as it was. */
  const present = <T extends { id: string; removed?: boolean }>(map: ReadonlyMap<string, T>) =>
    [...map.values()].filter((d) => !d.removed).sort((p, q) => (p.id < q.id ? -1 : 1))
  const paints = computed<Paint[]>(() => present(tables.value.paints))
  const palettes = computed<Palette[]>(() =>
    present(tables.value.palettes).sort((p, q) => p.name.localeCompare(q.name)),
  )
  const items = computed<Item[]>(() => present(tables.value.items))
  const recipes = computed<Recipe[]>(() => present(tables.value.recipes).sort((p, q) => p.name.localeCompare(q.name)))
  const leftovers = computed<LeftoverRow[]>(() =>
    [...tables.value.leftovers.values()].sort((p, q) => p.file.localeCompare(q.file) || p.line - q.line),
  )
  const makers = computed(() => makersOf(paints.value))
  const itemsByPaint = computed(() => {
    const byPaint = new Map<string, Item[]>()
    for (const item of items.value) {
      const list = byPaint.get(item.paintId)
      if (list) list.push(item)
      else byPaint.set(item.paintId, [item])
    }
    return byPaint
  })
  const isEmpty = computed(() => paints.value.length + palettes.value.length + items.value.length === 0)

  function applyDiff(diff: Diff) {
    if (diff.length === 0) return
    const next = { ...tables.value } as Record<EditableKind, ReadonlyMap<string, unknown>>
    const copied = new Set<EditableKind>()
    for (const { kind, id, before, after } of diff) {
      if (!copied.has(kind)) next[kind] = new Map(next[kind])
      copied.add(kind)
      const map = next[kind] as Map<string, unknown>
      const now = applyToDocument((map.get(id) ?? null) as typeof before, before, after)
      if (now) map.set(id, now)
      else map.delete(id)
      if (kind === 'paints') indexPaint(id, now as Paint | null)
    }
    tables.value = next as Tables
  }

  function indexPaint(id: string, paint: Paint | null) {
    if (paint && !paint.removed) index.put(paint)
    else index.remove(id)
  }

  function applyJournal(entries: readonly JournalEntry[]) {
    if (entries.length === 0) return
    for (const entry of entries) {
      if (journal.value.has(entry.id)) continue
      journal.value.set(entry.id, entry)
      ledger.value.add(entry)
    }
    triggerRef(journal)
    triggerRef(ledger)
  }

  /** Takes in a command's changes, made here or in another tab. */
  function apply({ diff, journal: entries }: WriteSet) {
    applyDiff(diff)
    applyJournal(entries)
  }

  /** Puts a whole collection in place of what was there. */
  function replace(collection: Collection) {
    const { documents } = collection
    const next = emptyTables() as Record<EditableKind, Map<string, unknown>>
    for (const kind of EDITABLE_KINDS) for (const document of documents[kind]) next[kind].set(document.id, document)
    index = createPaintIndex()
    for (const paint of documents.paints) indexPaint(paint.id, paint)
    tables.value = next as Tables
    journal.value = new Map(documents.journal.map((e) => [e.id, e]))
    ledger.value = new Ledger(documents.journal)
    unreadable.value = collection.unreadable
  }

  /** Everything as it is now, for a file. */
  function whole(): Collection {
    const documents = noDocuments()
    for (const kind of KIND_NAMES) {
      const map: ReadonlyMap<string, unknown> = kind === 'journal' ? journal.value : tables.value[kind]
      ;(documents[kind] as unknown[]).push(...map.values())
    }
    return { documents, unreadable: unreadable.value }
  }

  return {
    tables,
    journal,
    ledger,
    unreadable,
    paints,
    palettes,
    items,
    recipes,
    leftovers,
    makers,
    itemsByPaint,
    isEmpty,
    find: (text: string) => index.find(text),
    apply,
    replace,
    whole,
    paint: (id: string | undefined) => tables.value.paints.get(id ?? ''),
    item: (id: string | undefined) => tables.value.items.get(id ?? ''),
    recipe: (id: string | undefined) => tables.value.recipes.get(id ?? ''),
    palette: (id: string | undefined) => tables.value.palettes.get(id ?? ''),
    itemsOf: (paintId: string) => itemsByPaint.value.get(paintId) ?? [],
  }
})
