import type { Sitting } from '../ledger/sittings'

/** How one paint was used over a stretch of time. */
export interface PaintUse {
  paintId: string
  /** Paintings in which it was used, and in how many of them a lot of it. */
  times: number
  lots: number
  first: string
  last: string
}
/** Two paints that were used in the same paintings. */
export interface UsedTogether {
  paintIds: [string, string]
  times: number
  /** Of the paintings in which the rarer of them was used, the share in which the other was too, 0..1. */
  share: number
}
/** Something that was missed while painting; one that is a paint of the collection has its id. */
export interface WishedFor {
  key: string
  words: string
  paintId?: string
  times: number
  last: string
}
/** What paintings say of a stretch of time. */
export interface Use {
  paintings: number
  /** The day of each, in order. */
  days: readonly string[]
  from?: string
  to?: string
  byPaint: ReadonlyMap<string, PaintUse>
  together: UsedTogether[]
  wished: WishedFor[]
}

export interface Stretch {
  /** First and last day, both in; all time where they are left out. */
  from?: string
  to?: string
}

/** The same wish said twice: case, blanks and marks at its ends do not count. */
export const keyOfWish = (words: string): string => `words:${plainWords(words)}`.slice(0, 160)
export const plainWords = (words: string): string =>
  words
    .normalize('NFKC')
    .toLowerCase()
    .replace(/^[\s"'“”.,;!?]+|[\s"'“”.,;!?]+$/gu, '')
    .replace(/\s+/gu, ' ')

const isWithin = (day: string, { from, to }: Stretch) => (!from || day >= from) && (!to || day <= to)

/** What a list of paintings, in any order, says of how paints were used. One look at each painting and at each pair in it. */
export function projectUse(sittings: readonly Sitting[], stretch: Stretch = {}): Use {
  const byPaint = new Map<string, PaintUse>()
  const pairs = new Map<string, Map<string, number>>()
  const wished = new Map<string, WishedFor>()
  const days: string[] = []
  for (const { event } of sittings) {
    const { day } = event
    if (!isWithin(day, stretch)) continue
    days.push(day)
    const much = new Map<string, boolean>()
    for (const { paintId, much: lot } of event.used) much.set(paintId, much.get(paintId) || lot === true)
    for (const [paintId, lot] of much) note(byPaint, paintId, lot, day)
    countPairs(pairs, [...much.keys()])
    for (const { words, paintId } of event.wished ?? []) {
      const key = paintId ? `paint:${paintId}` : keyOfWish(words)
      const known = wished.get(key)
      if (!known) wished.set(key, { key, words, ...(paintId ? { paintId } : {}), times: 1, last: day })
      else Object.assign(known, { times: known.times + 1, last: day > known.last ? day : known.last })
    }
  }
  days.sort()
  return {
    paintings: days.length,
    days,
    ...(days.length ? { from: days[0]!, to: days.at(-1)! } : {}),
    byPaint,
    together: togetherOf(pairs, byPaint),
    wished: [...wished.values()].sort((p, q) => q.times - p.times || (p.last < q.last ? 1 : -1)),
  }
}

function note(byPaint: Map<string, PaintUse>, paintId: string, lot: boolean, day: string): void {
  const known = byPaint.get(paintId)
  if (!known) return void byPaint.set(paintId, { paintId, times: 1, lots: lot ? 1 : 0, first: day, last: day })
  known.times += 1
  if (lot) known.lots += 1
  if (day < known.first) known.first = day
  if (day > known.last) known.last = day
}

function countPairs(pairs: Map<string, Map<string, number>>, ids: string[]): void {
  ids.sort()
  for (const [i, one] of ids.entries()) {
    const own = pairs.get(one) ?? new Map<string, number>()
    pairs.set(one, own)
    for (let j = i + 1; j < ids.length; j += 1) own.set(ids[j]!, (own.get(ids[j]!) ?? 0) + 1)
  }
}

function togetherOf(
  pairs: ReadonlyMap<string, ReadonlyMap<string, number>>,
  byPaint: ReadonlyMap<string, PaintUse>,
): UsedTogether[] {
  const all = [...pairs].flatMap(([one, others]) =>
    [...others].map(([other, times]): UsedTogether => {
      const rarer = Math.min(byPaint.get(one)!.times, byPaint.get(other)!.times)
      return { paintIds: [one, other], times, share: times / rarer }
    }),
  )
  return all.sort((p, q) => q.times - p.times || q.share - p.share || (p.paintIds.join() < q.paintIds.join() ? -1 : 1))
}
