import type { Device, Knowledge, Tangle } from '@juxtachrome/core/exchange'
import Dexie, { type Table } from 'dexie'
import type { Folder } from './folder'

/** Another device, and when the two were last brought together, ISO 8601. */
export interface Partner extends Device {
  when: string
}

/** What this device knows of itself and of the others. */
export interface DeviceState {
  device: Device
  /** The era of the collection in which this was known; in another it is a new life. */
  era: string
  known: Knowledge
  partners: Partner[]
  /** What two devices recorded that cannot both be so, until somebody saw to it. */
  tangles: Tangle[]
  /** A folder that the devices share, and the files of others as they were last read: when each was changed, by its name. */
  folder?: Folder
  read?: Record<string, number>
}

/** Beside the collection and not in it: it belongs to the device, and is in no export. */
class Devices extends Dexie {
  declare state: Table<DeviceState & { key: 'this' }, string>
  constructor() {
    super('juxtachrome-devices')
    this.version(1).stores({ state: 'key' })
  }
}
let opened: Devices | undefined
const database = () => (opened ??= new Devices())

/** Nothing where this browser keeps nothing, or nothing was kept yet. */
export const readDevice = (): Promise<DeviceState | undefined> =>
  database()
    .state.get('this')
    .catch(() => undefined)

export const keepDevice = async (state: DeviceState): Promise<void> => {
  await database()
    .state.put({ ...state, key: 'this' })
    .catch(() => undefined)
}
