import { tellingSwatch } from '../../colour/family'
import { hueStep, toLch } from '../../colour/lch'
import { middleOfFamily, type AnyFamily, type HueFamily } from '../../colour/wheel'
import type { Brief } from '../../documents/brief'
import type { CallWants, GuideCall } from '../../documents/guide'
import type { Paint } from '../../documents/paint'
import { propertiesOf } from '../../paints/properties'
import { viewOfPaint, type PaintView } from '../../paints/view'
import {
  byPaintName,
  hasKnownColour,
  inOrder,
  isDark,
  isMoreUsual,
  lastingOf,
  lasts,
  needsNoCaution,
  type Criterion,
  type Supply,
} from '../../order'
import { counted } from '../../units'
import { fitOf, isRuledOut, wishesMet, type Fit } from '../brief/fit'
import { BRINGS_TIE, type Bringing } from '../verdict/assessment'
import { DARK } from '../brief/wishes'

/** A paint that may answer a call. */
export interface Candidate {
  paintId: string
  /** It is what is called for; otherwise it only comes near, and `reasons` begin with what it is instead. */
  answers: boolean
  fit: Fit
  reasons: string[]
  /** What put it before the next one, in words. */
  ahead?: string
  /** What it would bring to the palette, shares of reach, 0..1; undefined until that is known. */
  brings?: number
}

export interface RankContext {
  planned: readonly Paint[]
  brief?: Brief
  gains?: ReadonlyMap<string, Bringing>
  evidence(paintId: string): Evidence
}
/** What speaks for a paint beside its colour. */
export interface Evidence {
  /** How many tubes and pans can be painted from, and in how many other palettes it is planned. */
  items: number
  palettes: number
  supply: Supply
}

/**
 * The owned paints that answer a call, best first, each with its reasons in words; where nobody answers, those that come
 * nearest. In the order of what counts: what the brief says, how squarely it answers, that it lasts, that it is there, how
 * it handles, what it brings (to a palette that is begun: one paint alone brings nothing that means anything), how it is
 * used, how usual it is.
 */
export function rankCall(call: GuideCall, paints: readonly Paint[], context: RankContext, most = 40): Candidate[] {
  const inAlready = new Set(context.planned.map((p) => p.id))
  const judged = paints.filter((p) => !inAlready.has(p.id)).map((paint) => judge(viewOfPaint(paint), call, context))
  const answering = judged.filter((j) => j.miss.misses === 0)
  const list = answering.length ? answering : judged.filter((j) => Number.isFinite(j.miss.misses))
  const placed = inOrder(list, criteriaOf(call, list, context), byPaintName(paintOf))
  return placed.slice(0, answering.length ? most : NEAREST).map(({ item, ahead }, i, all) => ({
    ...item.candidate,
    ...(ahead && i < all.length - 1 ? { ahead } : {}),
    reasons: reasonsOf(item, context),
  }))
}
/** Whether a paint is what a call asks for. */
export const answersCall = ({ wants }: GuideCall, paint: Paint): boolean =>
  wants.length === 0 || wants.some((w) => missOf(viewOfPaint(paint), w).misses === 0)

/** So many are named where nobody answers. */
const NEAREST = 5
/** A paint with less than this share of the chroma of the most colourful that answers is a dull one of its kind (judgement). */
const DULL = 0.7

/** Leans that differ by less are alike (judgement). */
const MIDDLE_TIE = 0.3
/** ... and so is chroma, C* (judgement). */
const CHROMA_TIE = 4

interface Judged {
  view: PaintView
  miss: Miss
  fit: Fit
  evidence: Evidence
  gain?: Bringing
  candidate: Omit<Candidate, 'reasons'>
}

function judge(view: PaintView, { wants }: GuideCall, context: RankContext): Judged {
  const { paint } = view
  const each = wants.length ? wants.map((w) => missOf(view, w)) : [{ misses: 0, off: 0, instead: [] }]
  const miss = each.reduce((least, next) =>
    next.misses < least.misses || (next.misses === least.misses && next.off < least.off) ? next : least,
  )
  const fit = fitOf(paint, context.brief, { palette: context.planned })
  const gain = context.gains?.get(paint.id)
  return {
    ...{ view, miss, fit, evidence: context.evidence(paint.id) },
    ...(gain ? { gain } : {}),
    candidate: { paintId: paint.id, answers: miss.misses === 0, fit, ...(gain ? { brings: gain.reach } : {}) },
  }
}

const paintOf = ({ view }: Judged) => view.paint

/** C* of the more colourful of masstone and wash. */
const mostChroma = ({ masstone, wash }: PaintView) =>
  Math.max(masstone ? toLch(masstone).C : 0, wash ? toLch(wash).C : 0)

/** What counts in a call, the first before all others. */
function criteriaOf({ wants }: GuideCall, list: readonly Judged[], { planned }: RankContext): Criterion<Judged>[] {
  const isOfHue = wants.some((w) => !w.depth && w.families?.some((f) => middleOfFamily(f as HueFamily) !== undefined))
  const lasting = list.filter((j) => lastingOf(j.view.paint).level > 1)
  const best = Math.max(0, ...lasting.map((j) => mostChroma(j.view)))
  const isClean = (j: Judged) => !isOfHue || mostChroma(j.view) >= DULL * best
  const isDarkest = wants.some((w) => w.depth === 'dark')
  const hasLean = wants.some((w) => w.toward ?? w.temperature) || !isOfHue
  const gain = (j: Judged) => (planned.length ? (j.gain?.worth ?? 0) : 0)
  return [
    { says: 'you said so', of: ({ fit }) => (fit.word === 'must be in' ? 1 : isRuledOut(fit) ? -1 : 0) },
    { says: 'it comes nearer to what is called for', of: ({ miss }) => -miss.misses },
    { says: 'it is the cleaner one', of: (j) => Number(isClean(j)) },
    ...(isDarkest ? [{ says: 'it is a dark by itself', of: (j: Judged) => Number(isDark(j.view)) }] : []),
    lasts(paintOf),
    { says: 'more of it is there', of: ({ evidence }) => evidence.supply.level },
    { says: 'it fits the wishes better', of: ({ fit }) => wishesMet(fit) },
    { says: 'it is one pigment', of: ({ view }) => Number(view.paint.pigments.length === 1) },
    { says: 'it brings more', of: gain, within: BRINGS_TIE },
    { says: 'you use it more', of: ({ evidence }) => evidence.palettes + Math.max(0, evidence.items - 1) },
    isMoreUsual(paintOf),
    hasKnownColour(paintOf),
    { says: 'it is more colourful', of: ({ view }) => (isOfHue ? mostChroma(view) : 0), within: CHROMA_TIE },
    {
      says: 'it is nearer the middle',
      of: ({ view }) => (hasLean ? 0 : -(view.lean?.strength ?? 1)),
      within: MIDDLE_TIE,
    },
    needsNoCaution(paintOf),
  ]
}

function reasonsOf({ view, miss, fit, evidence, gain }: Judged, { planned }: RankContext): string[] {
  const { paint } = view
  const { transparency } = propertiesOf(paint)
  const lasting = lastingOf(paint)
  const isConvenience = gain !== undefined && planned.length >= ENOUGH && gain.reach < HARDLY
  const { items, palettes, supply } = evidence
  return [
    ...miss.instead,
    ...(view.lean?.toward && miss.misses === 0 ? [`leans ${view.lean.toward}`] : []),
    ...(lasting.level < 3 && lasting.words ? [lasting.words] : []),
    ...(supply.words ? [supply.words] : items > 1 ? [`${counted(items, 'tube or pan', 'tubes or pans')} owned`] : []),
    ...(paint.pigments.length === 1
      ? ['one pigment']
      : paint.pigments.length > 1
        ? [`${paint.pigments.length} pigments`]
        : []),
    ...(transparency ? [transparency.value] : []),
    ...(palettes ? [`already in ${counted(palettes, 'palette')}`] : []),
    ...(gain && planned.length
      ? [isConvenience ? 'a convenience: what is in mixes its colours' : `brings ${(100 * gain.reach).toFixed(1)} %`]
      : []),
    ...(SAID.includes(fit.word) ? fit.reasons : []),
  ]
}

/** From so many paints on a paint that brings next to nothing is a convenience (judgement). */
const ENOUGH = 3
const HARDLY = 0.0005
/** What is only not known is said when the paint is looked at, not in every row. */
const SAID: readonly Fit['word'][] = ['ruled out', 'against a wish', 'spared', 'must be in', 'use up']

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
  if (wants.toward && lean?.toward !== wants.toward)
    miss(1 + (lean?.toward ? lean.strength : 0), lean?.toward ? `leans ${lean.toward}` : 'leans nowhere')
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
