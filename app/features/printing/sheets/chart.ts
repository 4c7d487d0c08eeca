import { layChart } from '@juxtachrome/core/charts'
import { drawn, sheet } from './sheet'

export const chart = sheet({
  id: 'chart',
  of: 'paints',
  label: 'Mixing chart',
  says: 'Every paint with every other, and the same again thin.',
  numbers: () => ['box', 'water', 'tintWater'],
  ticks: ['oneSheet'],
  lay: (subject, tools) => {
    const { box, water, tintWater, oneSheet: onOne } = subject.options
    return layChart({ ...drawn(subject, tools), box, water, tintWater, onOne }, tools.room)
  },
})
