import type { PanSize } from '../documents/pan'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { mainPaintOf, type PaletteState } from '../ledger/stays'

/** A pan that lies in no palette. */
export interface LoosePan {
  vesselId: string
  size: PanSize
  /** The paint there is most of in it; undefined while it is empty. */
  paintId?: string
}
export interface PansForTrip {
  puts: { vesselId: string; placeId: string; paintId: string }[]
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
    const at = left.findIndex((pan) => pan.paintId === paintId && pan.size === container)
    if (at < 0) found.missing.push({ placeId, paintId })
    else found.puts.push({ vesselId: left.splice(at, 1)[0]!.vesselId, placeId, paintId })
  }
  return found
}

/** The pans that lie in a palette's places with paint in them, by their places. */
export function pansIn(palette: Palette, state: PaletteState): { placeId: string; vesselId: string }[] {
  return palette.holder.places.flatMap(({ id, container }) => {
    const here = state.get(id)
    return container !== 'well' && here?.content && here.vesselId !== undefined
      ? [{ placeId: id, vesselId: here.vesselId }]
      : []
  })
}
