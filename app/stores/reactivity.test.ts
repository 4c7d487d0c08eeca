import 'fake-indexeddb/auto'
import { HOLDERS } from '@juxtachrome/core/arranging'
import { added, updated, type Item, type Paint, type Palette } from '@juxtachrome/core/documents'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { computed } from 'vue'
import { useFillCommands } from '~/features/filling/commands'
import { Database } from '~/storage/database'
import { CollectionStorage } from '~/storage/storage'
import { useCollection } from './collection'
import { useKeeper } from './keeper'
import { useUndo } from './undo'

const paint = (id: string): Paint => ({ id, v: 2, maker: 'Skerry', name: `Paint ${id}`, pigments: [] })
const tube: Item = { id: 't', v: 2, paintId: 'a', kind: 'tube', millilitres: 15, supply: 'open', remarks: [] }
const palette = (id: string): Palette => ({
  id,
  v: 1,
  name: id,
  use: 'travel',
  purpose: '',
  holder: HOLDERS[0]!,
  plan: {},
})

let count = 0
beforeEach(async () => {
  setActivePinia(createPinia())
  useKeeper().useStorage(new CollectionStorage(new Database(`reactivity-${(count += 1)}`)))
  await useKeeper().open()
  const start = [paint('a'), paint('b')].map((p) => added('paints', p))
  useUndo().commit('made a start', [
    ...start,
    added('items', tube),
    added('palettes', palette('tin')),
    added('palettes', palette('tray')),
  ])
})

/** Counts how often something that reads the collection is worked out. */
function counted<T>(read: () => T) {
  let times = 0
  const value = computed(() => {
    times += 1
    return read()
  })
  return {
    again: () => {
      const before = times
      void value.value
      return times - before
    },
  }
}

describe('what a change works out again', () => {
  it('a change of a palette: its own readers, not those of paints, items, other palettes or the ledger', () => {
    const collection = useCollection()
    const readers = {
      paints: counted(() => collection.paints.length),
      onePaint: counted(() => collection.paint('a')),
      items: counted(() => collection.itemsOf('a')),
      tin: counted(() => collection.palette('tin')),
      tray: counted(() => collection.palette('tray')),
      palettes: counted(() => collection.palettes),
      places: counted(() => collection.ledger.places('tin')),
      account: counted(() => collection.ledger.account('t')),
    }
    const again = () => Object.fromEntries(Object.entries(readers).map(([name, r]) => [name, r.again()]))
    again()
    const before = collection.palette('tin')!
    useUndo().commit('placed', [updated('palettes', before, { ...before, plan: { A1: { paintId: 'a' } } })])
    expect(again()).toEqual({
      paints: 0,
      onePaint: 0,
      items: 0,
      tin: 1,
      tray: 0,
      palettes: 1,
      places: 0,
      account: 0,
    })
  })

  it('a change of one paint does not call back the readers of another', () => {
    const collection = useCollection()
    const [a, b] = [counted(() => collection.paint('a')), counted(() => collection.paint('b'))]
    a.again()
    b.again()
    const before = collection.paint('a')!
    useUndo().commit('renamed', [updated('paints', before, { ...before, name: 'Kelp' })])
    expect([a.again(), b.again()]).toEqual([1, 0])
  })

  it('a filling calls back the readers of its palette and its tube only', () => {
    const collection = useCollection()
    const readers = ['tin', 'tray'].map((id) => counted(() => collection.ledger.places(id)))
    const account = counted(() => collection.ledger.account('t'))
    const paints = counted(() => collection.paints)
    for (const r of [...readers, account, paints]) r.again()
    const vessel = { vesselId: 'tin/A1' }
    const filling = {
      kind: 'fill' as const,
      day: '2026-05-01',
      vessel,
      itemId: 't',
      paintId: 'a',
      millilitres: 1,
      dryingDays: 3,
    }
    useFillCommands().record(filling)
    expect([...readers, account, paints].map((r) => r.again())).toEqual([1, 0, 1, 0])
  })
})

describe('search', () => {
  it('is fetched when it is first asked for, and follows what changes', async () => {
    const collection = useCollection()
    const hits = computed(() => collection.find('kelp'))
    expect(hits.value).toBeUndefined()
    while (hits.value === undefined) await new Promise((resume) => setTimeout(resume, 5))
    expect(hits.value).toEqual([])
    const before = collection.paint('b')!
    useUndo().commit('renamed', [updated('paints', before, { ...before, name: 'Kelp brown' })])
    expect(hits.value).toEqual(['b'])
    expect(collection.find('  ')).toBeUndefined()
  })
})
