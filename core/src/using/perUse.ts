import type { SeenUse } from '../ledger/stays'

/** So many times of doubt are put against what was seen (judgement). */
const DOUBT = 12

/** What one painting takes of a colour, ml as poured, and on how many looks at pans that rests. */
export interface LearnedUse {
  millilitres: number
  looks: number
  byPaint: ReadonlyMap<string, number>
}

/**
 * What a painting takes of a colour that is used, by what was found left in pans: the sum of what was gone over the
 * times it was used, drawn to `usual` (ml) while there are few. Of one paint by itself, drawn to all of them.
 */
export function learnedUse(seen: Iterable<SeenUse>, usual: number): LearnedUse {
  let [times, gone, looks] = [0, 0, 0]
  const byPaint = new Map<string, { times: number; gone: number }>()
  for (const one of seen) {
    looks += 1
    times += one.times
    gone += one.millilitres
    const own = byPaint.get(one.paintId) ?? { times: 0, gone: 0 }
    byPaint.set(one.paintId, { times: own.times + one.times, gone: own.gone + one.millilitres })
  }
  const mean = (of: { times: number; gone: number }, prior: number) => (of.gone + DOUBT * prior) / (of.times + DOUBT)
  const whole = mean({ times, gone }, usual)
  return { millilitres: whole, looks, byPaint: new Map([...byPaint].map(([id, own]) => [id, mean(own, whole)])) }
}

/** What a painting takes of one paint, ml. */
export const takenOf = ({ millilitres, byPaint }: LearnedUse, paintId: string): number =>
  byPaint.get(paintId) ?? millilitres
