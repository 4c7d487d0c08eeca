import { fail, ok, type Result } from '@juxtachrome/core/result'
import Dexie, { type Table } from 'dexie'
import type { Folder } from './folder'
import type { Order } from './order'

/** Where copies go by themselves, and what the last one holds. */
export interface CopyPlace {
  folder?: Folder
  /** When a copy was last made, ISO 8601, and where: the folder's name, or nothing for a file that was saved by hand. */
  last?: { made: string; where?: string; order?: Order }
}

/** The collection as it was before something replaced it. */
export interface RestorePoint {
  id: number
  /** ISO 8601 */
  made: string
  /** Before what, in words: `the import of spring.json`. */
  before: string
  data: Blob
}

/** Points that stay; the oldest go. */
const MOST_POINTS = 6

/** Beside the collection and not in it: it outlives a wipe, and is in no export. */
class Copies extends Dexie {
  declare place: Table<CopyPlace & { key: 'place' }, string>
  declare points: Table<RestorePoint, number>
  constructor() {
    super('juxtachrome-copies')
    this.version(1).stores({ place: 'key', points: '++id' })
  }
}
let opened: Copies | undefined
const database = () => (opened ??= new Copies())

/** Nothing is known where this browser keeps nothing. */
export async function readPlace(): Promise<CopyPlace> {
  return (
    (await database()
      .place.get('place')
      .catch(() => undefined)) ?? {}
  )
}

export async function keepPlace(place: CopyPlace): Promise<void> {
  await database()
    .place.put({ ...place, key: 'place' })
    .catch(() => undefined)
}

/** Errors: `no-restore-point` (a full disk, or a browser that keeps nothing). */
export async function keepPoint(before: string, made: Date, data: Blob): Promise<Result<void>> {
  try {
    const { points } = database()
    await points.add({ made: made.toISOString(), before, data: await packed(data) } as RestorePoint)
    const ids = await points.orderBy('id').primaryKeys()
    await points.bulkDelete(ids.slice(0, -MOST_POINTS))
    return ok(undefined)
  } catch (error) {
    return fail('no-restore-point', `It could not be kept: ${error instanceof Error ? error.message : String(error)}`)
  }
}

/** Packed where the browser can, since several of them stay. */
async function packed(data: Blob): Promise<Blob> {
  if (typeof CompressionStream === 'undefined') return data
  const bytes = await new Response(data.stream().pipeThrough(new CompressionStream('gzip'))).blob()
  return new Blob([bytes], { type: PACKED })
}
const PACKED = 'application/gzip'

/** The collection file that a restore point holds. */
export async function fileOf({ data }: RestorePoint): Promise<Blob> {
  if (data.type !== PACKED) return data
  return new Response(data.stream().pipeThrough(new DecompressionStream('gzip'))).blob()
}

/** The newest first. */
export async function restorePoints(): Promise<RestorePoint[]> {
  return database()
    .points.orderBy('id')
    .reverse()
    .toArray()
    .catch(() => [])
}
