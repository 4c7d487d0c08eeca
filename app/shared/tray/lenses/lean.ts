import { familyInWords, viewOfPaint } from '@juxtachrome/core/paints'
import type { Lens } from '../lens'

export const lean: Lens<unknown> = {
  id: 'lean',
  label: 'Lean',
  seen: (paint) => {
    const view = viewOfPaint(paint)
    return { words: view.family ? familyInWords(view) : 'not known' }
  },
}
