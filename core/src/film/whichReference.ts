import { colourDifference } from '../colour/difference'
import {
  materialByName,
  pigmentByCode,
  isPredicted,
  REFERENCE_PIGMENTS,
  variantNow,
  type ReferencePigment,
} from '../pigments/reference'
import { coloursOfCode, variantInName, variantKey } from '../pigments/variants'
import { labOfSwatch, type OpticalPaint } from './swatch'

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
/** What a paint of unknown codes looks most like. */
export const nearestReference = (paint: OpticalPaint) => nearestOf(REFERENCE_PIGMENTS.filter(isPredicted), paint)
