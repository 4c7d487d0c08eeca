import { colourDifference } from '../colour/difference'
import type { Optics } from './optics'
import { labOfSwatch, type OpticalPaint, type OpticalSwatch, type SwatchSource } from './swatch'
import {
  materialByName,
  pigmentByCode,
  REFERENCE_PIGMENTS,
  variantNow,
  type ReferencePigment,
} from '../pigments/reference'
import { coloursOfCode, variantInName, variantKey } from '../pigments/variants'
import { fail, ok, type Result } from '../result'
import { problemOfSwatchPair } from './swatchPair'
import type { FilmModel } from './fitModel'
import { fitFilm, meets, type Fitted, type Target, type Targets } from './fit'
import { FROM_CODES, fromBothSwatches, fromOneSwatch, widened, type ExpectedError } from './expectedError'
import { bodyOf, referenceFilm, SCATTERING, WASH_LOAD, type ReferenceFilm } from './referenceFilm'
import { filmFromSpectra } from './spectral'
import { strengthOf } from './strength'

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
  expectedError: ExpectedError
  /** CIEDE2000 between each recorded swatch and the film found. */
  residual: { masstone?: number; wash?: number }
  /** Set when no film explains both swatches: one of them is likely mistaken. */
  doubt?: string
}

/**
 * Absorption and scattering of a paint, from its swatches where there are any, starting from the
 * absorption of its pigments; from the pigments' reference alone where there are none.
 *
 * Errors: `outside-the-model` (fluorescent dyes and paints, pearlescent, interference, metallic), `nothing-known`
 * (no swatch, no pigment of the reference), `bad-swatch` (not numbers), `masstone-lighter-than-wash`, `bad-spectrum`.
 */
export function opticsOfPaint(paint: OpticalPaint): Result<PaintOptics> {
  const { masstone, wash } = paint
  const odd = [masstone, wash].find((s) => s && ![s.L, s.a, s.b].every(Number.isFinite))
  if (odd) return fail('bad-swatch', 'A swatch is three numbers: L*, a* and b*.', odd === wash ? 'wash' : 'masstone')
  const pigments = referenceOf(paint)
  const beyond = outsideTheModel(paint, pigments)
  if (beyond) return fail('outside-the-model', beyond)
  if (!masstone && !wash && pigments.length === 0)
    return fail('nothing-known', 'No swatch and no pigment code of the reference: paint out a swatch first.')
  const exchanged = problemOfSwatchPair(masstone, wash)
  if (exchanged) return fail('masstone-lighter-than-wash', exchanged, 'masstone')
  const starts = pigments.length ? pigments : [nearestReference(paint)]
  const films = starts.map(referenceFilm)
  const unknown = paint.pigments.filter((code) => !pigmentByCode(code))
  const body = Math.min(...starts.map(bodyOf))
  const common = {
    pigments: starts.map((p) => p.id),
    ...(body > 1 ? { body } : {}),
    ...(pigments.length ? {} : { assumedLike: true }),
    ...(unknown.length ? { unknown } : {}),
  }
  if (masstone?.spectrum ?? wash?.spectrum) {
    const spectral = filmFromSpectra(masstone?.spectrum, wash?.spectrum, scatteringOf(paint, films))
    if (!spectral.ok) return spectral
    const expected = masstone?.spectrum && wash?.spectrum ? fromBothSwatches : fromOneSwatch
    return ok({ ...spectral.value, basis: 'spectra', expectedError: expected(SOURCE_SD.spectrum), ...common })
  }
  if (!masstone && !wash) {
    const expectedError = unknown.length ? widened(FROM_CODES, UNKNOWN_PART) : FROM_CODES
    return ok({ ...together(films), basis: 'reference', expectedError, ...common, residual: {} })
  }
  const targets = targetsOf(paint)
  const fitted = fitFilm(modelOf(paint, films, pigments.length > 0), targets)
  const basis = masstone && wash ? 'both swatches' : masstone ? 'masstone only' : 'wash only'
  const { K, S, washLoad, residual } = fitted
  return ok({
    K,
    S,
    washLoad,
    residual,
    basis,
    expectedError: expectedOf(basis, targets, pigments.length > 0 && unknown.length === 0),
    ...common,
    ...(meets(fitted, targets) ? {} : doubtOf(fitted)),
  })
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
  const rest = pigments.filter((p) => p.kind !== 'dye' && p.kind !== 'effect').map((p) => p.id)
  const part = rest.length ? ` Only its ${rest.join(', ')} could be told, and that is not this paint.` : ''
  const why = 'such paint sends light back in ways this model does not hold; it is kept out of predictions.'
  return `${what[0]!.toUpperCase()}${what.slice(1)}: ${why}${part}`
}

/** Where a pigment is not in the reference, CIEDE2000 (judgement): with swatches, and without any. */
const UNKNOWN_PIGMENT = 1.4
const UNKNOWN_PART = 6
function expectedOf(basis: OpticsBasis, { masstone, wash }: Targets, isKnown: boolean): ExpectedError {
  const sd = Math.max(masstone?.sd ?? 0, wash?.sd ?? 0)
  const error = basis === 'both swatches' ? fromBothSwatches(sd) : fromOneSwatch(sd)
  return isKnown ? error : widened(error, UNKNOWN_PIGMENT)
}

/** The reference pigments of a paint's codes; where a code has variants, what is said of it, or the nearest swatch. */
export function referenceOf(
  paint: Pick<OpticalPaint, 'pigments' | 'name' | 'masstone' | 'wash' | 'variants'>,
): ReferencePigment[] {
  if (!paint.pigments.length) return [materialByName(paint.name ?? '')].flatMap((p) => p ?? [])
  return paint.pigments.flatMap((code) => {
    const colours = coloursOfCode(code)
    if (colours.length < 2) return pigmentByCode(code) ?? []
    const said = saidVariant(code, paint)
    if (said) return said
    const hasSwatch = Boolean(paint.masstone ?? paint.wash)
    if (hasSwatch && paint.pigments.length === 1) return nearestOf(colours, paint)
    return variantInName(code, paint.name ?? '')?.proposed ?? pigmentByCode(code) ?? colours[0]!
  })
}

/**
 * The codes of a paint of which nobody knows which of their colours it has: no swatch shows it, its name does not say it,
 * and nobody has chosen. Of paints of several pigments none is asked about: their swatch tells more than a variant.
 */
export function unsureCodes(
  paint: Pick<OpticalPaint, 'pigments' | 'name' | 'masstone' | 'wash' | 'variants'>,
): string[] {
  if (paint.pigments.length !== 1 || paint.masstone || paint.wash) return []
  return paint.pigments.filter((code) => coloursOfCode(code).length > 1 && !saidVariant(code, paint))
}

/** Which variants of its codes a paint says it has, by the artist's choice or its name; undefined where nothing is said. */
export const saidVariants = (paint: OpticalPaint): (string | undefined)[] =>
  paint.pigments.map((code) => saidVariant(code, paint)?.id)

/** By the artist's choice first, then by the name. */
function saidVariant(
  code: string,
  { name, variants: chosen }: Pick<OpticalPaint, 'name' | 'variants'>,
): ReferencePigment | undefined {
  const colours = coloursOfCode(code)
  if (colours.length < 2) return undefined
  const key = chosen?.[code] && variantNow(code, chosen[code])
  return colours.find((p) => variantKey(p) === key) ?? variantInName(code, name ?? '')?.said
}

function nearestOf(
  list: readonly ReferencePigment[],
  { masstone, wash }: Pick<OpticalPaint, 'masstone' | 'wash'>,
): ReferencePigment {
  const off = (p: ReferencePigment) =>
    (masstone ? colourDifference(labOfSwatch(masstone), p.masstone) : 0) +
    (wash ? colourDifference(labOfSwatch(wash), p.wash) : 0)
  return list.reduce((nearest, next) => (off(next) < off(nearest) - 1e-9 ? next : nearest))
}
const nearestReference = (paint: OpticalPaint) =>
  nearestOf(
    REFERENCE_PIGMENTS.filter((p) => p.kind !== 'effect' && p.kind !== 'dye'),
    paint,
  )

function targetsOf({ masstone, wash }: OpticalPaint): Targets {
  const target = (s: OpticalSwatch): Target => ({
    lab: labOfSwatch(s),
    // what was made up is no nearer than what is remembered, whatever was made up of its noise
    sd: s.simulated ? SOURCE_SD.memory : s.sd ? Math.max(s.sd, 0.3) : SOURCE_SD[s.source],
    tolerance: s.simulated || s.source === 'memory' ? MEMORY_TOLERANCE : SOURCE_SD[s.source],
  })
  return { ...(masstone ? { masstone: target(masstone) } : {}), ...(wash ? { wash: target(wash) } : {}) }
}

function scatteringOf(paint: OpticalPaint, films: readonly ReferenceFilm[]): number {
  if (paint.transparency && paint.masstone && paint.masstone.L < 90) return SCATTERING[paint.transparency]
  return films.reduce((sum, { S }) => sum + S[17]!, 0) / films.length
}

/** A paint is about as strong as its pigments are in the reference; in a mixed paint the shares are open. */
function modelOf(paint: OpticalPaint, films: readonly ReferenceFilm[], known: boolean): FilmModel {
  const isSingle = films.length === 1
  const strengths = isSingle
    ? [{ middle: 0, sd: Math.log(known ? 1.8 : 4) }]
    : films.map(() => ({ middle: -Math.log(films.length), sd: Math.log(3) }))
  const middle = films.reduce((sum, { K }) => sum + Math.log(strengthOf(K)), 0) / films.length
  return {
    shapes: films.map(({ K }) => K),
    strengths,
    scattering: scatteringOf(paint, films),
    ...(known ? { tinting: { middle, sd: isSingle ? PAINT_SD : MIXED_SD } } : {}),
    freedom: known ? 1 : 2.5,
    washLoad: { middle: WASH_LOAD, sd: OWN_WASH_SD },
  }
}

/** How far a paint's strength lies from that of its pigments, as factors, one standard deviation (judgement). */
const PAINT_SD = Math.log(1.4)
const MIXED_SD = Math.log(1.8)
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

function doubtOf({ residual }: Fitted): { doubt: string } {
  const { masstone = 0, wash = 0 } = residual
  const [worst, by] = masstone > wash ? ['masstone', masstone] : ['wash', wash]
  const nearest = `the nearest misses the ${worst} by ${by.toFixed(1)}`
  return {
    doubt: `No film of paint has this masstone and this wash together: ${nearest}. One of the two is likely mistaken.`,
  }
}
