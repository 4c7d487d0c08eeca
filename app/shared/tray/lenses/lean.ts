import { leanInWords } from '@juxtachrome/core/colour'
import { viewOfPaint } from '@juxtachrome/core/paints'
import type { Lens } from '../lens'

export const lean: Lens<unknown> = {
  id: 'lean',
  label: 'Lean',
  seen: (paint) => {
    const view = viewOfPaint(paint)
    return { words: view.lean ? leanInWords(view.lean) : (view.family ?? 'not known') }
  },
}
