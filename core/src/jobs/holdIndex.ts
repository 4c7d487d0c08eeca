import { keyOfIndex, joinParts, type IndexPart } from '../reach/mixtureIndex'
import { holdIndex } from '../reach/heldIndexes'
import { fail, ok } from '../result'
import { atOnce, job } from './job'

/** Gives the live worker an index, in its parts; answers with the key under which it is held. */
export const holdIndexJob = job<{ parts: IndexPart[] }, never, string>({
  lane: 'live',
  run: atOnce(({ parts }) => {
    const [key, ...others] = parts.map((part) => keyOfIndex(part.index))
    if (key === undefined || others.some((other) => other !== key))
      return fail('stale-parts', 'The collection changed while this was worked out.')
    const index = joinParts(parts)
    holdIndex(key, index)
    return ok(key)
  }),
})
