import 'fake-indexeddb/auto'
import { isDeepStrictEqual } from 'node:util'
import { added, removed, updated, type Change, type Paint } from '@juxtachrome/core/documents'
import type { Contents } from '@juxtachrome/core/collection'
import { writeCollection } from '@juxtachrome/core/formats'
import fc from 'fast-check'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Database } from '~/storage/database'
import { CollectionStorage } from '~/storage/storage'
import type { Progress } from '~/storage/reading'
import { WRITES_KEPT } from '~/storage/touched'
import { paint } from '../../core/src/documents/documents.fixture'
import { useCollection } from './collection'
import { useKeeper } from './keeper'
import { useUndo } from './undo'
import { runs } from '../../tests/setup/runs'

let count = 0
const opened: { close(): void }[] = []
afterEach(() => opened.splice(0).forEach((tab) => tab.close()))

/** A tab of its own over a database that it shares with others. */
async function openTab(name: string, storage = new CollectionStorage(new Database(name))) {
  const pinia = createPinia()
  const [keeper, undo, { core }] = [useKeeper(pinia), useUndo(pinia), useCollection(pinia)]
  keeper.useStorage(storage)
  await keeper.open()
  opened.push({ close: () => keeper.useStorage(new CollectionStorage(new Database(`closed-${(count += 1)}`))) })
  /** Sets a field of a paint, which is added where it is not there, or removes it. */
  const set = (id: string, change: Partial<Paint> | null) => {
    const before = core.get('paints', id)
    const diff: Change[] =
      change === null
        ? before
          ? [removed('paints', before)]
          : []
        : [before ? updated('paints', before, { ...before, ...change }) : added('paints', paint(id, change))]
    return undo.commit('changed it', diff)
  }
  const said = () => sorted(core.contents())
  return { keeper, undo, set, said, core }
}
type Tab = Awaited<ReturnType<typeof openTab>>
const settled = async (tabs: readonly Tab[]) => {
  for (let calm = 0; calm < 3;) {
    await Promise.all(tabs.map((t) => t.keeper.flush()))
    await new Promise((r) => setTimeout(r, 4))
    calm = tabs.every((t) => t.keeper.isSafe && t.keeper.state === 'saved') ? calm + 1 : 0
  }
}
/** A disk that answers when it likes: what was done is known late, so news of tabs overtake each other. */
class Slow extends CollectionStorage {
  #next = 0
  constructor(
    name: string,
    readonly lags: readonly number[],
  ) {
    super(new Database(name))
  }
  async #late<T>(work: Promise<T>): Promise<T> {
    const done = await work
    const lag = this.lags[(this.#next += 1) % this.lags.length] ?? 0
    if (lag) await new Promise((r) => setTimeout(r, lag))
    return done
  }
  override load(...given: Parameters<CollectionStorage['load']>) {
    return this.#late(super.load(...given))
  }
  override write(...given: Parameters<CollectionStorage['write']>) {
    return this.#late(super.write(...given))
  }
  override putAll(...given: Parameters<CollectionStorage['putAll']>) {
    return this.#late(super.putAll(...given))
  }
  override wipe() {
    return this.#late(super.wipe())
  }
}

/** A tab that dies with its next write: the disk has it, and nobody hears of it, not even that tab. */
class Mortal extends Slow {
  isDying = false
  override async write(...given: Parameters<CollectionStorage['write']>) {
    const written = await super.write(...given)
    return this.isDying ? new Promise<never>(() => undefined) : written
  }
}

/** Everything, by id: as an export has it. */
const sorted = (contents: Contents) => JSON.parse(writeCollection(contents, '')) as unknown

async function onDisk(name: string): Promise<unknown> {
  const storage = new CollectionStorage(new Database(name))
  await storage.open({ closed: () => undefined })
  const loaded = await storage.load()
  return loaded.ok && sorted(loaded.value.contents)
}

describe('three tabs over one database', () => {
  const tab = fc.nat(2)
  const id = fc.constantFrom('a', 'b', 'c')
  const happening = fc.oneof(
    { weight: 6, arbitrary: fc.record({ do: fc.constant('name' as const), tab, id }) },
    { weight: 4, arbitrary: fc.record({ do: fc.constant('note' as const), tab, id }) },
    { weight: 2, arbitrary: fc.record({ do: fc.constant('remove' as const), tab, id }) },
    { weight: 3, arbitrary: fc.record({ do: fc.constant('undo' as const), tab, id }) },
    { weight: 2, arbitrary: fc.record({ do: fc.constant('redo' as const), tab, id }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('wipe' as const), tab, id }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('put' as const), tab, id }) },
    { weight: 4, arbitrary: fc.record({ do: fc.constant('wait' as const), tab, id }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('die' as const), tab, id }) },
  )

  const lag = fc.array(fc.constantFrom(0, 0, 1, 3, 6), { minLength: 1, maxLength: 4 })
  const lags = fc.tuple(lag, lag, lag)

  it('random write sets, undone, wiped and imported beside each other: all that live end as the disk has it', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(happening, { minLength: 4, maxLength: 25 }), lags, async (list, slow) => {
        const name = `tabs-${(count += 1)}`
        const disks = slow.map((lag) => new Mortal(name, lag))
        const tabs = await Promise.all(disks.map((disk) => openTab(name, disk)))
        const before = tabs[0]!.core.contents()
        before.documents.paints.push(paint('imported'))
        const long: Promise<unknown>[] = []
        for (const [n, h] of list.entries()) {
          const { set, undo, keeper } = tabs[h.tab]!
          if (disks[h.tab]!.isDying) continue
          if (h.do === 'die') {
            // two may die: somebody is left to look
            if (disks.filter((d) => d.isDying).length === 2 || long.length > 0) continue
            disks[h.tab]!.isDying = true
            set(h.id, { note: `last word ${n}` })
          } else if (h.do === 'name') set(h.id, { name: `name ${n}` })
          else if (h.do === 'note') set(h.id, { note: `note ${n}` })
          else if (h.do === 'remove') set(h.id, null)
          else if (h.do === 'undo') undo.undo()
          else if (h.do === 'redo') undo.redo()
          else if (h.do === 'wipe') long.push(keeper.wipe())
          else if (h.do === 'put') long.push(keeper.putAll(before, 'add'))
          else await new Promise((r) => setTimeout(r, n % 3))
        }
        const alive = tabs.filter((_, i) => !disks[i]!.isDying)
        await Promise.all(long)
        // what a dying tab had begun to write is on the disk
        if (alive.length < 3) await new Promise((r) => setTimeout(r, 15))
        await settled(alive)
        for (const t of alive) await t.keeper.look()
        await settled(alive)
        const disk = await onDisk(name)
        // a tab that heard of a replacement may still be reading it
        for (let n = 0; n < 50 && !alive.every((t) => isDeepStrictEqual(t.said(), disk)); n += 1) await settled(alive)
        for (const t of alive) expect(t.said()).toEqual(disk)
        opened.splice(0).forEach((t) => t.close())
      }),
      { numRuns: runs(60) },
    )
  }, 60_000)

  it('one that is still reading takes in after it what the others write meanwhile', async () => {
    const name = `tabs-${(count += 1)}`
    const writer = await openTab(name)
    writer.set('a', { name: 'before' })
    await settled([writer])
    class Reading extends CollectionStorage {
      override async load(progress?: Progress) {
        const loaded = await super.load(progress)
        writer.set('b', { name: 'meanwhile' })
        await writer.keeper.flush()
        await new Promise((r) => setTimeout(r, 20))
        return loaded
      }
    }
    const late = await openTab(name, new Reading(new Database(name)))
    await settled([writer, late])
    expect(late.core.get('paints', 'b')?.name).toBe('meanwhile')
  })

  it('a tab that dies before it can tell: the next write or look of another shows what it wrote', async () => {
    const name = `tabs-${(count += 1)}`
    const disk = new Mortal(name, [])
    const [dying, here, there] = [await openTab(name, disk), await openTab(name), await openTab(name)]
    disk.isDying = true
    dying.set('a', { name: 'the last' })
    await new Promise((r) => setTimeout(r, 30))
    expect(here.core.get('paints', 'a')).toBeUndefined()
    // it comes back into sight
    await here.keeper.look()
    expect(here.core.get('paints', 'a')?.name).toBe('the last')
    // it writes, and finds that the order is one further than it knows
    there.set('b', { name: 'another' })
    await settled([here, there])
    await vi.waitFor(() => expect(there.core.get('paints', 'a')?.name).toBe('the last'), 2000)
    expect(here.said()).toEqual(await onDisk(name))
  })

  it('after more writes than are remembered, or an import, everything is read anew', async () => {
    const name = `tabs-${(count += 1)}`
    const deaf = await openTab(name)
    const disk = new CollectionStorage(new Database(name))
    await disk.open({ closed: () => undefined })
    for (let n = 0; n < WRITES_KEPT + 200; n += 1)
      await disk.write({ diff: [added('paints', paint(`p${n}`))], journal: [] })
    const loads = vi.spyOn(CollectionStorage.prototype, 'load')
    await deaf.keeper.look()
    expect(loads).toHaveBeenCalledTimes(1)
    expect(deaf.core.table('paints').size).toBe(WRITES_KEPT + 200)
    await disk.write({ diff: [added('paints', paint('onemore'))], journal: [] })
    await deaf.keeper.look()
    expect(loads).toHaveBeenCalledTimes(1)
    expect(deaf.core.get('paints', 'onemore')).toBeDefined()
    loads.mockRestore()
  }, 60_000)

  it('without a way to tell each other, a window hears by looking', async () => {
    vi.stubGlobal('BroadcastChannel', undefined)
    const name = `tabs-${(count += 1)}`
    const [here, there] = [await openTab(name), await openTab(name)]
    vi.unstubAllGlobals()
    here.set('a', { name: 'Kelp' })
    await settled([here])
    await there.keeper.look()
    expect(there.core.get('paints', 'a')?.name).toBe('Kelp')
    await here.keeper.wipe()
    await there.keeper.look()
    expect(there.core.table('paints').size).toBe(0)
  })

  it('after everything was wiped the first new things are heard of, however much was written before', async () => {
    const name = `tabs-${(count += 1)}`
    const [here, there] = [await openTab(name), await openTab(name)]
    for (const n of [1, 2, 3, 4, 5]) {
      here.set('a', { name: `name ${n}` })
      await settled([here, there])
    }
    await there.keeper.wipe()
    await settled([here, there])
    there.set('a', { name: 'anew' })
    await settled([here, there])
    expect(here.core.get('paints', 'a')?.name).toBe('anew')
  })

  it('word on a write of before a replacement that comes after it changes nothing', async () => {
    const name = `tabs-${(count += 1)}`
    /** Its first write is known only when everything was replaced and read anew. */
    class Late extends CollectionStorage {
      known = Promise.resolve()
      override async write(...given: Parameters<CollectionStorage['write']>) {
        const written = await super.write(...given)
        await this.known
        return written
      }
    }
    const storage = new Late(new Database(name))
    const [here, there] = [await openTab(name, storage), await openTab(name)]
    let tell = () => {}
    storage.known = new Promise((known) => (tell = known))
    for (const n of [1, 2, 3]) here.set('a', { name: `before ${n}` })
    await new Promise((r) => setTimeout(r, 30))
    await there.keeper.wipe()
    there.set('a', { name: 'anew' })
    await new Promise((r) => setTimeout(r, 30))
    tell()
    await settled([here, there])
    expect(here.said()).toEqual(await onDisk(name))
    there.set('a', { name: 'and on' })
    await settled([here, there])
    expect(here.core.get('paints', 'a')?.name).toBe('and on')
  })

  it('redoing a made document leaves what another tab put into it', async () => {
    const name = `tabs-${(count += 1)}`
    const [here, there] = [await openTab(name), await openTab(name)]
    here.set('a', { name: 'Kelp' })
    await settled([here, there])
    there.set('a', { note: 'put in there' })
    await settled([here, there])
    here.undo.undo()
    await settled([here, there])
    // it had changed since, so taking it back leaves it, and doing it again adds nothing twice
    expect(here.core.get('paints', 'a')).toMatchObject({ name: 'Kelp', note: 'put in there' })
    here.undo.redo()
    await settled([here, there])
    for (const t of [here, there])
      expect(t.core.get('paints', 'a')).toMatchObject({ name: 'Kelp', note: 'put in there' })
    expect(await onDisk(name)).toMatchObject({ documents: { paints: [{ name: 'Kelp', note: 'put in there' }] } })
  })

  it('what was made before everything was wiped elsewhere is not written into what comes after', async () => {
    const name = `tabs-${(count += 1)}`
    const [here, there] = [await openTab(name), await openTab(name)]
    here.set('a', { name: 'Kelp' })
    await settled([here, there])
    // the message has not been heard yet when this is made
    const wiping = there.keeper.wipe()
    here.set('b', { name: 'late' })
    await wiping
    here.set('c', { name: 'later' })
    await settled([here, there])
    const disk = await onDisk(name)
    expect(here.said()).toEqual(disk)
    expect(there.said()).toEqual(disk)
    expect(here.core.get('paints', 'a')).toBeUndefined()
    here.undo.undo()
    await settled([here, there])
    expect(here.core.get('paints', 'a')).toBeUndefined()
  })
})
