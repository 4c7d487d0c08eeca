import type { Brief } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { byPaintName, hasKnownColour, inOrder, isDark, isMoreUsual, lastingOf, lasts, type Supply } from '../../order'
import { propertiesOf } from '../../paints/properties'
import { chromaOf, viewOfPaint } from '../../paints/view'
import { fitOf, wishesMet } from '../brief/fit'
import { DARK } from '../brief/wishes'
import { BRINGS_TIE, type Bringing, type Gap, type Values } from './assessment'
import type { GapKind } from './gapKind'
import { CLOSES, granulationOf } from './closes'
import { SECONDARIES, type Secondary } from './pairs'

export interface GapCandidate {
  paint: Paint
  bringing: Bringing
}
export interface GapQuestion {
  planned: readonly Paint[]
  /** Owned paints that are at hand, not planned and not ruled out. */
  candidates: readonly GapCandidate[]
  values: Values
  /** C* of the cleanest secondaries of the palette and of the whole collection. */
  cleanest?: { palette: Record<Secondary, number>; collection: Record<Secondary, number> }
  /** The same of the palette with some paints more: no remedy is named that was not tried. */
  withMore?: (paints: readonly Paint[]) => Record<Secondary, number> | undefined
  supplyOf?: (paintId: string) => Supply
  brief?: Brief
  /** The way by which it is chosen. */
  way?: string
  /** Whether something in particular is to be mixed: then only what that needs is missed. */
  hasSubject?: boolean
}

/** Gaps are named from this many paints on: before, all is missing. */
const NAMED_FROM = 5
/** Of two remedies the one that brings clearly more comes before the more usual one (judgement). */
const REMEDY_TIE = 0.015

/** Gaps by name in the order in which painters notice them (common practice, no source); of a family only where it is there at all. */
const PRIMARIES = ['yellow', 'red', 'blue'] as const
const COLOURS: readonly [kind: GapKind, of?: string][] = [
  ['cool yellow', 'yellow'],
  ['warm yellow', 'yellow'],
  ['warm red', 'red'],
  ['cool red', 'red'],
  ['blue that leans violet', 'blue'],
  ['blue that leans green', 'blue'],
  ['earth'],
]
/** What a way of choosing has mixed on purpose. */
const MIXED_BY_WAY: Readonly<Record<string, readonly GapKind[]>> = {
  'split primaries, two cool reds': ['warm red'],
  'print triad': ['warm red', 'warm yellow', 'cool yellow', 'blue that leans violet', 'earth'],
}

/** What painters would miss on a palette, each with the owned paint that closes it best; what nobody needs here comes last. */
export function gapsOf(question: GapQuestion): Gap[] {
  const { planned, values, brief } = question
  if (planned.length < NAMED_FROM) return []
  const wants = (wish: string, value: string) => brief?.wishes?.some((w) => w.wish === wish && w.value === value)
  const families = new Set(planned.map((p) => viewOfPaint(p).family as string | undefined))
  const gap = (kind: GapKind): Gap[] =>
    planned.some(CLOSES[kind]) ? [] : [withRemedy({ kind }, closersOf(question, CLOSES[kind]))]
  const knowsGrain = planned.some((p) => granulationOf(p) >= 0)
  const knowsStain = planned.some((p) => propertiesOf(p).staining)
  const found = [
    ...PRIMARIES.flatMap((kind) => gap(kind)),
    ...darkGap(question, values),
    ...COLOURS.filter(([, of]) => !of || families.has(of)).flatMap(([kind]) => gap(kind)),
    ...(knowsStain ? gap('something that lifts') : []),
    ...(knowsGrain && !wants('granulation', 'disliked') ? gap('something that granulates') : []),
    ...(knowsGrain && !wants('granulation', 'liked') ? gap('something smooth') : []),
    ...(wants('opaque', 'wanted') ? gap('opaque light') : []),
    ...cleanGaps(question),
  ].map((g) => quietened(question, g))
  return [...found.filter((g) => !g.quiet), ...found.filter((g) => g.quiet)]
}

/** C* of a masstone from which a colour is clear enough to stand for its family: a Naples yellow is no warm yellow (judgement). */
const CLEAR = 40
const OF_COLOUR: readonly GapKind[] = [
  ...(['yellow', 'red', 'cool yellow', 'warm yellow', 'warm red', 'cool red'] as const),
  ...(['clean green', 'clean orange', 'clean violet'] as const),
]
/**
 * Paints that would close a gap, best first: those that last, are there, fit the wishes, bring most, are usual. What
 * fades is never named as a remedy.
 */
function closersOf({ candidates, planned, brief, supplyOf }: GapQuestion, closes: (paint: Paint) => boolean) {
  const own = candidates.filter(({ paint }) => closes(paint) && lastingOf(paint).level > 0)
  const isForDark = closes === CLOSES['deep dark']
  const isOfColour = OF_COLOUR.some((kind) => closes === CLOSES[kind])
  return inOrder(
    own,
    [
      lasts(paintOf),
      { says: 'its colour is clear', of: ({ paint }) => Number(isOfColour && chromaOf(viewOfPaint(paint)) >= CLEAR) },
      { says: 'more of it is there', of: ({ paint }) => supplyOf?.(paint.id).level ?? 3 },
      { says: 'it is a dark by itself', of: ({ paint }) => Number(isForDark && isDark(viewOfPaint(paint))) },
      {
        says: 'it fits the wishes better',
        of: ({ paint }) => wishesMet(fitOf(paint, brief, { palette: planned })),
      },
      { says: 'it brings more', of: ({ bringing }) => bringing.worth, within: REMEDY_TIE },
      isMoreUsual(paintOf),
      hasKnownColour(paintOf),
      // before the alphabet decides
      { says: 'it brings a little more', of: ({ bringing }) => bringing.worth },
    ],
    byPaintName(paintOf),
  ).map(({ item }) => item)
}
const paintOf = ({ paint }: GapCandidate) => paint

const withRemedy = (gap: Gap, [best]: readonly GapCandidate[]): Gap => (best ? { ...gap, remedy: best.bringing } : gap)

/** What the purpose has no use for, the way has mixed or the artist does without is no gap, but a quiet line. */
function quietened(question: GapQuestion, gap: Gap): Gap {
  const { brief, way, hasSubject, candidates } = question
  if (brief?.without?.includes(gap.kind)) return { ...gap, quiet: 'without' }
  if (way && MIXED_BY_WAY[way]?.includes(gap.kind)) return { ...gap, quiet: 'by the way' }
  if (!hasSubject || HANDLING.has(gap.kind)) return gap
  // what it would bring to what is to be mixed says whether that needs it
  const closers = candidates.filter(({ paint }) => CLOSES[gap.kind](paint))
  const most = Math.max(0, ...closers.map(({ bringing }) => bringing.worth))
  return closers.length && most < BRINGS_TIE ? { ...gap, quiet: 'not needed' } : gap
}
const HANDLING: ReadonlySet<GapKind> = new Set([
  'deep dark',
  'something that lifts',
  'something that granulates',
  'something smooth',
  'opaque light',
])

/** A dark is deep enough below this L*, alone or mixed (judgement). */
const DEEP = DARK
function darkGap(question: GapQuestion, { alone, mixed }: Values): Gap[] {
  const lowest = Math.min(alone?.L ?? Infinity, mixed?.L ?? Infinity)
  if (!Number.isFinite(lowest) || lowest < DEEP) return []
  return [withRemedy({ kind: 'deep dark', has: lowest }, closersOf(question, CLOSES['deep dark']))]
}

/** A secondary is missing when the collection gives one so much cleaner, C* (judgement). */
const CLEARLY_CLEANER = 10
/** So many paints are tried by themselves, and so many of them in pairs. */
const [TRIED, IN_PAIRS] = [14, 5]

/** A green, an orange, a violet that the collection gives clearly cleaner than the palette. */
function cleanGaps(question: GapQuestion): Gap[] {
  const { cleanest } = question
  if (!cleanest) return []
  return SECONDARIES.flatMap((family): Gap[] => {
    const [has, could] = [cleanest.palette[family], cleanest.collection[family]]
    if (could - has < CLEARLY_CLEANER) return []
    return [{ kind: `clean ${family}`, has, could, ...remedyFor(question, family, could) }]
  })
}

/** The paint, or the two, with which the gap is gone: of its own family first, then what may mix it; nothing where none was found. */
function remedyFor(question: GapQuestion, family: Secondary, could: number): Pick<Gap, 'remedy' | 'also'> {
  const { withMore } = question
  if (!withMore) return {}
  const own = closersOf(question, CLOSES[`clean ${family}`])
  const others = closersOf(question, (paint) => {
    const known = viewOfPaint(paint).family
    return known !== family && known !== 'earth' && known !== 'neutral' && known !== 'white'
  }).sort((p, q) => chromaOf(viewOfPaint(q.paint)) - chromaOf(viewOfPaint(p.paint)))
  const tried = [...own, ...others].slice(0, TRIED)
  const closes = (...paints: Paint[]) => {
    const with_ = withMore(paints)
    return with_ !== undefined && could - with_[family] < CLEARLY_CLEANER
  }
  const alone = tried.find(({ paint }) => closes(paint))
  if (alone) return { remedy: alone.bringing }
  for (const [i, one] of tried.slice(0, IN_PAIRS).entries())
    for (const other of tried.slice(i + 1, IN_PAIRS))
      if (closes(one.paint, other.paint)) return { remedy: one.bringing, also: other.paint.id }
  return {}
}
