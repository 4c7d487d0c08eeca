import { colourDifference } from '../colour/difference'
import type { Paint } from '../documents/paint'
import { overBlack } from '../film/optics'
import { cachedOptics } from '../film/cachedOptics'
import { SOURCE_SD } from '../film/paintOptics'
import { labOfSwatch, type OpticalSwatch } from '../film/swatch'
import { propertiesOf, type Known } from '../paints/properties'
import { viewOfPaint } from '../paints/view'
import { GRANULATIONS, levelOn, STAININGS, TRANSPARENCIES } from '../pigments/scales'
import { REFERENCE_PIGMENTS } from '../pigments/reference'
import { fail, ok, type Result } from '../result'
import type { LabD65 } from '../units'
import { paintOfPigment } from './sought'

/** What was seen of a pan without a label. */
export interface Observed {
  masstone?: OpticalSwatch
  wash?: OpticalSwatch
  overBlack?: OpticalSwatch
  transparency?: string
  staining?: string
  granulation?: string
  /** Only paints of this maker are owned candidates. */
  maker?: string
}
export interface IdentifyQuestion {
  observed: Observed
  owned: readonly Paint[]
  /** A paint that it is not: the one under which it is kept so far. */
  without?: string
  /** How many candidates; 8 unless said. */
  count?: number
}
/** A candidate, and how well it agrees with what was seen. */
export interface Identified {
  paintId?: string
  /** Of the reference, where nothing that is owned agrees. */
  pigment?: string
  /** Share among all candidates, 0..1: how likely, if it is one of them. */
  share: number
  masstone?: number
  wash?: number
  /** What agrees and what does not, in words. */
  lines: string[]
}
export interface Identification {
  candidates: Identified[]
  /** What would tell the leading two apart, in words. */
  test: string
}

/**
 * How far a candidate's own colour may lie from a pan of it, one standard deviation, CIEDE2000: so that a stated share is
 * as often right (identifyCalibration.test.ts); of an assumed one judgement.
 */
const [RECORDED_SD, ASSUMED_SD] = [2.1, 7]
/** A step on a scale off, in the natural logarithm of the odds (judgement): recorded, and assumed from the codes. */
const [STEP_RECORDED, STEP_ASSUMED] = [1.5, 0.8]
/** What is not owned is this much less likely to lie in one's box (judgement). */
const NOT_OWNED = -2
/** From here on a candidate is not worth showing. */
const UNLIKELY = 0.004

const SCALES = { transparency: TRANSPARENCIES, staining: STAININGS, granulation: GRANULATIONS } as const
type Scale = keyof typeof SCALES
const SCALE_NAMES = Object.keys(SCALES) as Scale[]

interface Candidate {
  paint: Paint
  pigment?: string
  /** Natural logarithm of how well it agrees. */
  fit: number
  masstone?: number
  wash?: number
  lines: string[]
}

/**
 * Which paint a pan without a label holds: candidates from what is owned, then of the reference, by how well their
 * colours and behaviours agree with what was seen (independent normal errors of the colours, a step on a scale a fixed
 * odds), and the test that would tell the leading two apart.
 *
 * Errors: `bad-colour` (no number in it), `bad-count`, `nothing-seen` (neither a colour nor a behaviour), `no-candidate`.
 */
export function identifyPaint({ observed, owned, without, count = 8 }: IdentifyQuestion): Result<Identification> {
  const seen = [observed.masstone, observed.wash, observed.overBlack].flatMap((s) => s ?? [])
  if (!seen.every((s) => [s.L, s.a, s.b].every(Number.isFinite)))
    return fail('bad-colour', 'A colour is three numbers, L* a* b*.')
  if (!Number.isInteger(count) || count < 1) return fail('bad-count', 'Ask for one candidate at least.')
  const hasColour = observed.masstone ?? observed.wash ?? observed.overBlack
  if (!hasColour && !SCALE_NAMES.some((s) => observed[s]))
    return fail('nothing-seen', 'Say what was seen first: a colour, or how it lifts, covers or settles.')
  const owners = owned.filter((p) => !p.removed && p.id !== without && (!observed.maker || p.maker === observed.maker))
  const ofOwned = owners.map((paint) => candidate(paint, observed))
  const ofReference = hasColour
    ? REFERENCE_PIGMENTS.filter((r) => r.kind !== 'effect' && r.code).map((r) => ({
        ...candidate(paintOfPigment(r), observed),
        pigment: r.id,
      }))
    : []
  const held = new Set(owners.flatMap((p) => (p.pigments.length === 1 ? p.pigments : [])))
  const all: Candidate[] = [
    ...ofOwned,
    ...ofReference.filter((c) => !held.has(c.paint.pigments[0]!)).map((c) => ({ ...c, fit: c.fit + NOT_OWNED })),
  ].filter((c) => Number.isFinite(c.fit))
  if (all.length === 0) return fail('no-candidate', 'Nothing that is owned or known can be compared with it.')
  const most = Math.max(...all.map((c) => c.fit))
  const total = all.reduce((sum, c) => sum + Math.exp(c.fit - most), 0)
  const ranked = all
    .map((c) => ({ ...c, share: Math.exp(c.fit - most) / total }))
    .sort((p, q) => q.share - p.share || (p.paint.name < q.paint.name ? -1 : 1))
    .filter((c, i) => i < 3 || c.share > UNLIKELY)
    .slice(0, count)
  const candidates = ranked.map(({ paint, pigment, share, masstone, wash, lines }): Identified => ({
    ...(pigment ? { pigment } : { paintId: paint.id }),
    share,
    ...(masstone === undefined ? {} : { masstone }),
    ...(wash === undefined ? {} : { wash }),
    lines,
  }))
  return ok({ candidates, test: testFor(ranked[0]?.paint, ranked[1]?.paint, observed) })
}

function candidate(paint: Paint, observed: Observed): Candidate {
  const { masstone, wash, assumed } = viewOfPaint(paint)
  const own = assumed ? ASSUMED_SD : RECORDED_SD
  const lines: string[] = []
  let fit = 0
  let compared = 0
  const colour = (what: string, seen: OpticalSwatch | undefined, is: LabD65 | undefined) => {
    if (!seen || !is) return undefined
    const off = colourDifference(labOfSwatch(seen), is)
    // a difference has three axes, a third of its square along each
    fit -= (3 * off ** 2) / (2 * (own ** 2 + SOURCE_SD[seen.source] ** 2))
    compared += 1
    lines.push(`${what} off by ${off.toFixed(1)}`)
    return off
  }
  const m = colour('masstone', observed.masstone, masstone)
  const w = colour('wash', observed.wash, wash)
  if (observed.overBlack) {
    const optics = cachedOptics(paint)
    if (optics.ok) colour('over black', observed.overBlack, overBlack(optics.value))
  }
  const known = propertiesOf(paint)
  for (const scale of SCALE_NAMES) {
    const [seen, is] = [observed[scale], known[scale] as Known<string> | undefined]
    if (!seen || !is) continue
    const words: readonly string[] = SCALES[scale]
    const steps = Math.abs(levelOn(words, seen) - levelOn(words, is.value))
    fit -= steps * (is.from === 'recorded' ? STEP_RECORDED : STEP_ASSUMED)
    compared += 1
    if (steps) lines.push(`${is.value}, not ${seen}`)
    else lines.push(seen)
  }
  return {
    paint,
    fit: compared ? fit : -Infinity,
    ...(m === undefined ? {} : { masstone: m }),
    ...(w === undefined ? {} : { wash: w }),
    lines,
  }
}

/** From here on two washes or masstones are told apart by eye (judgement). */
const TOLD_APART = 4

/** What would tell two paints apart that was not looked at yet, the plainest difference first. */
function testFor(one: Paint | undefined, other: Paint | undefined, observed: Observed): string {
  if (!one || !other) return 'There is only one candidate.'
  const names = (p: string, q: string) => `${nameOf(one, other)}: ${p}; ${nameOf(other, one)}: ${q}`
  const [p, q] = [propertiesOf(one), propertiesOf(other)]
  const steps = (scale: Scale) => {
    const words: readonly string[] = SCALES[scale]
    const [x, y] = [p[scale]?.value, q[scale]?.value]
    return x && y && !observed[scale] ? Math.abs(levelOn(words, x) - levelOn(words, y)) : 0
  }
  const HOW: Record<Scale, string> = {
    staining: 'Lift a dry stroke with a damp brush',
    granulation: 'Float a wet wash on rough paper and let it dry',
    transparency: 'Paint it over a black line',
  }
  const tests = (['staining', 'granulation', 'transparency'] as const)
    .map((scale) => ({ scale, by: steps(scale) }))
    .sort((a, b) => b.by - a.by)
  const [best] = tests
  if (best && best.by > 0) return `${HOW[best.scale]}. ${names(p[best.scale]!.value, q[best.scale]!.value)}.`
  const [v, u] = [viewOfPaint(one), viewOfPaint(other)]
  for (const which of ['wash', 'masstone'] as const) {
    const [x, y] = [v[which], u[which]]
    if (!observed[which] && x && y && colourDifference(x, y) >= TOLD_APART)
      return `Paint out a ${which} and read its colour: the two differ by ${colourDifference(x, y).toFixed(1)} there.`
  }
  return `Nothing that is known tells ${nameOf(one, other)} and ${nameOf(other, one)} apart: mix each with white and look.`
}
const nameOf = (one: Paint, other: Paint) =>
  one.name === other.name && one.maker ? `${one.name} (${one.maker})` : one.name
