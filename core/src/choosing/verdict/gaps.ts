import type { Brief } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { viewOfPaint } from '../../paints/view'
import type { Bringing, Gap, GapKind, Values } from './assessment'
import { DARK } from '../brief/wishes'
import { CLOSES, granulationOf } from './closes'
import { SECONDARIES, type Secondary } from './pairs'

export interface GapQuestion {
  planned: readonly Paint[]
  /** Owned paints that are not planned and not ruled out, those first that bring most. */
  candidates: readonly { paint: Paint; bringing: Bringing }[]
  values: Values
  /** C* of the cleanest secondaries of the palette and of the whole collection. */
  cleanest?: { palette: Record<Secondary, number>; collection: Record<Secondary, number> }
  brief?: Brief
}

/** Gaps are named from this many paints on: before, all is missing. */
const NAMED_FROM = 5

const PRIMARIES = ['yellow', 'red', 'blue'] as const
/** Gaps by name; asked for only where their family is there at all. */
const NAMED: readonly [kind: GapKind, of?: string][] = [
  ['cool yellow', 'yellow'],
  ['warm red', 'red'],
  ['cool red', 'red'],
  ['blue that leans green', 'blue'],
  ['earth'],
]

/** What painters would miss on a palette, each with the owned paint that closes it best. */
export function gapsOf(question: GapQuestion): Gap[] {
  const { planned, candidates, values, brief } = question
  if (planned.length < NAMED_FROM) return []
  const closedBy = (kind: GapKind) => candidates.find(({ paint }) => CLOSES[kind](paint))?.bringing
  const gap = (kind: GapKind): Gap[] => {
    if (planned.some(CLOSES[kind])) return []
    const remedy = closedBy(kind)
    return [{ kind, ...(remedy ? { remedy } : {}) }]
  }
  const wants = (wish: string, value: string) => brief?.wishes?.some((w) => w.wish === wish && w.value === value)
  const known = planned.filter((p) => granulationOf(p) >= 0)
  const families = new Set(planned.map((p) => viewOfPaint(p).family as string | undefined))
  return [
    ...PRIMARIES.flatMap(gap),
    ...NAMED.filter(([, of]) => !of || families.has(of)).flatMap(([kind]) => gap(kind)),
    ...cleanGaps(question),
    ...darkGap(values, closedBy('deep dark')),
    ...(wants('opaque', 'wanted') ? gap('opaque light') : []),
    ...(known.length && !wants('granulation', 'disliked') ? gap('something that granulates') : []),
    ...(known.length && !wants('granulation', 'liked') ? gap('something smooth') : []),
  ]
}

/** A dark is deep enough below this L*, alone or mixed (judgement). */
const DEEP = DARK
function darkGap({ alone, mixed }: Values, remedy: Bringing | undefined): Gap[] {
  const lowest = Math.min(alone?.L ?? Infinity, mixed?.L ?? Infinity)
  if (!Number.isFinite(lowest) || lowest < DEEP) return []
  return [{ kind: 'deep dark', has: lowest, ...(remedy ? { remedy } : {}) }]
}

/** A secondary is missing when the collection gives one so much cleaner, C* (judgement). */
const CLEARLY_CLEANER = 10

/** A green, an orange, a violet that the collection gives clearly cleaner than the palette. */
function cleanGaps({ cleanest, candidates }: GapQuestion): Gap[] {
  if (!cleanest) return []
  return SECONDARIES.flatMap((family): Gap[] => {
    const [has, could] = [cleanest.palette[family], cleanest.collection[family]]
    if (could - has < CLEARLY_CLEANER) return []
    const remedy = candidates.find(({ paint }) => CLOSES[`clean ${family}`](paint))?.bringing ?? candidates[0]?.bringing
    return [{ kind: `clean ${family}`, has, could, ...(remedy ? { remedy } : {}) }]
  })
}
