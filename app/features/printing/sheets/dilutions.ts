import { layDilutions } from '@juxtachrome/core/charts'
import { drawn, sheet } from './sheet'

export const dilutions = sheet({
  id: 'dilutions',
  of: 'paints',
  label: 'Dilution scales',
  says: 'From masstone to the thinnest wash, a row each.',
  numbers: () => ['box'],
  lay: (subject, tools) => layDilutions({ ...drawn(subject, tools), box: subject.options.box }, tools.room),
})
