import { fail, ok, type Problem, type Result } from '@juxtachrome/core/result'
import type { EditableKind } from '@juxtachrome/core/documents'
import {
  cameIn,
  checkDelta,
  noContents,
  prepare,
  Settling,
  type Contents,
  type WriteSet,
} from '@juxtachrome/core/collection'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { joinTabs, type TabMessage } from '~/storage/otherTabs'
import { wipeDerived } from '~/storage/derived'
import type { LongWork } from '~/storage/longWork'
import { NEWER_TAB } from '~/storage/problems'
import type { Order } from '~/storage/order'
import type { Loaded, Progress } from '~/storage/reading'
import { CollectionStorage, type Put, type Written } from '~/storage/storage'
import { useCollection } from './collection'
import { Inbox } from './keeping/inbox'
import { lookNowAndThen } from './keeping/looking'
import { Outbox, together } from './keeping/outbox'
import { mustReopen, next, OPENING, type Happening } from './keeping/state'
import { useNotices } from './notices'
import { rescue } from './rescue'
import { inTurns } from './turns'

/** Unreadable here, but not in vain where they are. */
const LEFT_IN_PLACE = new Set(['from-newer-version', 'unknown-kind', 'not-given'])
/** How long what is missing may be on its way from the window that wrote it, ms. */
const ON_ITS_WAY = 250

/** Keeps the collection: loads it, writes every command in order, and stays in step with other tabs. */
export const useKeeper = defineStore('keeper', () => {
  const keeping = shallowRef(OPENING)
  const happens = (happening: Happening) => void (keeping.value = next(keeping.value, happening))
  const isStopped = () => keeping.value.name === 'stopped'
  /** Something was read and is shown; until then there is nothing to work on. */
  const isLoaded = ref(false)
  /** Whether the browser promised not to clear what is kept; unknown until it has answered. */
  const isLasting = ref<boolean>()
  /** An older Juxtachrome in another tab keeps this one from opening the collection. */
  const isBlocked = ref(false)
  /** Changes when everything is replaced; what was made in one era does not fit into another. */
  const era = ref('')
  const outbox = new Outbox()
  const inbox = new Inbox(hear)
  const collection = useCollection()
  const notices = useNotices()
  const settling = new Settling()
  const whenReplaced = new Set<() => void>()
  let storage = new CollectionStorage()
  let working: Promise<void> | undefined
  let looking: ReturnType<typeof setTimeout> | undefined

  let tabs = joinTabs(storage.name, (message) => inbox.receive(message))
  let stopLooking = lookNowAndThen(() => void look())

  const stop = (problem: Problem) => happens({ is: 'stopped', problem })

  async function open(progress?: Progress): Promise<Result<void>> {
    const opened = await storage.open({
      closed: (problem) => happens({ is: 'closed', problem }),
      blocked: () => (isBlocked.value = true),
    })
    isBlocked.value = false
    if (!opened.ok) {
      stop(opened.error)
      return opened
    }
    void askToLast()
    return reload(progress)
  }

  /** Asks the browser never to clear what is kept here; it may decline, as in a private window. */
  async function askToLast() {
    const store = globalThis.navigator?.storage as StorageManager | undefined
    isLasting.value = (await store?.persist?.().catch(() => false)) ?? undefined
  }

  /** Reads everything anew; what other tabs write meanwhile is taken in after. */
  const reload = (progress?: Progress): Promise<Result<void>> => inbox.undisturbed(() => read(progress))

  async function read(progress?: Progress): Promise<Result<void>> {
    const loaded = await storage.load(progress)
    if (!loaded.ok) {
      stop(loaded.error)
      return loaded
    }
    await begin(loaded.value)
    return ok(undefined)
  }

  /** Goes on from what the disk holds at one place of its order. */
  async function begin({ contents, order }: Loaded) {
    const opened = await ready(contents)
    era.value = order.era
    settling.restart(order.count)
    collection.core.replace(opened)
    isLoaded.value = true
    happens({ is: 'began' })
    if (outbox.waiting.value > 0) void flush()
  }

  /** What was read, ready to be shown; what cannot be opened is set aside, said, and goes along in every export. */
  async function ready(contents: Contents) {
    const notGiven = contents.unreadable.filter((u) => u.problem.code === 'not-given').length
    const { opened, aside } = await inTurns(prepare(contents)).then(
      (opened) => ({ opened, aside: 0 }),
      () => {
        const rescued = rescue(contents)
        return { opened: rescued.contents, aside: rescued.aside.length }
      },
    )
    const missing = notGiven + aside
    if (missing)
      notices.trouble(`${missing === 1 ? 'One document' : `${missing} documents`} could not be opened. See Data.`)
    return opened
  }

  function hear(message: TabMessage) {
    if (message.type === 'replaced') return void replacedElsewhere(message.order)
    const delta = checkDelta(message.written.delta)
    if (delta.ok) take({ ...message.written, delta: delta.value }, 'other tab')
    else if (delta.error.code === 'from-newer-version') stop(NEWER_TAB)
    else void reload()
  }

  async function replacedElsewhere(order: Order) {
    if (order.era === era.value) return
    for (const tell of whenReplaced) tell()
    await reload()
  }

  /**
   * Brings what the database now holds together with what is still on its way to it. What was written in another
   * era was replaced since, or is read with all the rest; its place in the order means nothing here.
   */
  function take({ delta, order }: Written, origin: 'user' | 'other tab') {
    if (order.era !== era.value) return
    collection.core.take(settling.settle(delta, order.count, outbox.made(era.value)), origin)
    if (settling.hasGap) looking ??= setTimeout(lookForGap, ON_ITS_WAY)
  }

  function lookForGap() {
    looking = undefined
    if (settling.hasGap) void catchUp()
  }

  /** Whether something was written of which this window was not told, as by one that died before it could tell. */
  async function look() {
    if (!isLoaded.value || isStopped() || inbox.isHolding) return
    const asked = era.value
    const now = await storage.orderNow()
    if (!now.ok || inbox.isHolding || era.value !== asked) return
    if (now.value.era !== asked) await replacedElsewhere(now.value)
    else if (now.value.count > settling.through) await catchUp()
  }

  /** Reads anew what was written since the last write that is known here; everything where that cannot be told. */
  async function catchUp() {
    const asked = era.value
    const since = await storage.since({ era: asked, count: settling.through })
    if (!since.ok || inbox.isHolding || era.value !== asked) return
    if (!since.value) return void (await reload())
    const { delta, order } = since.value
    collection.core.take(settling.catchUp(delta, order.count, outbox.made(asked)), 'other tab')
  }

  function wrote(written: Written) {
    take(written, 'user')
    tabs.tell({ type: 'wrote', written })
  }

  /**
   * Documents whole, of a kind of which only that they are there is held in memory: off the disk, or out of what is still
   * on its way there.
   */
  async function apart(kind: EditableKind, ids: readonly string[]): Promise<{ id: string }[]> {
    const onTheWay = new Map(
      outbox
        .made(era.value)
        .flatMap((diff) => diff.flatMap((c) => (c.kind === kind && c.after ? [[c.id, c.after]] : []))),
    )
    const rows = await storage.rows(kind, ids).catch(() => [])
    const found = new Map<string, { id: string }>([...onTheWay, ...rows.map((row) => [row.id, row] as const)] as never)
    return ids.flatMap((id) => found.get(id) ?? [])
  }

  /** Queues a command's changes; they are written one after the other. */
  function keep(write: WriteSet) {
    outbox.push({ write, era: era.value })
    void flush()
  }

  function flush(): Promise<void> {
    working ??= drain().finally(() => {
      working = undefined
    })
    return working
  }

  /** What waits goes to the disk together; where that is refused, one by one, to find what is at fault. */
  async function drain() {
    let most = Infinity
    const reopened = mustReopen(keeping.value) ? await storage.reopen() : ok(undefined)
    if (!reopened.ok) return refused({ ...reopened.error, code: 'closed' })
    while (outbox.waiting.value > 0 && !isStopped()) {
      happens({ is: 'writing' })
      const batch = outbox.first(most)
      const written = await storage.write(together(batch), batch[0]!.era)
      if (written.ok) {
        outbox.gone(batch)
        most = Infinity
        wrote(written.value)
      } else if (written.error.code === 'replaced-elsewhere') {
        outbox.gone(batch)
        notices.trouble(written.error.message)
      } else if (batch.length > 1) most = 1
      else return refused(written.error)
    }
    happens({ is: 'wroteAll' })
  }

  function refused(problem: Problem) {
    if (problem.code === 'from-newer-version') stop(NEWER_TAB)
    else happens({ is: 'refused', problem })
  }

  /** Writes long work before it is shown: when this answers, it is on disk and on the screen. */
  async function keepAll(write: WriteSet, how: LongWork = {}): Promise<Result<void>> {
    if (isStopped()) return stopped()
    await flush()
    const written = await storage.write(write, era.value, how)
    if (!written.ok) return written
    wrote(written.value)
    return ok(undefined)
  }

  /** Puts a collection in place of everything, or beside it; all or nothing. */
  async function putAll(incoming: Contents, how: 'replace' | 'add', progress?: Progress): Promise<Result<void>> {
    if (isStopped()) return stopped()
    await flush()
    return inbox.undisturbed(async () => {
      const { revision } = collection.core
      const put = await storage.putAll(incoming, how, progress)
      const isKnown = put.ok && mayJoin(incoming, how, put.value.before, revision)
      return replaced(put, isKnown ? cameIn(incoming, how, collection.core) : undefined)
    })
  }

  /** What the disk holds now is known without reading it anew: all could be read, and all was heard of. */
  function mayJoin(incoming: Contents, how: 'replace' | 'add', before: Order, revision: number): boolean {
    if (incoming.unreadable.length > 0) return false
    if (how === 'replace') return true
    // what was made meanwhile is not on the disk, and will not be: it belongs to what was replaced
    if (collection.core.revision !== revision) return false
    return before.era === era.value && settling.isAt(before.count) && collection.core.unreadable.length === 0
  }

  async function wipe(): Promise<Result<void>> {
    await flush()
    const done = await inbox.undisturbed(async () => replaced(await storage.wipe(), noContents()))
    if (done.ok) await Promise.all([markStarted(), wipeDerived()])
    return done
  }

  /** After everything was put in anew: what was on its way belongs to what was replaced. */
  async function replaced(put: Result<Put>, now: Contents | undefined): Promise<Result<void>> {
    if (!put.ok) return put
    outbox.clear()
    tabs.tell({ type: 'replaced', order: put.value.order })
    for (const tell of whenReplaced) tell()
    if (!now) return reload()
    await begin({ contents: now, order: put.value.order })
    return ok(undefined)
  }

  /** Those that this version will never read are moved out of the way; what a newer one wrote stays in its place. */
  async function setUnreadableAside(): Promise<Result<void>> {
    await flush()
    const mine = collection.unreadable.filter((u) => !LEFT_IN_PLACE.has(u.problem.code))
    const done = await storage.setAside(mine)
    return done.ok ? reload() : done
  }

  const stopped = () => fail('stopped', keeping.value.problem?.message ?? 'Nothing can be kept at the moment.')

  /** That the demo was offered once; without room for it, it is offered again. */
  const markStarted = () => storage.setMeta('started', true).catch(() => undefined)

  return {
    state: computed(() => keeping.value.name),
    problem: computed(() => keeping.value.problem),
    isLoaded,
    isBlocked,
    isLasting,
    era,
    open,
    look,
    orderNow: () => storage.orderNow(),
    apart,
    keep,
    keepAll,
    flush,
    putAll,
    wipe,
    setUnreadableAside,
    /** What can be read of a collection that could not be opened; nothing is changed. */
    salvage: async () => (await import('~/storage/salvage')).salvage(storage.name),
    markStarted,
    hasStarted: async () => (await storage.getMeta('started')) === true,
    isSafe: computed(() => outbox.waiting.value === 0),
    /** Called when everything was replaced, here or in another tab. */
    onReplaced: (tell: () => void) => void whenReplaced.add(tell),
    /** For tests of a failing disk. */
    useStorage: (other: CollectionStorage) => {
      tabs.leave()
      stopLooking()
      storage = other
      tabs = joinTabs(storage.name, (message) => inbox.receive(message))
      stopLooking = lookNowAndThen(() => void look())
    },
  }
})
