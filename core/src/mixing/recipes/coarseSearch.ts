import type { Optics } from '../../film/optics'
import { shortlist } from './shortlist'
import { atFourLoads, atLoad, atNodes, coarseTarget, newNodeFilm, NODE_COUNT, type CoarseTarget } from './coarse'
import type { RecipeTarget } from './question'
import { COARSE_TRIPLES, lowestTerms, ratiosNear, ratiosUpTo } from './grids'

/** A mixture worth a closer look. */
export interface Candidate {
  /** Places of its paints in the list. */
  members: readonly number[]
  ratio: readonly number[]
  /** Which of the four loads fits best. */
  step: number
  squared: number
  /** Ratios that did best at other loads; the true best may lie near any of them. */
  others?: readonly (readonly number[])[]
}

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

  constructor(
    optics: readonly Optics[],
    target: RecipeTarget,
    readonly parts: number,
  ) {
    const nodes = optics.map(atNodes)
    this.#K = nodes.map((n) => n.K)
    this.#S = nodes.map((n) => n.S)
    this.#washLoads = optics.map((o) => 1 / o.washLoad - 1)
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
    return this.#forTriples
  }

  /** All triples whose first paint is at this place of the shortlist, on the coarse grid. */
  triplesWith(place: number) {
    const list = this.#forTriples
    for (let j = place + 1; j < list.length; j += 1) {
      for (let k = j + 1; k < list.length; k += 1) {
        const best = this.#bestOfTriple(list[place]!, list[j]!, list[k]!)
        if (best.squared < this.#worst) this.#keep(best)
      }
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
      const total = ratio.reduce((s, p) => s + p, 0)
      K.fill(0)
      S.fill(0)
      for (let i = 0; i < members.length; i += 1) {
        const share = ratio[i]! / total
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
    for (const parts of COARSE_TRIPLES) {
      const total = parts[0]! + parts[1]! + parts[2]!
      const a = parts[0]! / total
      const b = parts[1]! / total
      const c = parts[2]! / total
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

  #noteBest(squared: number) {
    if (squared < this.#reach) this.#reach = Math.min(this.#reach, (Math.sqrt(Math.max(0, squared)) + WITHIN) ** 2)
  }

  /** Of the mixture at hand; the best load is left in #step. Beyond `limit` it need not be exact. */
  #difference(members: readonly number[], ratio: readonly number[], total: number, limit: number): number {
    if (this.#paint) {
      let thinning = 0
      for (let i = 0; i < members.length; i += 1) thinning += (ratio[i]! / total) * this.#washLoads[members[i]!]!
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
/** The ratios of a grid near any of those that did well. */
function nearAny(near: ReturnType<typeof ratiosNear>, { ratio, others = [] }: Candidate) {
  return [...new Set([ratio, ...others].flatMap((r) => near(r)))]
}

const bySquare = (p: Candidate, q: Candidate) => p.squared - q.squared
