import {
  EDITABLE_KINDS,
  isUsable,
  type DocumentOf,
  type EditableKind,
  type Item,
  type Paint,
} from '@juxtachrome/core/documents'
import {
  budgetIn,
  Collection,
  freezing,
  itemsByPaint,
  keysOf,
  LISTS,
  Reading,
  settingsIn,
  wishedIn,
  type Applied,
  type Contents,
} from '@juxtachrome/core/collection'
import { doublesOf, makersOf, toldApart } from '@juxtachrome/core/paints'
import { defineStore } from 'pinia'
import { computed, markRaw, type ComputedRef } from 'vue'
import { PaintSearch } from './paintSearch'
import { Tracker } from './tracker'

const NONE: readonly Item[] = []
// whoever changes a document in place fails at once, while it is written and not at somebody's table
if (import.meta.dev) freezing.on = true

/**
 * The collection as the screens see it: core's `Collection`, with what was read tracked document by document
 * and kind by kind, so that a change calls back only those that read what changed.
 */
export const useCollection = defineStore('collection', () => {
  const core = markRaw(new Collection())
  const tracker = new Tracker()
  const search = new PaintSearch(core, tracker)

  /** Read through here, everything is called back when what was read changed. */
  const reading = markRaw(new Reading(core, (key) => tracker.read(key)))

  function tell(applied: Applied) {
    if (applied.whole) return tracker.allChanged()
    for (const key of keysOf(applied)) tracker.changed(key)
  }
  core.subscribe((applied) => {
    search.follow(applied)
    tell(applied)
  })

  const one =
    <K extends EditableKind>(kind: K) =>
    (id: string | undefined): DocumentOf<K> | undefined =>
      reading.get(kind, id)
  const shown = <T>(read: (reading: Reading) => T) => computed(() => read(reading))
  const lists = Object.fromEntries(EDITABLE_KINDS.map((kind) => [kind, shown<unknown>(LISTS[kind])])) as unknown as {
    [K in EditableKind]: ComputedRef<readonly DocumentOf<K>[]>
  }
  const byPaint = shown(itemsByPaint)
  const itemsOf = (paintId: string): readonly Item[] => byPaint.value.get(paintId) ?? NONE
  /** Paints that were painted with or filled from, over the whole journal: worked out when somebody asks. */
  const usedPaints = shown(({ ledger, journal }) => {
    void journal
    const used = new Set(
      ledger.whole
        .paintedFrom()
        .flatMap((id) => ledger.whole.sittingsOf(id))
        .flatMap((s) => (s.event.used as { paintId: string }[]).map((u) => u.paintId)),
    )
    for (const paint of lists.paints.value)
      if (itemsOf(paint.id).some((i) => ledger.account(i.id).events.some((e) => e.event.kind === 'fill')))
        used.add(paint.id)
    return used
  })
  const settings = shown(settingsIn)
  const names = computed(() => toldApart(lists.paints.value))

  return {
    core,
    reading,
    ledger: markRaw(reading.ledger),
    ...lists,
    budget: shown(budgetIn),
    settings,
    itemsByPaint: byPaint,
    makers: computed(() => makersOf(lists.paints.value, settings.value?.makers)),
    journalSize: shown((r) => r.journal.size),
    unreadable: shown((r) => (void r.journal, core.unreadable)),
    isEmpty: computed(() => lists.paints.value.length + lists.palettes.value.length + lists.items.value.length === 0),
    /** What a paint is called, with its maker where another of the collection has the same name. */
    called: (paint: Pick<Paint, 'name' | 'maker'>): string => names.value(paint),
    find: (text: string) => search.find(text),
    contents: (): Contents => core.contents(),
    paint: one('paints'),
    item: one('items'),
    palette: one('palettes'),
    pan: one('pans'),
    recipe: one('recipes'),
    guide: one('guides'),
    version: one('versions'),
    holder: one('holders'),
    itemsOf,
    /** Paints that are wished for, of which nothing is owned. */
    wished: shown(wishedIn),
    usedPaints,
    /** Paints of which there is any to paint with. */
    usablePaints: computed(() => lists.paints.value.filter((p) => itemsOf(p.id).some(isUsable))),
    /** What is owned more than once, by paint. */
    doubles: computed(() => doublesOf(lists.paints.value, itemsOf)),
  }
})
