import { paintJudged, paintsJudged } from '../collection/lists'
import type { Paint, Swatch } from '../documents/paint'
import { cachedOptics } from '../film/cachedOptics'
import { observationsIn } from '../mixing/observations'
import { paintNext, type NextAnswer, type NextPaint } from '../mixing/paintNext'
import { asItMixes, strengthsIn } from '../mixing/strengths'
import { fail, ok } from '../result'
import { job } from './job'

export interface PaintNextRequest {
  /** Of which paints the errors are to be narrowed: a palette's, or others. */
  paintIds: readonly string[]
}

/** Above this the pairs are more than anybody paints, and the question would take minutes. */
const MOST_PAINTS = 64

/** What to paint out next so that predictions of some paints and of their mixtures are nearest. Errors: `too-many`, `nothing-known`. */
export const paintNextJob = job<PaintNextRequest, { done: number; of: number }, NextAnswer>({
  lane: 'live',
  *run({ paintIds }, reading) {
    if (paintIds.length > MOST_PAINTS) return fail('too-many', `Choose up to ${MOST_PAINTS} paints.`)
    const strengths = strengthsIn(reading)
    const asNext = (paint: Paint): NextPaint[] => {
      const optics = cachedOptics(paint)
      if (!optics.ok) return []
      const { masstone, wash, tint } = paint
      const seen = { masstone: isSeen(masstone), wash: isSeen(wash), tint: isSeen(tint) }
      return [{ id: paint.id, optics: asItMixes(optics.value, strengths, paint.id), seen }]
    }
    const paints = [...new Set(paintIds)].flatMap((id) => {
      const paint = paintJudged(reading, id)
      return paint ? asNext(paint) : []
    })
    if (paints.length === 0) return fail('nothing-known', 'Of none of these paints is a colour known.')
    const white = paintsJudged(reading)
      .filter((p) => p.pigments.length === 1 && p.pigments[0] === 'PW6')
      .flatMap(asNext)[0]
    const noted = observationsIn(reading).flatMap(({ paints: own }) =>
      own.length === 2 ? [[own[0]!.id, own[1]!.id] as const] : [],
    )
    return ok(yield* paintNext({ paints, noted, ...(white ? { white } : {}) }))
  },
})

/** What was made up, or is only remembered, is worth painting out. */
const isSeen = (swatch: Swatch | undefined) => Boolean(swatch && !swatch.simulated && swatch.source !== 'memory')
