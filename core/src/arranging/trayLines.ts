import type { ArrangeProblem } from './arrangeProblem'
import { hueOf } from './arrangeWishes'
import { oppositeness } from './gapsOfWheel'

/** Lines that are drawn over a tray: from place to place. */
export interface TrayLines {
  /** From hue to hue round the wheel. */
  wheel: [string, string][]
  /** What greys what, once each; `facing` where they lie across from each other. */
  complements: { places: [string, string]; facing: boolean }[]
  /** What is mixed with each other, by kept recipes. */
  partners: [string, string][]
  /** Empty places that are kept for a hue that is missing between two paints. */
  gaps: { placeId: string; between: [string, string] }[]
}

/** Nearer than this to opposite two hues count as complements here (judgement). */
const OPPOSITE = 0.5
const FACING = 0.3

/** Lines over the plan as it lies. */
export function trayLines({ traits, views, gaps, question }: ArrangeProblem): TrayLines {
  const n = traits.ids.length
  const coloured = views.flatMap((view, at) => {
    const hue = view && hueOf(view)
    return hue === undefined ? [] : [{ hue, at }]
  })
  const ring = [...coloured].sort((p, q) => p.hue - q.hue || p.at - q.at)
  const pair = (p: number, q: number): [string, string] => [traits.ids[p]!, traits.ids[q]!]
  const complements = new Map<string, TrayLines['complements'][number]>()
  for (const one of coloured) {
    const best = coloured.reduce<{ at: number; far: number } | undefined>((known, other) => {
      const far = oppositeness(one.hue, other.hue)
      return far > Math.max(OPPOSITE, known?.far ?? 0) ? { at: other.at, far } : known
    }, undefined)
    if (!best) continue
    const [p, q] = [Math.min(one.at, best.at), Math.max(one.at, best.at)]
    complements.set(`${p} ${q}`, { places: pair(p, q), facing: traits.across[p * n + q]! > FACING })
  }
  const areMixed = question.context?.areMixed
  return {
    wheel: ring.length < 3 ? [] : ring.map(({ at }, i) => pair(at, ring[(i + 1) % ring.length]!.at)),
    complements: [...complements.values()],
    partners: views.flatMap((p, i) =>
      views.flatMap((q, j): [string, string][] =>
        p && q && i < j && areMixed?.(p.paint.id, q.paint.id) ? [pair(i, j)] : [],
      ),
    ),
    gaps: [...gaps].map(([at, { between }]) => ({ placeId: traits.ids[at]!, between })),
  }
}
