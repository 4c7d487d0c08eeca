import type { Optics } from '../../film/optics'
import { shortlist } from './shortlist'
import { atFourLoads, atLoad, atNodes, coarseTarget, newNodeFilm, NODE_COUNT, type CoarseTarget } from './coarse'
import { MixtureKernel } from '../kernel/mixtureKernel'
import { tripleRank } from '../kernel/ranks'
import { targetGrid } from '../kernel/targetGrid'
import type { LabD65 } from '../../units'
import { LOADS, type RecipeTarget } from './question'
import { bySquare, nearAny, type Candidate } from './candidate'
import { placesOfTriples } from './triples'
import { COARSE_TRIPLES, lowestTerms, ratiosNear, ratiosUpTo } from './grids'

/**
 * A triple whose quadratic difference is more than this many times the worst that is kept is not looked at: the form
 * says at most four times too much (see `coarse.ts`), a paint's masstone is half of its difference.
 */
const SURELY_OVER = { colour: 4.2, paint: 8.4 }

/** Triples looked at between two looks at the rest of the world. */
const PORTION = 200
const KEEP = 200
const KEEP_TRIPLES = 110
/** Twelve bands may take a neighbour for the best: some ratios of each go on to the full reckoning. */
const PER_PAIR = 6
const PER_TRIPLE = 10
const KEEP_REFINED = 600
/** Beyond a palette's size not every pair and triple is tried: see `shortlist`. */
const MOST_IN_PAIRS = 150
const MOST_IN_TRIPLES = 60

/** Ranks mixtures of one to three paints by their difference from a target, on 12 bands. */
export class CoarseSearch {
  tried = 0
  readonly #K: Float64Array[]
  readonly #S: Float64Array[]
  readonly #washLoads: number[]
  readonly #body: number[]
  readonly #perPart: number[]
  /** No paint has body or another strength than expected: parts are shares. */
  readonly #isPlain: boolean
  readonly #colour: CoarseTarget | undefined
  readonly #paint: { masstone: CoarseTarget; wash: CoarseTarget } | undefined
  readonly #film = newNodeFilm()
  readonly #four = new Float64Array(4)
  readonly #single: Candidate[] = []
  readonly #pair: Candidate[] = []
  /** How well each paint does in its best pair. */
  readonly #inPair = new Map<number, number>()
  #forPairs: readonly number[] = []
  #forTriples: readonly number[] = []
  #triple: Candidate[] = []
  #refined: Candidate[] = []
  #worst = Infinity
  /** Squared; what lies farther off than the best so far and a little is not worth an exact look. */
  #reach = Infinity
  #step = 0
  #news = false

  #kernel!: MixtureKernel
  /** How near each triple comes, squared, by its rank. */
  #near = new Float32Array(0)
  /** The colour itself, or a paint's masstone. */
  readonly #sought: LabD65

  constructor(
    readonly optics: readonly Optics[],
    target: RecipeTarget,
    readonly parts: number,
  ) {
    this.#sought = target.kind === 'colour' ? target.lab : target.masstone
    const nodes = optics.map(atNodes)
    this.#K = nodes.map((n) => n.K)
    this.#S = nodes.map((n) => n.S)
    this.#washLoads = optics.map((o) => 1 / o.washLoad - 1)
    this.#body = optics.map((o) => o.body ?? 1)
    this.#perPart = optics.map((o) => o.perPart ?? 1)
    this.#isPlain = optics.every((o) => (o.body ?? 1) === 1 && (o.perPart ?? 1) === 1)
    if (target.kind === 'colour') this.#colour = coarseTarget(target.lab)
    else this.#paint = { masstone: coarseTarget(target.masstone), wash: coarseTarget(target.wash) }
  }

  singles() {
    for (let i = 0; i < this.#K.length; i += 1) this.#single.push(...this.#bestOf([i], [[1]]))
    this.#single.sort(bySquare)
  }

  /** Which paints go into pairs: all of a palette; of a large collection the nearest ones and the most different ones. */
  shortlistForPairs(): readonly number[] {
    this.#forPairs = shortlist(
      this.#K,
      this.#single.map((c) => c.members[0]!),
      MOST_IN_PAIRS,
    )
    return this.#forPairs
  }

  /** All pairs whose first paint is at this place of the shortlist. */
  pairsWith(place: number) {
    const ratios = ratiosUpTo(2, this.parts)
    const i = this.#forPairs[place]!
    for (const j of this.#forPairs.slice(place + 1)) {
      const found = this.#bestOf([i, j], ratios, PER_PAIR)
      this.#pair.push(...found)
      for (const m of [i, j]) this.#inPair.set(m, Math.min(this.#inPair.get(m) ?? Infinity, found[0]!.squared))
    }
    if (this.#pair.length > 20 * KEEP) this.#pair.sort(bySquare).splice(KEEP)
  }

  /** Which paints go into triples: those that do best in pairs. */
  shortlistForTriples(): readonly number[] {
    this.#pair.sort(bySquare).splice(KEEP)
    this.#forTriples = [...this.#forPairs]
      .sort((p, q) => (this.#inPair.get(p) ?? Infinity) - (this.#inPair.get(q) ?? Infinity))
      .slice(0, MOST_IN_TRIPLES)
      .sort((p, q) => p - q)
    const grid = targetGrid([this.#sought], 1)
    this.#kernel = new MixtureKernel(
      this.#forTriples.map((i) => this.optics[i]!),
      grid,
    )
    const n = this.#forTriples.length
    this.#near = new Float32Array((n * (n - 1) * (n - 2)) / 6)
    return this.#forTriples
  }

  /** How near the triples come whose last paint is at this place of the shortlist, on the coarse grid, by the kernel. */
  scanTriples(place: number) {
    const loads = this.#colour ? LOADS.length : 1
    for (let j = 1; j < place; j += 1) {
      const near = this.#kernel.nearRow(j, place, 0, loads)
      for (let i = 0; i < j; i += 1) this.#near[tripleRank(i, j, place)] = near[i]!
    }
  }

  /**
   * The scanned triples, the nearest first, in portions: each is looked at exactly, until the kernel's quadratic form says
   * that none of the rest can come near enough; it is at most so many times too much. Yields the share done.
   */
  *tryTriples(): Generator<number, void> {
    const list = this.#forTriples
    const over = this.#colour ? SURELY_OVER.colour : SURELY_OVER.paint
    const places = placesOfTriples(list.length)
    const order = Uint32Array.from(this.#near.keys()).sort((p, q) => this.#near[p]! - this.#near[q]! || p - q)
    for (let n = 0; n < order.length; n += 1) {
      const rank = order[n]!
      if (this.#near[rank]! > over * this.#worst) return
      const best = this.#bestOfTriple(
        list[places[rank * 3]!]!,
        list[places[rank * 3 + 1]!]!,
        list[places[rank * 3 + 2]!]!,
      )
      if (best.squared < this.#worst) this.#keep(best)
      if (n % PORTION === PORTION - 1) yield n / order.length
    }
  }

  /** Goes over the kept triples again, on the full grid around their best so far. */
  refine(ratios: readonly (readonly number[])[]) {
    const near = ratiosNear(ratios)
    this.#refined = this.#triple.flatMap((c) => this.#bestOf(c.members, nearAny(near, c), PER_TRIPLE)).sort(bySquare)
    this.#triple = []
  }

  /** Whether a better triple came in since last asked. */
  hasNews(): boolean {
    const news = this.#news
    this.#news = false
    return news
  }

  /** What stands to be worked out in full; only the first few of each while the search goes on. */
  leading(few = Infinity): Candidate[] {
    const triples = (this.#refined.length ? this.#refined : this.#triple)
      .slice(0, Math.min(few, KEEP_REFINED))
      .map((c) => ({ ...c, ratio: lowestTerms(c.ratio) }))
      .filter((c) => c.ratio.every((p) => p <= this.parts))
    return [...this.#single.slice(0, Math.min(few, 12)), ...this.#pair.slice(0, Math.min(few, KEEP)), ...triples]
  }

  #keep(candidate: Candidate) {
    if (!this.#triple.length || candidate.squared < this.#triple[0]!.squared) this.#news = true
    const at = this.#triple.findIndex((c) => c.squared > candidate.squared)
    if (at < 0) this.#triple.push(candidate)
    else this.#triple.splice(at, 0, candidate)
    if (this.#triple.length > KEEP_TRIPLES) this.#triple.pop()
    if (this.#triple.length === KEEP_TRIPLES) this.#worst = this.#triple.at(-1)!.squared
  }

  #bestOf(members: readonly number[], ratios: readonly (readonly number[])[], count = 1): Candidate[] {
    const best: Candidate[] = []
    let worst = Infinity
    const { K, S } = this.#film
    for (const ratio of ratios) {
      const total = this.#effect(members, ratio)
      const body = this.#isPlain ? 1 : this.#bodyOf(members, ratio, total)
      K.fill(0)
      S.fill(0)
      for (let i = 0; i < members.length; i += 1) {
        const share = (body * ratio[i]! * this.#perPart[members[i]!]!) / total
        const own = this.#K[members[i]!]!
        const scatter = this.#S[members[i]!]!
        for (let n = 0; n < NODE_COUNT; n += 1) {
          K[n]! += share * own[n]!
          S[n]! += share * scatter[n]!
        }
      }
      const squared = this.#difference(members, ratio, total, Math.min(worst, this.#reach))
      if (squared >= worst) continue
      this.#noteBest(squared)
      let at = best.length
      while (at > 0 && best[at - 1]!.squared > squared) at -= 1
      best.splice(at, 0, { members, ratio, step: this.#step, squared })
      if (best.length > count) best.pop()
      if (best.length === count) worst = best.at(-1)!.squared
    }
    return best
  }

  #bestOfTriple(i: number, j: number, k: number): Candidate {
    const Ki = this.#K[i]!
    const Kj = this.#K[j]!
    const Kk = this.#K[k]!
    const Si = this.#S[i]!
    const Sj = this.#S[j]!
    const Sk = this.#S[k]!
    const { K, S } = this.#film
    const members = [i, j, k]
    let squared = Infinity
    let ratio = COARSE_TRIPLES[0]!
    let step = 0
    const atLoads = [Infinity, Infinity, Infinity, Infinity]
    const others = [ratio, ratio, ratio, ratio]
    const [fi, fj, fk] = [this.#perPart[i]!, this.#perPart[j]!, this.#perPart[k]!]
    const [bi, bj, bk] = [this.#body[i]! * fi, this.#body[j]! * fj, this.#body[k]! * fk]
    for (const parts of COARSE_TRIPLES) {
      const total = parts[0]! * fi + parts[1]! * fj + parts[2]! * fk
      const laid = (parts[0]! * bi + parts[1]! * bj + parts[2]! * bk) / total / total
      const a = parts[0]! * fi * laid
      const b = parts[1]! * fj * laid
      const c = parts[2]! * fk * laid
      for (let n = 0; n < NODE_COUNT; n += 1) {
        K[n] = a * Ki[n]! + b * Kj[n]! + c * Kk[n]!
        S[n] = a * Si[n]! + b * Sj[n]! + c * Sk[n]!
      }
      const found = this.#difference(members, parts, total, Math.min(squared, this.#worst, this.#reach))
      if (found < atLoads[this.#step]!) {
        atLoads[this.#step] = found
        others[this.#step] = parts
      }
      if (found >= squared) continue
      this.#noteBest(found)
      squared = found
      ratio = parts
      step = this.#step
    }
    return { members, ratio, step, squared, others: others.filter((_, load) => atLoads[load]! < Infinity) }
  }

  /** What the parts do together; their shares are parts of it. */
  #effect(members: readonly number[], ratio: readonly number[]): number {
    let sum = 0
    for (let i = 0; i < members.length; i += 1) sum += ratio[i]! * this.#perPart[members[i]!]!
    return sum
  }

  /** How thick the mixture is laid: see `mixOptics`. */
  #bodyOf(members: readonly number[], ratio: readonly number[], total: number): number {
    let sum = 0
    for (let i = 0; i < members.length; i += 1) {
      const m = members[i]!
      sum += ratio[i]! * this.#perPart[m]! * this.#body[m]!
    }
    return sum / total
  }

  #noteBest(squared: number) {
    if (squared < this.#reach) this.#reach = Math.min(this.#reach, (Math.sqrt(Math.max(0, squared)) + WITHIN) ** 2)
  }

  /** Of the mixture at hand; the best load is left in #step. Beyond `limit` it need not be exact. */
  #difference(members: readonly number[], ratio: readonly number[], total: number, limit: number): number {
    if (this.#paint) {
      let thinning = 0
      for (let i = 0; i < members.length; i += 1) {
        const m = members[i]!
        thinning += ((ratio[i]! * this.#perPart[m]!) / total) * this.#washLoads[m]!
      }
      return this.#fromPaint(this.#paint, thinning, limit)
    }
    const four = this.#four
    atFourLoads(this.#film, this.#colour!, four, limit)
    this.tried += 4
    let step = 0
    for (let i = 1; i < 4; i += 1) if (four[i]! < four[step]!) step = i
    this.#step = step
    return four[step]!
  }

  /** Masstone, and the wash at whichever water fits best, both weighed. */
  #fromPaint({ masstone, wash }: { masstone: CoarseTarget; wash: CoarseTarget }, thinning: number, limit: number) {
    this.#step = 0
    this.tried += 1
    const full = atLoad(this.#film, 1, masstone, 2 * limit)
    if (full > 2 * limit) return full
    let thinned = Infinity
    for (const factor of WASHES) {
      this.tried += 1
      thinned = Math.min(thinned, atLoad(this.#film, 1 / (1 + factor * thinning), wash, 2 * limit))
    }
    return (full + thinned) / 2
  }
}

/** Recipes farther off than the best by this much are listed only where there is nothing else, CIEDE2000. */
const WITHIN = 2

/** Waters at which a wash is tried for the ranking, as shares of six parts. */
const WASHES = [0.45, 1, 2.2]
