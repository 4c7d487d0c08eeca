import { fail, ok, type Collection, type Problem, type Result } from '@juxtachrome/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { joinTabs } from '~/storage/otherTabs'
import { CollectionStorage, type WriteSet } from '~/storage/storage'
import { useCollection } from './collection'
import { useJournal } from './undo'

export type Saving = 'opening' | 'saved' | 'saving' | 'failed' | 'stopped'

/** Keeps the collection: loads it, writes every command in order, and stays in step with other tabs. */
export const useKeeper = defineStore('keeper', () => {
  const state = ref<Saving>('opening')
  const problem = shallowRef<Problem>()
  const queue: WriteSet[] = []
  const waiting = ref(0)
  const collection = useCollection()
  let storage = new CollectionStorage()
  let working: Promise<void> | undefined

  const tabs = joinTabs((message) => {
    if (message.type === 'wrote') collection.apply(message.write)
    else void reload().then(() => useJournal().forget())
  })

  function stop(why: Problem) {
    state.value = 'stopped'
    problem.value = why
  }

  async function open(): Promise<Result<void>> {
    const opened = await storage.open({ closed: stop })
    if (!opened.ok) {
      stop(opened.error)
      return opened
    }
    void globalThis.navigator?.storage?.persist?.()
    return reload()
  }

  async function reload(): Promise<Result<void>> {
    const loaded = await storage.load()
    if (!loaded.ok) {
      stop(loaded.error)
      return loaded
    }
    collection.replace(loaded.value)
    state.value = 'saved'
    return ok(undefined)
  }

  /** Queues a command's changes; they are written one after the other. */
  function keep(write: WriteSet) {
    queue.push(write)
    waiting.value = queue.length
    void flush()
  }

  function flush(): Promise<void> {
    working ??= drain().finally(() => {
      working = undefined
    })
    return working
  }

  async function drain() {
    while (queue.length > 0 && state.value !== 'stopped') {
      state.value = 'saving'
      const written = await storage.write(queue[0]!)
      if (!written.ok) {
        if ((state.value as Saving) !== 'stopped') state.value = 'failed'
        problem.value = written.error
        return
      }
      tabs.tell({ type: 'wrote', write: queue.shift()! })
      waiting.value = queue.length
    }
    if (state.value !== 'stopped') {
      state.value = 'saved'
      problem.value = undefined
    }
  }

  /** Puts a collection in place of everything, or beside it; all or nothing. */
  async function putAll(
    incoming: Collection,
    how: 'replace' | 'add',
    progress?: (done: number, of: number) => void,
  ): Promise<Result<void>> {
    if (state.value === 'stopped')
      return fail('stopped', problem.value?.message ?? 'Nothing can be kept at the moment.')
    await flush()
    const put = await storage.putAll(incoming, how, progress)
    if (!put.ok) return put
    tabs.tell({ type: 'replaced' })
    useJournal().forget()
    return reload()
  }

  async function wipe(): Promise<Result<void>> {
    await flush()
    const wiped = await storage.wipe()
    if (!wiped.ok) return wiped
    await storage.setMeta('started', true)
    tabs.tell({ type: 'replaced' })
    useJournal().forget()
    return reload()
  }

  return {
    state,
    problem,
    waiting,
    open,
    keep,
    flush,
    putAll,
    wipe,
    hasStarted: async () => (await storage.getMeta('started')) === true,
    markStarted: () => storage.setMeta('started', true),
    isSafe: computed(() => waiting.value === 0),
    /** For tests of a failing disk. */
    useStorage: (other: CollectionStorage) => {
      storage = other
    },
  }
})
