import { ciede2000 } from '../../colour/ciede2000'
import { fail, ok, type Result } from '../../result'
import { toTheEnd } from '../../steps'
import type { LabD65 } from '../../units'
import { colourAt, loadAt, type Optics } from '../../film/optics'
import { mixOptics } from '../mixOptics'
import { COUNTED_OUT, nearestRatio, ratiosCountedOut, ratiosUpTo } from './grids'
import { bySquare, type Candidate } from './candidate'
import { CoarseSearch } from './coarseSearch'
import {
  type FoundRecipe,
  partsOf,
  type RecipePaint,
  type RecipeProgress,
  type RecipeQuestion,
  type Recipes,
  type RecipeTarget,
} from './question'

/** So many of each kind are worked out in full for an answer on the way. */
const FEW = 10
/** Share of the work that pairs take, for the progress shown. */
const PAIRS_SHARE = 0.15
/** ... and what is done when all triples are scanned by the kernel. */
const SCANNED = 0.7
/** A paint more must bring at least this much, CIEDE2000, to be worth the mixing (judgement). */
const WORTH_A_PAINT = 0.8

/**
 * The best recipes for a target from one to three paints in small whole parts. First every mixture
 * is ranked on 12 bands and a coarse grid, then the best are refined on the full grid, then the
 * finalists are worked out with 36 bands and CIEDE2000. Of more than 150 paints only the nearest and the
 * most different go into pairs, and of those the best 60 into triples. Simple recipes come first when nearly as
 * good. Yields its best so far; `findRecipes` runs it to the end. Deterministic.
 *
 * Errors: `no-paints`, `bad-parts`, `bad-target`, `bad-optics`.
 */
export function* searchRecipes(question: RecipeQuestion): Generator<RecipeProgress, Result<Recipes>> {
  const { target, paints, most = 3, parts = 8, count = 12 } = question
  if (paints.length === 0) return fail('no-paints', 'There is no paint to mix from.')
  if (!Number.isInteger(parts) || parts < 1 || parts > 8)
    return fail('bad-parts', 'Parts go up to a whole number from 1 to 8.')
  const sought = target.kind === 'colour' ? [target.lab] : [target.masstone, target.wash]
  if (!sought.every((lab) => lab && [lab.L, lab.a, lab.b].every(Number.isFinite)))
    return fail('bad-target', 'The colour looked for is not three numbers.')
  for (const { id, optics } of paints) {
    const sound = mixOptics([{ optics, parts: 1 }])
    if (!sound.ok) return fail(sound.error.code, sound.error.message, id)
  }
  const search = new CoarseSearch(
    paints.map((p) => p.optics),
    target,
    parts,
  )
  const answer = (few?: number) => finalists(search.leading(few), question, count)
  search.singles()
  yield { done: 0, of: 1, best: answer(FEW) }
  if (most > 1)
    yield* inSteps(
      search.shortlistForPairs(),
      [0, PAIRS_SHARE],
      (place) => search.pairsWith(place),
      () => undefined,
    )
  const ranked = most > 1 ? search.shortlistForTriples() : []
  yield { done: PAIRS_SHARE, of: 1, best: answer(FEW) }
  if (most > 2) {
    yield* inSteps(
      ranked,
      [PAIRS_SHARE, SCANNED],
      (place) => search.scanTriples(place),
      () => undefined,
    )
    for (const share of search.tryTriples())
      yield { done: SCANNED + (1 - SCANNED) * share, of: 1, best: search.hasNews() ? answer(FEW) : [] }
    search.refine(ratiosUpTo(3, parts))
  }
  return ok({ best: answer(), tried: search.tried })
}

/** Works through a list place by place, saying how far it is and the best so far where there is news. */
function* inSteps(
  list: readonly number[],
  [from, to]: readonly [number, number],
  work: (place: number) => void,
  news: () => FoundRecipe[] | undefined,
): Generator<RecipeProgress> {
  for (let place = 0; place < list.length; place += 1) {
    work(place)
    yield { done: from + ((to - from) * (place + 1)) / list.length, of: 1, best: news() ?? [] }
  }
}

/**
 * The best recipes for a target, all at once: `searchRecipes` run to its end.
 *
 * Errors: `no-paints`, `bad-parts`, `bad-target`, `bad-optics`.
 */
export const findRecipes = (question: RecipeQuestion): Result<Recipes> => toTheEnd(searchRecipes(question))

/** So many of each size at the most are worked out in full, and none that twelve bands see so much farther off than the nearest. */
const LOOKED_AT: Readonly<Record<number, number>> = { 1: 12, 2: 100, 3: 130 }
const FARTHER = 3
function worthALook(candidates: readonly Candidate[]): readonly Candidate[] {
  const sorted = [...candidates].sort(bySquare)
  const limit = (Math.sqrt(Math.max(0, sorted[0]?.squared ?? 0)) + FARTHER) ** 2
  const taken = new Map<number, number>()
  return sorted.filter(({ members, squared }) => {
    const before = taken.get(members.length) ?? 0
    taken.set(members.length, before + 1)
    return before < LOOKED_AT[members.length]! && (squared <= limit || (members.length === 1 && before < 3))
  })
}

/** Works candidates out in full; the best, simple ones first where they are nearly as good. */
function finalists(
  candidates: readonly Candidate[],
  { target, paints, parts }: RecipeQuestion,
  count: number,
): FoundRecipe[] {
  const exact = worthALook(candidates)
    .map((c) => inFull(c, target, paints))
    .filter((r) => r !== undefined)
  const rank = (r: FoundRecipe) => r.difference + WORTH_A_PAINT * (r.paints.length - 1) + 0.01 * partsOf(r)
  const sorted = exact.sort((p, q) => rank(p) - rank(q))
  const closest = exact.reduce<FoundRecipe | undefined>(
    (least, next) => (!least || next.difference < least.difference ? next : least),
    undefined,
  )
  const chosen = unlikeEachOther(sorted, count)
    .map((r) => countedOut(r, { target, paints, parts }))
    .sort((p, q) => rank(p) - rank(q))
  if (!closest || chosen.some((r) => r.difference <= closest.difference + 1e-9)) return chosen
  return [...chosen.slice(0, count - 1), closest].sort((p, q) => rank(p) - rank(q))
}

/** The same paints in parts that are counted out may lie so much farther off, CIEDE2000: less than the eye sees (judgement). */
const UNSEEN = 0.5

/** A recipe of many parts in at most ten, where nobody would see it; a touch of a strong paint stays a touch. */
function countedOut(
  recipe: FoundRecipe,
  { target, paints, parts = 8 }: Pick<RecipeQuestion, 'target' | 'paints' | 'parts'>,
): FoundRecipe {
  if (partsOf(recipe) <= COUNTED_OUT) return recipe
  const members = recipe.paints.map(({ id }) => paints.findIndex((p) => p.id === id))
  const grid = ratiosCountedOut(members.length as 2 | 3, parts)
  const does = members.map((m) => paints[m]!.optics.perPart ?? 1)
  const ratio = nearestRatio(
    grid,
    does,
    recipe.paints.map((p, i) => p.parts * does[i]!),
  )
  const simple = inFull({ members, ratio, octave: -Math.log2(recipe.load) }, target, paints)
  return simple && simple.difference <= recipe.difference + UNSEEN ? simple : recipe
}

/** Recipes of one list that may share their two main paints; what is left over fills up. */
const ALIKE = 2

/** Of a ranked list, no set of paints twice, and few that differ only in a third paint: different ways to one colour. */
function unlikeEachOther(sorted: readonly FoundRecipe[], count: number): FoundRecipe[] {
  const sets = new Set<string>()
  const mains = new Map<string, number>()
  const [first, rest]: [FoundRecipe[], FoundRecipe[]] = [[], []]
  const key = (list: FoundRecipe['paints']) =>
    list
      .map((p) => p.id)
      .sort()
      .join('+')
  for (const recipe of sorted) {
    if (sets.has(key(recipe.paints))) continue
    sets.add(key(recipe.paints))
    const main = key(recipe.paints.slice(0, 2))
    const times = mains.get(main) ?? 0
    mains.set(main, times + 1)
    ;(times < ALIKE ? first : rest).push(recipe)
    if (first.length === count) break
  }
  const chosen = new Set([...first, ...rest].slice(0, count))
  return sorted.filter((r) => chosen.has(r))
}

function inFull(
  { members, ratio, octave }: Pick<Candidate, 'members' | 'ratio' | 'octave'>,
  target: RecipeTarget,
  paints: readonly RecipePaint[],
): FoundRecipe | undefined {
  const mixed = mixOptics(members.map((m, i) => ({ optics: paints[m]!.optics, parts: ratio[i]! })))
  if (!mixed.ok) return undefined
  const own = members.map((m, i) => ({ id: paints[m]!.id, parts: ratio[i]! })).sort((p, q) => q.parts - p.parts)
  const off = (one: LabD65, other: LabD65) => ciede2000(one.L, one.a, one.b, other.L, other.a, other.b)
  if (target.kind === 'paint') {
    const { water, load, difference } = bestWash(mixed.value, target.wash)
    const differences = { masstone: off(colourAt(mixed.value, 1), target.masstone), wash: difference }
    return {
      paints: own,
      water,
      load,
      difference: Math.sqrt((differences.masstone ** 2 + differences.wash ** 2) / 2),
      differences,
      lab: colourAt(mixed.value, 1),
    }
  }
  return { paints: own, ...bestThinned(mixed.value, target.lab, octave), differences: {} }
}

/** The water, to a tenth, with which a mixture comes nearest to a colour, from where the search on twelve bands saw it. */
function bestThinned(optics: Optics, lab: LabD65, octave: number) {
  const at = (power: number) => {
    const water = waterAt(optics, 2 ** -Math.max(0, power))
    const load = loadAt(optics, water)
    const seen = colourAt(optics, load)
    return { water, load, difference: ciede2000(seen.L, seen.a, seen.b, lab.L, lab.a, lab.b), lab: seen }
  }
  let best = at(octave)
  let [power, step] = [octave, 0.4]
  while (step > 0.03) {
    const [thicker, thinner] = [at(power - step), at(power + step)]
    const next = thicker.difference < thinner.difference ? thicker : thinner
    if (next.difference < best.difference - 1e-9) {
      best = next
      power += next === thicker ? -step : step
    } else step /= 2
  }
  return best
}

/** A recipe holds no more water than this to one part of mixture. */
const MOST_WATER = 60
const WATERS = [
  0.3,
  0.5,
  0.7,
  1,
  1.3,
  1.6,
  2,
  2.5,
  3,
  3.5,
  4,
  5,
  6,
  7,
  8,
  10,
  12,
  14,
  17,
  20,
  24,
  28,
  33,
  40,
  50,
  MOST_WATER,
]

/** The water with which a mixture comes nearest to a wash, within what a recipe may hold. */
function bestWash(optics: Optics, wash: LabD65): { water: number; load: number; difference: number } {
  const at = (water: number) => {
    const load = loadAt(optics, water)
    const lab = colourAt(optics, load)
    return { water, load, difference: ciede2000(lab.L, lab.a, lab.b, wash.L, wash.a, wash.b) }
  }
  let best = WATERS.map(at).reduce((least, next) => (next.difference < least.difference - 1e-9 ? next : least))
  for (const factor of [1.12, 1 / 1.12, 1.06, 1 / 1.06, 1.03, 1 / 1.03]) {
    const next = at(Math.min(MOST_WATER, Math.round(best.water * factor * 10) / 10))
    if (next.water > 0 && next.difference < best.difference - 1e-9) best = next
  }
  return best
}

/** Parts of water that bring a mixture to a load, to a tenth. */
export function waterAt(optics: Optics, load: number): number {
  const perPart = 1 / loadAt(optics, 1) - 1
  if (perPart <= 0) return 0
  return Math.min(MOST_WATER, Math.round(((1 / load - 1) / perPart) * 10) / 10)
}
