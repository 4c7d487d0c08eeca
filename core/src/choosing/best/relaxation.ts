import type { CountRow } from './countRows'
import { WORTHS, type Cover, setsOf } from './cover'

/** Every set that serves a target, target by target. */
export interface SetsByTarget {
  starts: Uint32Array
  /** Members in nine bits each, and above them how many there are. */
  sets: Uint32Array
}

const BITS = 9
const MASK = (1 << BITS) - 1
const SIZE_AT = 3 * BITS

/** Turns a cover around: from the targets of every set to the sets of every target. At most 512 paints. */
export function setsByTarget({ ids, weights, starts, lists, most }: Cover): SetsByTarget {
  const from = new Uint32Array(weights.length + 1)
  for (const size of [1, 2, 3] as const) if (size <= most) for (const t of lists[size]) from[t + 1] = from[t + 1]! + 1
  for (let t = 0; t < weights.length; t += 1) from[t + 1] = from[t + 1]! + from[t]!
  const next = from.slice()
  const sets = new Uint32Array(from.at(-1)!)
  const put = (size: 1 | 2 | 3, set: number, packed: number) => {
    for (let i = starts[size][set]!, end = starts[size][set + 1]!; i < end; i += 1) {
      const t = lists[size][i]!
      sets[next[t]!] = packed
      next[t] = next[t]! + 1
    }
  }
  const n = ids.length
  for (let k = 0; k < n; k += 1) {
    put(1, k, k | (1 << SIZE_AT))
    for (let j = 0; j < k && most > 1; j += 1) {
      put(2, setsOf(k, 2) + j, j | (k << BITS) | (2 << SIZE_AT))
      for (let i = 0; i < j && most > 2; i += 1)
        put(3, setsOf(k, 3) + setsOf(j, 2) + i, i | (j << BITS) | (k << (2 * BITS)) | (3 << SIZE_AT))
    }
  }
  return { starts: from, sets }
}

/** The same without the sets of paints that are out; as it was where that is hardly less. */
export function narrowed(byTarget: SetsByTarget, isOut: Uint8Array): SetsByTarget {
  const { starts, sets } = byTarget
  const isLeft = (set: number) => {
    const size = set >>> SIZE_AT
    if (isOut[set & MASK]) return false
    if (size > 1 && isOut[(set >>> BITS) & MASK]) return false
    return size < 3 || !isOut[(set >>> (2 * BITS)) & MASK]
  }
  const left = sets.filter(isLeft)
  if (left.length > WORTH_NARROWING * sets.length) return byTarget
  const from = new Uint32Array(starts.length)
  let count = 0
  for (let t = 0; t + 1 < starts.length; t += 1) {
    for (let i = starts[t]!; i < starts[t + 1]!; i += 1) if (isLeft(sets[i]!)) count += 1
    from[t + 1] = count
  }
  return { starts: from, sets: left }
}
const WORTH_NARROWING = 0.8

export interface RelaxationQuestion {
  cover: Cover
  byTarget: SetsByTarget
  /** How many paints a choice has. */
  places: number
  /** Paints that every choice considered has, and those that none has. */
  isIn: Uint8Array
  isOut: Uint8Array
  /** Counts that every choice considered meets. */
  rows?: readonly CountRow[]
  prices?: Float64Array
}

/**
 * A bound above what any choice of so many paints can be worth: Lagrangian relaxation of "a set serves only when all its
 * paints are in". Each target may use its best set at prices for the paints in it; the choice earns the prices. At any
 * prices the sum is a valid bound (Geoffrion 1974, Math. Programming Study 2, 82-114); the prices are improved by
 * Polyak's steps (Polyak 1969, USSR Comput. Math. 9, 14-29; both from memory). Counts that a choice must meet are priced
 * alike: every choice that meets them pays nothing for them.
 */
export class Relaxation {
  /** The lowest bound found, and at which prices. */
  bound = Infinity
  prices: Float64Array
  /** What each paint earns and itself counts, at the prices of the last step. */
  readonly earned: Float64Array
  readonly chosen: Uint8Array
  readonly #best: Float64Array
  readonly #used: Uint32Array
  readonly #n: number
  readonly cover: Cover
  readonly byTarget: SetsByTarget
  readonly places: number
  readonly isIn: Uint8Array
  readonly isOut: Uint8Array
  readonly rows: readonly CountRow[]
  #theta = 1
  #since = 0

  constructor({ cover, byTarget, places, isIn, isOut, rows = [], prices }: RelaxationQuestion) {
    this.cover = cover
    this.byTarget = byTarget
    this.places = places
    this.isIn = isIn
    this.isOut = isOut
    this.rows = rows
    this.#n = cover.ids.length
    this.#best = prices ? prices.slice() : new Float64Array(cover.weights.length * this.#n + rows.length)
    this.prices = this.#best.slice()
    this.earned = new Float64Array(this.#n)
    this.chosen = new Uint8Array(this.#n)
    this.#used = new Uint32Array(cover.weights.length)
  }

  /** One improvement of the prices, toward what is known to be possible; the bound at the prices it began with. */
  step(possible: number): number {
    const bound = this.#evaluate()
    if (bound < this.bound - 1e-12) {
      this.bound = bound
      this.#best.set(this.prices)
      this.#since = 0
    } else if ((this.#since += 1) >= PATIENCE) {
      this.#theta /= 2
      this.#since = 0
      this.prices.set(this.#best)
      this.#evaluate()
    }
    this.#move(Math.max(bound - possible, 1e-9))
    return bound
  }

  /** Goes back to the best prices, so that `earned` and `chosen` are theirs. */
  settle(): void {
    this.prices.set(this.#best)
    this.#evaluate()
  }

  /** By how much the bound falls when a paint that is not chosen must be in, or one that is must be out; 0 upward. */
  costOfTurning(): Float64Array {
    const free = (wanted: 0 | 1) =>
      Array.from(this.earned.keys()).filter((p) => !this.isIn[p] && !this.isOut[p] && this.chosen[p] === wanted)
    const [chosen, others] = [free(1), free(0)]
    const leastChosen = Math.min(...chosen.map((p) => this.earned[p]!))
    const bestOther = Math.max(...others.map((p) => this.earned[p]!))
    return Float64Array.from(this.earned, (e, p) =>
      this.isIn[p] || this.isOut[p] ? 0 : this.chosen[p] ? e - bestOther : leastChosen - e,
    )
  }

  #evaluate(): number {
    const { weights, own } = this.cover
    const { starts, sets } = this.byTarget
    const n = this.#n
    const { prices, earned, isOut } = this
    earned.set(own)
    let total = this.#priceRows()
    for (let t = 0; t < weights.length; t += 1) {
      const row = t * n
      for (let p = 0; p < n; p += 1) earned[p]! += prices[row + p]!
      const w = weights[t]!
      let [best, used] = [0, 0]
      for (let i = starts[t]!, end = starts[t + 1]!; i < end; i += 1) {
        const set = sets[i]!
        const size = set >>> SIZE_AT
        let worth = w * WORTHS[size]!
        if (worth <= best) continue
        const p = set & MASK
        if (isOut[p]) continue
        worth -= prices[row + p]!
        if (size > 1) {
          const q = (set >>> BITS) & MASK
          if (worth <= best || isOut[q]) continue
          worth -= prices[row + q]!
          if (size > 2) {
            const r = (set >>> (2 * BITS)) & MASK
            if (worth <= best || isOut[r]) continue
            worth -= prices[row + r]!
          }
        }
        if (worth > best) [best, used] = [worth, set]
      }
      total += best
      this.#used[t] = used
    }
    return total + this.#choose()
  }

  /** What a count is priced at is earned by its paints, or paid where there may be no more of them; what it asks for is paid. */
  #priceRows(): number {
    let total = 0
    this.rows.forEach(({ isOf, bound, count }, r) => {
      const price = this.prices[this.#rowAt(r)]! * (bound === 'least' ? 1 : -1)
      if (price === 0) return
      for (let p = 0; p < this.#n; p += 1) if (isOf[p]) this.earned[p]! += price
      total -= price * count
    })
    return total
  }
  #rowAt = (r: number) => this.cover.weights.length * this.#n + r

  /** The paints that earn most, those that must be in first; what they earn. */
  #choose(): number {
    const { earned, chosen, isIn, isOut } = this
    chosen.set(isIn)
    const free = Array.from(earned.keys())
      .filter((p) => !isIn[p] && !isOut[p])
      .sort((p, q) => earned[q]! - earned[p]! || p - q)
    const open = this.places - isIn.reduce((sum, i) => sum + i, 0)
    for (const p of free.slice(0, Math.max(0, open))) chosen[p] = 1
    let total = 0
    for (let p = 0; p < chosen.length; p += 1) if (chosen[p]) total += earned[p]!
    return total
  }

  /** Prices rise where a target uses what is not chosen, and fall where what is chosen is not used. */
  #move(gap: number): void {
    const { prices } = this
    let norm = 0
    this.#each((at, slope) => {
      if (slope < 0 || prices[at]! > 0) norm += slope * slope
    })
    if (norm === 0) return
    const step = (this.#theta * gap) / norm
    this.#each((at, slope) => {
      const next = prices[at]! - step * slope
      prices[at] = next > 0 ? next : 0
    })
  }

  /**
   * Every price with a slope: 1 where the paint is chosen and not used, -1 where it is used and not chosen; of a count by how
   * many more there are than it asks for.
   */
  #each(visit: (at: number, slope: number) => void): void {
    const n = this.#n
    const { chosen } = this
    this.rows.forEach(({ isOf, bound, count }, r) => {
      const over = chosen.reduce((sum, is, p) => sum + is * isOf[p]!, -count)
      if (over) visit(this.#rowAt(r), bound === 'least' ? over : -over)
    })
    for (let t = 0; t < this.#used.length; t += 1) {
      const set = this.#used[t]!
      const size = set >>> SIZE_AT
      const [p, q, r] = [
        size > 0 ? set & MASK : -1,
        size > 1 ? (set >>> BITS) & MASK : -1,
        size > 2 ? (set >>> (2 * BITS)) & MASK : -1,
      ]
      const row = t * n
      for (let m = 0; m < n; m += 1) {
        const isUsed = m === p || m === q || m === r
        if (chosen[m] && !isUsed) visit(row + m, 1)
        else if (isUsed && !chosen[m]) visit(row + m, -1)
      }
    }
  }
}

/** Steps without a better bound before shorter ones are made. */
const PATIENCE = 15
