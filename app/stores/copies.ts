import { ok, type Result } from '@juxtachrome/core/result'
import { dayOf } from '@juxtachrome/core/units'
import { copiesToThin, dayOfCopy, nextCopyName } from '@juxtachrome/core/formats'
import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import {
  fileOf,
  keepPlace,
  keepPoint,
  readPlace,
  restorePoints,
  type CopyPlace,
  type RestorePoint,
} from '~/storage/copies'
import { canChooseFolder, chooseFolder, fileIn, mayWrite, namesIn, removeFrom, writeInto } from '~/storage/folder'
import { withLock } from '~/storage/locks'
import type { Order } from '~/storage/order'
import { useCollection } from './collection'
import { collectionBlob } from './collectionBlob'
import { useExchange } from './exchange'
import { useKeeper } from './keeper'

export type { RestorePoint }

/** A copy is made when nothing was changed for so long, ms, and at the latest so long after the first change. */
const CALM = 30_000
const LATEST = 300_000

/**
 * How copies stand: no folder was chosen; they are made by themselves; the browser wants to be asked again, which takes a
 * press; the last one could not be written.
 */
export type Copying = 'no folder' | 'ready' | 'writing' | 'asks' | 'failed'

const isSame = (one: Order | undefined, other: Order) => one?.era === other.era && one.count === other.count

/** Copies of the collection that make themselves in a folder, and what the collection was before something replaced it. */
export const useCopies = defineStore('copies', () => {
  const keeper = useKeeper()
  const collection = useCollection()
  const place = shallowRef<CopyPlace>({})
  const copying = ref<Copying>('no folder')
  const trouble = ref('')
  /** Changes when there are others to list. */
  const made = ref(0)

  /** Begins to look after copies, when the collection is open. */
  async function begin(): Promise<void> {
    place.value = await readPlace()
    const { folder, last } = place.value
    if (folder) copying.value = (await mayWrite(folder, false)) ? 'ready' : 'asks'
    collection.core.subscribe(() => void soon())
    if (typeof document !== 'undefined') document.addEventListener('visibilitychange', leaving)
    const now = await keeper.orderNow()
    if (now.ok && !isSame(last?.order, now.value)) void soon()
  }

  const soon = useDebounceFn(() => copy(), CALM, { maxWait: LATEST })
  /** Who leaves may not come back. */
  function leaving() {
    if (document.visibilityState === 'hidden' && keeper.isSafe) void copy()
  }

  /** Lets a folder be chosen, and makes the first copy in it. */
  async function choose(): Promise<void> {
    const folder = await chooseFolder()
    if (!folder) return
    place.value = { ...place.value, folder }
    await keepPlace(place.value)
    await copy('asked')
  }

  async function forget(): Promise<void> {
    const { last } = place.value
    place.value = last ? { last } : {}
    copying.value = 'no folder'
    await keepPlace(place.value)
  }

  /** Makes a copy where one is due; `asked` by a person's press also where none is, and asks the browser for leave. */
  async function copy(how: 'by itself' | 'asked' = 'by itself'): Promise<void> {
    const { folder } = place.value
    if (!folder || copying.value === 'writing' || collection.isEmpty) return
    if (!(await mayWrite(folder, how === 'asked'))) return void (copying.value = 'asks')
    copying.value = 'writing'
    const written = await withLock('exclusive', () => write(how), 'juxtachrome-copy')
    trouble.value = written.ok ? '' : written.error.message
    copying.value = written.ok ? 'ready' : 'failed'
    made.value += 1
  }

  /** The collection as it is now, whole. */
  const fileNow = async (moment: Date) =>
    collectionBlob(collection.contents(), moment, { apart: keeper.apart, stamps: await useExchange().stampsNow() })

  async function write(how: 'by itself' | 'asked'): Promise<Result<void>> {
    const { folder } = place.value
    const now = await keeper.orderNow()
    if (!now.ok || !folder) return now.ok ? ok(undefined) : now
    // another window may have made it meanwhile
    const { last } = await readPlace()
    if (how === 'by itself' && isSame(last?.order, now.value)) return setLast(last)
    const names = await namesIn(folder)
    if (!names.ok) return names
    const moment = new Date()
    const data = await fileNow(moment)
    if (!data) return ok(undefined)
    const isAnother = last?.order !== undefined && last.order.era !== now.value.era
    const written = await writeInto(folder, nextCopyName(names.value, dayOf(moment), isAnother), data)
    if (!written.ok) return written
    for (const old of copiesToThin(names.value, dayOf(moment))) await removeFrom(folder, old)
    return setLast({ made: moment.toISOString(), where: folder.name, order: now.value })
  }

  async function setLast(last: CopyPlace['last']): Promise<Result<void>> {
    place.value = { ...place.value, ...(last ? { last } : {}) }
    await keepPlace(place.value)
    return ok(undefined)
  }

  /** A file was saved by hand: where it went is not known. */
  async function savedByHand(): Promise<void> {
    // a folder's own copies say more
    if (place.value.folder && copying.value !== 'failed') return
    await setLast({ made: new Date().toISOString() })
  }

  /** The copies in the folder, the newest first. */
  async function list(): Promise<{ name: string; day: string }[]> {
    const { folder } = place.value
    if (!folder || !(await mayWrite(folder, false))) return []
    const names = await namesIn(folder)
    const copies = names.ok ? names.value : []
    return copies
      .flatMap((name) => ({ name, day: dayOfCopy(name) ?? '' }))
      .filter(({ day }) => day)
      .reverse()
  }
  const open = (name: string): Promise<Result<File>> => fileIn(place.value.folder!, name)

  /**
   * Keeps the collection as it is on this device, before something takes its place; `before` says what. An empty one needs
   * none. Errors: `no-restore-point`.
   */
  async function pointBefore(before: string): Promise<Result<void>> {
    if (collection.isEmpty) return ok(undefined)
    const moment = new Date()
    const data = await fileNow(moment)
    const kept = data ? await keepPoint(before, moment, data) : ok(undefined)
    made.value += 1
    return kept
  }

  return {
    copying,
    trouble,
    made,
    folder: computed(() => place.value.folder?.name),
    last: computed(() => place.value.last),
    canChoose: canChooseFolder(),
    begin,
    choose,
    forget,
    copyNow: () => copy('asked'),
    savedByHand,
    list,
    open,
    pointBefore,
    points: restorePoints,
    openPoint: fileOf,
  }
})
