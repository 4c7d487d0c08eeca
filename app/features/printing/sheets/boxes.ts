import { layBoxLabels } from '@juxtachrome/core/charts'
import { sheet } from './sheet'

export const boxes = sheet({
  id: 'boxes',
  of: 'paints',
  label: 'Labels for boxes of tubes',
  says: 'A label for each family, with what lies in it.',
  numbers: () => ['labelWidth', 'labelHeight'],
  isLabel: true,
  lay: ({ options, paints }, { room, measure }) =>
    layBoxLabels({ measure, paints, width: options.labelWidth, height: options.labelHeight }, room),
})
