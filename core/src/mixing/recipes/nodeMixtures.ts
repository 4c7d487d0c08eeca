import type { Optics } from '../../film/optics'
import type { Candidate } from './candidate'
import { atOctaves, leastBetween, newColours, newNodeFilm, OCTAVES, squaredAt, type CoarseTarget } from './coarse'
import { COARSE_TRIPLES } from './grids'
import { atNodes, NODE_COUNT } from './nodes'
import type { NodeSheet } from './nodeSheet'

/** What is sought, as twelve bands are compared with it. */
export type CoarseSought = { colour: CoarseTarget } | { masstone: CoarseTarget; wash: CoarseTarget }

/** Mixtures of paints on twelve bands, by how far they lie from what is sought at whichever water fits best. */
export class NodeMixtures {
  tried = 0
  readonly K: Float64Array[]
  readonly S: Float64Array[]
  readonly body: number[]
  readonly perPart: number[]
  /** No paint has body or another strength than expected: parts are shares. */
  readonly #isPlain: boolean
  readonly #film = newNodeFilm()
  readonly #colours = newColours()
  readonly #row = new Float64Array(OCTAVES)
  /** The load that fits best, as its octave: 0 masstone, 1 half of it; between them, too. */
  #octave = 0
  /** Squared; what lies farther off than the best so far and a little is not worth an exact look. */
  #reach = Infinity

  constructor(
    optics: readonly Optics[],
    readonly sheet: NodeSheet,
    public sought: CoarseSought,
  ) {
    const nodes = optics.map(atNodes)
    this.K = nodes.map((n) => n.K)
    this.S = nodes.map((n) => n.S)
    this.body = optics.map((o) => o.body ?? 1)
    this.perPart = optics.map((o) => o.perPart ?? 1)
    this.#isPlain = optics.every((o) => (o.body ?? 1) === 1 && (o.perPart ?? 1) === 1)
  }

  /** The best ratios of some paints, the nearest first. */
  best(members: readonly number[], ratios: readonly (readonly number[])[], count = 1): Candidate[] {
    const best: Candidate[] = []
    let worst = Infinity
    const { K, S } = this.#film
    for (const ratio of ratios) {
      const total = this.#effect(members, ratio)
      const body = this.#isPlain ? 1 : this.#bodyOf(members, ratio, total)
      K.fill(0)
      S.fill(0)
      for (let i = 0; i < members.length; i += 1) {
        const share = (body * ratio[i]! * this.perPart[members[i]!]!) / total
        const own = this.K[members[i]!]!
        const scatter = this.S[members[i]!]!
        for (let n = 0; n < NODE_COUNT; n += 1) {
          K[n]! += share * own[n]!
          S[n]! += share * scatter[n]!
        }
      }
      const squared = this.#difference(Math.min(worst, this.#reach))
      if (squared >= worst) continue
      this.#noteBest(squared)
      let at = best.length
      while (at > 0 && best[at - 1]!.squared > squared) at -= 1
      best.splice(at, 0, { members, ratio, octave: this.#octave, squared })
      if (best.length > count) best.pop()
      if (best.length === count) worst = best.at(-1)!.squared
    }
    return best
  }

  /** The best shares of a triple; also the best near masstone, in washes and in thin ones. */
  bestTriple(i: number, j: number, k: number, worst: number): Candidate {
    const Ki = this.K[i]!
    const Kj = this.K[j]!
    const Kk = this.K[k]!
    const Si = this.S[i]!
    const Sj = this.S[j]!
    const Sk = this.S[k]!
    const { K, S } = this.#film
    const members = [i, j, k]
    let squared = Infinity
    let ratio = COARSE_TRIPLES[0]!
    let octave = 0
    const least = [Infinity, Infinity, Infinity]
    const others = [ratio, ratio, ratio]
    const [bi, bj, bk] = [this.body[i]!, this.body[j]!, this.body[k]!]
    for (const shares of COARSE_TRIPLES) {
      const total = shares[0]! + shares[1]! + shares[2]!
      const laid = (shares[0]! * bi + shares[1]! * bj + shares[2]! * bk) / total / total
      const a = shares[0]! * laid
      const b = shares[1]! * laid
      const c = shares[2]! * laid
      for (let n = 0; n < NODE_COUNT; n += 1) {
        K[n] = a * Ki[n]! + b * Kj[n]! + c * Kk[n]!
        S[n] = a * Si[n]! + b * Sj[n]! + c * Sk[n]!
      }
      const found = this.#difference(Math.min(squared, worst, this.#reach))
      const band = Math.min(2, Math.floor((this.#octave + 0.5) / 2))
      if (found < least[band]!) {
        least[band] = found
        others[band] = shares
      }
      if (found >= squared) continue
      this.#noteBest(found)
      squared = found
      ratio = shares
      octave = this.#octave
    }
    return { members, ratio, octave, squared, others: others.filter((_, band) => least[band]! < Infinity) }
  }

  /** What the parts do together; their shares are parts of it. */
  #effect(members: readonly number[], ratio: readonly number[]): number {
    let sum = 0
    for (let i = 0; i < members.length; i += 1) sum += ratio[i]! * this.perPart[members[i]!]!
    return sum
  }

  /** How thick the mixture is laid: see `mixOptics`. */
  #bodyOf(members: readonly number[], ratio: readonly number[], total: number): number {
    let sum = 0
    for (let i = 0; i < members.length; i += 1) {
      const m = members[i]!
      sum += ratio[i]! * this.perPart[m]! * this.body[m]!
    }
    return sum / total
  }

  #noteBest(squared: number) {
    if (squared < this.#reach) this.#reach = Math.min(this.#reach, (Math.sqrt(Math.max(0, squared)) + WITHIN) ** 2)
  }

  /** Of the mixture at hand at whichever water fits best, left in #octave. Beyond `limit` it need not be exact. */
  #difference(limit: number): number {
    atOctaves(this.#film, this.sheet, this.#colours)
    this.tried += OCTAVES
    const { sought } = this
    if ('colour' in sought) {
      for (let o = 0; o < OCTAVES; o += 1) this.#row[o] = squaredAt(this.#colours, o, sought.colour, limit)
      const { at, squared } = leastBetween(this.#row)
      this.#octave = at
      return squared
    }
    // masstone, and the wash at whichever water fits best, both weighed
    const { masstone, wash } = sought
    this.#octave = 0
    const full = squaredAt(this.#colours, 0, masstone, 2 * limit)
    if (full > 2 * limit) return full
    for (let o = 0; o < OCTAVES; o += 1) this.#row[o] = squaredAt(this.#colours, o, wash, 2 * limit)
    const { at, squared } = leastBetween(this.#row)
    this.#octave = at
    return (full + squared) / 2
  }
}

/** Recipes farther off than the best by this much are listed only where there is nothing else, CIEDE2000. */
const WITHIN = 2
