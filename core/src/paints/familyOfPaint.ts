import { familyOf, tellingSwatch, type Swatches } from '../colour/family'
import { toLch } from '../colour/lch'
import { coarseFamily, type HueFamily, type PaintFamily, type WheelFamily } from '../colour/wheel'
import type { Paint } from '../documents/paint'
import { referenceOf, unsureCodes } from '../film/whichReference'
import { variantInName } from '../pigments/variants'
import { FAMILY_ROWS, NAMED_FAMILIES } from '../pigments/families.generated'
import { parsePigmentCode } from '../pigments/grammar'
import type { ReferencePigment } from '../pigments/reference'
import { readName } from '../pigments/tradeWords'

export interface FamilyFound {
  /** As painters file it. */
  fine: PaintFamily
  /** On the wheel, or off it. */
  family: HueFamily
  from: 'artist' | 'trade' | 'name' | 'swatch' | 'pigment'
  /** The neighbour that the trade says it leans toward, or that it leans nowhere; where nothing is said of it, its colour tells. */
  leansTo?: WheelFamily | 'nowhere'
}

/** Browns and ochres told apart by hue, degrees, and chroma (judgement); darker than this a grey is a black, L*. */
const [REDDISH, YELLOWISH, GREENISH, BROWN_CHROMA, BLACK_BELOW] = [52, 62, 100, 24, 36]

/** A family of the wheel as painters file it, by the colour where that is needed. */
export function fineFamily(family: HueFamily, swatches: Swatches): PaintFamily {
  const dark = swatches.masstone ?? swatches.wash
  const telling = tellingSwatch(swatches)
  if (family === 'neutral') return dark && dark.L < BLACK_BELOW ? 'black' : 'grey'
  if (family !== 'earth') return family
  if (!dark || !telling) return 'brown'
  const { C, h } = toLch(dark)
  if (h > GREENISH) return 'green earth'
  if (C < BROWN_CHROMA) return 'brown'
  return h > YELLOWISH ? 'yellow earth' : h < REDDISH || toLch(telling).h < REDDISH ? 'red earth' : 'brown'
}

const words = NAMED_FAMILIES.map(([text, family]) => [readName(text).words, family as PaintFamily] as const)
/** The family that a mixture's name says; where two hues are named it says nothing, but for the last: a blue green is a green. */
function familyInName(name: string): PaintFamily | undefined {
  const own = readName(name.replace(/\b\w+ shade\b/gi, '')).words
  const held = words.filter(([said]) => said.every((w) => own.includes(w)))
  const most = held[0]?.[0].length ?? 0
  if (most > 1) return held[0]![1]
  const last = [...own].reverse().find((w) => held.some(([said]) => said[0] === w))
  return held.find(([said]) => said[0] === last)?.[1]
}

const BY_HUE_LETTER: Record<string, PaintFamily> = {
  Y: 'yellow',
  O: 'orange',
  R: 'red',
  V: 'violet',
  B: 'blue',
  G: 'green',
  Br: 'brown',
  Bk: 'black',
  W: 'white',
}
function byHueLetter([code, another]: readonly string[]): PaintFamily | undefined {
  const parsed = code && !another ? parsePigmentCode(code) : undefined
  return parsed?.ok ? BY_HUE_LETTER[parsed.value.hue] : undefined
}

function ofPigment(pigment: ReferencePigment): Pick<FamilyFound, 'fine' | 'leansTo'> {
  const row = FAMILY_ROWS[pigment.id]
  if (!row) return { fine: fineFamily(pigment.family, pigment) }
  const [fine, lean] = row as [PaintFamily, WheelFamily | '']
  return { fine, leansTo: lean || 'nowhere' }
}

/**
 * The one question of family: the artist's own word; the family in which the trade files the pigment (which of a code's
 * colours it is, its name, its swatch or the artist says); of a mixture in the tube its name, then its colour, never
 * equal parts of its codes; else the swatch; else the letter of the code. Common practice; see data/families/SOURCE.md.
 *
 * @param swatches its own, or those assumed from its codes.
 * @param isAssumed whether nobody has seen the colour.
 */
export function familyOfPaint(paint: Paint, swatches: Swatches, isAssumed: boolean): FamilyFound | undefined {
  const telling = tellingSwatch(swatches)
  const hue = telling && toLch(telling).h
  const found = (fine: PaintFamily, from: FamilyFound['from'], leansTo?: FamilyFound['leansTo']): FamilyFound => ({
    fine,
    family: coarseFamily(fine, hue),
    from,
    ...(leansTo ? { leansTo } : {}),
  })
  if (paint.family) return found(paint.family, 'artist')
  const [unsure] = unsureCodes(paint)
  const open = unsure && !variantInName(unsure, paint.name)?.proposed ? FAMILY_ROWS[`${unsure} ?`] : undefined
  if (open) return found(open[0] as PaintFamily, 'pigment', (open[1] || undefined) as WheelFamily | undefined)
  const [pigment, another] = paint.pigments.length > 1 ? [] : referenceOf(paint)
  if (pigment && !another) {
    const { fine, leansTo } = ofPigment(pigment)
    return found(fine, 'trade', leansTo)
  }
  const named = paint.pigments.length > 1 ? familyInName(paint.name) : undefined
  if (named) return found(named, 'name')
  const seen = familyOf(swatches)
  if (seen) return found(fineFamily(seen, swatches), isAssumed ? 'pigment' : 'swatch')
  const letter = byHueLetter(paint.pigments)
  return letter && found(letter, 'pigment')
}
