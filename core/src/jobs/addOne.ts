import { addOne, type AddedOne } from '../arranging/addOne'
import { fail } from '../result'
import { type ArrangeRequest, arrangeQuestionOf } from './arrangePalette'
import { atOnce, job } from './job'

/** Where one more paint fits into a palette, and what it could take the place of. Errors: `no-such-palette`, `no-such-paint`, and those of `addOne`. */
export const addOneJob = job<ArrangeRequest & { paintId: string }, never, AddedOne>({
  lane: 'live',
  run: atOnce(({ paletteId, paintId, ...request }, reading) => {
    const palette = reading.get('palettes', paletteId)
    if (!palette) return fail('no-such-palette', 'This palette is no longer here.', paletteId)
    const adding = reading.get('paints', paintId)
    if (!adding) return fail('no-such-paint', 'This paint is no longer here.', paintId)
    return addOne({ ...arrangeQuestionOf(palette, request, reading), adding })
  }),
})
