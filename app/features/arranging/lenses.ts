import type { ArrangementExplained } from '@juxtachrome/core/arranging'
import { counted } from '@juxtachrome/core/units'
import type { Lens, LensCell } from '~/shared/tray/lens'

/** What is drawn over the tray while it is arranged. */
export const ARRANGE_LENSES: readonly Lens<ArrangementExplained>[] = [
  { id: 'paint', label: 'Paint' },
  {
    id: 'clean',
    label: 'What gets dirty',
    seen: (_paint, placeId, explained) => dirtAt(explained, placeId),
    says: ({ risks }) => {
      const places = new Set(risks.map((r) => r.placeId)).size
      return places
        ? `${counted(places, 'yellow or white', 'yellows and whites')} beside what dirties them: the fuller the bar, the worse.`
        : 'No yellow or white lies beside what dirties it.'
    },
  },
  {
    id: 'wheel',
    label: 'Order of the wheel',
    lines: ({ lines }) => lines.wheel.map(([from, to]) => ({ from, to, isWhole: true })),
    says: ({ lines }) =>
      lines.wheel.length
        ? 'From hue to hue: the less the line crosses the tray, the better.'
        : 'Too few colours for a wheel.',
  },
  {
    id: 'complements',
    label: 'Complements',
    lines: ({ lines }) => lines.complements.map(({ places: [from, to], facing }) => ({ from, to, isWhole: facing })),
    says: ({ lines }) => {
      const facing = lines.complements.filter((c) => c.facing).length
      return lines.complements.length
        ? `${facing} of ${counted(lines.complements.length, 'pair')} of complements face each other; broken lines lie elsewhere.`
        : 'Nothing here greys another.'
    },
  },
  {
    id: 'partners',
    label: 'Partners',
    lines: ({ lines }) => lines.partners.map(([from, to]) => ({ from, to, isWhole: true })),
    says: ({ lines }) =>
      lines.partners.length
        ? `${counted(lines.partners.length, 'pair')} mixed in your recipes: the shorter the lines, the better.`
        : 'No recipe of yours mixes two of these.',
  },
]

/** How much a yellow or white at a place gets dirty, as a bar. */
function dirtAt(explained: ArrangementExplained, placeId: string): LensCell | undefined {
  const worst = explained.risks.filter((r) => r.placeId === placeId).sort((p, q) => q.risk - p.risk)[0]
  return worst ? { words: 'gets dirty', bar: worst.risk } : undefined
}
