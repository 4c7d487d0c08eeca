import type { Contents } from '@juxtachrome/core/collection'
import {
  asEdited,
  beganFrom,
  meet,
  newLife,
  noteChanges,
  settleMeeting,
  stampsOf,
  tanglesOf,
  type Choose,
  type Device,
  type JoinedDocument,
  type Meeting,
  type Part,
  type Stamps,
} from '@juxtachrome/core/exchange'
import type { CollectionFile } from '@juxtachrome/core/formats'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { keepDevice, readDevice, type DeviceState, type Partner } from '~/storage/devices'
import { withLock } from '~/storage/locks'
import type { LongWork } from '~/storage/longWork'
import { useCollection } from './collection'
import { useKeeper } from './keeper'
import { inTurns } from './turns'
import { useUndo } from './undo'

export type { Partner }

/** One thing to choose: a part that both wrote, or a document that one removed while the other edited it. */
export interface Question {
  key: string
  document: JoinedDocument
  part?: Part
}

export const questionKey = ({ kind, id }: JoinedDocument, part = ''): string => `${kind}/${id}${part}`

/** Everything that somebody has to choose before two are brought together. */
export const questionsOf = ({ documents }: Meeting): Question[] =>
  documents.flatMap((document): Question[] => {
    if (document.fate === 'removed here' || document.fate === 'removed there')
      return [{ key: questionKey(document), document }]
    return [...document.parts].flatMap(([part, joined]) =>
      joined.is === 'open' ? [{ key: questionKey(document, part), document, part }] : [],
    )
  })

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

  /** Works on what the device knows, one window at a time; what it makes of it is kept. */
  const withState = <T>(work: (state: DeviceState) => Promise<T>): Promise<T> =>
    withLock(
      'exclusive',
      async () => {
        const state = inThisEra((await readDevice()) ?? aNewDevice(), keeper.era)
        const done = await work(state)
        await keepDevice(state)
        device.value = state.device
        partners.value = state.partners
        tangles.value = state.tangles
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

  /** This device begins as a copy of another: what that one knew it knows, too. */
  async function beginAs({ documents, stamps }: Contents & { stamps?: Stamps }): Promise<void> {
    await withState(async (state) => {
      if (!stamps || stamps.device.id === state.device.id) return
      state.known = beganFrom(state.known.life, stamps, documents)
      state.partners = metNow(state.partners, stamps.device)
    })
  }

  /** Something was added as a whole: it is a change like others, and no new life. */
  const goOn = (era: string) =>
    withLock(
      'exclusive',
      async () => {
        const state = await readDevice()
        if (state?.era === era) await keepDevice({ ...state, era: keeper.era })
      },
      LOCK,
    )

  const begin = () => withState(async () => undefined)
  const rename = (name: string) =>
    withState(async (state) => {
      state.device = { ...state.device, name: name.trim().slice(0, 60) || usualName() }
    })
  const seenTo = () =>
    withState(async (state) => {
      state.tangles = []
    })

  return { device, partners, tangles, begin, rename, seenTo, stampsNow, meetFile, bring, beginAs, goOn, withState }
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
