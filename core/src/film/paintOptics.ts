import { BANDS } from '../colour/bands'
import type { Optics } from './optics'
import { labOfSwatch, sheetOfSwatch, type OpticalPaint, type OpticalSwatch, type SwatchSource } from './swatch'
import { isPredicted, pigmentByCode, type ReferencePigment } from '../pigments/reference'
import { fail, ok, type Result } from '../result'
import { problemOfSwatchPair } from './swatchPair'
import type { FilmModel } from './fitModel'
import { doubtOf } from './doubt'
import { fitFilm, type Residual, type Target, type Targets } from './fit'
import { shiftsOf, STRENGTH_SD, widened, type FilmError, type FilmShift } from './filmError'
import { startOf, usualSpread } from './fitModel'
import { shiftsToVariants, variationOf } from './knownAs'
import { bodyOf, referenceFilm, SCATTERING, type ReferenceFilm } from './referenceFilm'
import { filmFromSpectra } from './spectral'
import type { Sheet } from './sheet'
import { nearestReference, referenceOf, unsureCodes } from './whichReference'

/** Trust in a swatch by where its colour comes from, one standard deviation in CIEDE2000 (judgement). */
export const SOURCE_SD: Record<SwatchSource, number> = {
  reader: 0.7,
  spectrum: 0.7,
  photo: 2,
  typed: 3,
  picked: 3,
  memory: 5,
}

/** What is remembered may be off by more than what was seen before it is doubted, CIEDE2000 (judgement). */
const MEMORY_TOLERANCE = 8

/** What the optics of a paint are known from: what was looked at, or only its codes. */
export type OpticsBasis = 'spectra' | 'both swatches' | 'masstone only' | 'wash only' | 'reference'

export interface PaintOptics extends Optics {
  basis: OpticsBasis
  /** Reference pigments whose absorption it starts from; `assumedLike` when the paint names none we know. */
  pigments: readonly string[]
  assumedLike?: boolean
  /** Its codes that the reference does not hold: what they do is known from its swatches only, or not at all. */
  unknown?: readonly string[]
  /** What it brings to the error of a prediction. */
  error: FilmError
  /** CIEDE2000 between each recorded swatch and the film found. */
  residual: Residual
  /** Set when no film explains the swatches: one of them is likely mistaken. */
  doubt?: string
}

/**
 * Absorption and scattering of a paint, from its swatches where there are any, starting from the
 * absorption of its pigments; from the pigments' reference alone where there are none.
 *
 * Errors: `outside-the-model` (fluorescent dyes and paints, pearlescent, interference, metallic), `nothing-known`
 * (no swatch, no pigment of the reference), `bad-swatch` (not numbers, an unknown source, water below 0),
 * `masstone-lighter-than-wash`, `bad-spectrum`.
 */
export function opticsOfPaint(paint: OpticalPaint): Result<PaintOptics> {
  const { masstone, wash, washes = [] } = paint
  const odd = oddSwatch(paint)
  if (odd) return odd
  const pigments = referenceOf(paint)
  const beyond = outsideTheModel(paint, pigments)
  if (beyond) return fail('outside-the-model', beyond)
  const hasSwatch = Boolean(masstone ?? wash ?? washes[0])
  if (!hasSwatch && pigments.length === 0)
    return fail('nothing-known', 'No swatch and no pigment code of the reference: paint out a swatch first.')
  const exchanged = problemOfSwatchPair(masstone, wash)
  if (exchanged) return fail('masstone-lighter-than-wash', exchanged, 'masstone')
  const starts = pigments.length ? pigments : [nearestReference(paint)]
  const films = starts.map(referenceFilm)
  const unknown = paint.pigments.filter((code) => !pigmentByCode(code))
  const on = sheetOfSwatches(paint)
  const common = {
    pigments: starts.map((p) => p.id),
    ...(on ? { on } : {}),
    ...laidAs(starts, films),
    ...(pigments.length ? {} : { assumedLike: true }),
    ...(unknown.length ? { unknown } : {}),
  }
  const model = modelOf(paint, films, pigments.length > 0 && unknown.length === 0)
  const more = moreError(paint, unknown, hasSwatch)
  if (masstone?.spectrum ?? wash?.spectrum) {
    const spectral = filmFromSpectra(masstone?.spectrum, wash?.spectrum, scatteringOf(paint, films), on)
    if (!spectral.ok) return spectral
    const isWhole = Boolean(masstone?.spectrum && wash?.spectrum)
    return ok({ ...spectral.value, basis: 'spectra', error: errorOfSpectra(isWhole, more), ...common })
  }
  if (!hasSwatch) return ok({ ...fromCodes(paint, starts, films, model, more), ...common })
  const targets = targetsOf(paint)
  const fitted = fitFilm(model, targets)
  const { K, S, washLoad, residual, point, spread } = fitted
  const doubt = doubtOf(model, targets, fitted)
  return ok({
    K,
    S,
    washLoad,
    residual,
    basis: masstone && wash ? 'both swatches' : masstone ? 'masstone only' : 'wash only',
    error: {
      shifts: shiftsOf(model, point, spread),
      strength: pigments.length ? STRENGTH_SD : UNNAMED_STRENGTH_SD,
      more: Math.hypot(more, masstone && (wash ?? washes[0]) ? 0 : ONE_SWATCH),
      isThinned: Boolean(wash ?? washes[0]),
    },
    ...common,
    ...(doubt ? { doubt } : {}),
  })
}

/** Swatches that are no colours, from no known source, or thinned with no amount of water. */
function oddSwatch({ masstone, wash, washes = [] }: OpticalPaint): Result<never> | undefined {
  const all = [masstone, wash, ...washes]
  const odd = all.find((s) => s && ![s.L, s.a, s.b, s.sd ?? 0].every(Number.isFinite))
  const field = (s: OpticalSwatch | undefined) => (s === masstone ? 'masstone' : 'wash')
  if (odd) return fail('bad-swatch', 'A swatch is three numbers: L*, a* and b*.', field(odd))
  const from = all.find((s) => s && !Object.hasOwn(SOURCE_SD, s.source))
  if (from) return fail('bad-swatch', `Nothing is known of swatches from “${from.source}”.`, field(from))
  if (washes.some((w) => w.water !== undefined && !(w.water >= 0 && w.water < 1000)))
    return fail('bad-swatch', 'Parts of water are a number from 0 to a thousand.', 'wash')
  return undefined
}

/** How thick it is laid, and what one part of it does beside what its film says. */
function laidAs(starts: readonly ReferencePigment[], films: readonly ReferenceFilm[]) {
  const body = Math.min(...starts.map(bodyOf))
  const perPart = Math.exp(films.reduce((sum, f) => sum + Math.log(f.perPart), 0) / films.length)
  return { ...(body > 1 ? { body } : {}), ...(perPart === 1 ? {} : { perPart }) }
}

/** What a paint was painted out on, where it is said: the same for all that is shown of it. */
function sheetOfSwatches({ masstone, wash, washes = [] }: OpticalPaint): Sheet | undefined {
  const said = [masstone, wash, ...washes].find((s) => s?.on)
  return said && sheetOfSwatch(said)
}

/** What a paint looks like by its codes alone, without what is open of it; undefined where they say nothing or shine. */
export function filmOfCodes(paint: OpticalPaint): Optics | undefined {
  const pigments = referenceOf(paint)
  return pigments.length && !outsideTheModel(paint, pigments) ? together(pigments.map(referenceFilm)) : undefined
}

/** A paint of which only the codes are known: equal shares of their films, as unsure as paints of these codes differ. */
function fromCodes(
  paint: OpticalPaint,
  starts: readonly ReferencePigment[],
  films: readonly ReferenceFilm[],
  model: FilmModel,
  more: number,
) {
  const own = shiftsOf(model, startOf(model), usualSpread(model))
  const variants = unsureCodes(paint).flatMap((code) => shiftsToVariants(code, starts[0]!))
  const variation = variationOf(starts)
  return {
    ...together(films),
    basis: 'reference' as const,
    error: {
      shifts: [...widened(own, variation), ...variants],
      strength: STRENGTH_SD * variation,
      more,
    },
    residual: {},
  }
}
/** Why a paint is kept out of predictions, in words: what glows, glitters or is metal, and what of it could have been told. */
function outsideTheModel(paint: OpticalPaint, pigments: readonly ReferencePigment[]): string | undefined {
  const named = (kind: ReferencePigment['kind']) => pigments.filter((p) => p.kind === kind)
  const [shining, glittering] = [named('dye'), named('effect')]
  if (!paint.effect && !shining.length && !glittering.length) return undefined
  const what = [
    ...(paint.effect ? [paint.effect] : []),
    ...(shining.length ? [`${shining.map((p) => p.id).join(', ')}, a dye that shines`] : []),
    ...(glittering.length && !paint.effect ? [`${glittering.map((p) => p.id).join(', ')}: pearl, mica or metal`] : []),
  ].join('; ')
  const rest = pigments.filter(isPredicted).map((p) => p.id)
  const part = rest.length ? ` Only its ${rest.join(', ')} could be told, and that is not this paint.` : ''
  const why = 'such paint sends light back in ways this model does not hold; it is kept out of predictions.'
  return `${what[0]!.toUpperCase()}${what.slice(1)}: ${why}${part}`
}

/** Where a pigment is not in the reference, CIEDE2000 (judgement): with swatches, and without any. */
const UNKNOWN_PIGMENT = 1.4
const UNKNOWN_PART = 6
/** What a part does of a paint that names no pigment: its colour says little of it (judgement). */
const UNNAMED_STRENGTH_SD = Math.log(2.2)
/** One swatch says nothing of the paper and the surface that a second one would give away (docs/accuracy.md). */
const ONE_SWATCH = 1.3
/** Bound otherwise than watercolour it dries otherwise, and no film here was painted with it (judgement). */
const OTHER_MEDIUM = 2.5
const moreError = ({ medium, pigments }: OpticalPaint, unknown: readonly string[], hasSwatch: boolean): number =>
  Math.hypot(
    unknown.length || !pigments.length ? (hasSwatch ? UNKNOWN_PIGMENT : UNKNOWN_PART) : 0,
    medium && medium !== 'watercolour' ? OTHER_MEDIUM : 0,
  )

/** What is left open where every band was measured: the water, and a little in all bands. */
function errorOfSpectra(isWhole: boolean, more: number): FilmError {
  const even = (K: number, S: number, thinning: number): FilmShift => ({
    K: new Float64Array(BANDS).fill(K),
    S,
    thinning,
  })
  const shifts = isWhole
    ? [even(0.05, 0, 0), even(0, 0.1, 0), even(0, 0, 0.1)]
    : [even(0.15, 0.2, 0), even(0, 0, OWN_WASH_SD)]
  return { shifts, strength: STRENGTH_SD, more, isThinned: isWhole }
}

/** A swatch as the fit takes it. */
function targetOf(s: OpticalSwatch): Target {
  return {
    lab: labOfSwatch(s),
    // what was made up is no nearer than what is remembered, whatever was made up of its noise
    sd: s.simulated ? SOURCE_SD.memory : s.sd ? Math.max(s.sd, 0.3) : SOURCE_SD[s.source],
    tolerance: s.simulated || s.source === 'memory' ? MEMORY_TOLERANCE : SOURCE_SD[s.source],
    ...(s.on ? { on: sheetOfSwatch(s) } : {}),
  }
}
function targetsOf({ masstone, wash, washes = [] }: OpticalPaint): Targets {
  return {
    ...(masstone ? { masstone: targetOf(masstone) } : {}),
    ...(wash ? { wash: targetOf(wash) } : {}),
    ...(washes.length
      ? { washes: washes.map((w) => ({ ...targetOf(w), ...(w.water === undefined ? {} : { water: w.water }) })) }
      : {}),
  }
}

function scatteringOf(paint: OpticalPaint, films: readonly ReferenceFilm[]): number {
  if (paint.transparency && paint.masstone && paint.masstone.L < 90) return SCATTERING[paint.transparency]
  return films.reduce((sum, { S }) => sum + S[17]!, 0) / films.length
}

/** A paint is about as strong as its pigments are in the reference; in a mixed paint the shares are open. */
function modelOf(paint: OpticalPaint, films: readonly ReferenceFilm[], isKnown: boolean): FilmModel {
  const strengths =
    films.length === 1
      ? [{ middle: 0, sd: isKnown ? LAID_SD : Math.log(4) }]
      : films.map(() => ({ middle: -Math.log(films.length), sd: Math.log(2.5) }))
  return {
    shapes: films.map(({ K }) => K),
    strengths,
    scattering: scatteringOf(paint, films),
    freedom: isKnown ? 1 : 2.5,
    washLoad: { middle: films.reduce((sum, f) => sum + f.washLoad, 0) / films.length, sd: OWN_WASH_SD },
  }
}

/** How much thicker or thinner than usual a masstone is painted out, a factor, one standard deviation (judgement). */
const LAID_SD = Math.log(1.5)
/** A wash of one's own is counted out less exactly than the trade's 1:6 by drops (judgement). */
const OWN_WASH_SD = Math.log(1.35)

/** Equal shares of several pigments. */
function together(films: readonly ReferenceFilm[]): Optics {
  const mean = (pick: (f: ReferenceFilm) => Float64Array) =>
    Float64Array.from(pick(films[0]!), (_, i) => films.reduce((sum, f) => sum + pick(f)[i]!, 0) / films.length)
  return {
    K: mean((f) => f.K),
    S: mean((f) => f.S),
    washLoad: films.reduce((sum, f) => sum + f.washLoad, 0) / films.length,
  }
}
