import type { Brief, BriefCount, BriefWish } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { lastingOf } from '../../order'
import { fitOf, type Fit } from '../brief/fit'
import { type CountMissed, countsMissed, isCounted, wantedOf } from '../brief/counts'
import { wishOf } from '../brief/wishes'
import type { CountRow } from './countRows'

/** What wishes count beside what a paint reaches, as shares of worth (judgement): small against a missing hue, large against a tie. */
const AGAINST_A_WISH = -0.01
const SPARED = -0.015
const TO_BE_USED_UP = 0.01
/** A second tube of a paint is evidence that it is used (common practice, no source). */
const OWNED_TWICE = 0.002

/** Wishes that only a whole choice meets: which paints are in decides about the others. */
const isOfTheWhole = ({ wish, value }: BriefWish) => wish === 'makers' || (wish === 'pigments' && value === 'partner')
const isHard = ({ hard, wish }: BriefWish) => hard && !wishOf(wish)?.softOnly

/** The brief as a search takes it: who may come in at all, what each counts by itself, and who may be together. */
export interface WishWeights {
  fit(paint: Paint): Fit
  mayComeIn(paint: Paint): boolean
  own(paint: Paint): number
  /** Whether paints may be together; undefined where no wish asks for it. */
  allows?: (paints: readonly Paint[]) => boolean
}

export interface WishQuestion {
  brief: Brief | undefined
  /** Paints that are in already. */
  planned: readonly Paint[]
  /** How many tubes and pans there are of a paint. */
  itemsOf?: (paintId: string) => number
}

export function wishWeights({ brief, planned, itemsOf }: WishQuestion): WishWeights {
  const whole = (brief?.wishes ?? []).filter((w) => isHard(w) && isOfTheWhole(w))
  const single: Brief | undefined = brief && {
    ...brief,
    wishes: (brief.wishes ?? []).filter((w) => !whole.includes(w)),
  }
  const fit = (paint: Paint) => fitOf(paint, single, { palette: planned })
  const excused = new Set([...planned.map((p) => p.id), ...(brief?.mustIn ?? [])])
  const partners = whole.filter((w) => w.wish === 'pigments')
  // what is in already may come from more makers than are wished; no further ones are let in then
  const makersOf = (paints: readonly Paint[]) => new Set(paints.flatMap((p) => p.maker || [])).size
  const makers = whole.filter((w) => w.wish === 'makers').map((w) => Math.max(Number(w.value), makersOf(planned)))
  const allows = (paints: readonly Paint[]) =>
    makers.every((most) => makersOf([...planned, ...paints]) <= most) &&
    paints.every((p) => excused.has(p.id) || fitOf(p, { wishes: partners }, { palette: paints }).word !== 'ruled out')
  return {
    fit,
    // what fades is proposed only to who asked for it
    mayComeIn(paint) {
      if (excused.has(paint.id)) return true
      const { word } = fit(paint)
      return word === 'use up' || (word !== 'ruled out' && lastingOf(paint).level > 0)
    },
    own: (paint) =>
      ownWorth(fit(paint)) + countsWorth(paint, brief) + ((itemsOf?.(paint.id) ?? 0) > 1 ? OWNED_TWICE : 0),
    ...(whole.length ? { allows } : {}),
  }
}

/** A count that is a wish only counts for or against its paints, each as a wish does. */
const countsWorth = (paint: Paint, brief: Brief | undefined): number =>
  (brief?.counts ?? [])
    .filter((count) => !count.hard && isCounted(count, paint))
    .reduce((sum, { bound }) => sum + (bound === 'least' ? -AGAINST_A_WISH : AGAINST_A_WISH), 0)

export interface RowsQuestion {
  brief: Brief | undefined
  /** The paints of a cover, and those that are in besides and cannot be reckoned with. */
  held: readonly Paint[]
  besides: readonly Paint[]
  /** Those of the cover that stay in, by their places. */
  fixed: readonly number[]
  /** How many paints there are in the end, all together, and how many of them are of the cover. */
  places: number
  ofCover: number
}

/**
 * The counts that are a must, as rows of a choice. None asks for more than there is, nor for fewer than stay in: that it cannot
 * be met is said by the conflicts of the brief, and as much of it is met as can be.
 */
export function countRows({ brief, held, besides, fixed, places, ofCover }: RowsQuestion): CountRow[] {
  return (brief?.counts ?? [])
    .filter((count) => count.hard)
    .map((count): CountRow => {
      const isOf = Uint8Array.from(held, (p) => Number(isCounted(count, p)))
      const there = besides.filter((p) => isCounted(count, p)).length
      const asked = Math.max(0, wantedOf(count, places) - there)
      if (count.bound === 'most') {
        const stay = fixed.reduce((sum, m) => sum + isOf[m]!, 0)
        return { isOf, bound: 'most', count: Math.max(asked, stay) }
      }
      const all = isOf.reduce((sum, is) => sum + is, 0)
      const others = fixed.reduce((sum, m) => sum + 1 - isOf[m]!, 0)
      return { isOf, bound: 'least', count: Math.min(asked, all, ofCover - others) }
    })
}

function ownWorth({ word, reasons }: Fit): number {
  if (word === 'against a wish') return AGAINST_A_WISH * reasons.length
  if (word === 'spared') return SPARED
  return word === 'use up' ? TO_BE_USED_UP : 0
}

/** What was wished: of each paint, or of how many of a kind there are. */
export type Wished = { wish: BriefWish } | { count: BriefCount }

/** Every wish with the brief as it were without it: what rules paints out becomes a wish only, any other is left out. */
export function withoutEach(brief: Brief): { wished: Wished; brief: Brief }[] {
  const { wishes = [], counts = [] } = brief
  const relaxed = <T extends { hard: boolean }>(all: readonly T[], one: T, hard: boolean): T[] =>
    all.flatMap((own) => (own === one ? (hard ? [{ ...own, hard: false }] : []) : [own]))
  return [
    ...wishes.map((wish) => ({ wished: { wish }, brief: { ...brief, wishes: relaxed(wishes, wish, isHard(wish)) } })),
    ...counts.map((count) => ({ wished: { count }, brief: { ...brief, counts: relaxed(counts, count, count.hard) } })),
  ]
}

/** A wish that is no must and that a choice does not meet: the paints that are against it, or those that it counts. */
export type WishMissed = { wish: BriefWish; paintIds: string[] } | CountMissed

/** The wishes that are no must and that these paints do not meet. */
export function softMissed(brief: Brief | undefined, paints: readonly Paint[]): WishMissed[] {
  const soft = (brief?.wishes ?? []).filter((wish) => !isHard(wish))
  const against = soft.flatMap((wish): WishMissed[] => {
    const isAgainst = (p: Paint) => fitOf(p, { wishes: [wish] }, { palette: paints }).word === 'against a wish'
    const paintIds = paints.filter(isAgainst).map((p) => p.id)
    return paintIds.length ? [{ wish, paintIds }] : []
  })
  return [
    ...against,
    ...countsMissed(
      brief?.counts?.filter((c) => !c.hard),
      paints,
    ),
  ]
}
