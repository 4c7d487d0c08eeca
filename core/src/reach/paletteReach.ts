import { servedBy, type MixtureIndex } from './mixtureIndex'

export type SetSize = 1 | 2 | 3
/** What reaching a target by one, two or three paints counts for: more mixing is worth a little less (judgement). */
export const WORTH: Record<SetSize, number> = { 1: 1, 2: 0.85, 3: 0.7 }

/** Shares of the weight of all targets, 0..1. */
export interface ReachFigures {
  /** Reached by one paint, by two at most, by three at most. */
  one: number
  two: number
  three: number
  /** Reached at all with as many paints as a mixture may have. */
  reach: number
  /** As reach, each target counting less the more paints it takes. */
  worth: number
}

/**
 * What a palette reaches, counted from an index: for every target how many sets of the palette's paints serve it, and
 * how many of those hold each paint. Adding or taking out a paint touches only the sets with that paint.
 */
export class PaletteReach {
  readonly #places: ReadonlyMap<string, number>
  readonly #members: number[] = []
  /** Sets that serve a target, at [target * 3 + size - 1]. */
  readonly #sets: Uint32Array
  /** The same of the sets that hold a paint. */
  readonly #with = new Map<number, Uint32Array>()
  readonly #total: number

  /**
   * @param weights one for each target, 0 upward; targets of weight 0 count for nothing.
   * @param most how many paints a mixture may have.
   */
  constructor(
    readonly index: MixtureIndex,
    readonly weights: Float64Array,
    readonly most: SetSize = 3,
  ) {
    this.#places = new Map(index.paints.map((id, i) => [id, i]))
    this.#sets = new Uint32Array(index.count * 3)
    this.#total = weights.reduce((sum, w) => sum + w, 0) || 1
  }

  /** Ids of the paints that are in. */
  get paints(): string[] {
    return this.#members.map((m) => this.index.paints[m]!)
  }

  /** Puts a paint in; false when the index does not hold it or it is in already. */
  add(id: string): boolean {
    const place = this.#places.get(id)
    if (place === undefined || this.#members.includes(place)) return false
    this.#with.set(place, new Uint32Array(this.index.count * 3))
    this.#count(place, 1)
    this.#members.push(place)
    return true
  }

  /** Takes a paint out. */
  remove(id: string): boolean {
    const place = this.#places.get(id)
    const at = place === undefined ? -1 : this.#members.indexOf(place)
    if (place === undefined || at < 0) return false
    this.#members.splice(at, 1)
    this.#count(place, -1)
    this.#with.delete(place)
    return true
  }

  /** Puts in and takes out until just these paints are in. */
  become(ids: readonly string[]): void {
    const wanted = new Set(ids)
    for (const id of this.paints) if (!wanted.has(id)) this.remove(id)
    for (const id of ids) this.add(id)
  }

  #count(place: number, step: 1 | -1): void {
    this.#eachSet(place, (members) => {
      const slot = members.length - 1
      const targets = servedBy(this.index, members)
      for (const t of targets) this.#sets[t * 3 + slot]! += step
      for (const m of members) {
        const own = this.#with.get(m)!
        for (const t of targets) own[t * 3 + slot]! += step
      }
    })
  }

  /** Every set of a paint with members of the palette, the paint itself not among them. */
  #eachSet(place: number, visit: (members: readonly number[]) => void): void {
    visit([place])
    const { most } = this
    if (most < 2) return
    const list = this.#members.filter((m) => m !== place)
    for (let a = 0; a < list.length; a += 1) {
      visit([place, list[a]!])
      if (most < 3) continue
      for (let b = 0; b < a; b += 1) visit([place, list[b]!, list[a]!])
    }
  }

  /** How many paints a target takes at least; 0 when it is not reached. */
  sizeOf(target: number): 0 | SetSize {
    return smallest(this.#sets, target)
  }

  figures(): ReachFigures {
    return figuresOf((t) => this.sizeOf(t), this.weights)
  }

  /** What would be lost if a paint went: shares of reach and of worth, and the targets. */
  lossOf(id: string): { reach: number; worth: number; targets: number[] } {
    const place = this.#places.get(id)
    const own = place === undefined ? undefined : this.#with.get(place)
    if (!own) return { reach: 0, worth: 0, targets: [] }
    let [reach, worth] = [0, 0]
    const targets: number[] = []
    for (let t = 0; t < this.index.count; t += 1) {
      const now = this.sizeOf(t)
      if (!now || !this.weights[t]) continue
      const left = smallestBeside(this.#sets, own, t)
      if (left === now) continue
      worth += this.weights[t]! * (WORTH[now] - (left ? WORTH[left] : 0))
      if (left) continue
      reach += this.weights[t]!
      targets.push(t)
    }
    return { reach: reach / this.#total, worth: worth / this.#total, targets }
  }

  /** What a paint would bring if it came in, or came in for another: shares of reach and of worth, and the targets. */
  gainOf(id: string): { reach: number; worth: number; targets: number[] } {
    const place = this.#places.get(id)
    if (place === undefined || this.#members.includes(place)) return { reach: 0, worth: 0, targets: [] }
    const better = new Map<number, SetSize>()
    this.#eachSet(place, (members) => {
      const size = members.length as SetSize
      for (const t of servedBy(this.index, members)) {
        const now = better.get(t) ?? this.sizeOf(t)
        if (!now || size < now) better.set(t, size)
      }
    })
    let [reach, worth] = [0, 0]
    const targets: number[] = []
    for (const [t, size] of better) {
      const now = this.sizeOf(t)
      worth += this.weights[t]! * (WORTH[size] - (now ? WORTH[now] : 0))
      if (now || !this.weights[t]) continue
      reach += this.weights[t]!
      targets.push(t)
    }
    return { reach: reach / this.#total, worth: worth / this.#total, targets }
  }

  /** Paints of the index that are not in and would bring a target within reach, those first that need the least mixing. */
  whoWould(target: number): { id: string; size: SetSize }[] {
    const found = this.index.paints.flatMap((id, place) => {
      if (this.#members.includes(place)) return []
      let size: SetSize | undefined
      this.#eachSet(place, (members) => {
        if (size !== undefined && members.length >= size) return
        if (servedBy(this.index, members).includes(target)) size = members.length as SetSize
      })
      return size ? [{ id, size }] : []
    })
    return found.sort((p, q) => p.size - q.size)
  }
}

function smallest(sets: Uint32Array, target: number): 0 | SetSize {
  return sets[target * 3] ? 1 : sets[target * 3 + 1] ? 2 : sets[target * 3 + 2] ? 3 : 0
}
function smallestBeside(sets: Uint32Array, own: Uint32Array, target: number): 0 | SetSize {
  for (const size of [1, 2, 3] as const) {
    const at = target * 3 + size - 1
    if (sets[at]! > own[at]!) return size
  }
  return 0
}

/** Shares of the weight of all targets by how many paints each takes; 0 where it is not reached. */
export function figuresOf(sizeOf: (target: number) => number, weights: Float64Array): ReachFigures {
  const by = [0, 0, 0, 0]
  weights.forEach((w, t) => (by[sizeOf(t)]! += w))
  const total = weights.reduce((sum, w) => sum + w, 0) || 1
  const [, one = 0, two = 0, three = 0] = by
  const reach = (one + two + three) / total
  return {
    one: one / total,
    two: (one + two) / total,
    three: reach,
    reach,
    worth: (one * WORTH[1] + two * WORTH[2] + three * WORTH[3]) / total,
  }
}

/** How many paints of an index a target takes at least, over all its paints: 0 where the whole collection does not reach it. */
export function sizesOverAll(index: MixtureIndex, most: SetSize = 3): Uint8Array {
  const known = overAll.get(index) ?? []
  const sizes = known[most] ?? new Uint8Array(index.count)
  if (!known[most])
    for (const size of [3, 2, 1] as const) if (size <= most) for (const t of index.sets[size].targets) sizes[t] = size
  known[most] = sizes
  overAll.set(index, known)
  return sizes
}
const overAll = new WeakMap<MixtureIndex, Uint8Array[]>()
