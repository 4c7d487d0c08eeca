import { colourDifference } from '../colour/difference'
import type { Paint } from '../documents/paint'
import type { PlacePlan } from '../documents/palette'
import { planAt, plannedPaints } from '../documents/plan'
import { viewOfPaint } from '../paints/view'
import { fail, ok, type Result } from '../result'
import { ArrangeProblem, type ArrangeQuestion, type WishScore } from './arrangeProblem'
import { freePlaces } from './moves'

export interface AddQuestion extends ArrangeQuestion {
  /** The paint that comes in; not planned yet. */
  adding: Paint
}
export interface PlaceForOne {
  placeId: string
  /** Scores of the whole with the paint there. */
  scores: WishScore[]
  /** An exchange that makes room where it would lie better still, with the scores then. */
  shift?: { from: string; to: string; scores: WishScore[] }
  /** What it is kept free for, where it is. */
  keptFor?: string
}
export interface LeaveOut {
  placeId: string
  paintId: string
  /** How like the new one it is in masstone, CIEDE2000; undefined where either has no colour. */
  difference?: number
  /** Whether the paint fits there: both a medium and a place alike need no check; scores with the new one there. */
  scores: WishScore[]
}
export interface AddedOne {
  /** Where it could lie, the best first: after those kept for it, before those kept for something else. */
  places: PlaceForOne[]
  /** Where the palette is full: what it could take the place of, the most alike first. */
  instead: LeaveOut[]
  /** The planned paint that is most like it. */
  like?: { paintId: string; difference: number }
}

const MOST = 5

/**
 * Where one more paint fits with everything else as it lies, what a single exchange would better, and in a full palette
 * what it could take the place of. Does not search further.
 *
 * Errors: `already-planned`, `no-wish`.
 */
export function addOne(question: AddQuestion): Result<AddedOne> {
  const { palette, adding } = question
  if (Object.values(palette.plan).some((p) => p.paintId === adding.id))
    return fail('already-planned', `${adding.name} is planned here already.`)
  if (Object.values(question.blend).every((w) => w <= 0)) return fail('no-wish', 'Say what matters first.')
  const paints = [...question.paints.filter((p) => p.id !== adding.id), adding]
  const with_ = (placeId: string): ArrangeProblem => {
    const plan: Record<string, PlacePlan> = { ...palette.plan, [placeId]: { paintId: adding.id } }
    return new ArrangeProblem({ ...question, paints, palette: { ...palette, plan } })
  }
  const free = freePlaces(palette)
  const places = best(free, with_).map(({ placeId, problem }) => describe(placeId, problem))
  const kept = palette.holder.places.flatMap(({ id }): PlaceForOne[] => {
    const plan = planAt(palette, id)
    if (!plan || plan.paintId || plan.reserved === undefined || plan.locked) return []
    return [{ ...describe(id, with_(id)), keptFor: plan.reserved }]
  })
  const instead = free.length ? [] : candidates(question, with_)
  const mine = kept.filter((p) => isFor(p.keptFor!, adding))
  const others = kept.filter((p) => !mine.includes(p)).slice(0, 2)
  const like = mostLike(question)
  return ok({
    ...(like ? { like } : {}),
    places: [...mine, ...places.slice(0, MOST - others.length), ...others],
    instead,
  })
}

/** Whether a place is kept for this paint: the note names it or one of its pigments. */
function isFor(note: string, { name, pigments }: Paint): boolean {
  const said = note.toLowerCase()
  return [name, ...pigments].some((w) => said.includes(w.toLowerCase()))
}

/** Free places by the cost of the whole with the paint in each: one problem, the paint exchanged with the other empties. */
function best(free: readonly string[], with_: (placeId: string) => ArrangeProblem) {
  const [first] = free
  if (first === undefined) return []
  const problem = with_(first)
  const at = (id: string) => problem.traits.ids.indexOf(id)
  const costs = free.map((placeId) => ({
    placeId,
    cost: placeId === first ? 0 : problem.exchange(problem.start, at(first), at(placeId)),
  }))
  return costs
    .sort((p, q) => p.cost - q.cost || at(p.placeId) - at(q.placeId))
    .slice(0, MOST)
    .map(({ placeId }) => ({ placeId, problem: placeId === first ? problem : with_(placeId) }))
}

function describe(placeId: string, problem: ArrangeProblem): PlaceForOne {
  const { start, traits, problem: whole } = problem
  const here = traits.ids.indexOf(placeId)
  let shift: { b: number; gain: number } | undefined
  for (const b of start.keys()) {
    if (b === here || whole.pinned[b] || problem.plans[b]?.paintId === undefined) continue
    const gain = -problem.exchange(start, here, b)
    if (gain > 1e-6 && gain > (shift?.gain ?? 0)) shift = { b, gain }
  }
  const scores = problem.scoresOf(start)
  if (!shift) return { placeId, scores }
  const order = start.slice()
  order[here] = start[shift.b]!
  order[shift.b] = start[here]!
  return { placeId, scores, shift: { from: traits.ids[shift.b]!, to: placeId, scores: problem.scoresOf(order) } }
}

function mostLike({ palette, paints, adding }: AddQuestion): AddedOne['like'] {
  const planned = plannedPaints(palette)
  const own = viewOfPaint(adding).masstone
  if (!own) return undefined
  return paints
    .filter((p) => planned.has(p.id))
    .flatMap((p) => {
      const { masstone } = viewOfPaint(p)
      return masstone ? [{ paintId: p.id, difference: colourDifference(own, masstone) }] : []
    })
    .sort((p, q) => p.difference - q.difference)[0]
}

function candidates({ palette, paints, adding }: AddQuestion, with_: (placeId: string) => ArrangeProblem): LeaveOut[] {
  const byId = new Map(paints.map((p) => [p.id, p]))
  const own = viewOfPaint(adding).masstone
  return palette.holder.places
    .flatMap(({ id }): Omit<LeaveOut, 'scores'>[] => {
      const plan = planAt(palette, id)
      const paint = byId.get(plan?.paintId ?? '')
      if (!paint || plan?.locked) return []
      const masstone = viewOfPaint(paint).masstone
      return [
        {
          placeId: id,
          paintId: paint.id,
          ...(own && masstone ? { difference: colourDifference(own, masstone) } : {}),
        },
      ]
    })
    .sort((p, q) => (p.difference ?? 99) - (q.difference ?? 99))
    .slice(0, MOST)
    .map((one) => {
      const problem = with_(one.placeId)
      return { ...one, scores: problem.scoresOf(problem.start) }
    })
}
