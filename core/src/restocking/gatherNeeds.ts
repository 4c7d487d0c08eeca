import type { GapKind } from '../choosing/verdict/gapKind'
import { isUsable, type Item } from '../documents/item'
import type { NeedAnswer } from '../documents/need'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import type { Purchase } from '../documents/purchase'
import { planAt, plannedPaints } from '../documents/plan'
import { isFilledFrom, rateOfUse, usedUpOn } from '../filling/due'
import { LEAST } from '../filling/tubes'
import { balanceOf, type ItemAccount, leftInAll } from '../ledger/items'
import { compareText } from '../paints/view'
import { parsePigmentCodes } from '../pigments/grammar'
import { awayIn } from '../standins/inPlace'
import { keyOfWish, plainWords, type Use } from '../using/projectUse'
import { boughtFor, isNewReason, paintOfItems } from './bought'
import { closersOf } from './closers'
import { DAYS_A_YEAR } from './periods'
import { weightOfAll, type Need, type NeedReason } from './need'

export interface GatherQuestion {
  paints: readonly Paint[]
  itemsOf: (paintId: string) => readonly Item[]
  account: (itemId: string) => ItemAccount
  palettes: readonly Palette[]
  /** How paints were used of late, one use for each palette. */
  uses: readonly Use[]
  /** Gaps that nothing owned closes, as the verdict of each palette has them. */
  gaps?: readonly { paletteId: string; gap: GapKind }[]
  answers: readonly NeedAnswer[]
  /** Orders: what came for a need serves it. */
  purchases?: readonly Purchase[]
  today: string
}

/** Less than this is low: what one half pan takes, ml (common practice, no source). */
const LOW_ML = 1.8

/**
 * Everything that may be worth buying, gathered from what is low or empty and used, from places kept free, stand-ins, gaps
 * of verdicts and wishes, with what was said to it. Those that are still open come by their weight, the accepted in the
 * order they were given. What is on order already says so. Deterministic.
 */
export function gatherNeeds(question: GatherQuestion): Need[] {
  const { paints, answers, today } = question
  const found = new Found(paints)
  lowOnes(question, found)
  keptPlaces(question, found)
  for (const { paletteId, gap } of question.gaps ?? []) {
    const [closer] = closersOf(gap, 1)
    if (closer) found.code(closer.pigment.code, closer.paint.name, { kind: 'gap', paletteId, gap })
  }
  for (const { wished } of question.uses)
    for (const { words, paintId, times, last } of wished) {
      const reason: NeedReason = { kind: 'wished', times, last, words }
      if (paintId) found.paint(paintId, reason)
      else found.words(words, reason)
    }
  for (const answer of answers) if (answer.own || answer.said === 'accepted') found.answered(answer)
  const answerOf = new Map(answers.map((a) => [a.key, a]))
  const items = paints.flatMap((p) => question.itemsOf(p.id))
  const bought = boughtFor(question.purchases ?? [], paintOfItems(items, paints))
  return [...found.all.values()]
    .filter((n) => answerOf.get(n.key)?.said === 'accepted' || n.paintId === undefined || !isStocked(n, question))
    .map((n): Need => {
      const items = n.paintId ? question.itemsOf(n.paintId) : []
      const perYear = n.paintId ? rateOf(n.paintId, question) * DAYS_A_YEAR : 0
      return {
        ...n,
        weight: weightOfAll(n.reasons),
        onOrder: items.filter((i) => i.supply === 'on order').length,
        ...(perYear > 0 ? { perYear } : {}),
        anyMaker: n.paintId === undefined,
      }
    })
    .flatMap((n) => stillNeeded(n, answerOf.get(n.key), bought) ?? [])
    .map((n) => withAnswer(n, answerOf.get(n.key), today))
    .sort(byRankAndWeight)
}

/** A need with what was bought for it; none where what came serves it, and nothing newer asks for it. */
function stillNeeded(
  need: Need,
  answer: NeedAnswer | undefined,
  bought: ReturnType<typeof boughtFor>,
): Need | undefined {
  const { ordered, came } = bought({ ...need, ...(answer ? { answer } : {}) })
  const onOrder = Math.max(need.onOrder, ordered)
  if (came === undefined) return { ...need, onOrder }
  const reasons = need.reasons.filter((r) => isNewReason(r, came, answer?.day))
  return reasons.length ? { ...need, reasons, weight: weightOfAll(reasons), onOrder, came } : undefined
}

/** A need with what was said to it: put off until its day, ranked, with the codes that its words mean. */
export function withAnswer(need: Need, answer: NeedAnswer | undefined, today: string): Need {
  const { said: _said, answer: _answer, ...bare } = need
  const anyMaker = answer?.anyMaker ?? need.paintId === undefined
  if (!answer) return { ...bare, anyMaker }
  // what was said before something came for it was said of another need
  const isOld = need.came !== undefined && answer.day <= need.came
  const isDue = answer.said === 'later' && (answer.until ?? '9999') <= today
  const means = answer.pigments?.length && !need.paintId ? answer.pigments : need.pigments
  return { ...bare, anyMaker, pigments: means, answer, ...(isDue || isOld ? {} : { said: answer.said }) }
}

/** Accepted ones first, in the order they were given; then what is open by its weight; what was put off or refused last. */
export function byRankAndWeight(p: Need, q: Need): number {
  const standing = (n: Need) => (n.said === 'accepted' ? 0 : n.said === undefined ? 1 : n.said === 'later' ? 2 : 3)
  const rank = (n: Need) => n.answer?.rank ?? Infinity
  return (
    standing(p) - standing(q) ||
    (p.said === 'accepted' && rank(p) !== rank(q) ? rank(p) - rank(q) : 0) ||
    q.weight - p.weight ||
    compareText(p.name, q.name) ||
    compareText(p.key, q.key)
  )
}

/** A wish or a place for a paint of which there is enough by now is no need any more; what was accepted stays until it is bought. */
function isStocked({ paintId, reasons }: Draft, question: GatherQuestion): boolean {
  if (reasons.some((r) => r.kind === 'empty' || r.kind === 'low' || r.kind === 'own')) return false
  return leftOf(paintId!, question) >= LOW_ML
}

type Draft = Pick<Need, 'key' | 'paintId' | 'name' | 'maker' | 'pigments' | 'reasons'>

/** Names shorter than this may stand in any words. */
const SHORTEST = 6

/** Needs as they come together, by their key. */
class Found {
  readonly all = new Map<string, Draft>()
  readonly #paints: ReadonlyMap<string, Paint>
  readonly #byName: ReadonlyMap<string, Paint>

  constructor(paints: readonly Paint[]) {
    this.#paints = new Map(paints.map((p) => [p.id, p]))
    this.#byName = new Map(paints.map((p) => [plainWords(p.name), p]))
  }

  paint(id: string, reason: NeedReason): void {
    const paint = this.#paints.get(id)
    if (!paint) return
    const { name, maker, pigments } = paint
    this.#note({ key: `paint:${id}`, paintId: id, name, ...(maker ? { maker } : {}), pigments, reasons: [] }, reason)
  }
  code(code: string, name: string, reason: NeedReason): void {
    this.#note({ key: `code:${code}`, name: `${name}, ${code}`, pigments: [code], reasons: [] }, reason)
  }
  /** A paint of the collection where the words are or hold its name, a pigment where they are its code, else just the words. */
  words(words: string, reason: NeedReason): void {
    const plain = plainWords(words)
    const paint = this.#byName.get(plain) ?? this.#named(plain)
    if (paint) return this.paint(paint.id, reason)
    const codes = parsePigmentCodes(words).codes.map((c) => c.code)
    if (codes.length === 1 && plain === codes[0]!.toLowerCase()) return this.code(codes[0]!, words.trim(), reason)
    // `a darker brown, for kelp` is the same need as `a darker brown`
    const head = words.split(/[,;]/)[0]!.trim() || words.trim()
    this.#note({ key: keyOfWish(head), name: head, pigments: codes, reasons: [] }, reason)
  }
  /** The paint whose name stands in the words as a whole, the longest of several. */
  #named(plain: string): Paint | undefined {
    const found = [...this.#byName].filter(
      ([name]) => name.length >= SHORTEST && ` ${plain.replace(/[,;.:]/g, ' ')} `.includes(` ${name} `),
    )
    return found.sort((p, q) => q[0].length - p[0].length)[0]?.[1]
  }
  /** What was written down by hand, and what was accepted though nothing gathers it any more. */
  answered({ key, words = '', pigments = [], own }: NeedAnswer): void {
    const reason: NeedReason = { kind: 'own' }
    const known = this.all.get(key)
    if (known && !own) return
    if (key.startsWith('paint:')) this.paint(key.slice('paint:'.length), reason)
    else this.#note({ key, name: words || key.replace(/^\w+:/, ''), pigments, reasons: [] }, reason)
  }

  #note(draft: Draft, reason: NeedReason): void {
    const known = this.all.get(draft.key) ?? draft
    // the same reason is given once; of wishes the numbers are added
    const same = known.reasons.find((r) => r.kind === reason.kind && r.kind === 'wished')
    if (same?.kind === 'wished' && reason.kind === 'wished') {
      same.times += reason.times
      if (reason.last > same.last) same.last = reason.last
    } else if (!known.reasons.some((r) => JSON.stringify(r) === JSON.stringify(reason)))
      known.reasons.push({ ...reason })
    this.all.set(draft.key, known)
  }
}

const leftOf = (paintId: string, { itemsOf, account }: GatherQuestion): number =>
  leftInAll(itemsOf(paintId), (item) => balanceOf(item, account(item.id)).left)

/** What is drawn of a paint in a day, ml. */
const rateOf = (paintId: string, { itemsOf, account, today }: GatherQuestion): number =>
  rateOfUse(
    itemsOf(paintId).map((i) => account(i.id)),
    today,
  )

/** Paints that are low or empty, as far as anybody uses them: planned somewhere, painted with, or filled from. */
function lowOnes(question: GatherQuestion, found: Found): void {
  const { paints, itemsOf, palettes, uses, today } = question
  const planned = new Set(palettes.flatMap((p) => [...plannedPaints(p)]))
  for (const { id } of paints) {
    if (itemsOf(id).length === 0) continue
    const times = uses.reduce((sum, u) => sum + (u.byPaint.get(id)?.times ?? 0), 0)
    const accounts = itemsOf(id).map((i) => question.account(i.id))
    const isSaidLow = itemsOf(id).some((i) => isUsable(i) && i.remarks.includes('nearly empty'))
    if (times === 0 && !isSaidLow && !isFilledFrom(accounts, today) && !planned.has(id)) continue
    const left = leftOf(id, question)
    if (left <= LEAST) found.paint(id, { kind: 'empty', times })
    else if (left < LOW_ML) {
      const end = usedUpOn(left, rateOfUse(accounts, today), today)
      found.paint(id, { kind: 'low', millilitres: left, times, ...(end ? { usedUpOn: end } : {}) })
    }
  }
}

/** Places kept free for something, and those where something stands in. */
function keptPlaces({ palettes }: GatherQuestion, found: Found): void {
  for (const palette of palettes) {
    for (const { id: placeId } of palette.holder.places) {
      const plan = planAt(palette, placeId)
      const words = plan?.reserved?.trim()
      if (words && !plan?.paintId && !plan?.standsFor)
        found.words(words, { kind: 'reserved', paletteId: palette.id, placeId, words })
    }
    for (const { placeId, standsFor } of awayIn(palette)) {
      const reason: NeedReason = { kind: 'stand-in', paletteId: palette.id, placeId, words: standsFor.words }
      if (standsFor.paintId) found.paint(standsFor.paintId, reason)
      else found.words(standsFor.words, reason)
    }
  }
}
