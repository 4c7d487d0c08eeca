import type { Item } from '../documents/item'
import type { FillEvent } from '../documents/journal/event'
import type { Paint } from '../documents/paint'
import type { Palette, Place } from '../documents/palette'
import { planAt } from '../documents/plan'
import type { PaletteState } from '../ledger/stays'
import { byLightness, viewOfPaint } from '../paints/view'
import { dryingDays, usualFilling } from './drying'
import type { DryingQuestion } from './forecastDrying'
import { isOut } from './planAgainstPans'
import { type Practice, USUAL_PRACTICE } from './practice'
import { type Draw, Drawing, isPan, itemsToFillFrom, type Stock } from './tubes'

export interface PlaceToFill {
  place: Place
  paint: Paint
}

export interface FillQuestion {
  palette: Palette
  state: PaletteState
  paint: (id: string) => Paint | undefined
}

/** Planned places with a vessel in which nothing lies, light colours first, so that no dark paint spoils them (common practice, no source). */
export function fillOrder({ palette, state, paint }: FillQuestion): PlaceToFill[] {
  return palette.holder.places
    .flatMap((place) => {
      const planned = paint(planAt(palette, place.id)?.paintId ?? '')
      return planned && !state.get(place.id)?.content && !isOut(state, place.id) ? [{ place, paint: planned }] : []
    })
    .sort((p, q) => byLightness(viewOfPaint(p.paint), viewOfPaint(q.paint)))
}

/** What would go into a place: from the tube that holds the usual amount, if one is left that does, or a bought pan. */
interface Allotment extends PlaceToFill {
  millilitres: number
  item?: Item
  /** Of a mixture: from several tubes. */
  draws?: readonly Draw[]
}

/** Tubes for the places one after the other, each drawn from no further than it goes. */
function allotted(places: readonly PlaceToFill[], stock: Stock, practice: Practice): Allotment[] {
  const drawing = new Drawing(stock)
  return places.map(({ place, paint }) => {
    const millilitres = usualFilling(place, practice)
    if (paint.mixedFrom) {
      const { draws, missing } = drawing.of(paint, millilitres)
      return { place, paint, millilitres, ...(missing ? {} : { draws }) }
    }
    const from = drawing.fromOne(paint.id, millilitres, place)
    return { place, paint, millilitres, ...from }
  })
}

/** Fillings of a day for the places whose tubes hold the usual amount; the others are left out. */
export const usualFillings = (
  places: readonly PlaceToFill[],
  stock: Stock,
  vesselIn: (placeId: string) => FillEvent['vessel'],
  day: string,
  practice: Practice = USUAL_PRACTICE,
  question: Omit<DryingQuestion, 'practice' | 'paintId' | 'binder'> = {},
): FillEvent[] =>
  allotted(places, stock, practice).flatMap(({ place, paint, millilitres, item, draws }): FillEvent[] => {
    const drawn = draws ?? (item ? [{ itemId: item.id, millilitres }] : [])
    const dries =
      item && isPan(item)
        ? 0
        : dryingDays(place, millilitres, { ...question, practice, paintId: paint.id, binder: paint.binder })
    return drawn.map((draw) => ({
      kind: 'fill',
      day,
      vessel: vesselIn(place.id),
      ...draw,
      paintId: paint.id,
      dryingDays: dries,
    }))
  })

/** Why a place is left out of a filling of all. */
export interface LeftOut extends PlaceToFill {
  reason: string
}

/** The places that `usualFillings` leaves out, each with the reason. */
export const leftOutOf = (
  places: readonly PlaceToFill[],
  stock: Stock,
  practice: Practice = USUAL_PRACTICE,
): LeftOut[] =>
  allotted(places, stock, practice)
    .filter(({ item, draws }) => !item && !draws)
    .map(({ place, paint, millilitres }) => ({ place, paint, reason: whyNot(paint, millilitres, stock) }))

function whyNot(paint: Paint, needed: number, { itemsOf, left }: Stock): string {
  if (paint.mixedFrom) return 'its parts are not all at hand'
  const items = itemsToFillFrom(itemsOf(paint.id))
  if (!items.length) return 'no tube of it at hand'
  const most = Math.max(0, ...items.map(left))
  return most < needed
    ? `${most.toFixed(1)} ml left, ${needed.toFixed(1)} needed`
    : 'its tube goes into other places first'
}
