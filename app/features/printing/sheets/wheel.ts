import { layWheel } from '@juxtachrome/core/charts'
import { drawn, one, sheet } from './sheet'

export const wheel = sheet({
  id: 'wheel',
  of: 'three',
  label: 'Colour wheel',
  says: 'Three paints, and what is mixed between them, with the parts.',
  numbers: () => ['water', 'across'],
  asks: ['steps'],
  lay: (subject, tools) => {
    const { across, water, steps } = subject.options
    return one(layWheel({ ...drawn(subject, tools), size: Math.min(across, tools.room.width), water, steps }))
  },
})
