import type { Paint } from '../documents/paint'
import type { Trial } from '../documents/trial'
import { isUsable } from '../documents/item'
import { fail, ok, type Result } from '../result'
import { searchRecipes } from '../mixing/recipes/findRecipes'
import type { FoundRecipe } from '../mixing/recipes/question'
import { retold, toTheEnd } from '../steps'
import { isSameCodes } from '../paints/collect'
import { byWheel, viewOfPaint } from '../paints/view'
import { Judge, type Option, type StandInContext } from './judge'
import { MATTERS, USUAL_MATTERS, type Matters } from './matters'
import type { Must } from './musts'
import { SOLD, type Sold } from './sold'
import { targetOf, type Sought } from './sought'
import type { StandIn } from './standIn'
import { inOrder, isMoreUsual, lasts, usualOf } from '../order'
import { sameMixture, usualOptions } from './usual'
import { byTrialAndScore, optionOfTrial, trialOf } from './tried'

export interface StandInQuestion {
  sought: Sought
  context: StandInContext
  matters?: Matters
  trials?: readonly Trial[]
  /** Paints in a mixture at the most; 3 unless said. */
  most?: 1 | 2 | 3
  /** From where they may come; anything unless said. */
  scope?: Scope
  /** What it must not lose: what does is no answer. Nothing unless said. */
  musts?: readonly Must[]
  /** Look no further for mixtures once something is as near as this, CIEDE2000: for many at once. */
  enough?: (standIn: StandIn) => boolean
}
export interface StandInProgress {
  done: number
  of: number
  /** What is known so far, where there is news. */
  soFar?: StandIn[]
}

/** From where stand-ins may come. */
export const SCOPES = ['this palette', 'what is owned', 'anything'] as const
export type Scope = (typeof SCOPES)[number]

/** So many of each kind are shown: more are no choice. */
const SHOWN: Record<StandIn['kind'], number> = {
  'another item': 1,
  'same pigments': 8,
  'other pigments': 10,
  'mixture of the palette': 6,
  'mixture of the owned': 5,
  'to buy': 5,
}
/** Near paints that are judged in full: so many by their colour alone. */
const JUDGED = 40
/** Paints from which mixtures of what is owned are looked for. */
const MOST_MIXED = 28
/** ... and in pairs. */
const MOST_PAIRED = 56
/** Shares of the work, for the progress shown. */
type Share = readonly [number, number]
const PAINTS = 0.1
const PALETTE_DONE = 0.4
const OWNED = 0.95

/**
 * What could take the place of a paint, ranked: another item of it, the same pigments, near colours, mixtures of this
 * palette and of what is owned, and what would have to be bought. Yields what is known so far. Deterministic.
 *
 * Errors: `nothing-to-compare` where nothing is owned and the reference has nothing near either.
 */
export function* searchStandIns(question: StandInQuestion): Generator<StandInProgress, Result<StandIn[]>> {
  const {
    sought,
    context,
    matters = USUAL_MATTERS,
    trials = [],
    most = 3,
    scope = 'anything',
    enough,
    musts,
  } = question
  const judge = new Judge(sought, context, matters, musts)
  const found = new Map<string, StandIn>()
  const asUsual = MATTERS.every((m) => matters[m] === USUAL_MATTERS[m])
  const judged = (options: readonly Option[]) => {
    for (const option of options) {
      const standIn = judge.judge(option)
      if (!standIn) continue
      const trial = trialOf(trials, sought.wanted, standIn)
      const before = found.get(standIn.key)
      const best = before && before.score <= standIn.score ? before : standIn
      // what it is as an answer stays, whichever parts come nearer
      const usual = standIn.usual ?? before?.usual
      const flags = {
        ...(usual === undefined ? {} : { usual }),
        ...((standIn.isSame ?? before?.isSame) ? { isSame: true } : {}),
      }
      found.set(standIn.key, { ...best, ...flags, ...(trial ? { trial } : {}) })
    }
  }
  judged(ownedOptions(judge, scope === 'this palette' ? context.palette : context.owned))
  judged(trials.flatMap((t) => optionOfTrial(t, sought.wanted, judge)))
  const known = [...sameMixture(judge), ...usualOptions(judge)]
  judged(known.filter((o) => isWithin(o, scope, context)))
  if (scope === 'anything') judged(toBuy(judge))
  yield { done: PAINTS, of: 1, soFar: ranked(found, asUsual) }
  const isEnough = () => enough !== undefined && [...found.values()].some(enough)
  // where one answer will do, three paints are mixed only when two do not come near
  const sizes = enough && most === 3 ? ([2, 3] as const) : most > 1 ? [most] : []
  for (const [i, size] of sizes.entries()) {
    const share: Share = [PAINTS + (i * (PALETTE_DONE - PAINTS)) / sizes.length, PALETTE_DONE]
    if (!isEnough()) yield* mixtures(judge, context.palette, 'mixture of the palette', size, judged, share)
  }
  yield { done: PALETTE_DONE, of: 1, soFar: ranked(found, asUsual) }
  if (scope !== 'this palette' && most > 1 && !isEnough()) {
    const all = atHandBeside(judge)
    const half = (PALETTE_DONE + OWNED) / 2
    // pairs of everything first: what goes into good ones goes into three
    const pairs = yield* mixtures(judge, all, 'mixture of the owned', 2, judged, [PALETTE_DONE, half])
    if (most > 2 && !isEnough())
      yield* mixtures(judge, shortlist(all, pairs, MOST_MIXED), 'mixture of the owned', 3, judged, [half, OWNED])
  }
  const all = ranked(found, asUsual)
  return all.length ? ok(all) : fail('nothing-to-compare', 'Nothing that is owned or known can be compared with it.')
}

/** `searchStandIns` run to its end. */
export const findStandIns = (question: StandInQuestion): Result<StandIn[]> => toTheEnd(searchStandIns(question))

/** The same paint from another tube, the same pigments, and the nearest of the rest. */
function ownedOptions(judge: Judge, paints: readonly Paint[]): Option[] {
  const { sought, context } = judge
  const own = sought.paint
  const another: Option[] = own && context.itemsOf(own.id).some(isUsable) ? [{ kind: 'another item', paint: own }] : []
  const others = paints
    .filter((p) => p.id !== own?.id)
    .map((paint) => ({ paint, difference: judge.alone(viewOfPaint(paint)).difference }))
  const alike = others.filter(({ paint }) => isSameCodes(paint.pigments, sought.pigments))
  const near = others
    .filter((o) => judge.mayTake(o.paint))
    .filter((o) => !alike.includes(o) && Number.isFinite(o.difference))
    .sort((p, q) => p.difference - q.difference)
    .slice(0, JUDGED)
  return [
    ...another,
    ...alike.map(({ paint }): Option => ({ kind: 'same pigments', paint })),
    ...near.map(({ paint }): Option => ({ kind: 'other pigments', paint })),
  ]
}

/** Pigments of the reference that nobody here owns alone: the nearest. Glowing and shining ones are no answer for a pan. */
function toBuy(judge: Judge): Option[] {
  const owned = new Set(judge.context.owned.flatMap((p) => (p.pigments.length === 1 ? p.pigments : [])))
  const sold = SOLD.filter(({ pigment, paint }) => !owned.has(pigment.code) && usualOf(paint) > 0)
    .filter(({ paint }) => judge.mayTake(paint))
    .map(({ pigment, paint }) => ({ pigment, paint, difference: judge.alone(pigment).difference }))
    .filter(({ difference }) => Number.isFinite(difference))
  const placed = inOrder<(typeof sold)[number]>(
    sold,
    [
      lasts(paintOf, 1),
      { says: 'it is nearer', of: ({ difference }) => -difference, within: AS_NEAR },
      isMoreUsual(paintOf),
      { says: 'it is a little nearer', of: ({ difference }) => -difference },
    ],
    (p, q) => (p.pigment.id < q.pigment.id ? -1 : 1),
  )
  return placed
    .slice(0, 2 * SHOWN['to buy'])
    .map(({ item }) => ({ kind: 'to buy', pigment: item.pigment.id, paint: item.paint }))
}
const paintOf = ({ paint }: Sold) => paint
/** Of what has to be bought the more usual pigment comes first where both are as near as this, CIEDE2000 (judgement). */
const AS_NEAR = 3

/** Whether a stand-in that is known without looking comes from where it may. */
function isWithin({ kind, paint }: Option, scope: Scope, { palette }: StandInContext): boolean {
  if (scope === 'anything') return true
  if (scope === 'what is owned') return kind !== 'to buy'
  return kind === 'mixture of the palette' || (kind === 'other pigments' && palette.some((p) => p === paint))
}

/** Everything at hand that may go into a mixture beside the palette's own. */
function atHandBeside(judge: Judge): Paint[] {
  const { sought, context } = judge
  const here = new Set(context.palette.map((p) => p.id))
  const rest = context.owned.filter((p) => !here.has(p.id) && p.id !== sought.paint?.id && judge.mayTake(p))
  const atHand = rest.filter((p) => context.itemsOf(p.id).some(isUsable))
  const able = atHand.length ? atHand : rest
  return [...context.palette, ...inPairs(able, judge)]
}

/** Of very many those near by themselves, and the rest spread over the wheel: a pair needs one of each. */
function inPairs(paints: readonly Paint[], judge: Judge): Paint[] {
  if (paints.length <= MOST_PAIRED) return [...paints]
  const nearest = paints
    .map((paint) => ({ paint, difference: judge.alone(viewOfPaint(paint)).difference }))
    .sort((p, q) => p.difference - q.difference || (p.paint.id < q.paint.id ? -1 : 1))
    .slice(0, MOST_PAIRED >> 1)
    .map(({ paint }) => paint)
  const others = paints.filter((p) => !nearest.includes(p))
  return [...nearest, ...spread(others, MOST_PAIRED - nearest.length)]
}

/** Of many the paints that make the best pairs, in their order, and for the rest some of every hue. */
function shortlist(paints: readonly Paint[], pairs: readonly FoundRecipe[], count: number): Paint[] {
  if (paints.length <= count) return [...paints]
  const byId = new Map(paints.map((p) => [p.id, p]))
  const best = new Set(pairs.flatMap((r) => r.paints.flatMap(({ id }) => byId.get(id) ?? [])))
  const leading = [...best].slice(0, count - (count >> 2))
  const others = paints.filter((p) => !leading.includes(p))
  return [...leading, ...spread(others, count - leading.length)]
}

/** So many of a list, evenly round the wheel. */
function spread(paints: readonly Paint[], count: number): Paint[] {
  const byHue = [...paints].sort((p, q) => byWheel(viewOfPaint(p), viewOfPaint(q)))
  const step = (i: number) => Math.floor((i * count) / byHue.length)
  return byHue.length <= count ? byHue : byHue.filter((_, i) => i === 0 || step(i) !== step(i - 1))
}

function* mixtures(
  judge: Judge,
  paints: readonly Paint[],
  kind: StandIn['kind'],
  most: 1 | 2 | 3,
  judged: (options: readonly Option[]) => void,
  [from, to]: Share,
): Generator<StandInProgress, readonly FoundRecipe[]> {
  const target = targetOf(judge.sought)
  const here = new Set(judge.context.palette.map((p) => p.id))
  const able = paints.flatMap((paint) => {
    const optics = paint.id === judge.sought.paint?.id || !judge.mayTake(paint) ? undefined : judge.opticsOf(paint)
    return optics ? [{ id: paint.id, optics }] : []
  })
  if (!target || able.length < 2) return []
  const search = searchRecipes({ target, paints: able, most, count: 3 * SHOWN[kind] })
  const recipes = yield* retold(search, ({ done, of }) => ({ done: from + ((to - from) * done) / of, of: 1 }))
  if (!recipes.ok) return []
  const fromHere = (ids: readonly { id: string }[]) => ids.every(({ id }) => here.has(id))
  const wanted = recipes.value.best.filter(
    (r) => r.paints.length > 1 && fromHere(r.paints) === (kind === 'mixture of the palette'),
  )
  judged(wanted.map(({ paints: parts, water }): Option => ({ kind, mixture: { paints: parts, water } })))
  return recipes.value.best
}

/** What was tried first, then by score; of each kind no more than are a choice, and no mixture that is beside the point. */
function ranked(found: ReadonlyMap<string, StandIn>, asUsual: boolean): StandIn[] {
  const counts = new Map<string, number>()
  return [...found.values()].sort(byTrialAndScore(asUsual)).filter(({ kind, trial }) => {
    const n = counts.get(kind) ?? 0
    counts.set(kind, n + 1)
    return trial !== undefined || n < SHOWN[kind]
  })
}
