import type { CallWants, GuideCall } from '../../documents/guide'

/** What a way may look at before it makes its calls. */
export interface MethodContext {
  /** Places of the palette. */
  places: number
}

/** A way of choosing: calls, one after the other, each for so many paints of a kind. */
export interface Method {
  id: string
  name: string
  /** What it is good for and what it costs, a sentence or two each. */
  goodFor: string
  costs: string
  calls(context: MethodContext): GuideCall[]
}

/** The most paints that one call may ask for. */
export const MOST_CALLED = 60

/** A call by its words; ids are theirs within one guide. */
export const call = (id: string, words: string, quota: number, ...wants: CallWants[]): GuideCall => ({
  id,
  words,
  quota,
  wants,
})

/** What an unbounded number of calls comes down to in a palette with so many places: the first of them. */
export function withinPlaces(calls: readonly GuideCall[], places: number): GuideCall[] {
  let left = places
  return calls.flatMap((one) => {
    const quota = Math.min(one.quota, left)
    left -= quota
    return quota > 0 ? [{ ...one, quota }] : []
  })
}
