import type { ArrangementExplained } from '@juxtachrome/core/arranging'
import { counted } from '@juxtachrome/core/units'
import type { LensCell } from './useLens'

/** What is drawn over the tray while it is arranged. */
export const ARRANGE_LENSES = [
  { id: 'paint', label: 'Paint' },
  { id: 'clean', label: 'What gets dirty' },
  { id: 'wheel', label: 'Order of the wheel' },
  { id: 'complements', label: 'Complements' },
  { id: 'partners', label: 'Partners' },
] as const
export type ArrangeLens = (typeof ARRANGE_LENSES)[number]['id']

export interface OverLine {
  from: string
  to: string
  /** Drawn through, or broken where it is not as it should be. */
  isWhole: boolean
}

/** Lines over the tray through a lens. */
export function linesThrough(lens: ArrangeLens, { lines }: ArrangementExplained): OverLine[] {
  if (lens === 'wheel') return lines.wheel.map(([from, to]) => ({ from, to, isWhole: true }))
  if (lens === 'partners') return lines.partners.map(([from, to]) => ({ from, to, isWhole: true }))
  if (lens !== 'complements') return []
  return lines.complements.map(({ places: [from, to], facing }) => ({ from, to, isWhole: facing }))
}

/** What a lens says in a sentence. */
export function lensInWords(lens: ArrangeLens, { lines, risks }: ArrangementExplained): string {
  if (lens === 'wheel')
    return lines.wheel.length
      ? 'From hue to hue: the less the line crosses the tray, the better.'
      : 'Too few colours for a wheel.'
  if (lens === 'complements') {
    const facing = lines.complements.filter((c) => c.facing).length
    return lines.complements.length
      ? `${facing} of ${counted(lines.complements.length, 'pair')} of complements face each other; broken lines lie elsewhere.`
      : 'Nothing here greys another.'
  }
  if (lens === 'partners')
    return lines.partners.length
      ? `${counted(lines.partners.length, 'pair')} mixed in your recipes: the shorter the lines, the better.`
      : 'No recipe of yours mixes two of these.'
  if (lens === 'clean') {
    const places = new Set(risks.map((r) => r.placeId)).size
    return places
      ? `${counted(places, 'yellow or white', 'yellows and whites')} beside what dirties them: the fuller the bar, the worse.`
      : 'No yellow or white lies beside what dirties it.'
  }
  return ''
}

/** How much a yellow or white at a place gets dirty, as a bar. */
export function dirtAt(explained: ArrangementExplained, placeId: string): LensCell | undefined {
  const worst = explained.risks.filter((r) => r.placeId === placeId).sort((p, q) => q.risk - p.risk)[0]
  return worst ? { words: 'gets dirty', bar: worst.risk } : undefined
}
