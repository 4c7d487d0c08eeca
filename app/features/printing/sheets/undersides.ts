import { layUndersides } from '@juxtachrome/core/charts'
import { sheet } from './sheet'

export const undersides = sheet({
  id: 'undersides',
  of: 'paints',
  label: 'Undersides of pans',
  says: 'A label for each, to be stuck below its pan.',
  numbers: () => ['labelWidth', 'labelHeight'],
  isLabel: true,
  lay: ({ options, paints }, { room, measure }) =>
    layUndersides({ measure, paints, width: options.labelWidth, height: options.labelHeight }, room),
})
