import { tellingSwatch } from '../colour/family'
import { middleOfFamily, SECTORS, sectorOf, WHEEL_OPENS_AT, type HueFamily, type PaintFamily } from '../colour/wheel'
import { leanOf, type Lean } from '../colour/lean'
import { hueStep, toLch } from '../colour/lch'
import { labOfSwatch } from '../film/swatch'
import type { Paint } from '../documents/paint'
import { masstoneOf, washOf } from '../film/optics'
import { familyOfPaint, type FamilyFound } from './familyOfPaint'
import type { LabD65 } from '../units'
import { filmOfCodes } from '../film/paintOptics'
import { referenceOf, unsureCodes } from '../film/whichReference'

/** A paint with what follows from it, computed once per document. */
export interface PaintView {
  paint: Paint
  masstone?: LabD65
  wash?: LabD65
  /** True when the colours are those of its pigments' reference, since no swatch is recorded. */
  assumed?: boolean
  /** On the wheel, or off it; what a painter would file it under is `fine`. */
  family?: HueFamily
  fine?: PaintFamily
  /** How the family was found. */
  familyFrom?: FamilyFound['from']
  lean?: Lean
  /** Its code, where nobody knows which of the colours that are sold under it this one is. */
  unsure?: string
  /** Place on the unrolled wheel, for sorting; paints without colour come last. */
  wheelKey: number
}

const views = new WeakMap<Paint, PaintView>()

/** Family, lean and place on the wheel of a paint. Cached by the document, which never changes in place. */
export function viewOfPaint(paint: Paint): PaintView {
  const cached = views.get(paint)
  if (cached) return cached
  const own = { masstone: labOfSwatch(paint.masstone), wash: labOfSwatch(paint.wash) }
  const assumed = own.masstone || own.wash ? undefined : assumedSwatches(paint)
  const swatches = assumed ?? own
  const found = familyOfPaint(paint, swatches, Boolean(assumed))
  const family = found?.family
  const [unsure] = unsureCodes(paint)
  const view: PaintView = {
    paint,
    ...(unsure ? { unsure } : {}),
    ...swatches,
    ...(found ? { family: found.family, fine: found.fine, familyFrom: found.from } : {}),
    ...(assumed ? { assumed: true } : {}),
    lean: leanOf(swatches, family, assumed && found?.leansTo),
    wheelKey: wheelKey(family, tellingSwatch(swatches)),
  }
  views.set(paint, view)
  return view
}

/**
 * What a paint looks like of which no swatch is recorded: as the film of its codes does, which mixtures are made of; what
 * is kept out of predictions, as its pigment typically does.
 */
function assumedSwatches(paint: Paint): { masstone: LabD65; wash: LabD65 } | undefined {
  const film = filmOfCodes(paint)
  if (film) return { masstone: masstoneOf(film), wash: washOf(film) }
  const [pigment, another] = referenceOf(paint)
  return pigment && !another ? { masstone: pigment.masstone, wash: pigment.wash } : undefined
}

const OFF_WHEEL: Partial<Record<HueFamily, number>> = { earth: 1000, neutral: 2000, white: 3000 }

/** A hue beyond the borders of the family that it is filed under lies at the border: a green gold is the first of the greens, no yellow. */
function withinFamily(h: number, family: HueFamily): number {
  const at = SECTORS.findIndex((s) => s.family === family)
  if (at < 0 || sectorOf(h).family === family) return h
  const from = family === 'green' ? WHEEL_OPENS_AT + 0.01 : SECTORS[at]!.from
  const to = family === 'yellow' ? WHEEL_OPENS_AT : SECTORS[(at + 1) % SECTORS.length]!.from - 0.01
  return Math.abs(hueStep(to, h)) < Math.abs(hueStep(from, h)) ? to : from
}

function wheelKey(family: HueFamily | undefined, telling: LabD65 | undefined): number {
  if (!family) return 9000
  const { L, h } = telling ? toLch(telling) : { L: 50, h: middleOfFamily(family) ?? 60 }
  const along = (WHEEL_OPENS_AT - withinFamily(h, family) + 720) % 360
  const off = OFF_WHEEL[family]
  return off === undefined ? along : off + (family === 'earth' ? along : 100 - L)
}

/** C* of the swatch that shows a paint's hue best; 0 where no colour is known. */
export function chromaOf(view: PaintView): number {
  const telling = tellingSwatch(view)
  return telling ? toLch(telling).C : 0
}

/** In wheel order: yellows to greens, then earths, neutrals, whites, paints without colour; ties by name. */
export function byWheel(one: PaintView, other: PaintView): number {
  return (
    one.wheelKey - other.wheelKey ||
    compareText(one.paint.name, other.paint.name) ||
    compareText(one.paint.id, other.paint.id)
  )
}

/** Light to dark by masstone; paints without colour come last. */
export function byLightness(one: PaintView, other: PaintView): number {
  const L = (v: PaintView) => v.masstone?.L ?? v.wash?.L ?? -1
  return L(other) - L(one) || byWheel(one, other)
}

export const compareText = (p: string, q: string) => (p < q ? -1 : p > q ? 1 : 0)

/** How far apart two hues lie for the eye that reads a wheel: 0 (same) to 180; off-wheel paints stand apart. */
export function wheelDistance(one: PaintView, other: PaintView): number {
  const off = (v: PaintView) => v.wheelKey >= 1000
  if (off(one) !== off(other)) return 90
  if (off(one)) return Math.min(180, Math.abs(one.wheelKey - other.wheelKey) / 8)
  return Math.abs(hueStep(one.wheelKey, other.wheelKey))
}
