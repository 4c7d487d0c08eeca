import type { Problem } from '@juxtachrome/core/result'

/**
 * How keeping stands, and what is in its way:
 * `opening` nothing was read yet · `saved` all that was done is on disk · `saving` some of it is on its way ·
 * `failed` it could not be written and is tried again when asked · `stopped` this window writes no more.
 */
export type Saving = 'opening' | 'saved' | 'saving' | 'failed' | 'stopped'

export interface Keeping {
  name: Saving
  problem?: Problem
}

/** What happens to it. */
export type Happening =
  | { is: 'began' | 'writing' | 'wroteAll' }
  | { is: 'refused' | 'stopped'; problem: Problem }
  /** The database was closed under us: by the browser, or for good. */
  | { is: 'closed'; problem: Problem }

export const OPENING: Keeping = { name: 'opening' }

/** What comes next. A window that stopped stays so; what went wrong stays said until all is written. */
export function next(now: Keeping, happening: Happening): Keeping {
  if (now.name === 'stopped') return now
  switch (happening.is) {
    case 'began':
    case 'wroteAll':
      return { name: 'saved' }
    case 'writing':
      return now.name === 'opening' ? now : { ...now, name: 'saving' }
    case 'refused':
      return { name: 'failed', problem: happening.problem }
    case 'closed':
      // one that the browser closed of itself is opened again by trying again; any other end is final
      return { name: happening.problem.code === 'closed' ? 'failed' : 'stopped', problem: happening.problem }
    case 'stopped':
      return { name: 'stopped', problem: happening.problem }
  }
}

/** The database has to be opened again before anything is written. */
export const mustReopen = ({ problem }: Keeping): boolean => problem?.code === 'closed'
