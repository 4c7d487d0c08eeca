import { pixelsOf } from './pixelsOf'
import { workAs } from './workAs'

/**
 * Runs core's jobs over a mirror of the collection. Solving linear models and reading pictures block while they work:
 * they have workers of their own, started from this same file, so that each part of core lies on a device once.
 */
workAs({
  solve: async (model, options) => (await import('./solver')).solve(model, options),
  pixelsOf,
})
