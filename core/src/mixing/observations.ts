import { derived } from '../collection/caches'
import { recipesIn } from '../collection/lists'
import { same } from '../documents/diff'
import { labD65, type LabD65 } from '../units'
import { masstoneOf, washOf, type Optics } from '../film/optics'
import { WASH_WATER } from '../film/dilution'
import type { Swatch } from '../documents/paint'
import type { Recipe } from '../documents/recipe'
import { labOfSwatch } from '../film/swatch'
import { mixOptics } from './mixOptics'

/** What a real mixture looked like, dry, on white paper. */
export interface Observation {
  paints: readonly { id: string; parts: number }[]
  masstone?: LabD65
  wash?: LabD65
}

/** A mixture as it was seen. */
export interface StrengthNote extends Observation {
  /** A tint test: the paint first, then the white that it was mixed with. */
  isTint?: boolean
}

/** Whether a note is made of numbers. */
export const isSound = ({ paints, masstone, wash }: Observation): boolean =>
  paints.every((p) => p.parts >= 0 && Number.isFinite(p.parts)) &&
  [masstone, wash].every((lab) => !lab || [lab.L, lab.a, lab.b].every(Number.isFinite))

/** The colour of a swatch that was really painted; what was made up says nothing. */
const seenIn = (swatch: Swatch | undefined) => (swatch?.simulated ? undefined : labOfSwatch(swatch))

/** What a kept recipe says of the real mixture; undefined where that was not painted out. */
export function observationOf(recipe: Recipe): Observation | undefined {
  const [masstone, wash] = [seenIn(recipe.masstone), seenIn(recipe.wash)]
  if (!masstone && !wash) return undefined
  return {
    paints: recipe.paints.map((p) => ({ id: p.paintId, parts: p.parts })),
    ...(masstone ? { masstone } : {}),
    ...(wash ? { wash } : {}),
  }
}

/** All of them, the same list for as long as they say the same. */
export const observationsIn = derived(
  (reading): readonly Observation[] => recipesIn(reading).flatMap((recipe) => observationOf(recipe) ?? []),
  same,
)

type Shift = [dL: number, da: number, db: number]
export interface Correction {
  masstone: Shift
  wash: Shift
  count: number
  /** How much is known of each: 0 (far from any note) to 1 (just like one). */
  weights: { masstone: number; wash: number }
}

/** Notes count fully at the same parts and half at about a doubling of one part (judgement). */
const REACH = 0.6
/** A single note is trusted to four fifths. */
const DOUBT = 0.25

/**
 * How own notes of the same paints shift a prediction: the differences between what was seen and what
 * the model says, weighted by how near their parts lie, shrunk toward none where notes are few.
 *
 * @returns undefined when no note holds exactly these paints.
 */
export function correctionFor(
  parts: readonly { id?: string; optics: Optics; parts: number }[],
  observations: readonly Observation[],
): Correction | undefined {
  const own = parts.filter((p) => p.parts > 0)
  if (own.some((p) => p.id === undefined)) return undefined
  const optics = new Map(own.map((p) => [p.id!, p.optics]))
  if (optics.size < 2) return undefined
  const asked = logShares(oncePerPaint(own.map((p) => ({ id: p.id!, parts: p.parts }))))
  const alike = observations
    .map((o) => ({ ...o, paints: oncePerPaint(o.paints) }))
    .filter(
      (o) =>
        o.paints.length === optics.size &&
        o.paints.every((p) => optics.has(p.id) && p.parts > 0) &&
        (o.masstone ?? o.wash),
    )
  if (alike.length === 0) return undefined
  const sums: Record<'masstone' | 'wash', { shift: Shift; weight: number }> = {
    masstone: { shift: [0, 0, 0], weight: 0 },
    wash: { shift: [0, 0, 0], weight: 0 },
  }
  for (const note of alike) {
    const mixed = mixOptics(note.paints.map((p) => ({ optics: optics.get(p.id)!, parts: p.parts })))
    if (!mixed.ok) continue
    const there = logShares(note.paints)
    const distance = Math.sqrt([...asked].reduce((sum, [id, s]) => sum + (s - there.get(id)!) ** 2, 0))
    const weight = Math.exp(-0.5 * (distance / REACH) ** 2)
    const model = { masstone: masstoneOf(mixed.value), wash: washOf(mixed.value) }
    for (const which of ['masstone', 'wash'] as const) {
      const seen = note[which]
      if (!seen) continue
      const sum = sums[which]
      sum.weight += weight
      ;(['L', 'a', 'b'] as const).forEach((c, i) => {
        sum.shift[i]! += weight * (seen[c] - model[which][c])
      })
    }
  }
  const mean = ({ shift, weight }: { shift: Shift; weight: number }) => shift.map((s) => s / (weight + DOUBT)) as Shift
  const trust = ({ weight }: { weight: number }) => weight / (weight + DOUBT)
  return {
    masstone: mean(sums.masstone),
    wash: mean(sums.wash),
    count: alike.length,
    weights: { masstone: trust(sums.masstone), wash: trust(sums.wash) },
  }
}

/** A paint that is named twice counts once, with all its parts. */
function oncePerPaint(paints: readonly { id: string; parts: number }[]): { id: string; parts: number }[] {
  const sums = new Map<string, number>()
  for (const { id, parts } of paints) sums.set(id, (sums.get(id) ?? 0) + parts)
  return [...sums].map(([id, parts]) => ({ id, parts }))
}

function logShares(paints: readonly { id: string; parts: number }[]): Map<string, number> {
  const mean = paints.reduce((s, p) => s + Math.log(p.parts), 0) / paints.length
  return new Map(paints.map((p) => [p.id, Math.log(p.parts) - mean]))
}

/** A predicted colour at a load, shifted: between masstone and wash by the logarithm of the load, thinner than the wash ever less. */
export function correctedAt({ masstone, wash }: Correction, lab: LabD65, load: number, washLoad: number): LabD65 {
  const towardWash = washLoad >= 1 ? 0 : Math.max(0, Math.min(1, Math.log(load) / Math.log(washLoad)))
  const fade = Math.min(1, load / washLoad)
  const [dL, da, db] = masstone.map((m, i) => (m * (1 - towardWash) + wash[i]! * towardWash) * fade) as Shift
  return labD65(Math.max(0, Math.min(100, lab.L + dL)), lab.a + da, lab.b + db)
}

/** How much notes say about a mixture at some water: one on the masstone little about the wash. */
export function weightAt({ weights }: Correction, water: number): number {
  const towardWash = Math.min(1, Math.log1p(water) / Math.log1p(WASH_WATER))
  return weights.masstone * (1 - towardWash) + weights.wash * towardWash
}
