import type { Brief } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { propertiesOf } from '../../paints/properties'
import { viewOfPaint } from '../../paints/view'
import { GRANULATIONS, levelOn, TRANSPARENCIES } from '../../pigments/scales'
import type { Bringing, Gap, GapKind, Values } from './assessment'
import { DARK } from '../brief/wishes'
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

const view = (paint: Paint) => viewOfPaint(paint)
const isOf = (family: string, temperature: string) => (paint: Paint) =>
  view(paint).family === family && view(paint).lean?.temperature === temperature
const PRIMARIES = ['yellow', 'red', 'blue'] as const
/** What each named paint is, as painters tell it; asked for only where its family is there at all. */
const NAMED: readonly [kind: GapKind, is: (paint: Paint) => boolean, of?: string][] = [
  ['cool yellow', isOf('yellow', 'cool'), 'yellow'],
  ['warm red', isOf('red', 'warm'), 'red'],
  ['cool red', isOf('red', 'cool'), 'red'],
  ['blue that leans green', (p) => view(p).family === 'blue' && view(p).lean?.toward === 'green', 'blue'],
  ['earth', (p) => view(p).family === 'earth'],
]
const granulation = (paint: Paint) => levelOn(GRANULATIONS, propertiesOf(paint).granulation?.value)

/** What painters would miss on a palette, each with the owned paint that closes it best. */
export function gapsOf(question: GapQuestion): Gap[] {
  const { planned, candidates, values, brief } = question
  if (planned.length < NAMED_FROM) return []
  const closedBy = (is: (paint: Paint) => boolean) => candidates.find(({ paint }) => is(paint))?.bringing
  const gap = (kind: GapKind, is: (paint: Paint) => boolean, more: Partial<Gap> = {}): Gap[] => {
    if (planned.some(is)) return []
    const remedy = closedBy(is)
    return [{ kind, ...more, ...(remedy ? { remedy } : {}) }]
  }
  const wants = (wish: string, value: string) => brief?.wishes?.some((w) => w.wish === wish && w.value === value)
  const known = planned.filter((p) => granulation(p) >= 0)
  return [
    ...PRIMARIES.flatMap((family) => gap(family, (p) => view(p).family === family)),
    ...NAMED.filter(([, , of]) => !of || planned.some((p) => view(p).family === of)).flatMap(([kind, is]) =>
      gap(kind, is),
    ),
    ...cleanGaps(question),
    ...darkGap(
      values,
      closedBy((p) => (view(p).masstone?.L ?? 100) < DARK),
    ),
    ...(wants('opaque', 'wanted') ? gap('opaque light', isOpaqueLight) : []),
    ...(known.length && !wants('granulation', 'disliked')
      ? gap('something that granulates', (p) => granulation(p) >= 1)
      : []),
    ...(known.length && !wants('granulation', 'liked') ? gap('something smooth', (p) => granulation(p) === 0) : []),
  ]
}

const isOpaqueLight = (paint: Paint) =>
  levelOn(TRANSPARENCIES, propertiesOf(paint).transparency?.value) >= 2 && (view(paint).masstone?.L ?? 0) > 85

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
    const remedy = candidates.find(({ paint }) => view(paint).family === family)?.bringing ?? candidates[0]?.bringing
    return [{ kind: `clean ${family}`, has, could, ...(remedy ? { remedy } : {}) }]
  })
}
