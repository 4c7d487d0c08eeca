import { areaOf } from '../arranging/geometry'
import type { Place } from '../documents/palette'
import type { Paint } from '../documents/paint'
import { slownessOfBinder } from '../paints/media'
import type { FoundDry } from '../ledger/stays'
import { CLIMATES, type Climate, slowness } from './climate'
import { type Practice, USUAL_PRACTICE } from './practice'

/** Days until a filling is dry. */
export interface DryingForecast {
  soonest: number
  likely: number
  latest: number
}

/** How one's own paint dries against the forecast: 1 as forecast, 2 twice as long. */
export interface DryingLearned {
  all: number
  /** How many fillings that were found dry it rests on. */
  count: number
  byPaint: ReadonlyMap<string, number>
}
export const NOTHING_LEARNED: DryingLearned = { all: 1, count: 0, byPaint: new Map() }

export interface DryingQuestion {
  climate?: Climate
  practice?: Practice
  learned?: DryingLearned
  paintId?: string
  /** With honey it dries slower. */
  binder?: Paint['binder']
}

/** Of three fillings one dries outside of this range of the likely time (judgement, until one's own entries say more). */
export const [SOONER, LATER] = [0.7, 1.5]

/**
 * When a filling of so many ml will be dry, as a range of days, 0.5 to 120: a smear's time and so much for each
 * millimetre of depth, by the air, and by how one's own fillings dried before. The finger has the last word.
 */
export function forecastDrying(place: Place, millilitres: number, question: DryingQuestion = {}): DryingForecast {
  const {
    climate = CLIMATES.temperate,
    practice = USUAL_PRACTICE,
    learned = NOTHING_LEARNED,
    paintId,
    binder,
  } = question
  const depth = (millilitres * 1000) / areaOf(place)
  const own = learned.byPaint.get(paintId ?? '') ?? learned.all
  const likely = (practice.smear + practice.perMillimetre * depth) * slowness(climate) * slownessOfBinder(binder) * own
  const within = (days: number) => Math.min(120, Math.max(0.5, days))
  return { soonest: within(likely * SOONER), likely: within(likely), latest: within(likely * LATER) }
}

/** So many fillings' worth of doubt is put against what was found (judgement). */
const DOUBT = 2

/**
 * What "dry now" entries say of the forecasts that were made: how long each took against what its last filling was given.
 * The geometric mean, drawn to 1 while there are few. What was found years later says nothing of when it dried.
 */
export function dryingLearned(found: Iterable<FoundDry>): DryingLearned {
  const all: number[] = []
  const byPaint = new Map<string, number[]>()
  for (const { paintId, given, took } of found) {
    if (took <= 0 || given <= 0 || took >= 6 * given) continue
    const ratio = Math.min(4, Math.max(0.25, took / given))
    all.push(ratio)
    byPaint.set(paintId, [...(byPaint.get(paintId) ?? []), ratio])
  }
  const mean = (ratios: readonly number[], prior: number) =>
    Math.exp((ratios.reduce((sum, r) => sum + Math.log(r), 0) + DOUBT * Math.log(prior)) / (ratios.length + DOUBT))
  const whole = mean(all, 1)
  return {
    all: whole,
    count: all.length,
    byPaint: new Map([...byPaint].map(([id, ratios]) => [id, mean(ratios, whole)])),
  }
}
