import { addOne, type AddedOne } from '../arranging/addOne'
import { paintJudged } from '../collection/lists'
import { fail } from '../result'
import { type ArrangeRequest, arrangeQuestionOf, asArranged } from './arrangePalette'
import { atOnce, job } from './job'

/** Where one more paint fits into a palette, and what it could take the place of. Errors: `no-such-palette`, `no-such-paint`, and those of `addOne`. */
export const addOneJob = job<ArrangeRequest & { paintId: string }, never, AddedOne>({
  lane: 'live',
  run: atOnce(({ paletteId, paintId, ...request }, reading) => {
    const palette = asArranged(reading, paletteId)
    if (!palette) return fail('no-such-palette', 'This palette is no longer here.', paletteId)
    const adding = paintJudged(reading, paintId)
    if (!adding) return fail('no-such-paint', 'This paint is no longer here.', paintId)
    return addOne({ ...arrangeQuestionOf(palette, request, reading, paintId), adding })
  }),
})
