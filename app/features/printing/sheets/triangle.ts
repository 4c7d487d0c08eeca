import { layTriangle } from '@juxtachrome/core/charts'
import { drawn, one, sheet } from './sheet'

export const triangle = sheet({
  id: 'triangle',
  of: 'three',
  label: 'Triangle of three',
  says: 'Every mixture of three paints in six parts.',
  numbers: () => ['water', 'across'],
  lay: (subject, tools) => {
    const { across, water } = subject.options
    return one(layTriangle({ ...drawn(subject, tools), size: Math.min(across, tools.room.width), water }))
  },
})
