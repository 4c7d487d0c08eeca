import type { BriefCount, CountedTrait } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { lastingOf } from '../../order'
import { propertiesOf } from '../../paints/properties'
import { viewOfPaint } from '../../paints/view'
import { counted } from '../../units'
import { CLOSES } from '../verdict/closes'
import { levelOn, STAININGS, TRANSPARENCIES } from '../../pigments/scales'

const transparencyOf = (p: Paint) => levelOn(TRANSPARENCIES, propertiesOf(p).transparency?.value)
const stainingOf = (p: Paint) => levelOn(STAININGS, propertiesOf(p).staining?.value)

/** What of a paint may be counted; what is not known counts for nothing. */
const IS: Readonly<Record<CountedTrait, (paint: Paint) => boolean>> = {
  transparent: (p) => transparencyOf(p) === 0,
  opaque: (p) => transparencyOf(p) >= 2,
  granulating: CLOSES['something that granulates'],
  smooth: CLOSES['something smooth'],
  lifting: CLOSES['something that lifts'],
  staining: (p) => stainingOf(p) >= 2,
  lasting: (p) => lastingOf(p).level >= 2,
  'single-pigment': (p) => p.pigments.length === 1,
}

/** Whether a paint is one of those that are counted. */
export const isCounted = ({ trait, family }: Pick<BriefCount, 'trait' | 'family'>, paint: Paint): boolean =>
  (!trait || IS[trait](paint)) && (!family || viewOfPaint(paint).family === family)

/** How many a count asks for among so many paints: `half` is more than half of them at the least, no more than half at the most. */
export const wantedOf = ({ bound, count }: Pick<BriefCount, 'bound' | 'count'>, paints: number): number =>
  count === 'half' ? Math.floor(paints / 2) + (bound === 'least' ? 1 : 0) : count

/** `at least 3 transparent yellows`, `mostly granulating paints`, `no opaque paint`, `at most 2 darks`. */
export function countInWords({
  bound,
  count,
  trait,
  family,
}: Pick<BriefCount, 'bound' | 'count' | 'trait' | 'family'>): string {
  const one = [trait, family ?? 'paint'].filter(Boolean).join(' ')
  const many = `${one}s`
  if (count === 'half') return bound === 'least' ? `mostly ${many}` : `no more than half ${many}`
  if (bound === 'most' && count === 0) return `no ${one}`
  return `${bound === 'least' ? 'at least' : 'at most'} ${counted(count, one)}`
}

/** A count that a choice of paints does not meet: those that it counts, and how many it asks for. */
export interface CountMissed {
  count: BriefCount
  paintIds: string[]
  wanted: number
}

/** The counts that these paints do not meet; empty where there is nothing planned yet. */
export function countsMissed(counts: readonly BriefCount[] | undefined, paints: readonly Paint[]): CountMissed[] {
  if (!paints.length) return []
  return (counts ?? []).flatMap((count): CountMissed[] => {
    const paintIds = paints.filter((p) => isCounted(count, p)).map((p) => p.id)
    const wanted = wantedOf(count, paints.length)
    const isMet = count.bound === 'least' ? paintIds.length >= wanted : paintIds.length <= wanted
    return isMet ? [] : [{ count, paintIds, wanted }]
  })
}
