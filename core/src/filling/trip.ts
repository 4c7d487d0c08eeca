import type { PanSize } from '../documents/pan'
import type { Whereabouts } from '../documents/journal/whereabouts'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { mainPaintOf, type PaletteState, type VesselState } from '../ledger/stays'

/** A pan that lies in no palette. */
export interface LoosePan {
  vesselId: string
  size: PanSize
  /** The paint there is most of in it; undefined while it is empty. */
  paintId?: string
  /** The day on which what is in it should be dry, while it is wet. */
  wetUntil?: string
}
export interface PansForTrip {
  puts: { vesselId: string; placeId: string; paintId: string; wetUntil?: string }[]
  /** Planned places whose paint lies neither there nor in a loose pan of their size. */
  missing: { placeId: string; paintId: string }[]
}

/** Which loose pans go into which places so that a palette of pans holds what is planned. What lies right stays. */
export function pansForTrip(palette: Palette, state: PaletteState, loose: readonly LoosePan[]): PansForTrip {
  const left = [...loose]
  const found: PansForTrip = { puts: [], missing: [] }
  for (const { id: placeId, container } of palette.holder.places) {
    const paintId = planAt(palette, placeId)?.paintId
    if (container === 'well' || paintId === undefined) continue
    const lying = state.get(placeId)?.content
    if (lying && mainPaintOf(lying) === paintId) continue
    const fits = (pan: LoosePan) => pan.paintId === paintId && pan.size === container
    // a dry pan before one that is wet
    const dry = left.findIndex((pan) => fits(pan) && !pan.wetUntil)
    const at = dry < 0 ? left.findIndex(fits) : dry
    const pan = at < 0 ? undefined : left.splice(at, 1)[0]!
    if (!pan) found.missing.push({ placeId, paintId })
    else
      found.puts.push({ vesselId: pan.vesselId, placeId, paintId, ...(pan.wetUntil ? { wetUntil: pan.wetUntil } : {}) })
  }
  return found
}

/** Pans that were taken from among the loose ones on the last day of taking, by where they lay before. */
export interface TakenForTrip {
  day: string
  back: { where: Whereabouts; vesselIds: string[] }[]
}

/**
 * What was taken for the present trip: the pans that came into a palette from among the loose ones on the last day on which
 * any did. Where nobody said where one lay, it goes back to the master set. Nothing else is touched: not the pans that
 * belong to the box, nor those that came in long before.
 */
export function takenForTrip(
  palette: Pick<Palette, 'holder'>,
  state: PaletteState,
  vesselOf: (vesselId: string) => VesselState,
): TakenForTrip | undefined {
  const taken = palette.holder.places.flatMap(({ id }) => {
    const vesselId = state.get(id)?.vesselId
    const came = vesselId === undefined ? undefined : vesselOf(vesselId).taken
    return came ? [{ vesselId: vesselId!, ...came }] : []
  })
  const day = taken
    .map((t) => t.day)
    .sort()
    .at(-1)
  if (day === undefined) return undefined
  const back = new Map<string, TakenForTrip['back'][number]>()
  for (const { vesselId, where } of taken.filter((t) => t.day === day)) {
    const { kind, words }: Whereabouts = where ?? { kind: 'master set' }
    const key = `${kind} ${words ?? ''}`
    const there = back.get(key) ?? { where: { kind, ...(words ? { words } : {}) }, vesselIds: [] }
    there.vesselIds.push(vesselId)
    back.set(key, there)
  }
  return { day, back: [...back.values()] }
}
