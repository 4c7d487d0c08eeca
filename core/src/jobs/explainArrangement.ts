import { type ArrangementExplained, explainArrangement } from '../arranging/explainArrangement'
import type { Palette } from '../documents/palette'
import { fail, ok } from '../result'
import { type ArrangeRequest, arrangeQuestionOf, asArranged } from './arrangePalette'
import { atOnce, job } from './job'

/** What there is to say of a palette as it lies, or as a proposal would lay it. */
export const explainArrangementJob = job<ArrangeRequest & { plan?: Palette['plan'] }, never, ArrangementExplained>({
  lane: 'live',
  run: atOnce(({ paletteId, plan, ...request }, reading) => {
    const palette = asArranged(reading, paletteId)
    if (!palette) return fail('no-such-palette', 'This palette is no longer here.', paletteId)
    const question = arrangeQuestionOf(plan ? { ...palette, plan } : palette, request, reading)
    return ok(explainArrangement(question))
  }),
})
