import type { BriefCount } from '../documents/brief'
import type { Paint } from '../documents/paint'
import { inOrder, lastingOf, lasts, needsNoCaution, usualOf } from '../order'
import { byWheel, viewOfPaint } from '../paints/view'
import { PaletteReach, type SetSize } from '../reach/paletteReach'
import { fail, ok, type Result } from '../result'
import { type Chosen, choosePalette, type ChooseQuestion } from './best/choosePalette'
import type { CoverTable } from './best/cover'
import { countsMissed, isCounted, wantedOf } from './brief/counts'
import { fitOf, isRuledOut } from './brief/fit'
import { type Role, rolesFor, rolesLacking } from './roles'
import { reduceSteps } from './methods/reduce'

/** What a proposal is best at: mixing most, handling best on the paper, holding what is used (or usual) most. */
export const PROPOSAL_KINDS = ['widest', 'handling', 'use'] as const
export type ProposalKind = (typeof PROPOSAL_KINDS)[number]

/** A whole palette, proposed. */
export interface PaletteProposal {
  kind: ProposalKind
  /** Its paints round the wheel, those that are in already among them. */
  paintIds: string[]
  /** What of what is wanted it mixes, a share 0..1. */
  reach: number
  /** What hands and paper ask for that is not in it: `a yellow earth`. */
  lacks: string[]
  /** Paints that no other of the proposals holds. */
  only: string[]
  /** Places for which nothing is left that may come in. */
  short: number
}

export interface ProposeQuestion extends ChooseQuestion {
  /** How much of a paint was used so far, 0 to 1 against what was used most. */
  used?: (paintId: string) => number
}

/** So many paints are weighed one against another by how they handle; of more, those that last and are usual. */
const WEIGHED = 70
/** What counts beside the colours for the second and the third, shares of worth (judgement): see `reduceSteps`. */
const [ROLE_HANDLING, EACH_HANDLES, USED_MOST, USUAL_STEP, MILD] = [0.12, 0.003, 0.2, 0.02, 0.01]

/**
 * Three palettes for one purpose, to choose from: the one that mixes most, the one that handles best (an earth, a dark,
 * something that lifts, granulating and smooth), the one of what is used most, or of what is most usual where nothing was
 * used yet. Wishes that are a must rule paints out of all of them, and how many of a kind there must be holds for all of them. One
 * that would be the same as another is left out, and one that could not be made so.
 * Yields which are done; deterministic.
 *
 * Errors: `no-place`, `nobody-may` (no paint may come in), and those of `choosePalette`.
 */
export function* proposePalettes(
  question: ProposeQuestion,
): Generator<{ done: number; of: number }, Result<PaletteProposal[]>> {
  const { paints, planned, free, brief, tables, most = 3, isAtHand = () => true, used = () => 0 } = question
  const of = PROPOSAL_KINDS.length
  if (!(free > 0)) return fail('no-place', 'Every place is taken.')
  const roles = rolesFor(brief)
  const byId = new Map(paints.map((p) => [p.id, p]))
  const inAlready = planned.flatMap((id) => byId.get(id) ?? [])
  const known = new Set(tables.flatMap(({ index }) => index.paints))
  const isIn = new Set(planned)
  const mustIn = (brief?.mustIn ?? []).filter((id) => byId.has(id) && !isIn.has(id))
  const may = paints.filter(
    (p) =>
      !isIn.has(p.id) &&
      (mustIn.includes(p.id) ||
        (known.has(p.id) && isAtHand(p.id) && !isRuledOut(fitOf(p, brief, { palette: inAlready })))),
  )
  if (!may.length) return fail('nobody-may', 'No paint may come in: what is a must rules all of them out.')

  const widest = yield* widestOf(question, of)
  if (!widest.ok) return widest
  const counts = (brief?.counts ?? []).filter(({ hard }) => hard)
  const keepsBest = function* (favour: (paint: Paint) => number, role: number) {
    const size = planned.length + Math.min(free, may.length)
    const among = [...inAlready, ...weighed(may, favour, mustIn, { counts, size })]
    const stays = [...planned, ...mustIn]
    const steps = reduceSteps({ paints: among, fixed: stays, tables, most, until: size, favour, role, roles, counts })
    const gone = new Set<string>()
    for (const step of steps) {
      gone.add(step.paintId)
      yield { done: 0, of }
    }
    return among.filter((p) => !gone.has(p.id)).map((p) => p.id)
  }
  yield { done: 1, of }
  const handling = yield* keepsBest((p) => EACH_HANDLES * handles(p, roles), ROLE_HANDLING)
  yield { done: 2, of }
  const isUsed = may.some((p) => used(p.id) > 0)
  const use = yield* keepsBest((p) => (isUsed ? USED_MOST * used(p.id) : usual(p)), ROLE_HANDLING / 3)
  yield { done: 3, of }

  const sets = [
    { kind: 'widest' as const, ids: widest.value },
    { kind: 'handling' as const, ids: handling },
    { kind: 'use' as const, ids: use },
  ]
    .filter(
      ({ kind, ids }) =>
        kind === 'widest' ||
        !countsMissed(
          counts,
          ids.flatMap((id) => byId.get(id) ?? []),
        ).length,
    )
    .filter((one, i, all) => all.findIndex((other) => isSame(one.ids, other.ids)) === i)
  return ok(
    sets.map(({ kind, ids }): PaletteProposal => {
      const own = ids.flatMap((id) => byId.get(id) ?? [])
      return {
        kind,
        paintIds: own
          .map(viewOfPaint)
          .sort(byWheel)
          .map((view) => view.paint.id),
        reach: reachOf(ids, tables, most),
        lacks: rolesLacking(roles, own),
        only: ids.filter((id) => sets.every((other) => other.kind === kind || !other.ids.includes(id))),
        short: Math.max(0, free - (ids.length - planned.length)),
      }
    }),
  )
}

/** What the search that fills free places finds; what wishes cost, and the proof, are for whoever fills best. */
function* widestOf(question: ChooseQuestion, of: number): Generator<{ done: number; of: number }, Result<string[]>> {
  const choosing = choosePalette({ ...question, roles: [] })
  for (;;) {
    const step = choosing.next()
    if (step.done) return step.value.ok ? ok(withAdded(question, step.value.value)) : step.value
    const { stage, soFar } = step.value
    if (stage !== 'searching' && soFar) return ok(withAdded(question, soFar))
    yield { done: 0, of }
  }
}
const withAdded = ({ planned }: ChooseQuestion, { added }: Chosen) => [
  ...new Set([...planned, ...added.map((a) => a.paintId)]),
]

/** What most palettes have: usual pigments, and of those the ones that need no caution. */
const usual = (paint: Paint): number => USUAL_STEP * usualOf(paint) + MILD * mild.of(paint)
const mild = needsNoCaution((paint: Paint) => paint)

/** How well a paint serves the hand: it lifts, granulates, is single, as far as is known. */
const handles = (paint: Paint, roles: readonly Role[]): number =>
  roles.filter((role) => !role.isHue && role.is(paint)).length + (paint.pigments.length === 1 ? 1 : 0)

/** Of very many those first that are favoured, last and are usual; what must be in, and what counts ask for, is among them. */
function weighed(
  may: readonly Paint[],
  favour: (paint: Paint) => number,
  mustIn: readonly string[],
  { counts, size }: { counts: readonly BriefCount[]; size: number },
): Paint[] {
  if (may.length <= WEIGHED) return [...may]
  const ordered = inOrder(
    may,
    [
      { says: 'it must be in', of: (p) => Number(mustIn.includes(p.id)) },
      lasts((p: Paint) => p),
      { says: 'it is favoured', of: favour },
      { says: 'it is usual', of: usualOf },
    ],
    (one, other) => (one.id < other.id ? -1 : 1),
  )
  const all = ordered.map(({ item }) => item)
  const asked = counts
    .filter(({ bound }) => bound === 'least')
    .flatMap((count) => all.filter((p) => isCounted(count, p)).slice(0, wantedOf(count, size)))
  return [...new Set([...all.slice(0, WEIGHED), ...asked])]
}

const isSame = (one: readonly string[], other: readonly string[]) =>
  one.length === other.length && one.every((id) => other.includes(id))

function reachOf(ids: readonly string[], tables: readonly CoverTable[], most: SetSize): number {
  const total = tables.reduce((sum, t) => sum + t.share, 0) || 1
  return tables.reduce((sum, { index, weights, share }) => {
    const reach = new PaletteReach(index, weights, most)
    reach.become(ids)
    return sum + (share / total) * reach.figures().reach
  }, 0)
}

/** Those of some paints that fade: what is used and loved may be proposed all the same, and says so. */
export const fadingIn = (paints: readonly Paint[]): Paint[] => paints.filter((p) => lastingOf(p).level === 0)
