import type { Paint } from '../documents/paint'
import type { Trial } from '../documents/trial'
import { inOrder, usualOf } from '../order'
import { pigmentById } from '../pigments/reference'
import { ok, type Result } from '../result'
import { retold } from '../steps'
import { searchStandIns, type Scope } from './findStandIns'
import type { StandInContext } from './judge'
import type { Matters } from './matters'
import { pointLost, type PointLost } from './point'
import { paintOfPigment, type Sought } from './sought'
import { effortOf, type StandIn } from './standIn'

/** One line that is to be replaced: a place of a palette, or a line of a list. */
export interface Line {
  id: string
  sought: Result<Sought>
}
export interface SubstituteQuestion {
  lines: readonly Line[]
  context: StandInContext
  scope: Scope
  /** The most that a millilitre may cost; what has no price, or one in another currency, is left out then. */
  mostPerMl?: { minor: number; currency: string }
  matters?: Matters
  trials?: readonly Trial[]
  most?: 1 | 2 | 3
  /** Up to which CIEDE2000 a stand-in is called near enough. */
  near: number
  /** For others, who have not seen the paint: what loses its point is no answer, and it is said why. */
  keepsPoint?: boolean
  /** What is no answer to a line, for reasons of its own. */
  unless?: (lineId: string, standIn: StandIn) => boolean
}
export interface Substitution {
  id: string
  /** What stands in best; none where nothing does, with the reason. */
  best?: StandIn
  /** The next best of another kind. */
  other?: StandIn
  isNear: boolean
  message?: string
  /** Where nothing keeps the point of it: what comes nearest, and what of it is lost. */
  refused?: { standIn: StandIn; lost: PointLost }
}
export interface SubstituteProgress {
  done: number
  of: number
  soFar: Substitution[]
}

/**
 * The best stand-in for every line of a palette or list. A paint is not used for two lines as long as another will do
 * nearly as well; a mixture of the palette may serve as often as it likes. Yields line by line. Deterministic.
 */
export function* substitutePalette(
  question: SubstituteQuestion,
): Generator<SubstituteProgress, Result<Substitution[]>> {
  const { lines, near } = question
  const found: Substitution[] = []
  const used = new Set<string>()
  for (const line of lines) {
    const one = yield* substituteLine(line, question, used, (share) => ({
      done: found.length + share,
      of: lines.length,
      soFar: found,
    }))
    if (one.best?.paintId) used.add(one.best.paintId)
    found.push({ ...one, isNear: one.best !== undefined && one.best.alone.difference <= near })
    yield { done: found.length, of: lines.length, soFar: [...found] }
  }
  return ok(found)
}

/** A paint that stands in for another line already is given up for one that is so many points worse (judgement). */
const TWICE = 3

function* substituteLine(
  { id, sought }: Line,
  question: SubstituteQuestion,
  used: ReadonlySet<string>,
  tell: (share: number) => SubstituteProgress,
): Generator<SubstituteProgress, Substitution> {
  if (!sought.ok) return { id, isNear: false, message: sought.error.message }
  const context = withoutIt(question.context, sought.value.paint)
  const { matters, trials, most, scope } = question
  const search = searchStandIns({
    sought: sought.value,
    context,
    scope,
    enough: (s) => isAllowed(id, s, question) && s.alone.difference <= question.near,
    ...(matters ? { matters } : {}),
    ...(trials ? { trials } : {}),
    ...(most ? { most } : {}),
  })
  const answer = yield* retold(search, ({ done }) => tell(done))
  const standIns = answer.ok ? answer.value : []
  const open = standIns.filter((s) => isAllowed(id, s, question))
  const allowed = question.keepsPoint ? forOthers(open, question.context) : forOneself(open, used)
  const lost = (s: StandIn) => (question.keepsPoint && sought.ok ? pointLost(s, sought.value) : undefined)
  const [nearest] = allowed
  const best = allowed.find((s) => !lost(s))
  if (!best && nearest) {
    const refused = { standIn: nearest, lost: lost(nearest)! }
    return { id, isNear: false, message: noneInWords(question), refused }
  }
  const other = allowed.find((s) => s.kind !== best?.kind)
  if (!best) return { id, isNear: false, message: noneInWords(question) }
  return { id, best, ...(other ? { other } : {}), isNear: false }
}

/** For whoever owns them: the same paint before all, then by score; what stands in already comes a little later. */
function forOneself(standIns: readonly StandIn[], used: ReadonlySet<string>): StandIn[] {
  return standIns
    .map((s) => ({ s, score: s.score + (s.paintId && used.has(s.paintId) ? TWICE : 0) }))
    .sort((p, q) => Number(q.s.kind === 'another item') - Number(p.s.kind === 'another item') || p.score - q.score)
    .map(({ s }) => s)
}

/** To others the more usual pigment is named where both are as near as this, CIEDE2000 (judgement). */
const AS_NEAR = 3
/** For others, who buy it: what lasts, of as near ones fewer tubes, the more usual pigment and the cheaper paint. */
function forOthers(standIns: readonly StandIn[], { owned }: StandInContext): StandIn[] {
  const byId = new Map(owned.map((p) => [p.id, p]))
  const paintsOf = ({ paintId, mixture, pigment }: StandIn): Paint[] => {
    const sold = pigment ? pigmentById(pigment) : undefined
    if (sold) return [paintOfPigment(sold)]
    return (mixture?.paints.map((p) => p.id) ?? [paintId ?? '']).flatMap((id) => byId.get(id) ?? [])
  }
  return inOrder<StandIn>(
    standIns,
    [
      { says: 'it is the same paint', of: ({ kind }) => Number(kind === 'another item') },
      { says: 'it lasts', of: ({ fades }) => Number(!fades) },
      { says: 'it is nearer', of: ({ alone }) => -alone.difference, within: AS_NEAR },
      { says: 'it takes fewer tubes', of: (s) => -effortOf(s) },
      { says: 'its pigment is more usual', of: (s) => Math.min(...paintsOf(s).map(usualOf)) },
      { says: 'it is cheaper', of: ({ price }) => -(price?.minor ?? Infinity) },
      { says: 'it is a little nearer', of: ({ score }) => -score },
    ],
    (p, q) => (p.key < q.key ? -1 : 1),
  ).map(({ item }) => item)
}

const withoutIt = (context: StandInContext, paint: Paint | undefined): StandInContext => ({
  ...context,
  palette: context.palette.filter((p) => p.id !== paint?.id),
})

function isAllowed(id: string, standIn: StandIn, { scope, mostPerMl, unless }: SubstituteQuestion): boolean {
  const { places, price, trial } = standIn
  if (trial?.refused || trial?.held === 'badly' || unless?.(id, standIn)) return false
  if (scope === 'this palette' && places > 0) return false
  return !mostPerMl || (price !== undefined && price.currency === mostPerMl.currency && price.minor <= mostPerMl.minor)
}

function noneInWords({ scope, mostPerMl }: SubstituteQuestion): string {
  const where =
    scope === 'anything' ? 'Nothing' : scope === 'this palette' ? 'Nothing on this palette' : 'Nothing owned'
  return mostPerMl ? `${where} at that price stands in.` : `${where} stands in.`
}
