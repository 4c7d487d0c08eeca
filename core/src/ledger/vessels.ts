import type { Layer, VesselFold } from '../documents/journal/eventKind'
import { homeOf, isPlace, ownVesselOf, samePlace, type PlaceRef, type VesselRef } from '../documents/journal/vessel'
import { daysAfter } from '../units/calendar'
import type { PaletteState, PlaceState, Stay, VesselState } from './stays'

interface OpenContent {
  layers: Layer[]
  dryFrom: string
}
interface OpenStay extends Omit<Stay, 'content'> {
  content: OpenContent
}
interface Vessel {
  id: string
  at?: PlaceRef
  stays: OpenStay[]
  /** The last of the stays, while something lies in it. */
  open?: OpenStay
}
interface Place extends PlaceRef {
  /** Undefined when its pan was taken out. */
  vesselId?: string
  stays: OpenStay[]
}

/**
 * Vessels and where they are, folded event by event in order of time. It changes in place, so that a
 * long journal costs what its events cost; what is read are copies, made anew only where something changed.
 */
export class Vessels implements VesselFold {
  readonly #vessels = new Map<string, Vessel>()
  readonly #places = new Map<string, Place>()
  readonly #read = new Map<string, PlaceState>()
  readonly #palettes = new Map<string, PaletteState>()
  #touched: PlaceRef[] = []

  /** Places that the events since the last call touched. */
  takeTouched(): PlaceRef[] {
    const touched = this.#touched
    this.#touched = []
    return touched
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
    this.#touch(isPlace(ref) ? ref : vessel?.at)
    if (vessel?.open) vessel.open.content.dryFrom = day
  }

  empty(ref: VesselRef, day: string): void {
    const vessel = this.#resolve(ref)
    this.#touch(isPlace(ref) ? ref : vessel?.at)
    if (vessel) close(vessel, day, { ended: 'cleaned' })
  }

  put(ref: VesselRef, into: PlaceRef, day: string): void {
    const vessel = this.#resolve(ref)
    if (!vessel || (vessel.at && samePlace(vessel.at, into))) return this.#touch(into)
    const place = this.#place(into)
    if (place.vesselId !== undefined) this.#move(this.#vessel(place.vesselId), undefined, day)
    this.#move(vessel, into, day)
  }

  takeOut(ref: VesselRef, day: string): void {
    const vessel = this.#resolve(ref)
    if (vessel?.at) this.#move(vessel, undefined, day)
  }

  exchange(one: PlaceRef, other: PlaceRef, day: string): void {
    this.#touch(one)
    this.#touch(other)
    if (samePlace(one, other)) return
    const [first, second] = [this.#resolve(one), this.#resolve(other)]
    for (const [vessel, to] of [
      [first, other],
      [second, one],
    ] as const) {
      if (!vessel) continue
      this.#moveContent(vessel, to, day)
      vessel.at = { paletteId: to.paletteId, placeId: to.placeId }
    }
    this.#place(one).vesselId = second?.id
    this.#place(other).vesselId = first?.id
  }

  /** What lies in a palette's places; the same object until something changes there. */
  palette(paletteId: string): PaletteState {
    const known = this.#palettes.get(paletteId)
    if (known) return known
    const state = new Map<string, PlaceState>()
    for (const [key, place] of this.#places)
      if (place.paletteId === paletteId) state.set(place.placeId, this.#stateOf(key, place))
    this.#palettes.set(paletteId, state)
    return state
  }

  vessel(id: string): VesselState {
    const { at, stays, open } = this.#vessel(id)
    return { id, ...(at ? { at } : {}), ...(open ? { content: copyOf(open.content) } : {}), stays: stays.map(frozen) }
  }

  /** Ids of the vessels that lie in no palette and of which the journal speaks. */
  loose(): string[] {
    return [...this.#vessels.values()].filter((v) => !v.at).map((v) => v.id)
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
    if (!isPlace(ref)) return this.#vessel(ref.vesselId)
    const { vesselId } = this.#place(ref)
    return vesselId === undefined ? undefined : this.#vessel(vesselId)
  }

  #vessel(id: string): Vessel {
    let vessel = this.#vessels.get(id)
    if (!vessel) {
      const home = homeOf(id)
      vessel = { id, ...(home ? { at: home } : {}), stays: [] }
      this.#vessels.set(id, vessel)
    }
    return vessel
  }

  #place({ paletteId, placeId }: PlaceRef): Place {
    const key = ownVesselOf({ paletteId, placeId })
    let place = this.#places.get(key)
    if (!place) this.#places.set(key, (place = { paletteId, placeId, vesselId: key, stays: [] }))
    return place
  }

  #begin(vessel: Vessel, content: OpenContent, since: string, cameFrom?: PlaceRef | 'loose'): OpenStay {
    const stay: OpenStay = {
      vesselId: vessel.id,
      ...(vessel.at ? { at: vessel.at } : {}),
      content,
      since,
      ...(cameFrom ? { cameFrom } : {}),
    }
    vessel.open = stay
    vessel.stays.push(stay)
    if (vessel.at) this.#place(vessel.at).stays.push(stay)
    return stay
  }

  #move(vessel: Vessel, to: PlaceRef | undefined, day: string): void {
    this.#touch(vessel.at)
    this.#touch(to)
    if (vessel.at) this.#place(vessel.at).vesselId = undefined
    this.#moveContent(vessel, to, day)
    vessel.at = to && { paletteId: to.paletteId, placeId: to.placeId }
    if (to) this.#place(to).vesselId = vessel.id
  }

  /** Ends the stay where the content lay and begins one where it goes. */
  #moveContent(vessel: Vessel, to: PlaceRef | undefined, day: string): void {
    const { open, at } = vessel
    if (!open) return
    close(vessel, day, { ended: 'moved', wentTo: to ?? 'loose' })
    const kept = { layers: [...open.content.layers], dryFrom: open.content.dryFrom }
    const was = vessel.at
    vessel.at = to
    this.#begin(vessel, kept, day, at ?? 'loose')
    vessel.at = was
  }

  #touch(place: PlaceRef | undefined): void {
    if (!place) return
    this.#place(place)
    this.#touched.push(place)
    this.#read.delete(ownVesselOf(place))
    this.#palettes.delete(place.paletteId)
  }
}

function close(vessel: Vessel, until: string, how: Pick<Stay, 'ended' | 'wentTo'>): void {
  if (vessel.open) Object.assign(vessel.open, { until, ...how })
  vessel.open = undefined
}

const copyOf = ({ layers, dryFrom }: OpenContent) => ({ layers: [...layers], dryFrom })
/** A copy that later events leave alone. */
const frozen = (stay: OpenStay): Stay => ({ ...stay, content: copyOf(stay.content) })
