import type { Brief, BriefWish } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { lastingOf } from '../../order'
import { fitOf, type Fit } from '../brief/fit'
import { wishOf } from '../brief/wishes'

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
    own: (paint) => ownWorth(fit(paint)) + ((itemsOf?.(paint.id) ?? 0) > 1 ? OWNED_TWICE : 0),
    ...(whole.length ? { allows } : {}),
  }
}

function ownWorth({ word, reasons }: Fit): number {
  if (word === 'against a wish') return AGAINST_A_WISH * reasons.length
  if (word === 'spared') return SPARED
  return word === 'use up' ? TO_BE_USED_UP : 0
}

/** The wishes that rule paints out, each with the brief as it were if it were a wish only. */
export const withoutEach = (brief: Brief): { wish: BriefWish; brief: Brief }[] =>
  (brief.wishes ?? []).filter(isHard).map((wish) => ({
    wish,
    brief: { ...brief, wishes: (brief.wishes ?? []).map((w) => (w === wish ? { ...w, hard: false } : w)) },
  }))
