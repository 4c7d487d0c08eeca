import { layFadeTest } from '@juxtachrome/core/charts'
import { drawn, sheet } from './sheet'

export const fade = sheet({
  id: 'fade',
  of: 'paints',
  label: 'Fade test',
  says: 'One half is covered, the other hangs in the light.',
  numbers: () => ['box'],
  hasDays: true,
  lay: (subject, tools) =>
    layFadeTest({ ...drawn(subject, tools), box: subject.options.box, begin: subject.today }, tools.room),
})
