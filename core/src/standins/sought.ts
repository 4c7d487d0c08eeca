import type { Paint } from '../documents/paint'
import type { Wanted } from '../documents/trial'
import { cachedOptics } from '../film/cachedOptics'
import type { PaintOptics } from '../film/paintOptics'
import type { RecipeTarget } from '../mixing/recipes/question'
import { traitsOfPaint, type Traits } from '../mixing/unlike'
import { samePaint } from '../paints/collect'
import { viewOfPaint } from '../paints/view'
import { pigmentById, pigmentVariants, type ReferencePigment } from '../pigments/reference'
import { fail, ok, type Result } from '../result'
import { losesOf, type Must } from './musts'
import { labD65, type LabD65 } from '../units'

/** What is to be replaced, with everything that is known of it. */
export interface Sought {
  wanted: Wanted
  name: string
  pigments: readonly string[]
  masstone?: LabD65
  wash?: LabD65
  traits: Traits
  /** What it does not keep itself of what a stand-in may have to keep. */
  loses: readonly Must[]
  /** What it does to light, where that is known: it takes part in mixtures. */
  optics?: PaintOptics
  /** The paint of the collection that it is. */
  paint?: Paint
  /** No swatch of it is recorded: only the reference's values are compared. */
  isAssumed: boolean
}

/** A paint that stands for a pigment of the reference, as if it were sold. */
export function paintOfPigment({ id, code, variant, names }: ReferencePigment): Paint {
  return {
    id: 'reference',
    v: 2,
    maker: '',
    name: names[0] ?? id,
    pigments: code ? [code] : [],
    ...(code && variant ? { variants: { [code]: variant } } : {}),
  }
}

/** A paint that stands for a single code as the reference knows it; undefined for mixtures, whose colour no code tells. */
export function paintOfCodes(codes: readonly string[]): Paint | undefined {
  const [known] = codes.length === 1 ? pigmentVariants(codes[0]!) : []
  return known && paintOfPigment(known)
}

/** Whether two ask for the same. */
export function isSameWanted(one: Wanted, other: Wanted): boolean {
  if (one.kind === 'paint') return other.kind === 'paint' && one.paintId === other.paintId
  if (one.kind === 'pigment') return other.kind === 'pigment' && one.pigment === other.pigment
  return other.kind === 'colour' && one.L === other.L && one.a === other.a && one.b === other.b
}

/**
 * What is known of something to be replaced.
 *
 * Errors: `no-paint` (it is gone), `unknown-code` (the reference does not hold it), `no-colour` (neither a swatch nor a
 * pigment that is known: nothing can be compared).
 */
export function soughtOf(wanted: Wanted, paintOf: (id: string) => Paint | undefined): Result<Sought> {
  if (wanted.kind === 'colour') {
    if (![wanted.L, wanted.a, wanted.b].every(Number.isFinite))
      return fail('bad-colour', 'A colour is three numbers, L* a* b*.')
    const lab = labD65(wanted.L, wanted.a, wanted.b)
    const name = `L* ${lab.L.toFixed(0)} a* ${lab.a.toFixed(0)} b* ${lab.b.toFixed(0)}`
    return ok({ wanted, name, pigments: [], masstone: lab, traits: { darkest: lab.L }, loses: [], isAssumed: false })
  }
  if (wanted.kind === 'pigment') {
    const pigment = pigmentById(wanted.pigment)
    if (!pigment) return fail('unknown-code', `The reference holds no ${wanted.pigment}.`)
    const known = soughtPaint(wanted, paintOfPigment(pigment))
    return known.ok ? ok({ ...known.value, name: `${pigment.names[0]}, ${pigment.code}`.slice(0, 120) }) : known
  }
  const paint = paintOf(wanted.paintId)
  if (!paint) return fail('no-paint', 'That paint is no longer in the collection.')
  const known = soughtPaint(wanted, paint)
  return known.ok ? ok({ ...known.value, paint }) : known
}

/** What is known of a line of somebody's list: of the paint itself where it is owned, else of its pigments. */
export function soughtAsListed(
  { maker, name, pigments }: Pick<Paint, 'maker' | 'name' | 'pigments'>,
  owned: readonly Paint[],
): Result<Sought> {
  const same = samePaint(owned, { maker, name })
  if (same) return soughtOf({ kind: 'paint', paintId: same.id }, () => same)
  const [pigment] = pigments.length === 1 ? pigmentVariants(pigments[0]!) : []
  const wanted: Wanted = {
    kind: 'pigment',
    pigment: pigment?.id ?? (pigments.join(' ').slice(0, 60) || name.slice(0, 60)),
  }
  return soughtPaint(wanted, { id: 'listed', v: 2, maker, name, pigments })
}

function soughtPaint(wanted: Wanted, paint: Paint): Result<Sought> {
  const { masstone, wash, assumed } = viewOfPaint(paint)
  if (!masstone && !wash)
    return fail(
      'no-colour',
      `${paint.name} has no swatch and no pigment code that is known: there is no colour to compare. Record a swatch first.`,
    )
  const optics = cachedOptics(paint)
  return ok({
    wanted,
    name: paint.name,
    pigments: paint.pigments,
    ...(masstone ? { masstone } : {}),
    ...(wash ? { wash } : {}),
    traits: traitsOfPaint(paint),
    loses: losesOf([paint], undefined, undefined),
    ...(optics.ok ? { optics: optics.value } : {}),
    isAssumed: Boolean(assumed),
  })
}

/** What a recipe is to match: masstone and wash together where both are known. */
export function targetOf({ masstone, wash }: Sought): RecipeTarget | undefined {
  if (masstone && wash) return { kind: 'paint', masstone, wash }
  const lab = masstone ?? wash
  return lab && { kind: 'colour', lab }
}
