import 'fake-indexeddb/auto'
import { added, updated } from '@juxtachrome/core/documents'
import { readCollection } from '@juxtachrome/core/formats'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Database } from '~/storage/database'
import { CollectionStorage } from '~/storage/storage'
import { paint } from '../../core/src/documents/documents.fixture'
import { useCollection } from './collection'
import { useCopies } from './copies'
import { FakeFolder } from './folder.fixture'
import { useKeeper } from './keeper'
import { useUndo } from './undo'

let folder: FakeFolder
/** What lies in it, by name. */
let files: Map<string, File>

let count = 0
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date', 'setTimeout', 'clearTimeout'], shouldAdvanceTime: true })
  vi.setSystemTime('2026-11-30T09:00:00')
  folder = new FakeFolder()
  files = folder.files
  vi.stubGlobal('showDirectoryPicker', async () => folder)
  setActivePinia(createPinia())
  useKeeper().useStorage(new CollectionStorage(new Database(`copies-${(count += 1)}`)))
  await useKeeper().open()
  await useCopies().forget()
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const set = async (id: string, name: string) => {
  const before = useCollection().paint(id)
  useUndo().commit('changed it', [
    before ? updated('paints', before, { ...before, name }) : added('paints', paint(id, { name })),
  ])
  await useKeeper().flush()
}
async function namesInCopy(file: string): Promise<string[]> {
  const running = readCollection(await files.get(file)!.text())
  for (;;) {
    const step = running.next()
    if (step.done) return step.value.ok ? step.value.value.documents.paints.map((p) => p.name) : []
  }
}
const DAY = 'juxtachrome-copy-2026-11-30.json'

describe('copies that make themselves', () => {
  it('the first when a folder is chosen, the next when nothing was changed for half a minute, one file a day', async () => {
    await set('a', 'Kelp')
    await useCopies().begin()
    await useCopies().choose()
    expect(useCopies().folder).toBe('Studio')
    expect(await namesInCopy(DAY)).toEqual(['Kelp'])
    await set('a', 'Dulse')
    await vi.advanceTimersByTimeAsync(20_000)
    expect(await namesInCopy(DAY)).toEqual(['Kelp'])
    await vi.advanceTimersByTimeAsync(15_000)
    await vi.waitFor(async () => expect(await namesInCopy(DAY)).toEqual(['Dulse']))
    expect([...files.keys()]).toEqual([DAY])
    expect(useCopies().last?.where).toBe('Studio')
  })

  it('while changes go on without a pause, at the latest after five minutes', async () => {
    await set('a', 'Kelp')
    await useCopies().begin()
    await useCopies().choose()
    for (let n = 0; n < 14; n += 1) {
      await set('a', `Dulse ${n}`)
      await vi.advanceTimersByTimeAsync(25_000)
    }
    await vi.waitFor(async () => expect((await namesInCopy(DAY))[0]).toMatch(/^Dulse/))
  })

  it('after everything was wiped the day’s copy stays as it was', async () => {
    await set('a', 'Kelp')
    await useCopies().choose()
    await useKeeper().wipe()
    await useCopies().copyNow()
    expect(await namesInCopy(DAY)).toEqual(['Kelp'])
    await set('b', 'Begun anew')
    await useCopies().copyNow()
    expect(await namesInCopy(DAY)).toEqual(['Kelp'])
    expect(await namesInCopy('juxtachrome-copy-2026-11-30-2.json')).toEqual(['Begun anew'])
    expect(await useCopies().list()).toHaveLength(2)
  })

  it('what stands in the way is said: leave that must be asked for anew, a folder that takes nothing', async () => {
    await set('a', 'Kelp')
    await useCopies().begin()
    await useCopies().choose()
    folder.permission = 'prompt'
    vi.setSystemTime('2026-12-01T09:00:00')
    await set('a', 'Dulse')
    await vi.advanceTimersByTimeAsync(40_000)
    expect(useCopies().copying).toBe('asks')
    expect([...files.keys()]).toEqual([DAY])
    // a press asks
    await useCopies().copyNow()
    expect(useCopies().copying).toBe('ready')
    folder.isFull = true
    await useCopies().copyNow()
    expect([useCopies().copying, useCopies().trouble]).toEqual(['failed', expect.stringContaining('The disk is full')])
    // what was there is whole
    expect(await namesInCopy('juxtachrome-copy-2026-12-01.json')).toEqual(['Dulse'])
  })
})

describe('before something takes the place of what is here', () => {
  it('it is kept on this device; the newest six stay', async () => {
    await set('a', 'Kelp')
    for (let n = 0; n < 8; n += 1)
      expect(await useCopies().pointBefore(`the import of ${n}.json`)).toMatchObject({ ok: true })
    const points = await useCopies().points()
    expect(points.map((p) => p.before)).toEqual([7, 6, 5, 4, 3, 2].map((n) => `the import of ${n}.json`))
    const text = await (await useCopies().openPoint(points[0]!)).text()
    expect(text).toContain('"name":"Kelp"')
  })
})
