import fc from 'fast-check'
import { freezing } from '../../core/src/collection/freezing'

// whoever changes a document in place fails at once
freezing.on = true

/**
 * Where CI decides, properties run on fixed seeds, so that a run says something about the change and not about
 * the day. `npm run test:long` sets them free and tries ten times as many; a seed that fails is printed.
 */
const free = process.env.JX_FREE_SEEDS === '1'
const runs = Number(process.env.JX_RUNS ?? 1)

fc.configureGlobal({
  ...(free ? {} : { seed: 20_261_126 }),
  ...(runs > 1 ? { numRuns: 100 * runs } : {}),
})
