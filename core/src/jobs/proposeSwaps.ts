import { fail } from '../result'
import { projectUse, type Stretch } from '../using/projectUse'
import type { Proposal } from '../using/proposal'
import { proposeSwaps, type ProposeProgress } from '../using/proposeSwaps'
import { reviewPalette } from '../using/reviewPalette'
import { assessQuestionOf } from './assessQuestion'
import { job } from './job'

export interface ProposeRequest {
  paletteId: string
  stretch?: Stretch
  today: string
}

/** What the use of a palette speaks for. Errors: `no-palette`, and those of `proposeSwaps`. */
export const proposeSwapsJob = job<ProposeRequest, ProposeProgress, Proposal[]>({
  lane: 'live',
  run({ paletteId, stretch, today }, reading) {
    const palette = reading.get('palettes', paletteId)
    if (!palette) return refused()
    const { ledger } = reading
    return proposeSwaps({
      ...assessQuestionOf(reading, palette),
      complete: true,
      review: reviewPalette({
        palette,
        state: ledger.places(paletteId),
        sittings: ledger.sittingsOf(paletteId),
        today,
        ...(stretch ? { stretch } : {}),
      }),
      elsewhere: ledger.whole
        .paintedFrom()
        .filter((id) => id !== paletteId)
        .map((id) => projectUse(ledger.sittingsOf(id), stretch)),
      today,
    })
  },
  news: ({ soFar }) => soFar,
})

// eslint-disable-next-line require-yield
function* refused(): ReturnType<typeof proposeSwaps> {
  return fail('no-palette', 'That palette is gone.')
}
