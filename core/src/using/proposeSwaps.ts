import { assessPalette, type AssessQuestion } from '../choosing/verdict/assess'
import type { Assessment } from '../choosing/verdict/assessment'
import { freePlaces } from '../arranging/moves'
import { fitOf, isRuledOut } from '../choosing/brief/fit'
import type { Palette } from '../documents/palette'
import { planAt, plannedPaints } from '../documents/plan'
import { lastingOf } from '../order'
import { fail, ok, type Result } from '../result'
import { retold } from '../steps'
import type { Use } from './projectUse'
import { keyOfProposal, type Proposal, type ProposedBecause } from './proposal'
import { paintOfWish, type Review, type ReviewedPaint } from './reviewPalette'

export interface ProposeQuestion extends AssessQuestion {
  review: Review
  /** How paints were used on the other palettes, each a use of its own. */
  elsewhere?: readonly Use[]
  today: string
}
export interface ProposeProgress {
  done: number
  of: number
  soFar?: Proposal[]
}

const MOST = 5
/** Untouched in so many paintings, a paint may make room though it is too soon to say much (judgement). */
const EARLY = 3
const MOST_OUT = 5
/** Used in so many paintings from other palettes, a paint is worth a thought (judgement). */
const ELSEWHERE = 3

/**
 * What the use of a palette speaks for: to take out what is hardly touched, best what the others mix near enough, and to
 * put in what was wished for, what serves elsewhere, what closes a gap or brings most. Each is judged by the verdict of
 * the palette as it would be. Yields what is found so far; deterministic. Locked places, paints that must be in, and
 * proposals that were refused or put off are left alone.
 *
 * Errors: those of `assessPalette`; `nothing-painted` while no painting is logged.
 */
export function* proposeSwaps(question: ProposeQuestion): Generator<ProposeProgress, Result<Proposal[]>> {
  const { palette, review } = question
  if (review.use.paintings === 0)
    return fail('nothing-painted', 'Log some paintings first: what was used is what speaks for a change.')
  const whole = yield* retold(assessPalette(question), ({ done, of }): ProposeProgress => ({
    done: done / of,
    of: MOST + 1,
  }))
  if (!whole.ok) return whole
  const now = whole.value
  const found: Proposal[] = []
  const candidates = pairsOf(question, now)
  for (const [i, { out, incoming }] of candidates.entries()) {
    const next = changed(palette, out?.paintId, incoming)
    const after = yield* lookAt({ ...question, palette: next }, () => ({ done: i + 1, of: candidates.length + 1 }))
    if (after) {
      found.push(proposalOf(out, incoming, now, after))
      yield { done: i + 1, of: candidates.length + 1, soFar: [...found] }
    }
  }
  return ok(found)
}

interface Incoming {
  paintId: string
  placeId: string
  why: ProposedBecause[]
}

/** What goes and what comes, worth looking at, in the order in which it is shown. */
function pairsOf(question: ProposeQuestion, now: Assessment): { out?: ReviewedPaint; incoming?: Incoming }[] {
  const { palette, today } = question
  const outs = hardlyUsed(question, now)
  const free = freePlaces(palette)
  const pairs: { out?: ReviewedPaint; incoming?: Incoming }[] = []
  const isOpen = (out?: string, incoming?: string) => {
    const answer = palette.answered?.find((a) => a.key === keyOfProposal(out, incoming))
    return !answer || (answer.said === 'later' && (answer.until ?? '') <= today)
  }
  for (const { paintId, why } of wanted(question, now)) {
    if (pairs.length === MOST) break
    const place = free.find((id) => !pairs.some((p) => p.incoming?.placeId === id))
    if (place && isOpen(undefined, paintId)) pairs.push({ incoming: { paintId, placeId: place, why } })
    else {
      const out = outs.find((o) => !pairs.some((p) => p.out === o) && isOpen(o.paintId, paintId))
      if (out) pairs.push({ out, incoming: { paintId, placeId: out.placeIds[0]!, why } })
    }
  }
  // a place that is free is worth something too, where the others mix the paint
  for (const out of outs) {
    if (pairs.length >= MOST || pairs.some((p) => p.out === out)) continue
    if (now.spares?.some((s) => s.paintId === out.paintId) && isOpen(out.paintId)) pairs.push({ out })
  }
  return pairs
}

/** Paints that are hardly pulled: first those that the others mix, then those that bring least. */
function hardlyUsed({ palette, review }: ProposeQuestion, now: Assessment): ReviewedPaint[] {
  const mustIn = new Set(palette.brief?.mustIn)
  const mixed = (p: ReviewedPaint) => Number(now.spares?.some((s) => s.paintId === p.paintId) ?? false)
  const brings = (p: ReviewedPaint) => now.brings?.find((b) => b.paintId === p.paintId)?.worth ?? 0
  const isEarly = (p: ReviewedPaint) => p.pull === 'too soon to say'
  return review.paints
    .filter(
      (p) =>
        (p.pull === 'never' || p.pull === 'seldom' || (isEarly(p) && p.times === 0 && p.of >= EARLY)) &&
        !mustIn.has(p.paintId) &&
        p.placeIds.every((id) => !planAt(palette, id)?.locked),
    )
    .sort(
      (p, q) =>
        Number(isEarly(p)) - Number(isEarly(q)) ||
        mixed(q) - mixed(p) ||
        p.times - q.times ||
        brings(p) - brings(q) ||
        (p.paintId < q.paintId ? -1 : 1),
    )
    .slice(0, MOST_OUT)
}

/** Owned paints that speak for coming in, the loudest first. */
function wanted(question: ProposeQuestion, now: Assessment): { paintId: string; why: ProposedBecause[] }[] {
  const { palette, paints, review, elsewhere = [], isAtHand = () => true } = question
  const planned = plannedPaints(palette)
  const inNow = paints.filter((p) => planned.has(p.id))
  const why = new Map<string, ProposedBecause[]>()
  const add = (id: string, because: ProposedBecause) => why.set(id, [...(why.get(id) ?? []), because])
  for (const { words, paintId, times } of review.wished) {
    const id = paintId ?? paintOfWish(words, paints)?.id
    if (id) add(id, { kind: 'wished', times })
  }
  for (const { kind, remedy, also, quiet } of now.gaps ?? [])
    if (remedy && !also && !quiet) add(remedy.paintId, { kind: 'closes', gap: kind })
  const others = new Map<string, { times: number; palettes: number }>()
  for (const { byPaint } of elsewhere)
    for (const { paintId, times } of byPaint.values()) {
      const known = others.get(paintId) ?? { times: 0, palettes: 0 }
      others.set(paintId, { times: known.times + times, palettes: known.palettes + 1 })
    }
  for (const [id, { times, palettes }] of others)
    if (times >= ELSEWHERE) add(id, { kind: 'elsewhere', times, palettes })
  for (const { paintId, reach } of (now.gains ?? []).slice(0, 2)) if (reach > 0) add(paintId, { kind: 'brings', reach })
  const loudness = (list: readonly ProposedBecause[]) => list.reduce((sum, b) => sum + LOUD[b.kind](b as never), 0)
  return [...why]
    .flatMap(([id, list]) => {
      const paint = paints.find((p) => p.id === id)
      // what fades is proposed only to who wished for it
      const may =
        paint &&
        (lastingOf(paint).level > 0 || list.some((b) => b.kind === 'wished')) &&
        !planned.has(id) &&
        isAtHand(id) &&
        !isRuledOut(fitOf(paint, palette.brief, { palette: inNow }))
      return may ? [{ paintId: id, why: list }] : []
    })
    .sort((p, q) => loudness(q.why) - loudness(p.why) || (p.paintId < q.paintId ? -1 : 1))
}

/** How much each reason weighs beside the others (judgement): what was missed at the easel first. */
const LOUD = {
  wished: ({ times }: { times: number }) => 10 + times,
  closes: () => 6,
  elsewhere: ({ times }: { times: number }) => 3 + Math.min(3, times / 10),
  brings: ({ reach }: { reach: number }) => 2 + 20 * reach,
} as const

/** The palette with a paint taken out of all its places and another planned for one. */
export function changed(palette: Palette, out?: string, incoming?: { paintId: string; placeId: string }): Palette {
  const kept = Object.entries(palette.plan).filter(([, plan]) => out === undefined || plan.paintId !== out)
  const come = incoming ? [[incoming.placeId, { paintId: incoming.paintId }] as const] : []
  return { ...palette, plan: Object.fromEntries([...kept, ...come]) }
}

/** The verdict of a palette as far as reach, twins and gaps. */
function* lookAt(
  question: AssessQuestion,
  tell: () => ProposeProgress,
): Generator<ProposeProgress, Assessment | undefined> {
  for (const step of assessPalette(question)) {
    if (step.soFar?.gaps) return step.soFar
    yield tell()
  }
  return undefined
}

function proposalOf(
  out: ReviewedPaint | undefined,
  incoming: Incoming | undefined,
  now: Assessment,
  after: Assessment,
): Proposal {
  const [before, then] = [now.gaps ?? [], after.gaps ?? []].map((gaps) =>
    gaps.filter((g) => !g.quiet).map((g) => g.kind),
  )
  const mixed = out && now.spares?.find((s) => s.paintId === out.paintId)
  return {
    key: keyOfProposal(out?.paintId, incoming?.paintId),
    ...(out
      ? {
          out: {
            paintId: out.paintId,
            placeId: out.placeIds[0]!,
            times: out.times,
            of: out.of,
            ...(mixed ? { mixed } : {}),
          },
        }
      : {}),
    ...(incoming ? { in: incoming } : {}),
    ...(now.reach && after.reach ? { reach: { before: now.reach, after: after.reach } } : {}),
    closes: before!.filter((k) => !then!.includes(k)),
    opens: then!.filter((k) => !before!.includes(k)),
    twins: [now.twins?.length ?? 0, after.twins?.length ?? 0],
  }
}
