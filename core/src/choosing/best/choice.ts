import { pairRank, tripleRank } from '../../mixing/kernel/ranks'
import type { SetSize } from '../../reach/paletteReach'
import { WORTHS, type Cover } from './cover'

/**
 * A choice of paints with its worth, kept up to date while paints come and go: for every target how many sets of
 * chosen paints serve it, by size.
 */
export class Choice {
  readonly members: number[] = []
  readonly isIn: Uint8Array
  /** What is reached, each target by how many paints it takes, and what the paints count by themselves. */
  worth = 0
  /** How many paints each target takes at least; 0 where it is not reached. */
  readonly sizes: Uint8Array
  readonly #counts: Uint16Array
  readonly #seen: Uint32Array
  #look = 0

  constructor(readonly cover: Cover) {
    const targets = cover.weights.length
    this.isIn = new Uint8Array(cover.ids.length)
    this.sizes = new Uint8Array(targets)
    this.#counts = new Uint16Array(targets * 3)
    this.#seen = new Uint32Array(targets)
  }

  add(paint: number): void {
    this.#eachSet(paint, (size, set) => this.#count(size, set, 1))
    this.members.push(paint)
    this.isIn[paint] = 1
    this.worth += this.cover.own[paint]!
  }

  remove(paint: number): void {
    this.members.splice(this.members.indexOf(paint), 1)
    this.isIn[paint] = 0
    this.#eachSet(paint, (size, set) => this.#count(size, set, -1))
    this.worth -= this.cover.own[paint]!
  }

  /** Puts in and takes out until just these are in. */
  become(paints: Iterable<number>): void {
    const wanted = new Set(paints)
    for (const member of [...this.members]) if (!wanted.has(member)) this.remove(member)
    for (const paint of wanted) if (!this.isIn[paint]) this.add(paint)
  }

  /** What a paint would add if it came in. */
  gainOf(paint: number): number {
    const { weights, starts, lists, own } = this.cover
    const look = (this.#look += 1)
    let gain = own[paint]!
    // sets come by size, small ones first: the first that betters a target betters it most
    this.#eachSet(paint, (size, set) => {
      const list = lists[size]
      for (let i = starts[size][set]!, end = starts[size][set + 1]!; i < end; i += 1) {
        const t = list[i]!
        const now = this.sizes[t]!
        if ((now && now <= size) || this.#seen[t] === look) continue
        this.#seen[t] = look
        gain += weights[t]! * (WORTHS[size]! - WORTHS[now]!)
      }
    })
    return gain
  }

  /** Every set that a paint makes with the members, itself not among them, small sets first. */
  #eachSet(paint: number, visit: (size: SetSize, set: number) => void): void {
    const { members } = this
    const { most } = this.cover
    visit(1, paint)
    if (most < 2) return
    for (const m of members) visit(2, m < paint ? pairRank(m, paint) : pairRank(paint, m))
    if (most < 3) return
    for (let a = 1; a < members.length; a += 1)
      for (let b = 0; b < a; b += 1) visit(3, rankOfThree(paint, members[a]!, members[b]!))
  }

  #count(size: SetSize, set: number, step: 1 | -1): void {
    const { weights, starts, lists } = this.cover
    const list = lists[size]
    for (let i = starts[size][set]!, end = starts[size][set + 1]!; i < end; i += 1) {
      const t = list[i]!
      const at = t * 3
      const count = (this.#counts[at + size - 1]! += step)
      // only the first set that comes and the last that goes may change how many paints it takes
      if (count > 1 || (count === 1 && step < 0)) continue
      const now = this.#counts[at] ? 1 : this.#counts[at + 1] ? 2 : this.#counts[at + 2] ? 3 : 0
      const before = this.sizes[t]!
      if (now === before) continue
      this.sizes[t] = now
      this.worth += weights[t]! * (WORTHS[now]! - WORTHS[before]!)
    }
  }
}

function rankOfThree(p: number, q: number, r: number): number {
  const least = Math.min(p, q, r)
  const most = Math.max(p, q, r)
  return tripleRank(least, p + q + r - least - most, most)
}
