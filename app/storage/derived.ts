import { digest } from '@juxtachrome/core/collection'
import Dexie, { type Table } from 'dexie'

/** One worker's share of something that was worked out; `value` is opaque here. */
interface Row {
  id: string
  key: string
  part: number
  of: number
  /** When it was made, ms: the oldest go first. */
  made: number
  value: unknown
}

/** Answers that are kept at the most, and sets of parts of what is larger. */
const MOST_ANSWERS = 40
const MOST_PARTS = 6
const ANSWER = 'answer '
/** Raised when answers come out otherwise from the same documents; it is in their keys. */
export const ANSWERS_VERSION = 3

/** What was worked out and takes long: a database of its own, which may be dropped at any time and is never exported. */
class Derived extends Dexie {
  declare parts: Table<Row, string>
  constructor() {
    super('juxtachrome-derived')
    this.version(1).stores({ parts: 'id, key' })
    // what there is, and since when, is read from the index: the values themselves may be many megabytes
    this.version(2).stores({ parts: 'id, key, [key+made]' })
  }
}
let opened: Derived | undefined
const database = () => (opened ??= new Derived())

/** What was kept under a key, whole; undefined where it is not, or the browser keeps nothing. */
export async function readDerived<T>(key: string): Promise<T[] | undefined> {
  try {
    const rows = (await database().parts.where('key').equals(key).toArray()).sort((p, q) => p.part - q.part)
    return rows.length > 0 && rows.length === rows[0]!.of ? rows.map((r) => r.value as T) : undefined
  } catch {
    return undefined
  }
}

/** Every key, and when it was kept, ms. */
async function whatIsKept(): Promise<Map<string, number>> {
  return new Map((await database().parts.orderBy('[key+made]').keys()) as unknown as [string, number][])
}

/** The newest key that begins so. */
export async function newestDerived(prefix: string): Promise<string | undefined> {
  try {
    const like = [...(await whatIsKept())].filter(([key]) => key.startsWith(prefix))
    return like.sort((p, q) => q[1] - p[1])[0]?.[0]
  } catch {
    return undefined
  }
}

/** Keeps what was worked out, a part at a time, and lets the oldest go. Not kept is no harm: it is worked out again. */
export async function keepDerived(key: string, parts: readonly unknown[]): Promise<void> {
  try {
    const { parts: table } = database()
    const made = Date.now()
    for (const [part, value] of parts.entries())
      await table.put({ id: `${key}#${part}`, key, part, of: parts.length, made, value })
    const newest = [...(await whatIsKept())].sort((p, q) => q[1] - p[1])
    const isAnswer = ([name]: [string, number]) => name.startsWith(ANSWER)
    const old = [
      ...newest.filter(isAnswer).slice(MOST_ANSWERS),
      ...newest.filter((one) => !isAnswer(one)).slice(MOST_PARTS),
    ]
    for (const [gone] of old) await table.where('key').equals(gone).delete()
  } catch {
    // a full disk or a window without site data
  }
}

/** The key of the answer to a question, as this version of the application gives it. */
export const keyOfAnswer = (name: string, request: unknown): string =>
  `${ANSWER}${ANSWERS_VERSION} ${name} ${digest(request)}`

/** Lets go what is kept under a key. */
export async function forgetDerived(key: string): Promise<void> {
  await database()
    .parts.where('key')
    .equals(key)
    .delete()
    .catch(() => undefined)
}

/** Lets everything go, when the collection from which it was worked out is wiped. */
export async function wipeDerived(): Promise<void> {
  await database()
    .parts.clear()
    .catch(() => undefined)
}
