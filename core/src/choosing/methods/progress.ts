import type { GuideCall, GuideState } from '../../documents/guide'
import type { Paint } from '../../documents/paint'
import { chromaOf, compareText, viewOfPaint } from '../../paints/view'
import { answersCall } from './rank'

/** Where a call of a method stands. */
export interface CallProgress {
  call: GuideCall
  /** Paints taken for it that are still in the palette. */
  took: string[]
  passed: string[]
  left: boolean
  isDone: boolean
}

/**
 * How far a method is gone through. Paints that left the palette or the collection meanwhile count no more; those that came
 * in otherwise, before or beside the method, answer the first open call that asks for them in so many words.
 */
export function callsOfGuide({ calls, said }: GuideState, planned: readonly Paint[]): CallProgress[] {
  const there = new Set(planned.map((p) => p.id))
  const own = (callId: string) => said.find((s) => s.call === callId)
  const taken = new Set(said.flatMap((s) => s.took ?? []))
  // of several that answer the one that shows the colour most
  const byChroma = planned
    .map(viewOfPaint)
    .sort((p, q) => chromaOf(q) - chromaOf(p) || compareText(p.paint.id, q.paint.id))
    .map((v) => v.paint)
  const others = new Set(byChroma.filter((p) => !taken.has(p.id)))
  return calls.map((call) => {
    const took = (own(call.id)?.took ?? []).filter((id) => there.has(id))
    for (const paint of others) {
      if (took.length >= call.quota || call.wants.length === 0) break
      if (!answersCall(call, paint)) continue
      took.push(paint.id)
      others.delete(paint)
    }
    const left = own(call.id)?.left ?? false
    return { call, took, passed: own(call.id)?.passed ?? [], left, isDone: left || took.length >= call.quota }
  })
}

type Said = GuideState['said'][number]
/** A guide with something else said to one of its calls. */
export function saying(guide: GuideState, callId: string, change: (said: Said) => Said): GuideState {
  const before = guide.said.find((s) => s.call === callId) ?? { call: callId }
  const after = change(before)
  const others = guide.said.filter((s) => s.call !== callId)
  return { ...guide, said: [...others, after] }
}

const withId = (list: readonly string[] | undefined, id: string) => [
  ...(list ?? []).filter((other) => other !== id),
  id,
]
const without = (list: readonly string[] | undefined, id: string) => (list ?? []).filter((other) => other !== id)

export const taking = (guide: GuideState, callId: string, paintId: string): GuideState =>
  saying(guide, callId, (s) => ({ ...s, took: withId(s.took, paintId), passed: without(s.passed, paintId) }))
export const passing = (guide: GuideState, callId: string, paintId: string): GuideState =>
  saying(guide, callId, (s) => ({ ...s, passed: withId(s.passed, paintId) }))
export const unpassing = (guide: GuideState, callId: string, paintId: string): GuideState =>
  saying(guide, callId, (s) => ({ ...s, passed: without(s.passed, paintId) }))
export const leavingOpen = (guide: GuideState, callId: string, left: boolean): GuideState =>
  saying(guide, callId, (s) => ({ ...s, left }))
