import 'fake-indexeddb/auto'
import { newLife, noteChanges, stampsOf, type Knowledge } from '@juxtachrome/core/exchange'
import { added, updated } from '@juxtachrome/core/documents'
import { Collection } from '@juxtachrome/core/collection'
import { deviceFileName, readCollection } from '@juxtachrome/core/formats'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Database } from '~/storage/database'
import { CollectionStorage } from '~/storage/storage'
import { paint } from '../../core/src/documents/documents.fixture'
import { toTheEnd } from '../../core/src/steps'
import { useCollection } from './collection'
import { collectionBlob } from './collectionBlob'
import { FakeFolder } from './folder.fixture'
import { useExchange } from './exchange'
import { useKeeper } from './keeper'
import { useNotices } from './notices'
import { useSharedFolder } from './sharedFolder'
import { useUndo } from './undo'

let folder: FakeFolder
/** The device on the other side, without an application round it. */
let other: { collection: Collection; known: Knowledge }
const OTHER = deviceFileName('tablet-1')

beforeEach(async () => {
  folder = new FakeFolder()
  vi.stubGlobal('showDirectoryPicker', async () => folder)
  setActivePinia(createPinia())
  useKeeper().useStorage(new CollectionStorage(new Database(`shared-${Math.random()}`)))
  await useKeeper().open()
  // what an earlier test knew is of another life
  await useExchange().withState(async (state) => void (state.era = 'over'))
  await useSharedFolder().begin(async (file) => toTheEnd(readCollection(await file.text())))
  other = { collection: new Collection(), known: newLife('tablet-life') }
})

const shared = () => useSharedFolder()
const write = (...paints: ReturnType<typeof paint>[]) =>
  useUndo().commit(
    'added',
    paints.map((p) => added('paints', p)),
  )
async function otherWrites(): Promise<void> {
  other.known = toTheEnd(noteChanges(other.known, other.collection))
  const stamps = stampsOf(other.known, { id: 'tablet-1', name: 'the tablet' })
  const data = await collectionBlob(other.collection.contents(), new Date(), { stamps })
  await (await (await folder.getFileHandle(OTHER, { create: true })).createWritable()).write(data!)
  const stream = await (await folder.getFileHandle(OTHER, { create: true })).createWritable()
  await stream.write(data!)
  await stream.close()
}
const own = () => deviceFileName(useExchange().device.id)

describe('a shared folder', () => {
  it('takes the own file, and gives the other’s; what was taken in is one step back', async () => {
    write(paint('a'))
    other.collection.apply({ diff: [added('paints', paint('b'))], journal: [] })
    await otherWrites()
    await shared().choose()
    expect(shared().state).toBe('ready')
    expect([...useCollection().core.table('paints').keys()].sort()).toEqual(['a', 'b'])
    expect(useExchange().partners).toMatchObject([{ id: 'tablet-1', name: 'the tablet' }])
    const text = await folder.files.get(own())!.text()
    const read = toTheEnd(readCollection(text))
    expect(read.ok && read.value.stamps?.seen).toMatchObject({ 'tablet-life': 1 })
    expect(useUndo().undoLabel).toBe('brought together with the tablet')
    useUndo().undo()
    expect([...useCollection().core.table('paints').keys()]).toEqual(['a'])
  })

  it('an event that comes with its corrections is one step back, without a word of what was changed elsewhere', async () => {
    const event = { kind: 'measure' as const, day: '2026-05-01', itemId: 't1', millilitres: 5 }
    const stamp = (n: number) => ({ id: `e${n}`, v: 2 as const, recorded: `2026-05-01T10:00:0${n}.000Z` })
    const correct = (n: number, corrects: string, becomes: typeof event | null) =>
      ({ ...stamp(n), type: 'correction', corrects, becomes }) as const
    other.collection.apply({
      diff: [],
      journal: [
        { ...stamp(1), type: 'event', event },
        correct(2, 'e1', { ...event, millilitres: 4 }),
        { ...stamp(3), type: 'event', event },
        correct(4, 'e3', null),
      ],
    })
    await otherWrites()
    await shared().choose()
    const left = () => useCollection().core.ledger.account('t1').measured?.millilitres
    expect(left()).toBe(4)
    useUndo().undo()
    expect(left()).toBeUndefined()
    expect(useNotices().list.filter((n) => n.tone === 'trouble')).toEqual([])
    useUndo().redo()
    expect(left()).toBe(4)
  })

  it('writes only where something is new, and never the other’s file', async () => {
    write(paint('a'))
    await otherWrites()
    const theirs = folder.files.get(OTHER)
    await shared().choose()
    const mine = folder.files.get(own())
    await shared().stepNow()
    expect(folder.files.get(own())).toBe(mine)
    expect(folder.files.get(OTHER)).toBe(theirs)
    write(paint('c'))
    await shared().stepNow()
    expect(folder.files.get(own())).not.toBe(mine)
  })

  it('waits for a choice where both changed the same, and changes nothing meanwhile', async () => {
    write(paint('a', { note: 'here' }))
    other.collection.apply({ diff: [added('paints', paint('a', { note: 'there' }))], journal: [] })
    await otherWrites()
    await shared().choose()
    expect(shared().state).toBe('to choose')
    expect(useCollection().paint('a')?.note).toBe('here')
    const file = shared().waiting!
    const refused = await useExchange().bring('x', file)
    expect(refused).toMatchObject({ ok: false, error: { code: 'more-to-choose' } })
    const brought = await useExchange().bring('x', file, new Map([['paints/a/note', 'there']]))
    expect(brought.ok).toBe(true)
    await shared().stepNow()
    expect(shared().state).toBe('ready')
    expect(useCollection().paint('a')?.note).toBe('there')
  })

  it('half a file is looked at again; a newer program’s is refused plainly; a folder that is gone is said', async () => {
    write(paint('a'))
    await otherWrites()
    const whole = folder.files.get(OTHER)!
    folder.files.set(OTHER, new File([(await whole.text()).slice(0, 200)], OTHER, { lastModified: 5 }))
    await shared().choose()
    expect(shared().state).toBe('ready')
    const newer = (await whole.text()).replace('"schema":9', '"schema":99')
    folder.files.set(OTHER, new File([newer], OTHER, { lastModified: 6 }))
    await shared().stepNow()
    expect(shared().state).toBe('failed')
    expect(shared().trouble).toContain('schema 99')
    folder.entries = () => {
      throw new DOMException('gone', 'NotFoundError')
    }
    await shared().stepNow()
    expect(shared().trouble).toContain('gone')
  })

  it('a wipe is not undone by it: the folder is to be chosen anew', async () => {
    write(paint('a'))
    await shared().choose()
    other.collection.apply({ diff: [added('paints', paint('b'))], journal: [] })
    await otherWrites()
    await useKeeper().wipe()
    await shared().stepNow()
    expect(shared().state).toBe('no folder')
    expect(useCollection().core.table('paints').size).toBe(0)
    // and what is then written says nothing of removals
    const b = other.collection.get('paints', 'b')!
    other.collection.apply({ diff: [updated('paints', b, { ...b, note: 'x' })], journal: [] })
    await otherWrites()
    await shared().choose()
    expect([...useCollection().core.table('paints').keys()]).toEqual(['b'])
  })

  it('goes on when something was added as a whole, with what it knew', async () => {
    write(paint('a'))
    await otherWrites()
    await shared().choose()
    const life = async () => useExchange().withState(async (state) => state.known.life)
    const before = await life()
    const { documents } = new Collection().contents()
    await useExchange().putAll({ documents: { ...documents, paints: [paint('demo')] }, unreadable: [] }, 'add')
    expect(await life()).toBe(before)
    expect(shared().folder).toBeDefined()
    await useKeeper().wipe()
    expect(await life()).not.toBe(before)
  })

  it('takes nothing that another window wrote, and that it has not heard of, for its own change', async () => {
    const disk = new Database(`windows-${Math.random()}`)
    useKeeper().useStorage(new CollectionStorage(disk))
    await useKeeper().open()
    write(paint('a', { note: 'old' }))
    await useKeeper().flush()
    const first = await useExchange().stampsNow()
    // the other window writes, notes it, and dies before it could tell
    const other = new CollectionStorage(new Database(disk.name))
    await other.open({ closed: () => undefined })
    const old = useCollection().paint('a')!
    await other.write({ diff: [updated('paints', old, { ...old, note: 'new' })], journal: [] })
    await useExchange().withState(async (state) => {
      const elsewhere = new Collection({
        documents: { ...new Collection().contents().documents, paints: [{ ...old, note: 'new' }] },
        unreadable: [],
      })
      state.known = toTheEnd(noteChanges(state.known, elsewhere))
    })
    const second = await useExchange().stampsNow()
    const third = await useExchange().stampsNow()
    expect(Object.values(second!.seen)[0]).toBe(Object.values(first!.seen)[0]! + 1)
    expect(third).toEqual(second)
    expect(useCollection().paint('a')?.note).toBe('new')
  })

  it('asks the browser again only by a press', async () => {
    write(paint('a'))
    await shared().choose()
    folder.permission = 'prompt'
    const mine = folder.files.get(own())
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'], shouldAdvanceTime: true })
    write(paint('b'))
    await vi.advanceTimersByTimeAsync(6000)
    vi.useRealTimers()
    await vi.waitFor(() => expect(shared().state).toBe('asks'))
    expect(folder.files.get(own())).toBe(mine)
    await shared().stepNow()
    expect(shared().state).toBe('ready')
    expect(await folder.files.get(own())!.text()).toContain('"id":"b"')
  })
})
