import type { GapKind } from '../choosing/verdict/gapKind'
import type { NeedAnswer } from '../documents/need'

/** Why something is needed. */
export type NeedReason =
  | { kind: 'empty'; times: number }
  | { kind: 'low'; millilitres: number; times: number; usedUpOn?: string }
  | { kind: 'reserved'; paletteId: string; placeId: string; words: string }
  | { kind: 'gap'; paletteId: string; gap: GapKind }
  | { kind: 'stand-in'; paletteId: string; placeId: string; words: string }
  | { kind: 'wished'; times: number; last: string; words: string }
  | { kind: 'own' }

/** Something that may be worth buying, with every reason for it. */
export interface Need {
  /** `paint:ID` of the collection, `code:PB60`, `words:darker brown`. */
  key: string
  paintId?: string
  name: string
  maker?: string
  pigments: readonly string[]
  reasons: NeedReason[]
  /** How much it matters by its reasons, 1..100. */
  weight: number
  /** Items or lines of orders for it that are to come. */
  onOrder: number
  /** On which day something came for it; it is back for a newer reason. */
  came?: string
  /** What is used of it in a year, ml; undefined where nothing is known. */
  perYear?: number
  said?: NeedAnswer['said']
  /** Its answer, where there is one. */
  answer?: NeedAnswer
  /** Whether the same pigments by another maker would do. */
  anyMaker: boolean
}

/** How much a reason matters, 1..100 (judgement): what is used and gone before what is missing, before what is dreamt of. */
export function weightOf(reason: NeedReason): number {
  switch (reason.kind) {
    case 'empty':
      return 70 + Math.min(20, reason.times)
    case 'low':
      return 50 + Math.min(20, reason.times)
    case 'reserved':
      return 40
    case 'gap':
      return 36
    case 'stand-in':
      return 30
    case 'wished':
      return 20 + Math.min(30, 8 * reason.times)
    case 'own':
      return 45
  }
}
/** The loudest reason, and a little for every other. */
export const weightOfAll = (reasons: readonly NeedReason[]): number =>
  Math.min(100, Math.max(1, ...reasons.map(weightOf)) + 5 * Math.max(0, reasons.length - 1))

/** Where a need stands on its way. What was served is gathered no more until there is a new reason. */
export const NEED_STATES = ['wanted', 'planned', 'ordered', 'wanted again', 'put off', 'refused'] as const
export type NeedState = (typeof NEED_STATES)[number]

/**
 * Where a need stands: gathered and accepted ones alike. What was said of it counts first, then what is under way.
 *
 * @param planned keys of the needs that the present plan of purchases serves.
 */
export function needState(
  { key, said, onOrder, came }: Pick<Need, 'key' | 'said' | 'onOrder' | 'came'>,
  planned: ReadonlySet<string>,
): NeedState {
  if (said === 'refused') return 'refused'
  if (said === 'later') return 'put off'
  if (onOrder > 0) return 'ordered'
  if (planned.has(key)) return 'planned'
  return came === undefined ? 'wanted' : 'wanted again'
}
