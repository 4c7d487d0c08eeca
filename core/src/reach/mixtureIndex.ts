import { digest } from '../collection/digest'
import type { Optics } from '../film/optics'
import { MixtureKernel } from '../mixing/kernel/mixtureKernel'
import { pairRank, tripleRank } from '../mixing/kernel/ranks'
import { targetGrid, type TargetGrid } from '../mixing/kernel/targetGrid'
import { fail, ok, type Result } from '../result'
import { keyOfTable, type TargetTable } from './targetTable'

/** Raised when the kernel or what is stored changes, so that older indexes are not used. */
export const INDEX_VERSION = 3
/** Above this many paints the index takes more time and memory than it is worth. */
export const MOST_INDEXED = 300

/** A paint that the index is about. */
export interface IndexPaint {
  id: string
  optics: Optics
}

/** What the sets of one size serve that none of their parts does: sets by rank, targets end to end. */
export interface SetTable {
  /** Where each set's targets begin; one more than there are sets. */
  starts: Uint32Array
  targets: Uint16Array
}

/** For every target the minimal sets of up to three paints that come near enough, sorted by set. */
export interface MixtureIndex {
  /** Ids in the order in which sets are ranked, and what each paint's optics were. */
  paints: string[]
  prints: string[]
  /** Key of the target table, how many targets, and up to which CIEDE2000 a mixture is near enough. */
  table: string
  count: number
  near: number
  sets: Record<1 | 2 | 3, SetTable>
}

export interface IndexQuestion {
  paints: readonly IndexPaint[]
  table: TargetTable
  near: number
  /** An index of the same table: only sets with a paint that changed since are worked out. */
  previous?: MixtureIndex
  /** Which share of the work, 0-based, of how many: parts are put together by `joinParts`. */
  part?: { number: number; of: number }
  /** Without WebAssembly. */
  plain?: boolean
}

/** One worker's share: the sets of each size from one rank on. */
export interface IndexPart {
  index: Omit<MixtureIndex, 'sets'>
  /** How many targets each set serves, and which; pairs and singles only in the first part. */
  sets: Record<1 | 2 | 3, { counts: Uint16Array; targets: Uint16Array }>
}

/** What a paint's optics are, in short. */
export const printOf = (optics: Optics): string =>
  digest([...optics.K, ...optics.S, optics.perPart ?? 1, optics.body ?? 1].map((n) => Math.fround(n)))

/** Under which name an index is kept. */
export const keyOfIndex = (index: Pick<MixtureIndex, 'paints' | 'prints' | 'table' | 'near'>): string =>
  `${INDEX_VERSION} ${index.table} ${index.near} ${digest([index.paints, index.prints])}`

const grids = new Map<string, TargetGrid>()
/** The cells of a table, made once. */
function gridOf(table: TargetTable, near: number): TargetGrid {
  const key = `${keyOfTable(table)} ${near}`
  const known = grids.get(key)
  if (known) return known
  if (grids.size > 6) grids.clear()
  const grid = targetGrid(
    table.targets.map((t) => t.lab),
    near,
  )
  grids.set(key, grid)
  return grid
}

/** Numbers that grow end to end. */
class Growing {
  #data = new Uint16Array(1024)
  length = 0
  push(values: Uint16Array): void {
    if (this.length + values.length > this.#data.length) {
      const larger = new Uint16Array(Math.max(this.#data.length * 2, this.length + values.length))
      larger.set(this.#data.subarray(0, this.length))
      this.#data = larger
    }
    this.#data.set(values, this.length)
    this.length += values.length
  }
  taken(): Uint16Array {
    return this.#data.slice(0, this.length)
  }
}

/**
 * Works out which sets of up to three paints serve which targets, or one worker's share of it; yields how far it is.
 * A set is listed with the targets that none of its smaller sets serves, so the sets of a target are minimal.
 *
 * Errors: `too-many-paints`, `bad-near`.
 */
export function* indexPart(question: IndexQuestion): Generator<{ done: number; of: number }, Result<IndexPart>> {
  const { paints, table, near, previous, part = { number: 0, of: 1 }, plain } = question
  const n = paints.length
  if (n > MOST_INDEXED) return fail('too-many-paints', `An index holds at most ${MOST_INDEXED} paints.`)
  if (!(near > 0 && near <= 20)) return fail('bad-near', 'Near enough is a colour difference above 0, at most 20.')
  const kernel = new MixtureKernel(
    paints.map((p) => p.optics),
    gridOf(table, near),
    plain,
  )
  const index = {
    paints: paints.map((p) => p.id),
    prints: paints.map((p) => printOf(p.optics)),
    table: keyOfTable(table),
    count: table.targets.length,
    near,
  }
  const old = previous && oldPlaces(index, previous)
  const known = (members: readonly number[]): Uint16Array | undefined =>
    old && members.every((m) => old[m]! >= 0)
      ? servedBy(
          previous!,
          members.map((m) => old[m]!),
        )
      : undefined
  const sets = { 1: new Collected(), 2: new Collected(), 3: new Collected() }
  const small = (members: readonly number[]) => {
    const targets = known(members) ?? kernel.serve(members).targets
    kernel.mark(members, targets)
    if (part.number === 0) sets[members.length as 1 | 2].add(targets)
  }
  const [from, to] = [edge(n, part.number, part.of), edge(n, part.number + 1, part.of)]
  const of = Math.max(1, (n * (n - 1)) / 2 + volume(to) - volume(from))
  let done = 0
  for (let i = 0; i < n; i += 1) small([i])
  for (let j = 1; j < n; j += 1) {
    for (let i = 0; i < j; i += 1) small([i, j])
    yield { done: (done += j), of }
  }
  for (let k = from; k < to; k += 1) {
    for (let j = 1; j < k; j += 1) {
      if (old && old[j]! >= 0 && old[k]! >= 0)
        for (let i = 0; i < j; i += 1) sets[3].add(known([i, j, k]) ?? kernel.serve([i, j, k]).targets)
      else {
        const row = kernel.row(j, k)
        sets[3].addAll(row.counts, row.targets)
      }
      yield { done: (done += j), of }
    }
  }
  return ok({ index, sets: { 1: sets[1].taken(), 2: sets[2].taken(), 3: sets[3].taken() } })
}

/** Triples whose last paint lies before this place. */
const volume = (k: number) => (k < 3 ? 0 : (k * (k - 1) * (k - 2)) / 6)
/** Where a part begins, so that all have about the same number of triples. */
const edge = (n: number, part: number, of: number) => (part === of ? n : Math.round(n * Math.cbrt(part / of)))

class Collected {
  readonly #counts = new Growing()
  readonly #targets = new Growing()
  add(targets: Uint16Array): void {
    this.#counts.push(Uint16Array.of(targets.length))
    this.#targets.push(targets)
  }
  addAll(counts: Uint16Array, targets: Uint16Array): void {
    this.#counts.push(counts)
    this.#targets.push(targets)
  }
  taken() {
    return { counts: this.#counts.taken(), targets: this.#targets.taken() }
  }
}

/** Where each paint lay in an older index; -1 where it was not there or was another. Undefined when nothing can be taken over. */
function oldPlaces(index: IndexPart['index'], previous: MixtureIndex): Int32Array | undefined {
  if (previous.table !== index.table || previous.near !== index.near || previous.count !== index.count) return undefined
  const places = new Map(previous.paints.map((id, i) => [id, i]))
  const old = Int32Array.from(index.paints, (id, i) => {
    const place = places.get(id)
    return place !== undefined && previous.prints[place] === index.prints[i] ? place : -1
  })
  return old.some((place) => place >= 0) ? old : undefined
}

/** The shares of all workers as one index, in the order of their numbers. */
export function joinParts(parts: readonly IndexPart[]): MixtureIndex {
  const size = (s: 1 | 2 | 3): SetTable => {
    const lists = parts.map((p) => p.sets[s])
    const starts = new Uint32Array(lists.reduce((sum, l) => sum + l.counts.length, 0) + 1)
    const targets = new Uint16Array(lists.reduce((sum, l) => sum + l.targets.length, 0))
    let [at, filled] = [0, 0]
    for (const { counts, targets: own } of lists) {
      for (const count of counts) {
        starts[at + 1] = starts[at]! + count
        at += 1
      }
      targets.set(own, filled)
      filled += own.length
    }
    return { starts, targets }
  }
  return { ...parts[0]!.index, sets: { 1: size(1), 2: size(2), 3: size(3) } }
}

/**
 * The index of mixtures of a list of paints: for every target of a table the minimal sets of up to three paints that
 * come near enough in one of the kernel's mixtures. Yields how far it is.
 *
 * Errors: `too-many-paints` (more than 300), `bad-near`.
 */
export function* mixtureIndex(
  question: Omit<IndexQuestion, 'part'>,
): Generator<{ done: number; of: number }, Result<MixtureIndex>> {
  const part = yield* indexPart(question)
  return part.ok ? ok(joinParts([part.value])) : part
}

/** Rank of a set, its members in any order. */
function rankOf(members: readonly number[]): number {
  const [i = 0, j = 0, k = 0] = [...members].sort((p, q) => p - q)
  return members.length === 1 ? i : members.length === 2 ? pairRank(i, j) : tripleRank(i, j, k)
}

/** The targets that a set serves and none of its smaller sets does; a view. */
export function servedBy(index: MixtureIndex, members: readonly number[]): Uint16Array {
  const { starts, targets } = index.sets[members.length as 1 | 2 | 3]
  const rank = rankOf(members)
  return targets.subarray(starts[rank], starts[rank + 1])
}

/** Bytes that an index takes. */
export const bytesOf = ({ sets }: MixtureIndex): number =>
  ([1, 2, 3] as const).reduce((sum, s) => sum + sets[s].starts.byteLength + sets[s].targets.byteLength, 0)
