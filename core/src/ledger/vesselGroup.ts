import { kindOfEvent, type Event } from '../documents/journal/event'
import { homeOf, isPlace, type PlaceRef, type VesselRef } from '../documents/journal/vessel'
import type { Effective } from './effectiveJournal'
import { changeTimeline } from './timeline'
import { Vessels } from './vessels'

/** Palettes and loose pans whose histories touch, and so are folded together. */
export class VesselGroup {
  readonly keys = new Set<string>()
  #events: Effective[] = []
  #fold = new Vessels()
  #at = new Map<string, readonly PlaceRef[]>()
  /** All palettes that its events touched. */
  #palettes = new Set<string>()

  get fold(): Vessels {
    return this.#fold
  }
  get events(): readonly Effective[] {
    return this.#events
  }
  placesOf(entryId: string): readonly PlaceRef[] {
    return this.#at.get(entryId) ?? []
  }

  /** Takes events out and in; returns the palettes of which something changed. */
  change(withdrawn: ReadonlySet<string>, added: readonly Effective[]): Set<string> {
    const { from, events } = changeTimeline(this.#events, withdrawn, added)
    this.#events = events
    if (from === 'end') return this.#apply(events.slice(events.length - added.length))
    const before = this.#palettes
    this.#fold = new Vessels()
    this.#at = new Map()
    this.#palettes = new Set()
    this.#apply(events)
    return new Set([...before, ...this.#palettes])
  }

  #apply(events: readonly Effective[]): Set<string> {
    const palettes = new Set<string>()
    for (const { entryId, event } of events) {
      kindOfEvent(event).foldVessels?.(event, this.#fold, entryId)
      const at = this.#fold.takeTouched()
      this.#at.set(entryId, at)
      for (const { paletteId } of at) palettes.add(paletteId)
    }
    for (const paletteId of palettes) this.#palettes.add(paletteId)
    return palettes
  }
}

/** What an event ties together: palettes by their id, loose pans by theirs. */
export const keysOf = (event: Event): string[] => (kindOfEvent(event).names?.(event) ?? []).map(keyOf)
const keyOf = (ref: VesselRef): string => (isPlace(ref) ? paletteKey(ref.paletteId) : vesselKey(ref.vesselId))
export const paletteKey = (paletteId: string) => `palette ${paletteId}`
export function vesselKey(vesselId: string): string {
  const home = homeOf(vesselId)
  return home ? paletteKey(home.paletteId) : `pan ${vesselId}`
}
