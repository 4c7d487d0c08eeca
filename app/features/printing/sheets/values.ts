import { layValues } from '@juxtachrome/core/charts'
import { drawn, sheet } from './sheet'

export const values = sheet({
  id: 'values',
  of: 'paints',
  label: 'Value scales',
  says: 'Paint each box as light as the grey printed above it.',
  numbers: () => ['box'],
  lay: (subject, tools) => layValues({ ...drawn(subject, tools), box: subject.options.box }, tools.room),
})
