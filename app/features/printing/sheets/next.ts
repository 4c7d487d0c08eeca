import { layNext } from '@juxtachrome/core/charts'
import { drawn, sheet } from './sheet'

export const next = sheet({
  id: 'next',
  of: 'paints',
  label: 'What to paint next',
  says: 'The swatches, tints and mixtures that would tell most about these paints, on one card. Photographed and read here, they make predictions nearer.',
  numbers: () => ['box'],
  asks: ['next'],
  lay: (subject, tools) => {
    const nameOf = (id: string) => subject.nameOf?.(id) ?? ''
    return layNext(
      { ...drawn(subject, tools), box: subject.options.box, boxes: subject.next ?? [], nameOf },
      tools.room,
    )
  },
})
