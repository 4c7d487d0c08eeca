import type { CollectionFile } from '@juxtachrome/core/formats'
import { deviceFileName, deviceOfFile } from '@juxtachrome/core/formats'
import { ok, type Result } from '@juxtachrome/core/result'
import { useDebounceFn, useIntervalFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { readDevice } from '~/storage/devices'
import { canChooseFolder, chooseFolder, fileIn, mayWrite, namesIn, writeInto, type Folder } from '~/storage/folder'
import { withLock } from '~/storage/locks'
import { useCollection } from './collection'
import { collectionBlob } from './collectionBlob'
import { useExchange } from './exchange'
import { useKeeper } from './keeper'

/** How often others' files are looked for while the window is seen, and how long changes rest before they go out, ms. */
const LOOK = 15_000
const CALM = 4_000
const LATEST = 30_000

/**
 * How the exchange stands: no folder; ready; at work; the browser wants to be asked again, which takes a press; something
 * was changed on both and waits for a choice; the folder does not give or take.
 */
export type InStep = 'no folder' | 'ready' | 'working' | 'asks' | 'to choose' | 'failed'
type Read = (file: Blob) => Promise<Result<CollectionFile>>

/** A folder that several devices share: each writes one file of its own there, and reads those of the others. */
export const useSharedFolder = defineStore('sharedFolder', () => {
  const keeper = useKeeper()
  const collection = useCollection()
  const exchange = useExchange()
  const state = ref<InStep>('no folder')
  const trouble = ref('')
  /** The file of another device that has something to choose. */
  const waiting = shallowRef<CollectionFile>()
  let read: Read | undefined
  /** What stood in the own file when it was last written. */
  let wrote = ''

  /** Begins to keep in step, when the collection is open; `how` reads a file of any length. */
  async function begin(how: Read): Promise<void> {
    read = how
    await exchange.begin()
    collection.core.subscribe(() => void soon())
    watch(
      () => keeper.era,
      () => void step(),
    )
    if (typeof document !== 'undefined') document.addEventListener('visibilitychange', () => void look())
    useIntervalFn(() => void look(), LOOK)
    await step()
  }
  const soon = useDebounceFn(() => step(), CALM, { maxWait: LATEST })
  const look = () => (document.visibilityState === 'visible' ? step() : undefined)

  async function choose(): Promise<void> {
    const chosen = await chooseFolder()
    if (!chosen) return
    await exchange.withState(async (known) => void Object.assign(known, { folder: chosen, read: {} }))
    wrote = ''
    await step('asked')
  }

  async function forget(): Promise<void> {
    await exchange.withState(async (known) => void delete known.folder)
    stopped()
  }
  function stopped(): void {
    waiting.value = undefined
    state.value = 'no folder'
    trouble.value = wrote = ''
  }

  /** Takes in what others wrote and writes what is here, where either is new. Asked by a press it asks the browser for leave. */
  async function step(how: 'by itself' | 'asked' = 'by itself'): Promise<void> {
    if (!exchange.folder || state.value === 'working' || !keeper.isLoaded) return
    // after a wipe it has none
    await exchange.begin()
    const shared = exchange.folder
    if (!shared) return stopped()
    if (!(await mayWrite(shared, how === 'asked'))) return void (state.value = 'asks')
    state.value = 'working'
    waiting.value = undefined
    const done = await withLock('exclusive', () => keepInStep(shared), 'juxtachrome-shared-folder')
    if (!exchange.folder) return stopped()
    trouble.value = done.ok ? '' : done.error.message
    state.value = !done.ok ? 'failed' : waiting.value ? 'to choose' : 'ready'
  }

  async function keepInStep(shared: Folder): Promise<Result<void>> {
    const names = await namesIn(shared)
    if (!names.ok) return names
    for (const name of names.value) {
      const device = deviceOfFile(name)
      if (!device || device === exchange.device.id) continue
      const taken = await takeIn(shared, name)
      if (!taken.ok) return taken
    }
    return writeOwn(shared)
  }

  /** Takes in the file of another device where it is new, and nothing in it has to be chosen. */
  async function takeIn(shared: Folder, name: string): Promise<Result<void>> {
    const file = await fileIn(shared, name)
    if (!file.ok) return file
    const stamp = file.value.lastModified
    if ((await readDevice())?.read?.[name] === stamp) return ok(undefined)
    const content = await read!(file.value)
    // half of it may be on its way: it is looked at again
    if (!content.ok) return content.error.code === 'from-newer-version' ? content : ok(undefined)
    const other = content.value.stamps?.device.name ?? 'another device'
    const brought = await exchange.bring(`brought together with ${other}`, content.value)
    if (!brought.ok && brought.error.code === 'more-to-choose') {
      waiting.value = content.value
      return ok(undefined)
    }
    if (!brought.ok) return brought
    await exchange.withState(async (known) => void (known.read = { ...known.read, [name]: stamp }))
    return ok(undefined)
  }

  async function writeOwn(shared: Folder): Promise<Result<void>> {
    const stamps = await exchange.stampsNow()
    const order = await keeper.orderNow()
    if (!stamps || !order.ok) return ok(undefined)
    const now = JSON.stringify([stamps.life, stamps.seen, order.value])
    if (now === wrote) return ok(undefined)
    const data = await collectionBlob(collection.contents(), new Date(), { apart: keeper.apart, stamps })
    const written = data ? await writeInto(shared, deviceFileName(stamps.device.id), data) : ok(undefined)
    if (written.ok) wrote = now
    return written
  }

  return {
    state,
    trouble,
    waiting,
    folder: computed(() => exchange.folder?.name),
    canChoose: canChooseFolder(),
    begin,
    choose,
    forget,
    stepNow: () => step('asked'),
  }
})
