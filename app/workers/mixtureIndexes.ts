import type { IndexWanted, ProgressOf, RequestOf } from '@juxtachrome/core/jobs'
import { keyOfIndex, type IndexPart as Part } from '@juxtachrome/core/reach'
import type { Result } from '@juxtachrome/core/result'
import type { Seat } from './seat'

/** Where parts of indexes are kept between visits. */
export interface PartsStore {
  readParts(key: string): Promise<Part[] | undefined>
  keepParts(key: string, parts: readonly Part[]): Promise<void>
  forget(key: string): Promise<void>
  /** The newest key that begins so. */
  newest(prefix: string): Promise<string | undefined>
  /** One window at a time works a thing out; the others find it kept afterwards. */
  inTurn<T>(key: string, work: () => Promise<T>): Promise<T>
}

/** Who works out shares of an index. */
interface Pool {
  longWorkers: number
  ask(
    name: 'indexPart',
    request: RequestOf<'indexPart'>,
    options: { progress: (progress: ProgressOf<'indexPart'>) => void },
  ): { result: Promise<Result<Part>>; cancel(): void }
}

/** An index that is being worked out. */
export interface Building {
  want: IndexWanted
  /** 0 to 1. */
  done: number
}

/** Share of the work that is worth telling. */
const WORTH_TELLING = 0.02
/** Whoever is still there after so long did not only pass by, ms. */
const STAYS = 700

/**
 * Brings the indexes of mixtures that questions want to the workers that want them: from the device, or worked out by all
 * workers for long work together.
 */
export class MixtureIndexes {
  readonly building = new Map<string, Building>()
  /** Given up by the artist: not begun again of itself. */
  readonly stopped = new Set<string>()
  /** Whether what takes long is begun by itself. */
  begins = () => true
  /** Told whenever something is begun, goes on, or ends. */
  changed: () => void = () => undefined
  /** Wanted in so many words. */
  readonly #asked = new Set<string>()
  readonly #wanted = new Map<string, { want: IndexWanted; seats: Set<Seat>; isWanted: (() => boolean)[] }>()
  readonly #questions = new Map<string, { cancel(): void }[]>()

  constructor(
    readonly pool: Pool,
    readonly store?: PartsStore,
  ) {}

  /** Brings an index to a seat, sooner or later; what takes long is begun only for somebody who stays. */
  async bring(want: IndexWanted, seat: Seat, isWanted: () => boolean): Promise<void> {
    const known = this.#wanted.get(want.key)
    if (known) {
      known.seats.add(seat)
      known.isWanted.push(isWanted)
      return
    }
    this.#wanted.set(want.key, { want, seats: new Set([seat]), isWanted: [isWanted] })
    const inTurn = this.store?.inTurn.bind(this.store) ?? (<T>(_key: string, work: () => Promise<T>) => work())
    const parts = await inTurn(want.key, () => this.#partsOf(want)).catch(() => undefined)
    const seats = this.#wanted.get(want.key)?.seats ?? []
    this.building.delete(want.key)
    if (parts) {
      this.#wanted.delete(want.key)
      this.#give(parts, [...seats])
    } else if (!this.stopped.has(want.key)) this.#wanted.delete(want.key)
    this.changed()
  }

  /** Stops what is being worked out; it is not begun again until `goOn`. */
  stop(key: string): void {
    this.stopped.add(key)
    for (const question of this.#questions.get(key) ?? []) question.cancel()
    this.changed()
  }

  /** Goes on with what was stopped, or was never begun. */
  goOn(key: string): void {
    this.#asked.add(key)
    this.stopped.delete(key)
    const known = this.#wanted.get(key)
    this.#wanted.delete(key)
    if (known) for (const seat of known.seats) void this.bring(known.want, seat, anyOf(known.isWanted))
    this.changed()
  }

  async #partsOf(want: IndexWanted): Promise<Part[] | undefined> {
    const { key } = want
    const kept = await this.store?.readParts(key)
    if (kept && isOf(key, kept)) return kept
    if (kept) await this.store?.forget(key)
    await new Promise((resolve) => setTimeout(resolve, STAYS))
    if (!this.begins() && !this.#asked.has(key)) this.stopped.add(key)
    if (this.stopped.has(key) || !anyOf(this.#wanted.get(key)?.isWanted ?? [])()) return undefined
    const older = await this.store?.newest(key.slice(0, key.lastIndexOf(' ') + 1))
    const parts = await this.#workOut(want, older ? await this.store?.readParts(older) : undefined)
    // the copy that is kept is made before what was worked out goes over to a worker
    if (parts && isOf(key, parts)) await this.store?.keepParts(key, parts)
    return parts
  }

  async #workOut(want: IndexWanted, previous: Part[] | undefined): Promise<Part[] | undefined> {
    const { key, choice, near } = want
    const of = this.pool.longWorkers
    const done = Array.from({ length: of }, () => 0)
    const building = { want, done: 0 }
    this.building.set(key, building)
    this.changed()
    const tell = (number: number, share: number) => {
      done[number] = share
      const all = done.reduce((sum, d) => sum + d, 0) / of
      // a worker says it eighty times a second: what is drawn need not follow each
      if (all - building.done < WORTH_TELLING) return
      building.done = all
      this.changed()
    }
    const questions = done.map((_, number) =>
      this.pool.ask(
        'indexPart',
        { choice, near, part: { number, of }, ...(previous ? { previous } : {}) },
        { progress: (p) => tell(number, p.done / p.of) },
      ),
    )
    this.#questions.set(key, questions)
    const answers = await Promise.all(questions.map((q) => q.result))
    this.#questions.delete(key)
    const parts = answers.flatMap((a) => (a.ok ? [a.value] : []))
    return parts.length === of ? parts : undefined
  }

  /** The last seat gets what was worked out itself, the others copies of it. */
  #give(parts: Part[], seats: Seat[]): void {
    for (const [i, seat] of seats.entries())
      seat.give({ type: 'hold', parts }, i === seats.length - 1 ? buffersOf(parts) : [])
  }
}

/** What was worked out while the collection changed is another index than was asked for: it is not kept. */
const isOf = (key: string, parts: readonly Part[]) => parts.every((p) => keyOfIndex(p.index) === key)

const anyOf = (asked: readonly (() => boolean)[]) => () => asked.some((isWanted) => isWanted())

const buffersOf = (parts: readonly Part[]): ArrayBuffer[] =>
  parts.flatMap((p) =>
    ([1, 2, 3] as const).flatMap((s) => [p.sets[s].counts.buffer, p.sets[s].targets.buffer] as ArrayBuffer[]),
  )
