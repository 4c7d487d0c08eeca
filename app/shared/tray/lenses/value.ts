import { viewOfPaint } from '@juxtachrome/core/paints'
import { type Lens, UNKNOWN } from '../lens'
import { figure } from '~/shared/words/figures'

export const value: Lens<unknown> = {
  id: 'value',
  label: 'Value',
  seen: (paint) => {
    const { masstone } = viewOfPaint(paint)
    return masstone ? { words: `L* ${figure(masstone.L)}`, grey: masstone.L } : UNKNOWN
  },
}
