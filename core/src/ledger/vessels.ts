import type { Layer, VesselFold } from '../documents/journal/eventKind'
import { homeOf, isPlace, ownVesselOf, type PlaceRef, type VesselRef } from '../documents/journal/vessel'
import { isGone, type Whereabouts } from '../documents/journal/whereabouts'
import { daysAfter, daysBetween } from '../units/calendar'
import {
  type FoundDry,
  mainPaintOf,
  type PaletteState,
  type PlaceState,
  pouredInto,
  type SeenUse,
  type Stay,
  type Taken,
  type VesselState,
} from './stays'

interface OpenContent {
  layers: Layer[]
  dryFrom: string
  seen?: { day: string; millilitres: number; poured: number }
  used?: number
}
interface OpenStay extends Omit<Stay, 'content'> {
  content: OpenContent
}
interface Vessel {
  id: string
  at?: Place
  whereabouts?: Whereabouts & { since: string }
  /** When it was last taken from among the loose ones, and where it had lain. */
  taken?: Taken
  stays: OpenStay[]
  /** The last of the stays, while something lies in it. */
  open?: OpenStay
}
interface Place {
  ref: PlaceRef
  /** Undefined when its pan was taken out. */
  vesselId?: string
  stays: OpenStay[]
  /** The place alone, as events touched it; one list for all of them. */
  alone: readonly PlaceRef[]
}

const NOWHERE: readonly PlaceRef[] = []

/**
 * Vessels and where they are, folded event by event in order of time. It changes in place, so that a
 * long journal costs what its events cost; what is read are copies, made anew only where something changed.
 */
export class Vessels implements VesselFold {
  readonly #vessels = new Map<string, Vessel>()
  readonly #places = new Map<string, Place>()
  readonly #read = new Map<string, PlaceState>()
  readonly #palettes = new Map<string, PaletteState>()
  /** By the entry of the filling. */
  readonly #found = new Map<string, FoundDry>()
  readonly #seen: SeenUse[] = []
  #touched: Place[] = []

  /** Places that the events since the last call touched. */
  takeTouched(): readonly PlaceRef[] {
    const touched = this.#touched
    if (touched.length === 0) return NOWHERE
    this.#touched = []
    return touched.length === 1 ? touched[0]!.alone : touched.map((place) => place.ref)
  }

  pour(into: VesselRef, layer: Layer): void {
    // a filling of a place whose pan is out went into the vessel that belongs there: no paint is lost
    const vessel = this.#resolve(into) ?? this.#vessel(ownVesselOf(into as PlaceRef))
    const dryFrom = daysAfter(layer.day, layer.dryingDays)
    const open = vessel.open ?? this.#begin(vessel, { layers: [], dryFrom }, layer.day)
    open.content.layers.push(layer)
    if (dryFrom > open.content.dryFrom) open.content.dryFrom = dryFrom
    this.#touch(vessel.at)
  }

  declareDry(ref: VesselRef, day: string): void {
    const vessel = this.#resolve(ref)
    this.#touch(isPlace(ref) ? this.#place(ref) : vessel?.at)
    if (!vessel?.open) return
    const last = vessel.open.content.layers.at(-1)!
    if (!this.#found.has(last.entryId))
      this.#found.set(last.entryId, {
        paintId: last.paintId,
        given: last.dryingDays,
        took: daysBetween(last.day, day),
      })
    vessel.open.content.dryFrom = day
  }

  empty(ref: VesselRef, day: string): void {
    const vessel = this.#resolve(ref)
    this.#touch(isPlace(ref) ? this.#place(ref) : vessel?.at)
    if (vessel) close(vessel, day, { ended: 'cleaned' })
  }

  put(ref: VesselRef, into: PlaceRef, day: string): void {
    const isKnown = isPlace(ref) || this.#vessels.has(ref.vesselId)
    const vessel = this.#resolve(ref)
    const place = this.#place(into)
    if (!vessel || vessel.at === place) return this.#touch(place)
    // the pan of a place of which nobody ever said anything makes room without becoming a loose one
    const lies = place.vesselId === undefined ? undefined : this.#vessels.get(place.vesselId)
    if (lies) this.#move(lies, undefined, day)
    const { at, whereabouts } = vessel
    vessel.taken = at || !isKnown ? undefined : { day, ...(whereabouts ? { where: whereabouts } : {}) }
    this.#move(vessel, place, day)
  }

  takeOut(ref: VesselRef, day: string): void {
    const vessel = this.#resolve(ref)
    if (!vessel) return
    vessel.whereabouts = undefined
    if (vessel.at) this.#move(vessel, undefined, day)
  }

  stow(ref: VesselRef, where: Whereabouts, day: string): void {
    const vessel = this.#resolve(ref)
    this.#touch(isPlace(ref) ? this.#place(ref) : undefined)
    if (!vessel) return
    if (isGone(where)) close(vessel, day, { ended: 'gone' })
    if (vessel.at) this.#move(vessel, undefined, day)
    vessel.whereabouts = { ...where, since: day }
  }

  exchange(one: PlaceRef, other: PlaceRef, day: string): void {
    const [here, there] = [this.#place(one), this.#place(other)]
    this.#touch(here)
    this.#touch(there)
    if (here === there) return
    const [first, second] = [this.#in(here), this.#in(there)]
    if (first) this.#moveContent(first, there, day)
    if (second) this.#moveContent(second, here, day)
    if (first) first.at = there
    if (second) second.at = here
    here.vesselId = second?.id
    there.vesselId = first?.id
  }

  use(ref: VesselRef, times: number): void {
    const vessel = this.#resolve(ref)
    this.#touch(isPlace(ref) ? this.#place(ref) : vessel?.at)
    if (vessel?.open) vessel.open.content.used = (vessel.open.content.used ?? 0) + times
  }

  seen(ref: VesselRef, share: number, day: string): void {
    const vessel = this.#resolve(ref)
    this.#touch(isPlace(ref) ? this.#place(ref) : vessel?.at)
    if (!vessel?.open) return
    const { content } = vessel.open
    const { seen, used } = content
    const poured = pouredInto(content)
    const millilitres = poured * share
    const before = seen ? seen.millilitres + poured - seen.poured : poured
    // more than was thought to be there is a correction of what was seen before, not of what was used
    if (used && before >= millilitres)
      this.#seen.push({ paintId: mainPaintOf(content), times: used, millilitres: before - millilitres })
    content.seen = { day, millilitres, poured }
    content.used = 0
  }

  /** What paintings took between two looks, as far as it was looked at. */
  seenUse(): readonly SeenUse[] {
    return this.#seen
  }

  /** What lies in a palette's places; the same object until something changes there. */
  palette(paletteId: string): PaletteState {
    const known = this.#palettes.get(paletteId)
    if (known) return known
    const state = new Map<string, PlaceState>()
    for (const [key, place] of this.#places)
      if (place.ref.paletteId === paletteId) state.set(place.ref.placeId, this.#stateOf(key, place))
    this.#palettes.set(paletteId, state)
    return state
  }

  vessel(id: string): VesselState {
    const known = this.#vessels.get(id)
    if (!known) {
      const home = homeOf(id)
      const place = this.#places.get(id)
      const isHome = !place || place.vesselId === id
      return { id, ...(home && isHome ? { at: home } : {}), stays: [] }
    }
    const { at, whereabouts, taken, stays, open } = known
    return {
      id,
      ...(at ? { at: at.ref } : {}),
      ...(whereabouts ? { whereabouts } : {}),
      ...(at && taken ? { taken } : {}),
      ...(open ? { content: copyOf(open.content) } : {}),
      stays: stays.map(frozen),
    }
  }

  /** Ids of the vessels that lie in no palette and of which the journal speaks. */
  loose(): string[] {
    return [...this.#vessels.values()].filter((v) => !v.at).map((v) => v.id)
  }

  /** What was found dry while it was thought to be wet or just dry, each filling once. */
  foundDry(): readonly FoundDry[] {
    return [...this.#found.values()]
  }

  #stateOf(key: string, { vesselId, stays }: Place): PlaceState {
    const known = this.#read.get(key)
    if (known) return known
    const all = stays.map(frozen)
    const open = vesselId !== undefined && this.#vessel(vesselId).open
    const state: PlaceState = {
      ...(vesselId === undefined ? {} : { vesselId }),
      ...(open ? { content: all.at(-1)!.content } : {}),
      stays: all,
    }
    this.#read.set(key, state)
    return state
  }

  #resolve(ref: VesselRef): Vessel | undefined {
    return isPlace(ref) ? this.#in(this.#place(ref)) : this.#vessel(ref.vesselId)
  }
  #in({ vesselId }: Place): Vessel | undefined {
    return vesselId === undefined ? undefined : this.#vessel(vesselId)
  }

  #vessel(id: string): Vessel {
    let vessel = this.#vessels.get(id)
    if (!vessel) {
      const home = homeOf(id)
      const place = home && this.#place(home)
      vessel = { id, ...(place?.vesselId === id ? { at: place } : {}), stays: [] }
      this.#vessels.set(id, vessel)
    }
    return vessel
  }

  #place({ paletteId, placeId }: PlaceRef): Place {
    const key = ownVesselOf({ paletteId, placeId })
    let place = this.#places.get(key)
    if (place) return place
    const ref = { paletteId, placeId }
    this.#places.set(key, (place = { ref, vesselId: key, stays: [], alone: [ref] }))
    return place
  }

  #begin(vessel: Vessel, content: OpenContent, since: string, cameFrom?: PlaceRef | 'loose'): OpenStay {
    const { at } = vessel
    const stay: OpenStay = {
      vesselId: vessel.id,
      ...(at ? { at: at.ref } : {}),
      content,
      since,
      ...(cameFrom ? { cameFrom } : {}),
    }
    vessel.open = stay
    vessel.stays.push(stay)
    at?.stays.push(stay)
    return stay
  }

  #move(vessel: Vessel, to: Place | undefined, day: string): void {
    this.#touch(vessel.at)
    this.#touch(to)
    if (vessel.at) vessel.at.vesselId = undefined
    this.#moveContent(vessel, to, day)
    vessel.at = to
    if (!to) return
    to.vesselId = vessel.id
    vessel.whereabouts = undefined
  }

  /** Ends the stay where the content lay and begins one where it goes. */
  #moveContent(vessel: Vessel, to: Place | undefined, day: string): void {
    const { open, at } = vessel
    if (!open) return
    close(vessel, day, { ended: 'moved', wentTo: to?.ref ?? 'loose' })
    vessel.at = to
    this.#begin(vessel, copyOf(open.content), day, at?.ref ?? 'loose')
  }

  #touch(place: Place | undefined): void {
    if (!place) return
    const { ref } = place
    this.#touched.push(place)
    if (this.#read.size > 0) this.#read.delete(ownVesselOf(ref))
    if (this.#palettes.size > 0) this.#palettes.delete(ref.paletteId)
  }
}

function close(vessel: Vessel, until: string, how: Pick<Stay, 'ended' | 'wentTo'>): void {
  if (vessel.open) Object.assign(vessel.open, { until, ...how })
  vessel.open = undefined
}

const copyOf = ({ layers, dryFrom, seen, used }: OpenContent): OpenContent => ({
  layers: [...layers],
  dryFrom,
  ...(seen ? { seen } : {}),
  ...(used ? { used } : {}),
})
/** A copy that later events leave alone. */
const frozen = (stay: OpenStay): Stay => ({ ...stay, content: copyOf(stay.content) })
