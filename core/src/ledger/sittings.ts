import type { SittingEvent } from '../documents/journal/event'
import { byTime, type Effective } from './effectiveJournal'

/** A painting as it stands after all corrections. */
export type Sitting = Effective & { event: SittingEvent }

const isSitting = (effective: Effective | null): effective is Sitting => effective?.event.kind === 'sitting'
const NONE: readonly Sitting[] = []

/** The paintings by the palette they were painted from, kept up entry by entry. */
export class Sittings {
  readonly #byPalette = new Map<string, Map<string, Sitting>>()
  /** As they were last read, in order of time; gone when one of the palette changes. */
  readonly #read = new Map<string, readonly Sitting[]>()

  /** Takes one out and another in; returns the palettes of which something changed. */
  change(before: Effective | null, after: Effective | null): string[] {
    const touched: string[] = []
    if (isSitting(before)) {
      this.#byPalette.get(before.event.paletteId)?.delete(before.entryId)
      touched.push(before.event.paletteId)
    }
    if (isSitting(after)) {
      const { paletteId } = after.event
      const list = this.#byPalette.get(paletteId) ?? new Map<string, Sitting>()
      list.set(after.entryId, after)
      this.#byPalette.set(paletteId, list)
      touched.push(paletteId)
    }
    for (const id of touched) this.#read.delete(id)
    return touched
  }

  /** The paintings of a palette in order of time; the same list until one of them changes. */
  of(paletteId: string): readonly Sitting[] {
    const known = this.#read.get(paletteId)
    if (known) return known
    const list = this.#byPalette.get(paletteId)
    if (!list) return NONE
    const sorted = [...list.values()].sort(byTime)
    this.#read.set(paletteId, sorted)
    return sorted
  }

  /** Palettes from which anything was painted, also those that are gone. */
  palettes(): string[] {
    return [...this.#byPalette].flatMap(([id, list]) => (list.size ? [id] : []))
  }
}
