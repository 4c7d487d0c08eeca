import { derived } from '../collection/caches'
import type { Collection } from '../collection/collection'
import { paintJudged, paintsJudged, recipesIn } from '../collection/lists'
import { ciede2000 } from '../colour/ciede2000'
import { cachedOptics } from '../film/cachedOptics'
import { leastSquares } from '../film/leastSquares'
import { masstoneOf, washOf, type Optics } from '../film/optics'
import { opticsOfPaint } from '../film/paintOptics'
import { labOfSwatch } from '../film/swatch'
import { counted } from '../units'
import type { DoubtedOptics } from './mixtureError'
import { mixOptics } from './mixOptics'
import { recalibration } from './recalibration'
import { observationOf, type StrengthNote } from './observations'

/** What tint tests and notes of real mixtures say of a paint's strength. */
export interface LearnedStrength {
  /** What one part of it does, against what its swatches and codes let expect; 1 is as expected. */
  factor: number
  /** How far it may still be from that, one standard deviation of its natural logarithm. */
  sd: number
  /** Whether a tint test is among the evidence, and how many notes of mixtures are. */
  tested: boolean
  notes: number
}

/** What a collection's own notes teach: how strong paints are, by id, and how far its predictions lie off. */
export type Learned = ReadonlyMap<string, LearnedStrength> & {
  /** How many times as far off predictions of mixtures were as they said; 1 where little was noted. */
  calibration?: number
}

/** The trade's tint test: one part of the paint in ten of titanium white. */
export const TINT_PARTS = 10
const TINT_WHITE = 'PW6'

/** How far a paint's strength lies from what its swatches and codes say, a factor, one standard deviation (judgement). */
const STRENGTH_SD = Math.log(1.5)
/** How far a mixture or a tint may lie off for other reasons than strength, one standard deviation, CIEDE2000 (judgement). */
export const OTHERWISE_SD = 4
export const TINT_SD = 3
/** No evidence makes a paint more than this many times as strong or as weak: then it is another paint. */
const MOST = Math.log(6)
/** Each paint in turn, the others as they stand; notes couple few paints, so a few rounds settle it. */
const ROUNDS = 4

/**
 * How strong paints are, from mixtures that were really made: the factors on their parts that explain best what was
 * seen, held to 1 where little is known (maximum a posteriori, one paint at a time). Notes with a paint whose optics
 * are not known say nothing.
 *
 * @param optics of each paint, by id, as its own swatches and codes give it.
 */
export function learnStrengths(
  optics: ReadonlyMap<string, Optics>,
  notes: readonly StrengthNote[],
): ReadonlyMap<string, LearnedStrength> {
  const usable = notes.filter((n) => n.paints.length > 1 && n.paints.every((p) => optics.has(p.id) && p.parts > 0))
  const byPaint = new Map<string, StrengthNote[]>()
  for (const note of usable) for (const id of judgedBy(note)) byPaint.set(id, [...(byPaint.get(id) ?? []), note])
  const logs = new Map([...byPaint.keys()].map((id) => [id, 0]))
  const sds = new Map<string, number>()
  const factorOf = (id: string) => Math.exp(logs.get(id) ?? 0)
  const missed = (note: StrengthNote, into: Float64Array, at: number) => {
    const mixed = mixOptics(
      note.paints.map((p) => ({ optics: times(optics.get(p.id)!, factorOf(p.id)), parts: p.parts })),
    )
    if (!mixed.ok) return
    const off = (seen: typeof note.masstone, is: (o: Optics) => NonNullable<typeof note.masstone>) => {
      if (!seen) return 0
      const model = is(mixed.value)
      return ciede2000(seen.L, seen.a, seen.b, model.L, model.a, model.b) / (note.isTint ? TINT_SD : OTHERWISE_SD)
    }
    into[at] = off(note.masstone, masstoneOf)
    into[at + 1] = off(note.wash, washOf)
  }
  for (let round = 0; round < ROUNDS; round += 1) {
    for (const [id, own] of byPaint) {
      const residuals = (x: Float64Array, into: Float64Array) => {
        logs.set(id, Math.max(-MOST, Math.min(MOST, x[0]!)))
        into[0] = x[0]! / STRENGTH_SD
        own.forEach((note, i) => missed(note, into, 1 + 2 * i))
      }
      const { x, spread } = leastSquares(residuals, 1 + 2 * own.length, [logs.get(id)!], 8)
      sds.set(id, Math.min(STRENGTH_SD, Math.abs(spread[0]?.[0] ?? STRENGTH_SD)))
      logs.set(id, Math.max(-MOST, Math.min(MOST, x[0]!)))
    }
  }
  return new Map(
    [...byPaint].map(([id, own]) => [
      id,
      {
        factor: factorOf(id),
        sd: sds.get(id) ?? STRENGTH_SD,
        tested: own.some((n) => n.isTint),
        notes: own.filter((n) => !n.isTint).length,
      },
    ]),
  )
}

/** The same, each part of it doing so many times as much. */
const times = <O extends Optics>(optics: O, factor: number): O => ({
  ...optics,
  perPart: (optics.perPart ?? 1) * factor,
})

/** A tint test judges its paint alone: the white is the measure. */
const judgedBy = ({ paints, isTint }: StrengthNote): Set<string> =>
  new Set((isTint ? paints.slice(0, 1) : paints).map((p) => p.id))

/** No paint can have this id. */
const WHITE_ID = ' standard white'
const standardWhite = () => {
  const white = opticsOfPaint({ pigments: [TINT_WHITE] })
  if (!white.ok) throw new Error(white.error.message)
  return white.value
}

/** What the collection's own tint tests and notes teach; the same answer for as long as none of what it rests on changes. */
export const strengthsIn = derived((reading): Learned => {
  const notes: StrengthNote[] = recipesIn(reading).flatMap((r) => observationOf(r) ?? [])
  for (const { id, tint } of paintsJudged(reading)) {
    const seen = tint?.simulated ? undefined : labOfSwatch(tint)
    if (seen) notes.push({ paints: [{ id, parts: 1 }, tintWhite()], masstone: seen, isTint: true })
  }
  const optics = new Map<string, DoubtedOptics>()
  if (notes.length) optics.set(WHITE_ID, standardWhite())
  for (const id of new Set(notes.flatMap((n) => n.paints.map((p) => p.id)))) {
    const paint = paintJudged(reading, id)
    const own = paint && cachedOptics(paint)
    if (own?.ok) optics.set(id, own.value)
  }
  return remembered(reading.collection, optics, notes)
})
const tintWhite = () => ({ id: WHITE_ID, parts: TINT_PARTS })

interface Remembered {
  key: string
  optics: ReadonlyMap<string, DoubtedOptics>
  strengths: Learned
}
const last = new WeakMap<Collection, Remembered>()
/** A changed name or price of a paint must not set the learning going again. */
function remembered(
  collection: Collection,
  optics: ReadonlyMap<string, DoubtedOptics>,
  notes: readonly StrengthNote[],
) {
  const key = JSON.stringify(notes)
  const known = last.get(collection)
  const isSame =
    known?.key === key &&
    known.optics.size === optics.size &&
    [...optics].every(([id, o]) => id === WHITE_ID || known.optics.get(id) === o)
  if (isSame) return known.strengths
  const strengths = Object.assign(new Map(learnStrengths(optics, notes)), { calibration: recalibration(optics, notes) })
  last.set(collection, { key, optics, strengths })
  return strengths
}

/** A paint's optics as it mixes: what was learned of its strength, and of how far mixtures lie off, included. */
export function asItMixes<O extends DoubtedOptics>(optics: O, known: Learned | undefined, id: string): O {
  const calibration = known?.calibration ?? 1
  const told = calibration === 1 ? optics : { ...optics, calibration }
  const learned = known?.get(id)
  if (!learned) return told
  const stronger = times(told, learned.factor)
  const { error } = optics
  return error ? { ...stronger, error: { ...error, strength: Math.min(error.strength, learned.sd) } } : stronger
}

/** `about twice as strong as its pigments let expect`, from how much evidence. */
export function strengthInWords({ factor, tested, notes }: LearnedStrength): string {
  const by = Math.max(factor, 1 / factor)
  const times = by >= 1.75 && by < 2.25 ? 'twice' : `${by.toFixed(1)} times`
  const much = `${by < 1.12 ? '' : `${times} `}as ${factor > 1 || by < 1.12 ? 'strong' : 'weak'} as expected`
  const from = [tested ? 'a tint test' : '', notes ? `${counted(notes, 'note')} of mixtures` : '']
  return `One part is ${much}, by ${from.filter(Boolean).join(' and ')}.`
}
