import {
  asEdited,
  beganFrom,
  meet,
  newLife,
  noteChanges,
  questionKey,
  questionsOf,
  settleMeeting,
  stampsOf,
  tanglesOf,
  type Choose,
  type Device,
  type Meeting,
  type Stamps,
} from '@juxtachrome/core/exchange'
import type { CollectionFile } from '@juxtachrome/core/formats'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { keepDevice, readDevice, type DeviceState, type Partner } from '~/storage/devices'
import type { Folder } from '~/storage/folder'
import { withLock } from '~/storage/locks'
import type { LongWork } from '~/storage/longWork'
import type { Progress } from '~/storage/reading'
import { useCollection } from './collection'
import { useKeeper } from './keeper'
import { inTurns } from './turns'
import { useUndo } from './undo'

export type { Partner }

export type Choices = ReadonlyMap<string, 'here' | 'there'>
const LOCK = 'juxtachrome-devices'

/** This device among others: who wrote what, and how two collections become one. */
export const useExchange = defineStore('exchange', () => {
  const keeper = useKeeper()
  const collection = useCollection()
  const undo = useUndo()
  const device = shallowRef<Device>({ id: '', name: '' })
  const partners = shallowRef<readonly Partner[]>([])
  const tangles = shallowRef<DeviceState['tangles']>([])

  const folder = shallowRef<Folder>()

  /** Works on what the device knows, one window at a time; what it makes of it is kept. */
  const withState = <T>(work: (state: DeviceState) => Promise<T>): Promise<T> =>
    withLock(
      'exclusive',
      async () => {
        const stored = await readDevice()
        const state = { ...inThisEra(stored ?? aNewDevice(), keeper.era) }
        const done = await work(state)
        if (!isAsStored(state, stored)) await keepDevice(state)
        device.value = state.device
        partners.value = state.partners
        tangles.value = state.tangles
        // a handle that is at hand stays: what is read off the disk each time is another
        if (!state.folder || state.folder !== stored?.folder) folder.value = state.folder
        else folder.value ??= state.folder
        return done
      },
      LOCK,
    )

  /**
   * Notes what was changed here since it last looked. A window that has not heard of another's write would take what it
   * still shows for a change of its own.
   */
  async function noteNow(state: DeviceState): Promise<void> {
    await keeper.flush()
    await keeper.look()
    state.known = await inTurns(noteChanges(state.known, collection.core))
  }

  /** Who wrote what, for a file that goes out now. */
  const stampsNow = (): Promise<Stamps | undefined> =>
    withState(async (state) => {
      await noteNow(state)
      return stampsOf(state.known, state.device)
    }).catch(() => undefined)

  /** What would come of this collection and a file. Nothing is changed. Errors: `from-newer-version`. */
  async function meetFile(file: CollectionFile): Promise<Result<Meeting>> {
    const newer = refusalOf(file)
    if (newer) return newer
    return withState(async (state) => {
      await noteNow(state)
      return ok(await inTurns(meet(collection.core, state.known, file, file.stamps)))
    })
  }

  /**
   * Brings a file together with what is here, in one step that can be undone.
   * Errors: `from-newer-version`; `more-to-choose` where something came up that was not chosen; those of the disk.
   */
  async function bring(
    label: string,
    file: CollectionFile,
    choices: Choices = new Map(),
    how: LongWork = {},
  ): Promise<Result<Meeting>> {
    const newer = refusalOf(file)
    if (newer) return newer
    return withState(async (state) => {
      await noteNow(state)
      const meeting = await inTurns(meet(collection.core, state.known, file, file.stamps))
      if (questionsOf(meeting).some(({ key }) => !choices.has(key))) return MORE
      const choose: Choose = (document, part) => choices.get(questionKey(document, part)) ?? asEdited(document, part)
      const { write, known } = settleMeeting(meeting, state.known, file.stamps, choose)
      if (write.diff.length || write.journal.length) {
        const kept = await undo.commitLong(label, write, how)
        if (!kept.ok) return kept
      }
      state.known = known
      state.tangles = [
        ...state.tangles,
        ...tanglesOf(collection.core.ledger, collection.core.table('items'), meeting.entries),
      ]
      if (file.stamps) state.partners = metNow(state.partners, file.stamps.device)
      return ok(meeting)
    })
  }

  /**
   * Puts a file in place of everything, or beside it. What is added is a change like others; in place of everything the
   * device begins a new life, as a copy of the other device where the file is of one: what that one knew it knows, too.
   * Errors: those of `putAll` of the keeper.
   */
  const putAll = (file: CollectionFile, how: 'replace' | 'add', progress?: Progress): Promise<Result<void>> =>
    withLock(
      'exclusive',
      async () => {
        const before = keeper.era
        const put = await keeper.putAll(file, how, progress)
        const state = put.ok ? await readDevice() : undefined
        if (how === 'add' && state?.era === before) await keepDevice({ ...state, era: keeper.era })
        return put
      },
      LOCK,
    ).then(async (put) => {
      if (put.ok) await withState(async (state) => void (how === 'replace' && beginAs(state, file)))
      return put
    })

  const begin = () => withState(async () => undefined)
  const rename = (name: string) =>
    withState(async (state) => {
      state.device = { ...state.device, name: name.trim().slice(0, 60) || usualName() }
    })
  const seenTo = () =>
    withState(async (state) => {
      state.tangles = []
    })

  return { device, partners, tangles, folder, begin, rename, seenTo, stampsNow, meetFile, bring, putAll, withState }
})

const MORE = fail('more-to-choose', 'Something more was changed on both sides meanwhile. Look at it again.')

/** What a newer Juxtachrome wrote cannot be brought together here: it would be taken for removed. */
function refusalOf({ unreadable }: CollectionFile): Result<never> | undefined {
  const isNewer = unreadable.some(({ problem }) => ['from-newer-version', 'unknown-kind'].includes(problem.code))
  return isNewer
    ? fail(
        'from-newer-version',
        'The other device has a newer Juxtachrome. Bring this one up to date first. Nothing was changed.',
      )
    : undefined
}

function beginAs(state: DeviceState, { documents, stamps }: CollectionFile): void {
  if (!stamps || stamps.device.id === state.device.id) return
  state.known = beganFrom(state.known.life, stamps, documents)
  state.partners = metNow(state.partners, stamps.device)
}

/** Whether nothing is to be written: what is changed is another object. */
const isAsStored = (state: DeviceState, stored: DeviceState | undefined): boolean =>
  stored !== undefined && KEPT.every((field) => state[field] === stored[field])
const KEPT = [
  'device',
  'era',
  'known',
  'partners',
  'tangles',
  'folder',
  'read',
] as const satisfies (keyof DeviceState)[]

const metNow = (partners: readonly Partner[], device: Device): Partner[] => [
  ...partners.filter((p) => p.id !== device.id),
  { ...device, when: new Date().toISOString() },
]

/** After everything was replaced the device begins a new life: what it wrote before is nobody's wish any more. */
function inThisEra(state: DeviceState, era: string): DeviceState {
  // where nothing could be opened, nothing is known of its era either
  if (state.era === era || era === '') return state
  // a folder would at once bring back what was wiped
  const { device, partners } = state
  return { device, partners, era, known: newLife(nanoid(12)), tangles: [] }
}

const aNewDevice = (): DeviceState => ({
  device: { id: nanoid(12), name: usualName() },
  era: '',
  known: newLife(nanoid(12)),
  partners: [],
  tangles: [],
})

/** What a device is called until somebody says otherwise. */
function usualName(): string {
  const matches = (query: string) => typeof matchMedia === 'function' && matchMedia(query).matches
  if (!matches('(pointer: coarse)')) return 'the computer'
  return matches('(min-width: 600px)') ? 'the tablet' : 'the phone'
}
