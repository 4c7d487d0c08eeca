import type { EditableKind, DocumentOf, Item } from '@juxtachrome/core/documents'
import {
  Collection,
  blendsIn,
  budgetIn,
  holdersIn,
  itemsByPaint,
  itemsIn,
  leftoversIn,
  needAnswersIn,
  paintsIn,
  palettesIn,
  pansIn,
  picturesIn,
  purchasesIn,
  guidesIn,
  rankingsIn,
  shopsIn,
  trialsIn,
  versionsIn,
  recipesIn,
  type Applied,
  type Contents,
} from '@juxtachrome/core/collection'
import { makersOf } from '@juxtachrome/core/paints'
import { defineStore } from 'pinia'
import { computed, markRaw } from 'vue'
import { PaintSearch } from './paintSearch'
import { Tracker } from './tracker'

const NONE: readonly Item[] = []

/**
 * The collection as the screens see it: core's `Collection`, with what was read tracked document by document
 * and kind by kind, so that a change calls back only those that read what changed.
 */
export const useCollection = defineStore('collection', () => {
  const core = markRaw(new Collection())
  const tracker = new Tracker()
  const search = new PaintSearch(core, tracker)

  function tell({ whole, delta, touched }: Applied) {
    if (whole) return tracker.allChanged()
    for (const kind of new Set(delta.documents.map((d) => d.kind))) tracker.changed(kind)
    for (const { kind, id } of delta.documents) tracker.changed(`${kind}/${id}`)
    if (delta.journal.length) tracker.changed('journal')
    for (const id of touched.items) tracker.changed(`account/${id}`)
    for (const id of touched.palettes) tracker.changed(`places/${id}`)
  }
  core.subscribe((applied) => {
    search.follow(applied)
    tell(applied)
  })

  const one =
    <K extends EditableKind>(kind: K) =>
    (id: string | undefined): DocumentOf<K> | undefined => {
      if (id === undefined) return undefined
      tracker.read(`${kind}/${id}`)
      return core.get(kind, id)
    }
  const listOf = <T>(kind: EditableKind | 'journal', list: (c: Collection) => T) =>
    computed(() => {
      tracker.read(kind)
      return list(core)
    })

  const paints = listOf('paints', paintsIn)
  const byPaint = listOf('items', itemsByPaint)
  const palettes = listOf('palettes', palettesIn)
  const items = listOf('items', itemsIn)

  /** The ledger; what is read of it is tracked by item and by palette. */
  const ledger = markRaw({
    account(itemId: string) {
      tracker.read(`account/${itemId}`)
      return core.ledger.account(itemId)
    },
    places(paletteId: string) {
      tracker.read(`places/${paletteId}`)
      return core.ledger.places(paletteId)
    },
    eventsOf(paletteId: string) {
      tracker.read(`places/${paletteId}`)
      return core.ledger.eventsOf(paletteId)
    },
    sittingsOf(paletteId: string) {
      tracker.read(`places/${paletteId}`)
      return core.ledger.sittingsOf(paletteId)
    },
    paintedFrom() {
      tracker.read('journal')
      return core.ledger.paintedFrom()
    },
    placesOf(entryId: string) {
      tracker.read('journal')
      return core.ledger.placesOf(entryId)
    },
    vessel(vesselId: string) {
      tracker.read('journal')
      return core.ledger.vessel(vesselId)
    },
    looseVessels() {
      tracker.read('journal')
      return core.ledger.looseVessels()
    },
    entry(entryId: string) {
      tracker.read('journal')
      return core.ledger.journal.get(entryId)
    },
    get whole() {
      tracker.read('journal')
      return core.ledger
    },
  })

  return {
    core,
    ledger,
    paints,
    palettes,
    items,
    pans: listOf('pans', pansIn),
    recipes: listOf('recipes', recipesIn),
    guides: listOf('guides', guidesIn),
    versions: listOf('versions', versionsIn),
    rankings: listOf('rankings', rankingsIn),
    trials: listOf('trials', trialsIn),
    holders: listOf('holders', holdersIn),
    blends: listOf('blends', blendsIn),
    pictures: listOf('pictures', picturesIn),
    needAnswers: listOf('needs', needAnswersIn),
    shops: listOf('shops', shopsIn),
    purchases: listOf('purchases', purchasesIn),
    budget: listOf('budgets', budgetIn),
    leftovers: listOf('leftovers', leftoversIn),
    itemsByPaint: byPaint,
    makers: computed(() => makersOf(paints.value)),
    journalSize: listOf('journal', (c) => c.journal.size),
    unreadable: listOf('journal', (c) => c.unreadable),
    isEmpty: computed(() => paints.value.length + palettes.value.length + items.value.length === 0),
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
    itemsOf: (paintId: string): readonly Item[] => byPaint.value.get(paintId) ?? NONE,
  }
})
