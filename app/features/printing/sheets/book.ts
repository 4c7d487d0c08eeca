import { layBook } from '@juxtachrome/core/charts'
import { drawn, sheet } from './sheet'

export const book = sheet({
  id: 'book',
  of: 'paints',
  label: 'Swatch book',
  says: 'All of them in the order of the wheel, family by family.',
  numbers: () => ['box'],
  lay: (subject, tools) => layBook({ ...drawn(subject, tools), box: subject.options.box }, tools.room),
})
