import { ArrangeProblem, type ArrangeQuestion, type WishScore } from './arrangeProblem'
import { dirtyingOf } from './arrangeWishes'
import { costOf } from './assignment'
import { type TrayLines, trayLines } from './trayLines'

/** Why a paint lies where it lies. */
export interface PlaceReason {
  placeId: string
  paintId: string
  /** Paints beside it. */
  neighbours: string[]
  /** The paint that faces it across the tray. */
  facing?: string
  /** Wishes for which it lies well or ill here, by how much more or less than elsewhere; the most telling first. */
  wishes: { wish: string; good: number }[]
  /** The exchange of this place that would better the whole most; none where nothing would. */
  better?: { withPlace: string; gain: number; scores: WishScore[] }
}
export interface ArrangementExplained {
  scores: WishScore[]
  places: PlaceReason[]
  /** Yellows and whites beside what dirties them: a place, its neighbour, and how much, 0..1. */
  risks: { placeId: string; by: string; risk: number }[]
  /** What is drawn over the tray. */
  lines: TrayLines
  /** Paints that are never to lie side by side, and do. */
  broken: [string, string][]
}

/** Below this share of a wish's whole range a place is neither good nor bad for it (judgement). */
const TELLING = 0.04

/**
 * What there is to say of the plan as it lies: scores per wish, and for every place why the paint is well there or not,
 * beside what, and which exchange would be better. Does not search.
 */
export function explainArrangement(question: ArrangeQuestion): ArrangementExplained {
  const problem = new ArrangeProblem(question)
  const { traits, start, plans, measured } = problem
  const n = traits.ids.length
  const scores = problem.scoresOf(start)
  const free = [...start.keys()].filter((a) => !problem.problem.pinned[a])
  const whole = costOf(problem.problem, start)
  const places = traits.ids.flatMap((placeId, a): PlaceReason[] => {
    const paintId = plans[a]?.paintId
    if (!paintId) return []
    const beside = [...start.keys()].filter((b) => traits.adjacent[a * n + b] && plans[b]?.paintId)
    const facing = [...start.keys()].reduce<number | undefined>(
      (best, b) =>
        plans[b]?.paintId &&
        traits.across[a * n + b]! > Math.max(0.3, best === undefined ? 0 : traits.across[a * n + best]!)
          ? b
          : best,
      undefined,
    )
    // against lying in each of the other free places, the wish's own cost taken by itself
    const wishes = measured
      .map(({ wish, problem: own, range: { chance, best } }) => {
        const others = free.filter((b) => b !== a && plans[b] !== undefined)
        const mean = others.reduce((sum, b) => sum + problem.exchangeOf(own, a, b), 0) / Math.max(1, others.length)
        return { wish: wish.id, good: mean / Math.max(1e-9, chance - best) }
      })
      .filter(({ good }) => Math.abs(good) > TELLING)
      .sort((p, q) => Math.abs(q.good) - Math.abs(p.good))
    let better: PlaceReason['better']
    let most = 1e-6
    if (!problem.problem.pinned[a])
      for (const b of free) {
        if (b === a) continue
        const gain = -problem.exchange(start, a, b)
        if (gain > most) {
          most = gain
          const order = start.slice()
          order[a] = start[b]!
          order[b] = start[a]!
          better = {
            withPlace: traits.ids[b]!,
            gain: gain / Math.max(1e-9, Math.abs(whole)),
            scores: problem.scoresOf(order),
          }
        }
      }
    return [
      {
        placeId,
        paintId,
        neighbours: beside.map((b) => plans[b]!.paintId!),
        ...(facing === undefined ? {} : { facing: plans[facing]!.paintId! }),
        wishes,
        ...(better ? { better } : {}),
      },
    ]
  })
  return { scores, places, risks: risksOf(problem), lines: trayLines(problem), broken: problem.brokenIn(start) }
}

function risksOf({ traits, views, plans }: ArrangeProblem): ArrangementExplained['risks'] {
  const n = traits.ids.length
  const found: ArrangementExplained['risks'] = []
  views.forEach((view, a) => {
    if (!view || (view.family !== 'yellow' && view.family !== 'white')) return
    views.forEach((other, b) => {
      if (!other || !traits.adjacent[a * n + b]) return
      const risk = dirtyingOf(other)
      if (risk > 0.5) found.push({ placeId: traits.ids[a]!, by: plans[b]!.paintId!, risk })
    })
  })
  return found.sort((p, q) => q.risk - p.risk)
}
