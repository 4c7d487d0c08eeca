import type { Optics } from '../../film/optics'
import { shortlist } from './shortlist'
import { coarseTarget, OCTAVES } from './coarse'
import { NodeMixtures, type CoarseSought } from './nodeMixtures'
import { groundAtNodes, sheetOfAll, type NodeSheet } from './nodeSheet'
import { MixtureKernel } from '../kernel/mixtureKernel'
import { tripleRank } from '../kernel/ranks'
import { targetGrid } from '../kernel/targetGrid'
import type { LabD65 } from '../../units'
import type { RecipeTarget } from './question'
import { bySquare, type Candidate } from './candidate'
import { placesOfTriples } from './triples'
import { aroundTriple } from './aroundTriple'
import { logsOf, type Sought } from './tripleFit'
import { nearestRatio, PAIR_SHARES, pairsNear, ratiosUpTo, TOUCHES } from './grids'

/**
 * A triple whose quadratic difference is more than this many times the worst that is kept is not looked at: the form
 * says at most four times too much (see `coarse.ts`), a paint's masstone is half of its difference.
 */
const SURELY_OVER = { colour: 4.2, paint: 8.4 }

/** Triples looked at between two looks at the rest of the world. */
const PORTION = 200
const KEEP = 200
const KEEP_TRIPLES = 80
/** Twelve bands may take a neighbour for the best: some ratios of each go on to the full reckoning. */
const PER_PAIR = 6
const PER_TRIPLE = 6
const MIDDLE = [1, 1, 1]
const KEEP_REFINED = 600
/** Beyond a palette's size not every pair and triple is tried: see `shortlist`. */
const MOST_IN_PAIRS = 150
const MOST_IN_TRIPLES = 60

/** A colour by itself, or the masstone of a paint and its wash. */
function soughtOf(seeks: readonly Sought[], sheet: NodeSheet): CoarseSought {
  const [one, other] = seeks.map((s) => coarseTarget(s.lab, sheet))
  return other ? { masstone: one!, wash: other } : { colour: one! }
}

/** Ranks mixtures of one to three paints by their difference from a target, on 12 bands. */
export class CoarseSearch {
  readonly #mixtures: NodeMixtures
  readonly #isColour: boolean
  readonly #seeks: Sought[]
  readonly #single: Candidate[] = []
  readonly #pair: Candidate[] = []
  /** How well each paint does in its best pair. */
  readonly #inPair = new Map<number, number>()
  #forPairs: readonly number[] = []
  #forTriples: readonly number[] = []
  #triple: Candidate[] = []
  #refined: Candidate[] = []
  #worst = Infinity
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
    this.#isColour = target.kind === 'colour'
    this.#seeks =
      target.kind === 'colour'
        ? [{ lab: target.lab, isMasstone: false, weight: 1 }]
        : [
            { lab: target.masstone, isMasstone: true, weight: Math.SQRT1_2 },
            { lab: target.wash, isMasstone: false, weight: Math.SQRT1_2 },
          ]
    const sheet = groundAtNodes(sheetOfAll(optics))
    this.#mixtures = new NodeMixtures(optics, sheet, soughtOf(this.#seeks, sheet))
  }

  get tried() {
    return this.#mixtures.tried
  }

  singles() {
    for (let i = 0; i < this.#mixtures.K.length; i += 1) this.#single.push(...this.#mixtures.best([i], [[1]]))
    this.#single.sort(bySquare)
  }

  /** Which paints go into pairs: all of a palette; of a large collection the nearest ones and the most different ones. */
  shortlistForPairs(): readonly number[] {
    this.#forPairs = shortlist(
      this.#mixtures.K,
      this.#single.map((c) => c.members[0]!),
      MOST_IN_PAIRS,
    )
    return this.#forPairs
  }

  /** All pairs whose first paint is at this place of the shortlist. */
  pairsWith(place: number) {
    const ratios = [...ratiosUpTo(2, this.parts), ...(this.parts === MOST_PARTS ? TOUCHES : [])]
    const i = this.#forPairs[place]!
    for (const j of this.#forPairs.slice(place + 1)) {
      const does = this.#mixtures.perPart[i]! / this.#mixtures.perPart[j]!
      const first = this.#mixtures.best(
        [i, j],
        PAIR_SHARES.map((s) => [s / does, 1]),
        2,
      )
      const near = pairsNear(
        ratios,
        first.map((c) => c.ratio[0]!),
      )
      const found = this.#mixtures.best([i, j], near, PER_PAIR)
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
      // what a part does is seen to by the grid: the kernel mixes by shares of the film
      this.#forTriples.map((i) => ({ ...this.optics[i]!, perPart: 1 })),
      grid,
    )
    const n = this.#forTriples.length
    this.#near = new Float32Array((n * (n - 1) * (n - 2)) / 6)
    return this.#forTriples
  }

  /** How near the triples come whose last paint is at this place of the shortlist, on the coarse grid, by the kernel. */
  scanTriples(place: number) {
    const loads = this.#isColour ? OCTAVES : 1
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
    const over = this.#isColour ? SURELY_OVER.colour : SURELY_OVER.paint
    const places = placesOfTriples(list.length)
    const order = Uint32Array.from(this.#near.keys()).sort((p, q) => this.#near[p]! - this.#near[q]! || p - q)
    for (let n = 0; n < order.length; n += 1) {
      const rank = order[n]!
      if (this.#near[rank]! > over * this.#worst + STEP_OFF) return
      const best = this.#mixtures.bestTriple(
        list[places[rank * 3]!]!,
        list[places[rank * 3 + 1]!]!,
        list[places[rank * 3 + 2]!]!,
        this.#worst,
      )
      if (best.squared < this.#worst) this.#keep(best)
      if (n % PORTION === PORTION - 1) yield n / order.length
    }
  }

  /** Goes over the kept triples again, in whole parts around the shares that did best. */
  refine(ratios: readonly (readonly number[])[]) {
    const logs = logsOf(ratios)
    const { sought } = this.#mixtures
    this.#refined = this.#triple.flatMap((c) => this.#refinedOf(c, ratios, logs)).sort(bySquare)
    this.#mixtures.sought = sought
    this.#triple = []
  }

  #refinedOf(c: Candidate, ratios: readonly (readonly number[])[], logs: readonly (readonly number[])[]): Candidate[] {
    const around = aroundTriple(
      {
        optics: c.members.map((m) => this.optics[m]!),
        films: c.members.map((m) => ({
          K: this.#mixtures.K[m]!,
          S: this.#mixtures.S[m]!,
          body: this.#mixtures.body[m]!,
        })),
        starts: [...new Set([c.ratio, ...(c.others ?? []), ...(this.#isColour ? [] : [MIDDLE])])],
        octave: c.octave,
        sheet: this.#mixtures.sheet,
        seeks: this.#seeks,
      },
      ratios,
      logs,
    )
    if (!around) return []
    this.#mixtures.sought = soughtOf(around.seeks, this.#mixtures.sheet)
    return this.#mixtures.best(c.members, around.tried, PER_TRIPLE)
  }

  /** Whether a better triple came in since last asked. */
  hasNews(): boolean {
    const news = this.#news
    this.#news = false
    return news
  }

  /** What stands to be worked out in full; only the first few of each while the search goes on. */
  leading(few = Infinity): Candidate[] {
    const ratios = ratiosUpTo(3, this.parts)
    const triples = this.#refined.length
      ? this.#refined.slice(0, Math.min(few, KEEP_REFINED))
      : this.#triple.slice(0, Math.min(few, KEEP_REFINED)).map((c) => this.#inWholeParts(c, ratios))
    return [...this.#single.slice(0, Math.min(few, 12)), ...this.#pair.slice(0, Math.min(few, KEEP)), ...triples]
  }

  /** The nearest whole parts to a mixture that was found by its shares. */
  #inWholeParts(c: Candidate, ratios: readonly (readonly number[])[]): Candidate {
    const does = c.members.map((m) => this.#mixtures.perPart[m]!)
    return { ...c, ratio: nearestRatio(ratios, does, c.ratio) }
  }

  #keep(candidate: Candidate) {
    if (!this.#triple.length || candidate.squared < this.#triple[0]!.squared) this.#news = true
    const at = this.#triple.findIndex((c) => c.squared > candidate.squared)
    if (at < 0) this.#triple.push(candidate)
    else this.#triple.splice(at, 0, candidate)
    if (this.#triple.length > KEEP_TRIPLES) this.#triple.pop()
    if (this.#triple.length === KEEP_TRIPLES) this.#worst = this.#triple.at(-1)!.squared
  }
}

/** Whole parts go up to this; where they do, a touch of the strongest goes beyond it. */
const MOST_PARTS = 8
/** Squared difference that looking at every other load may cost (tried over the reference). */
const STEP_OFF = 9
