import { layCards } from '@juxtachrome/core/charts'
import { drawn, sheet } from './sheet'

/** Across a hole that a ring goes through, mm. */
const HOLE = 5

export const cards = sheet({
  id: 'cards',
  of: 'paints',
  label: 'Swatch cards',
  says: 'A card for each paint, to cut out, shuffle and punch.',
  numbers: () => ['cardWidth', 'cardHeight'],
  ticks: ['punch', 'window'],
  lay: (subject, tools) => {
    const { cardWidth: width, cardHeight: height, punch, window } = subject.options
    return layCards({ ...drawn(subject, tools), width, height, punch: punch ? HOLE : 0, window }, tools.room)
  },
})
