import { paintsJudged } from '../collection/lists'
import { type Identification, identifyPaint, type Observed } from '../standins/identifyPaint'
import { atOnce, job } from './job'

/** Which paint a pan without a label may hold. */
export const identifyPaintJob = job<{ observed: Observed; without?: string }, never, Identification>({
  lane: 'live',
  run: atOnce(({ observed, without }, reading) =>
    identifyPaint({ observed, owned: paintsJudged(reading), ...(without ? { without } : {}) }),
  ),
})
