import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import type { Sitting } from '../ledger/sittings'
import { mainPaintOf, type PaletteState, type Stay } from '../ledger/stays'
import { daysBetween } from '../units/calendar'
import { projectUse, type PaintUse, type Stretch, type Use, type UsedTogether, type WishedFor } from './projectUse'

/** How a paint of the palette is pulled, judged over the paintings since it came in. */
export const PULLS = ['often', 'now and then', 'seldom', 'never', 'too soon to say'] as const
export type Pull = (typeof PULLS)[number]

/** One paint of the palette as it was used. */
export interface ReviewedPaint {
  paintId: string
  placeIds: string[]
  pull: Pull
  times: number
  lots: number
  /** Paintings of the stretch since it came in. */
  of: number
  last?: string
  /** Since when it lies there, and how many days that is; undefined while it is planned and not filled. */
  since?: string
  days?: number
}
export interface Review {
  use: Use
  /** Most used first. */
  paints: ReviewedPaint[]
  /** Pairs that are on the palette, most often used together first. */
  together: UsedTogether[]
  wished: WishedFor[]
  /** Used in these paintings, and no longer planned. */
  gone: PaintUse[]
  /** Of the planned paints of which anything can be said: how many there are of each pull. */
  counts: Record<Pull, number>
}

export interface ReviewQuestion {
  palette: Palette
  state: PaletteState
  sittings: readonly Sitting[]
  today: string
  stretch?: Stretch
}

/** From so many paintings on it can be said that a paint is not used (judgement). */
export const ENOUGH = 5
/** Used in a third of the paintings is often, in less than a tenth seldom (judgement). */
const [OFTEN, SELDOM] = [1 / 3, 1 / 10]
const MOST_PAIRS = 12

/** How a palette was used over a stretch of time: what is pulled, what never, what goes together, what was missed. */
export function reviewPalette({ palette, state, sittings, today, stretch = {} }: ReviewQuestion): Review {
  const use = projectUse(sittings, stretch)
  const paints = placesByPaint(palette).map(([paintId, placeIds]): ReviewedPaint => {
    const own = use.byPaint.get(paintId)
    const since = inSince(paintId, placeIds, state)
    // what was painted with before the records of its filling begin counts as well
    const from = own && (!since || own.first < since) ? own.first : since
    const of = from ? use.days.filter((day) => day >= from).length : 0
    const times = own?.times ?? 0
    return {
      paintId,
      placeIds,
      pull: pullOf(times, of),
      times,
      lots: own?.lots ?? 0,
      of,
      ...(own ? { last: own.last } : {}),
      ...(since ? { since, days: Math.max(0, daysBetween(since, today)) } : {}),
    }
  })
  paints.sort((p, q) => share(q) - share(p) || q.times - p.times || (p.paintId < q.paintId ? -1 : 1))
  const planned = new Set(paints.map((p) => p.paintId))
  const counts = Object.fromEntries(PULLS.map((p) => [p, 0])) as Record<Pull, number>
  for (const { pull } of paints) counts[pull] += 1
  return {
    use,
    paints,
    together: use.together
      .filter(({ paintIds, times }) => times > 1 && paintIds.every((id) => planned.has(id)))
      .slice(0, MOST_PAIRS),
    wished: use.wished,
    gone: [...use.byPaint.values()].filter((u) => !planned.has(u.paintId)).sort((p, q) => q.times - p.times),
    counts,
  }
}

const share = ({ times, of }: ReviewedPaint) => (of ? times / of : 0)

function pullOf(times: number, of: number): Pull {
  if (of < ENOUGH) return 'too soon to say'
  if (times === 0) return 'never'
  if (times / of >= OFTEN) return 'often'
  return times / of < SELDOM ? 'seldom' : 'now and then'
}

function placesByPaint(palette: Palette): [string, string[]][] {
  const places = new Map<string, string[]>()
  for (const { id } of palette.holder.places) {
    const paintId = planAt(palette, id)?.paintId
    if (paintId) places.set(paintId, [...(places.get(paintId) ?? []), id])
  }
  return [...places]
}

/** Since when a paint lies in this palette without a break, wherever in it, the longest of its places. */
function inSince(paintId: string, placeIds: readonly string[], state: PaletteState): string | undefined {
  const begun = placeIds.flatMap((id) => {
    const at = state.get(id)
    if (!at?.content || mainPaintOf(at.content) !== paintId) return []
    return at.stays.length ? cameIn(at.stays.at(-1), state) : at.content.layers[0]!.day
  })
  return begun.sort()[0]
}

/** When what lies there came into the palette: a move within it is no break, one from elsewhere is. */
function cameIn(stay: Stay | undefined, state: PaletteState): string[] {
  let since = stay?.since
  const seen = new Set<Stay>()
  for (let now = stay; now && !seen.has(now);) {
    seen.add(now)
    since = now.since
    const { cameFrom, vesselId, since: day } = now
    if (!cameFrom || cameFrom === 'loose' || cameFrom.paletteId !== now.at?.paletteId) break
    now = state
      .get(cameFrom.placeId)
      ?.stays.find((s) => s.vesselId === vesselId && s.until === day && s.ended === 'moved')
  }
  return since === undefined ? [] : [since]
}

/** The name of a paint that a wish means, where its words are those of one of the collection. */
export function paintOfWish(words: string, paints: readonly Paint[]): Paint | undefined {
  const wanted = words.trim().toLowerCase()
  if (wanted.length < 3) return undefined
  return paints.find((p) => !p.removed && p.name.toLowerCase() === wanted)
}
