import { planAt } from '../documents/plan'
import type { Palette } from '../documents/palette'
import { mainPaintOf, type PaletteState } from '../ledger/stays'

/** How a palette's plan and what lies in its places agree; places in the holder's order. */
export interface PlanAgainstPans {
  /** Planned, and nothing lies there. */
  toFill: { placeId: string; planned: string }[]
  /** Planned, and the place has no pan. */
  out: { placeId: string; planned: string }[]
  /** Planned, and another paint lies there. */
  other: { placeId: string; planned: string; lies: string }[]
  /** Something lies there, and nothing is planned. */
  unplanned: { placeId: string; lies: string }[]
}

/** Whether the pan of a place was taken out, so that nothing can be filled there. */
export function isOut(state: PaletteState, placeId: string): boolean {
  const here = state.get(placeId)
  return here !== undefined && here.vesselId === undefined
}

/** The one comparison of plan and pans: whoever speaks of both speaks from it. */
export function planAgainstPans(palette: Pick<Palette, 'plan' | 'holder'>, state: PaletteState): PlanAgainstPans {
  const found: PlanAgainstPans = { toFill: [], out: [], other: [], unplanned: [] }
  for (const { id: placeId } of palette.holder.places) {
    const planned = planAt(palette, placeId)?.paintId
    const content = state.get(placeId)?.content
    const lies = content && mainPaintOf(content)
    if (planned && isOut(state, placeId)) found.out.push({ placeId, planned })
    else if (planned && !lies) found.toFill.push({ placeId, planned })
    else if (planned && lies && lies !== planned) found.other.push({ placeId, planned, lies })
    else if (!planned && lies) found.unplanned.push({ placeId, lies })
  }
  return found
}
