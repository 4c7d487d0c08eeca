import type { Level, Review } from '@juxtachrome/core/using'
import { counted } from '@juxtachrome/core/units'
import { atMost, figure, percent } from '~/shared/words/figures'
import type { Lens } from '~/shared/tray/lens'

/** What the tray is seen by while it is logged and reviewed. */
export interface UseSeen {
  touched: ReadonlyMap<string, 'some' | 'a lot'>
  review: Review
  levels: readonly Level[]
  /** What a painting takes of a colour, ml, and how many looks that is learned from. */
  taken: { millilitres: number; looks: number }
}

/** Tapped places are what was used in the painting that is being logged. */
export const LOG = 'log'
export const USE_LENSES: readonly Lens<UseSeen>[] = [
  {
    id: LOG,
    label: 'What was used',
    seen: (_paint, placeId, { touched }) => {
      const how = touched.get(placeId)
      return how && { words: how === 'some' ? 'used' : 'used a lot', tag: how === 'some' ? 'used' : 'a lot' }
    },
    says: ({ touched }) =>
      touched.size
        ? `${counted(touched.size, 'colour')} used. Tap once more for a lot, a third time for none.`
        : 'Tap the colours that were used; twice for a lot.',
  },
  {
    id: 'pulled',
    label: 'How often',
    seen: (_paint, placeId, { review }) => {
      const own = review.paints.find((p) => p.placeIds.includes(placeId))
      return own && { words: own.of ? `${own.times} of ${own.of}` : 'not yet', bar: own.of ? own.times / own.of : 0 }
    },
    says: () => 'Of the paintings since each came in.',
  },
  {
    id: 'left',
    label: 'What is left',
    seen: (_paint, placeId, { levels }) => {
      const own = levels.find((l) => l.placeId === placeId)
      return own && { words: `${own.isEstimate ? '≈ ' : ''}${percent(own.share)}`, bar: own.share }
    },
    says: ({ taken: { millilitres, looks } }) =>
      looks
        ? `One painting takes about ${figure(millilitres, 3)} ml of a colour: by ${counted(looks, 'look')} at pans.`
        : `One painting is taken to use ${atMost(millilitres, 3)} ml of a colour, until you look how much is left.`,
  },
]
