import 'fake-indexeddb/auto'
import { added, updated, type Item, type Paint, type Palette } from '@juxtachrome/core/documents'
import { balanceOf } from '@juxtachrome/core/ledger'
import type { WriteSet } from '@juxtachrome/core/collection'
import { HOLDERS } from '@juxtachrome/core/arranging'
import fc from 'fast-check'
import { forceCloseDatabase } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { Database } from '~/storage/database'
import { CollectionStorage } from '~/storage/storage'
import { useFillCommands } from '~/features/filling/commands'
import { usePaintCommands } from '~/features/paints/commands'
import { usePaletteCommands } from '~/features/palettes/commands'
import { useCollection } from './collection'
import { useKeeper } from './keeper'
import { useNotices } from './notices'
import { useUndo } from './undo'
import { runs } from '../../tests/setup/runs'

const paint = (id: string): Paint => ({ id, v: 2, maker: 'Skerry', name: `Paint ${id}`, pigments: [] })
const tube = (id: string, paintId: string): Item => ({
  id,
  v: 2,
  paintId,
  kind: 'tube',
  millilitres: 15,
  supply: 'sealed',
  remarks: [],
})
const tin: Palette = { id: 'tin', v: 1, name: 'Tin', use: 'travel', purpose: '', holder: HOLDERS[0]!, plan: {} }

let count = 0
class BrokenDisk extends CollectionStorage {
  broken = true
  override async write(write: WriteSet) {
    return this.broken
      ? { ok: false as const, error: { code: 'disk-full', message: 'The disk is full.' } }
      : super.write(write)
  }
}

async function start(storage = new CollectionStorage(new Database(`stores-${(count += 1)}`))) {
  setActivePinia(createPinia())
  useKeeper().useStorage(storage)
  await useKeeper().open()
  useUndo().commit('made a start', [
    added('paints', paint('a')),
    added('paints', paint('b')),
    added('items', tube('ta', 'a')),
    added('items', tube('tb', 'b')),
    added('palettes', tin),
  ])
  return storage
}
const said = () => {
  const { paints, items, palettes, ledger } = useCollection()
  const left = ['ta', 'tb'].map((id) => balanceOf({ millilitres: 15 }, ledger.account(id)))
  return JSON.parse(JSON.stringify([paints, items, palettes, [...ledger.places('tin')], left])) as unknown[]
}

describe('undo and redo of what a person does', () => {
  beforeEach(() => start())

  it('a run of commands taken back and done again leaves all as it was, in memory and on disk', async () => {
    const step = fc.oneof(
      fc.record({
        do: fc.constant('place' as const),
        place: fc.constantFrom('A1', 'A2', 'B1'),
        paint: fc.constantFrom('a', 'b'),
      }),
      fc.record({
        do: fc.constant('move' as const),
        place: fc.constantFrom('A1', 'A2'),
        to: fc.constantFrom('B1', 'B2'),
      }),
      fc.record({ do: fc.constant('lock' as const), place: fc.constantFrom('A1', 'A2') }),
      fc.record({
        do: fc.constant('fill' as const),
        place: fc.constantFrom('A1', 'A2', 'B1'),
        paint: fc.constantFrom('a', 'b'),
      }),
      fc.record({ do: fc.constant('clean' as const), place: fc.constantFrom('A1', 'A2', 'B1') }),
      fc.record({ do: fc.constant('removeItem' as const), paint: fc.constantFrom('a', 'b') }),
    )
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 12 }), async (steps) => {
        const storage = await start()
        const [journal, palettes, filling, paints, collection] = [
          useUndo(),
          usePaletteCommands(),
          useFillCommands(),
          usePaintCommands(),
          useCollection(),
        ]
        const states = [said()]
        for (const s of steps) {
          const label = journal.undoLabel
          const before = JSON.stringify(said())
          if (s.do === 'place') palettes.place('tin', s.place, s.paint)
          else if (s.do === 'move') palettes.move('tin', s.place, s.to)
          else if (s.do === 'lock') palettes.lock('tin', s.place, true)
          else if (s.do === 'fill')
            filling.record({
              kind: 'fill',
              day: '2026-05-01',
              vessel: { paletteId: 'tin', placeId: s.place },
              itemId: `t${s.paint}`,
              paintId: s.paint,
              millilitres: 1,
              dryingDays: 3,
            })
          else if (s.do === 'clean')
            filling.record({ kind: 'clean', day: '2026-05-02', vessel: { paletteId: 'tin', placeId: s.place } })
          else {
            const item = collection.itemsOf(s.paint)[0]
            if (item) paints.removeItem(item, s.paint)
          }
          if (JSON.stringify(said()) !== before || journal.undoLabel !== label) states.push(said())
        }
        const last = said()
        let guard = 0
        while (journal.undoLabel !== 'made a start' && (guard += 1) < 50) journal.undo()
        expect(said()).toEqual(states[0])
        while (journal.redoLabel && (guard += 1) < 100) journal.redo()
        expect(said()).toEqual(last)
        await useKeeper().flush()
        setActivePinia(createPinia())
        useKeeper().useStorage(storage)
        await useKeeper().open()
        expect(said()).toEqual(last)
      }),
      { numRuns: runs(25) },
    )
  }, 30_000)

  it('removing a tube that filled a pan keeps it readable; one that filled nothing goes', () => {
    useFillCommands().record({
      kind: 'fill',
      day: '2026-05-01',
      vessel: { paletteId: 'tin', placeId: 'A1' },
      itemId: 'ta',
      paintId: 'a',
      millilitres: 1,
      dryingDays: 3,
    })
    const collection = useCollection()
    expect(collection.item('ta')?.supply).toBe('open')
    for (const id of ['ta', 'tb']) usePaintCommands().removeItem(collection.item(id)!, 'x')
    expect(collection.items).toEqual([])
    expect(collection.item('ta')?.removed).toBe(true)
    expect(collection.item('tb')).toBeUndefined()
  })

  it('removing a paint takes it out of plans and asks for no more than one undo', () => {
    usePaletteCommands().place('tin', 'A1', 'a')
    usePaintCommands().removePaint(useCollection().paint('a')!)
    expect(useCollection().palette('tin')!.plan).toEqual({})
    useUndo().undo()
    expect(useCollection().palette('tin')!.plan).toEqual({ A1: { paintId: 'a' } })
    expect(useCollection().paints.map((p) => p.id)).toEqual(['a', 'b'])
  })
})

describe('keeping', () => {
  it('a full disk is said, nothing is lost, and trying again saves everything', async () => {
    const disk = new BrokenDisk(new Database(`stores-${(count += 1)}`))
    await start(disk)
    const keeper = useKeeper()
    await keeper.flush()
    expect(keeper.state).toBe('failed')
    expect(keeper.problem?.message).toBe('The disk is full.')
    expect(keeper.isSafe).toBe(false)
    const before = useCollection().paint('a')!
    useUndo().commit('renamed', [updated('paints', before, { ...before, name: 'Kelp' })])
    await keeper.flush()
    disk.broken = false
    await keeper.flush()
    expect(keeper.state).toBe('saved')
    const loaded = await disk.load()
    expect(loaded.ok && loaded.value.contents.documents.paints.map((p) => p.name)).toEqual(['Kelp', 'Paint b'])
  })

  it('a database that the browser closed is opened again by trying again, and nothing is lost', async () => {
    const db = new Database(`stores-${(count += 1)}`)
    const storage = await start(new CollectionStorage(db))
    const keeper = useKeeper()
    await keeper.flush()
    forceCloseDatabase(db.backendDB() as never)
    await new Promise((r) => setTimeout(r, 5))
    expect([keeper.state, keeper.problem?.code]).toEqual(['failed', 'closed'])
    const before = useCollection().paint('a')!
    useUndo().commit('renamed', [updated('paints', before, { ...before, name: 'Kelp' })])
    await keeper.flush()
    expect([keeper.state, keeper.isSafe]).toEqual(['saved', true])
    const loaded = await storage.load()
    expect(loaded.ok && loaded.value.contents.documents.paints.map((p) => p.name)).toEqual(['Kelp', 'Paint b'])
  })

  it('a database that cannot be opened stops saving and says why', async () => {
    setActivePinia(createPinia())
    const storage = new CollectionStorage(new Database(`stores-${(count += 1)}`))
    storage.open = () => Promise.resolve({ ok: false, error: { code: 'no-database', message: 'No database here.' } })
    useKeeper().useStorage(storage)
    await useKeeper().open()
    expect([useKeeper().state, useKeeper().problem?.code]).toEqual(['stopped', 'no-database'])
    expect((await useKeeper().putAll(useCollection().contents(), 'add')).ok).toBe(false)
  })

  it('a refused record is said and changes nothing', async () => {
    await start()
    useFillCommands().record({ kind: 'clean', day: 'someday', vessel: { paletteId: 'tin', placeId: 'A1' } })
    expect(useNotices().list.at(-1)?.text).toContain('A day such as')
    expect(useCollection().ledger.eventsOf('tin')).toEqual([])
  })
})
