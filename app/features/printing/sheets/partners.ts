import { layPartners } from '@juxtachrome/core/charts'
import { sheet } from './sheet'

export const partners = sheet({
  id: 'partners',
  of: 'paints',
  label: 'Fixed partners',
  says: 'A card for each paint, each against the same partners in the same places: laid on each other they compare.',
  numbers: () => ['box', 'water'],
  asks: ['partners'],
  isRanked: true,
  lay: ({ options, paints, partners }, { room, measure, tones }) => {
    const { colouring, box, water } = options
    return layPartners({ subjects: paints, partners, measure, tones, colouring, box, water }, room)
  },
})
