import { isDay } from '../documents/fields'
import type { Paint } from '../documents/paint'
import type { Palette, Place } from '../documents/palette'
import { planAt } from '../documents/plan'
import { traitsOfMedium } from '../paints/media'
import { referenceOf } from '../film/whichReference'
import { isWet, leftIn, mainPaintOf, type Content, type PaletteState } from '../ledger/stays'
import { byLightness, viewOfPaint } from '../paints/view'
import { fail, ok, type Result } from '../result'
import { daysAfter, daysBetween } from '../units/calendar'
import { CLIMATES, type Climate } from './climate'
import { capacityOf, wholeDays } from './drying'
import { type DryingForecast, type DryingLearned, forecastDrying } from './forecastDrying'
import { isOut } from './planAgainstPans'
import { type Practice, USUAL_PRACTICE } from './practice'
import { Drawing, LEAST, tenth, type Draw, type Stock } from './tubes'

export interface FillingQuestion {
  palette: Palette
  state: PaletteState
  paint: (id: string) => Paint | undefined
  stock: Stock
  today: string
  /** The day on which everything should be dry; none where it does not matter. */
  readyBy?: string
  /** At once with room to shrink, or in thirds of the brim with drying between. */
  layers: 'whole' | 'thirds'
  order: 'light first' | 'along the tray'
  /** Whether what lies there dry is topped up as well. */
  topUp?: boolean
  climate?: Climate
  practice?: Practice
  learned?: DryingLearned
  /** From which tube or pan a place is filled first, where somebody chose one. */
  from?: (placeId: string) => string | undefined
}

export interface PlannedLayer {
  day: string
  millilitres: number
  drying: DryingForecast
  draws: Draw[]
}
export interface FillingStep {
  placeId: string
  paintId: string
  isTopUp: boolean
  /** The bought pan that is put in as it is; nothing is poured then. */
  putIn?: string
  layers: PlannedLayer[]
  /** Millilitres in all; what of it no tube holds. */
  millilitres: number
  missing: number
  /** When the last layer is likely dry, and when at the latest. */
  dry: string
  dryAtLatest: string
  /** What speaks against a pan of this paint, and what to do instead. */
  trouble?: { words: string; instead: string }
  /** Set where it may not be dry in time: the most that would be, ml; 0 where nothing would. */
  late?: { daysShort: number; thinner: number }
}
export interface FillingPlan {
  /** In the order in which they are filled. */
  steps: FillingStep[]
  /** Planned places whose pan is out: they are left out until one is put in. */
  out: string[]
  /** What to buy before: ml by paint. */
  toBuy: { paintId: string; millilitres: number }[]
  /** The last day on which the filling can begin so that it is dry in time at the latest. */
  beginBy?: string
  /** The last day by which everything is dry at the latest. */
  dryAtLatest?: string
}

/** How much of the brim lies there for certain to be topped up to the wanted level, share (judgement). */
const WORTH = 0.15

/**
 * What to fill or top up, from which tubes, in how many layers and on which days, so that it is dry by a day. Tubes that
 * are being used up come first, then stiff ones, then the oldest; spared ones last. A bought pan is put in as it is. Wet
 * places are left alone, and those without a pan.
 *
 * Errors: `nothing-planned`, `no-such-day` (a ready-by day that is none, or before today).
 */
export function planFilling(question: FillingQuestion): Result<FillingPlan> {
  const { palette, state, paint, today, readyBy, order, practice = USUAL_PRACTICE } = question
  if (readyBy !== undefined && !isDay(readyBy)) return fail('no-such-day', 'A day such as 2026-05-14.')
  if (readyBy !== undefined && readyBy < today)
    return fail('no-such-day', 'That day is past. Choose today or a later one.')
  const planned = palette.holder.places.flatMap((place) => {
    const p = paint(planAt(palette, place.id)?.paintId ?? '')
    return p ? [{ place, paint: p, wanted: wantedAt(place, p, state.get(place.id)?.content, question, practice) }] : []
  })
  if (planned.length === 0) return fail('nothing-planned', 'Plan some paints first: they are what is filled.')
  const out = planned.filter(({ place }) => isOut(state, place.id)).map(({ place }) => place.id)
  const toDo = planned.filter((p) => p.wanted.millilitres >= LEAST && !out.includes(p.place.id))
  if (order === 'light first') toDo.sort((p, q) => byLightness(viewOfPaint(p.paint), viewOfPaint(q.paint)))
  const drawing = new Drawing(question.stock)
  const steps = toDo.map(({ place, paint: p, wanted }) => stepOf(place, p, wanted, question, drawing))
  const toBuy = new Map<string, number>()
  for (const s of steps) if (s.missing > 0) toBuy.set(s.paintId, tenth((toBuy.get(s.paintId) ?? 0) + s.missing))
  const dryAtLatest = steps
    .map((s) => s.dryAtLatest)
    .sort()
    .at(-1)
  return ok({
    steps,
    out,
    toBuy: [...toBuy].map(([paintId, millilitres]) => ({ paintId, millilitres })),
    ...(dryAtLatest ? { dryAtLatest } : {}),
    ...(readyBy && dryAtLatest ? { beginBy: daysAfter(readyBy, -daysBetween(today, dryAtLatest)) } : {}),
  })
}

interface Wanted {
  /** Each layer, ml, in the order poured. */
  layers: number[]
  millilitres: number
  isTopUp: boolean
}
function wantedAt(
  place: Place,
  paint: Paint,
  content: Content | undefined,
  { layers, topUp, today }: FillingQuestion,
  practice: Practice,
): Wanted {
  const brim = capacityOf(place)
  const of = (amounts: number[], isTopUp: boolean): Wanted => {
    const poured = amounts.map(tenth).filter((ml) => ml >= LEAST)
    return { layers: poured, millilitres: tenth(poured.reduce((sum, ml) => sum + ml, 0)), isTopUp }
  }
  if (!content) return of(layers === 'thirds' ? [brim / 3, brim / 3, brim / 3] : [brim * practice.level], false)
  if (mainPaintOf(content) !== paint.id || isWet(content, today)) return of([], true)
  const begun = layersToCome(content)
  if (begun > 0) return of(Array<number>(begun).fill(brim / 3), true)
  if (!topUp) return of([], true)
  // what lies there at the most: everything poured, dried
  const room = brim * practice.level - leftIn(content, practice.touch) * practice.dried
  return of(room > WORTH * brim ? [room] : [], true)
}

/** Layers that are still meant to come on what lies there. */
export const layersToCome = ({ layers }: Content): number => layers.at(-1)?.more ?? 0

function stepOf(place: Place, paint: Paint, wanted: Wanted, question: FillingQuestion, drawing: Drawing): FillingStep {
  const { today, readyBy, climate = CLIMATES.temperate, practice = USUAL_PRACTICE, learned } = question
  const about = { climate, practice, paintId: paint.id, binder: paint.binder, ...(learned ? { learned } : {}) }
  const first = question.from?.(place.id)
  const pan = wanted.isTopUp ? undefined : drawing.panFor(paint.id, place, first)
  if (pan) return putIn(place, paint, pan, today)
  let missing = 0
  let day = today
  let latest = today
  const layers = wanted.layers.map((millilitres): PlannedLayer => {
    const { draws, missing: lacking } = drawing.of(paint, millilitres, first)
    missing = tenth(missing + lacking)
    const drying = forecastDrying(place, millilitres, about)
    const layer = { day, millilitres, drying, draws }
    latest = daysAfter(latest, Math.ceil(drying.latest))
    day = daysAfter(day, wholeDays(drying.likely))
    return layer
  })
  const daysShort = readyBy === undefined ? 0 : daysBetween(readyBy, latest)
  const trouble = troubleOf(paint)
  return {
    placeId: place.id,
    paintId: paint.id,
    isTopUp: wanted.isTopUp,
    layers,
    millilitres: wanted.millilitres,
    missing,
    dry: day,
    dryAtLatest: latest,
    ...(trouble ? { trouble } : {}),
    ...(readyBy !== undefined && daysShort > 0
      ? { late: { daysShort, thinner: thinnest(place, daysBetween(today, readyBy), about) } }
      : {}),
  }
}

const NO_DRYING: DryingForecast = { soonest: 0, likely: 0, latest: 0 }

/** A bought pan goes in as it is: nothing dries. */
function putIn(
  place: Place,
  paint: Paint,
  { item, millilitres }: { item: { id: string }; millilitres: number },
  day: string,
): FillingStep {
  return {
    placeId: place.id,
    paintId: paint.id,
    isTopUp: false,
    putIn: item.id,
    layers: [{ day, millilitres, drying: NO_DRYING, draws: [{ itemId: item.id, millilitres }] }],
    millilitres,
    missing: 0,
    dry: day,
    dryAtLatest: day,
  }
}

/** The most in one layer that is dry at the latest after so many days, ml to a tenth; 0 where nothing is. */
function thinnest(place: Place, days: number, about: Parameters<typeof forecastDrying>[2]): number {
  const most = Math.floor(capacityOf(place) * 10)
  for (let tenths = most; tenths > 0; tenths -= 1)
    if (Math.ceil(forecastDrying(place, tenths / 10, about).latest) <= days) return tenths / 10
  return 0
}

const HARD = 'rewets slowly; hardens, cracks or crumbles'
/** What usually comes of a paint in a pan, by what the reference says of its pigments (common practice, no source). */
function troubleOf(paint: Paint): FillingStep['trouble'] {
  const { inPan } = traitsOfMedium(paint)
  if (inPan) return inPan
  if (paint.binder === 'with honey')
    return {
      words: 'With honey it dries slowly, stays soft, and runs when the box is tilted.',
      instead: 'Fill it early, not to the brim, and carry the box level. It rewets at a touch.',
    }
  const hard = referenceOf(paint).some((r) => r.inPan === HARD)
  return hard
    ? {
        words: 'It usually hardens, cracks or crumbles in a pan.',
        instead: 'Fill it in thin layers, take a bought pan, use it from the tube, or let something stand in.',
      }
    : undefined
}
