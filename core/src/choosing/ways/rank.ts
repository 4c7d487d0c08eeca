import { tellingSwatch } from '../../colour/family'
import { hueStep, toLch } from '../../colour/lch'
import { middleOfFamily, type AnyFamily, type HueFamily } from '../../colour/wheel'
import type { Brief } from '../../documents/brief'
import type { CallWants, GuideCall } from '../../documents/guide'
import type { Paint } from '../../documents/paint'
import { propertiesOf } from '../../paints/properties'
import { compareText, viewOfPaint, type PaintView } from '../../paints/view'
import { counted } from '../../units'
import { fitOf, isRuledOut, type Fit } from '../brief/fit'
import type { Bringing } from '../verdict/assessment'
import { DARK } from '../brief/wishes'

/** A paint that may answer a call. */
export interface Candidate {
  paintId: string
  /** It is what is called for; otherwise it only comes near, and `reasons` begin with what it is instead. */
  answers: boolean
  fit: Fit
  reasons: string[]
  /** What it would bring to the palette, shares of reach, 0..1; undefined until that is known. */
  brings?: number
  score: number
}

export interface RankContext {
  planned: readonly Paint[]
  brief?: Brief
  gains?: ReadonlyMap<string, Bringing>
  /** How many tubes and pans there are, and in how many other palettes it is planned. */
  evidence(paintId: string): { items: number; palettes: number }
}

/**
 * The owned paints that answer a call, best first, each with its reasons in words; where nobody answers, those that come
 * nearest. What counts, beside the brief: what it brings, that it is one pigment, evidence that it is used, and how
 * squarely it is what is called for (weights by judgement).
 */
export function rankCall(call: GuideCall, paints: readonly Paint[], context: RankContext, most = 40): Candidate[] {
  const inAlready = new Set(context.planned.map((p) => p.id))
  const judged = paints.filter((p) => !inAlready.has(p.id)).map((paint) => judge(viewOfPaint(paint), call, context))
  const answering = judged.filter((j) => j.misses === 0)
  const list = answering.length
    ? answering
    : judged
        .filter((j) => Number.isFinite(j.misses))
        .sort((p, q) => p.misses - q.misses)
        .slice(0, NEAREST)
  return list
    .sort(
      (p, q) =>
        p.misses - q.misses ||
        Number(isRuledOut(p.candidate.fit)) - Number(isRuledOut(q.candidate.fit)) ||
        q.candidate.score - p.candidate.score ||
        compareText(p.candidate.paintId, q.candidate.paintId),
    )
    .map((j) => j.candidate)
    .slice(0, most)
}
/** Whether a paint is what a call asks for. */
export const answersCall = ({ wants }: GuideCall, paint: Paint): boolean =>
  wants.length === 0 || wants.some((w) => missOf(viewOfPaint(paint), w).misses === 0)

/** So many are named where nobody answers. */
const NEAREST = 5

function judge(view: PaintView, { wants }: GuideCall, context: RankContext): { misses: number; candidate: Candidate } {
  const { paint } = view
  const each = wants.length ? wants.map((w) => missOf(view, w)) : [{ misses: 0, off: 0, instead: [] }]
  const nearest = each.reduce((least, next) =>
    next.misses < least.misses || (next.misses === least.misses && next.off < least.off) ? next : least,
  )
  const fit = fitOf(paint, context.brief, { palette: context.planned })
  const { items, palettes } = context.evidence(paint.id)
  const gain = context.gains?.get(paint.id)
  const { transparency, lightfastness } = propertiesOf(paint)
  const isConvenience = gain !== undefined && context.planned.length >= ENOUGH && gain.reach < HARDLY
  const reasons = [
    ...nearest.instead,
    ...(view.lean?.toward && nearest.misses === 0 ? [`leans ${view.lean.toward}`] : []),
    ...(paint.pigments.length === 1
      ? ['one pigment']
      : paint.pigments.length > 1
        ? [`${paint.pigments.length} pigments`]
        : []),
    ...(transparency ? [transparency.value] : []),
    ...(lightfastness && DOUBTFUL.includes(lightfastness.value) ? [lightfastness.value] : []),
    ...(items > 1 ? [`${counted(items, 'tube or pan', 'tubes or pans')} owned`] : items === 0 ? ['none at hand'] : []),
    ...(palettes ? [`already in ${counted(palettes, 'palette')}`] : []),
    ...(gain
      ? [isConvenience ? 'a convenience: what is in mixes its colours' : `brings ${(100 * gain.reach).toFixed(1)} %`]
      : []),
    ...(SAID.includes(fit.word) ? fit.reasons : []),
  ]
  const score =
    10 * (gain?.worth ?? 0) +
    (paint.pigments.length === 1 ? 0.1 : 0) +
    (items > 1 ? 0.15 : items === 0 ? -0.3 : 0) +
    0.05 * Math.min(2, palettes) +
    (lightfastness && DOUBTFUL.includes(lightfastness.value) ? -0.3 : 0) +
    (fit.word === 'use up'
      ? 0.2
      : fit.word === 'spared'
        ? -0.2
        : fit.word === 'against a wish'
          ? -0.2 * fit.reasons.length
          : 0) -
    0.2 * nearest.off
  return {
    misses: nearest.misses,
    candidate: {
      paintId: paint.id,
      answers: nearest.misses === 0,
      fit,
      reasons,
      ...(gain ? { brings: gain.reach } : {}),
      score,
    },
  }
}

/** From so many paints on a paint that brings next to nothing is a convenience (judgement). */
const ENOUGH = 3
const HARDLY = 0.0005
/** What is only not known is said when the paint is looked at, not in every row. */
const SAID: readonly Fit['word'][] = ['ruled out', 'against a wish', 'spared', 'must be in', 'use up']
const DOUBTFUL: readonly string[] = ['poor', 'fugitive']

/** Below this masstone a paint is a dark of its family, L* (judgement): a deep yellow is still light. */
const DARKS: Partial<Record<string, number>> = {
  yellow: 66,
  orange: 52,
  red: 36,
  violet: DARK,
  blue: DARK,
  green: 32,
  earth: 36,
}
const LIGHT = 80

interface Miss {
  /** How much of what is called for it is not; 0 when it answers, Infinity when nothing is known. */
  misses: number
  /** How far it is from the middle of what is called for, 0..1. */
  off: number
  /** What it is instead, in words. */
  instead: string[]
}

function missOf(view: PaintView, wants: CallWants): Miss {
  const { family, fine, lean, masstone } = view
  const telling = tellingSwatch(view)
  if (!family) return { misses: Infinity, off: 1, instead: [] }
  const instead: string[] = []
  let misses = 0
  const miss = (weight: number, words: string) => {
    misses += weight
    if (words && !instead.includes(words)) instead.push(words)
  }
  if (wants.families && !isOf(view, wants.families)) miss(4 + hueOff(view, wants), `is ${articled(fine ?? family)}`)
  if (
    wants.temperature &&
    lean?.temperature !== wants.temperature &&
    !(family === 'violet' && wants.temperature === 'cool')
  )
    miss(1 - (lean?.strength ?? 0) / 2, lean?.temperature ? `is ${lean.temperature}` : 'is neither warm nor cool')
  if (wants.toward && lean?.toward !== wants.toward) miss(1, lean?.toward ? `leans ${lean.toward}` : 'leans nowhere')
  if (wants.single && view.paint.pigments.length !== 1) miss(1, `${view.paint.pigments.length} pigments`)
  if (wants.depth && !masstone) miss(1, 'masstone not known')
  else if (wants.depth === 'dark' && masstone!.L >= darkBelow(wants, family))
    miss(0.5 + masstone!.L / 100, `L* ${masstone!.L.toFixed(0)}`)
  else if (wants.depth === 'light' && masstone!.L < LIGHT) miss(1.5 - masstone!.L / 100, `L* ${masstone!.L.toFixed(0)}`)
  let off = 0
  if (wants.hue && telling) {
    const { from, to } = wants.hue
    const width = (to - from + 360) % 360 || 360
    const from0 = hueStep((from + width / 2) % 360, toLch(telling).h)
    off = Math.min(1, Math.abs(from0) / (width / 2))
    if (Math.abs(from0) > width / 2 + 1e-9) miss(Math.abs(from0) / 60, `lies ${Math.abs(from0).toFixed(0)}° away`)
  }
  return { misses, off, instead }
}

const isOf = ({ family, fine }: PaintView, families: readonly AnyFamily[]) =>
  families.some((f) => f === family || f === fine)
const darkBelow = (wants: CallWants, family: string) => (wants.families ? (DARKS[family] ?? DARK) : DARK)
const articled = (family: string) => (/^[aeiou]/.test(family) ? `an ${family}` : `a ${family}`)

/** How far a paint lies from the nearest family that is called for, in sixths of the wheel. */
function hueOff(view: PaintView, { families = [] }: CallWants): number {
  const telling = tellingSwatch(view)
  if (!telling) return 3
  const middles = families.flatMap((f) => middleOfFamily(f as HueFamily) ?? [])
  const { h } = toLch(telling)
  return middles.length ? Math.min(...middles.map((m) => Math.abs(hueStep(m, h)))) / 60 : 3
}
