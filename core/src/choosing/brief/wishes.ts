import { toLch } from '../../colour/lch'
import { tellingSwatch } from '../../colour/family'
import type { Paint } from '../../documents/paint'
import { referenceOf } from '../../film/whichReference'
import { propertiesOf } from '../../paints/properties'
import { viewOfPaint, type PaintView } from '../../paints/view'
import type { ReferencePigment } from '../../pigments/reference'
import { cautionsOfCodes } from '../../pigments/cautions'
import {
  GRANULATIONS,
  levelOn,
  LIGHTFASTNESSES,
  STAININGS,
  TRANSPARENCIES,
  type Lightfastness,
} from '../../pigments/scales'

/** What a wish may look at besides the paint itself. */
export interface WishContext {
  /** The other paints that are planned. */
  palette: readonly Paint[]
}

/** Why a paint does not meet a wish, in words; undefined when it does. `unknown` where nobody recorded what would tell. */
export type Judged = { against: string } | { unknown: string } | undefined

export interface Wish {
  id: string
  label: string
  options: readonly { value: string; label: string }[]
  /** Only a preference, which rules nothing out. */
  softOnly?: boolean
  judge(paint: Paint, value: string, context: WishContext): Judged
}

const on = (value: string, label = value) => ({ value, label })
const atMost = (scale: readonly string[], value: string | undefined, limit: number, what: string): Judged => {
  if (value === undefined) return { unknown: `${what} not known` }
  return levelOn(scale, value) > limit ? { against: value } : undefined
}

/** Metals that some painters want none of, by the chemistry of the pigments. */
const METALS: readonly (readonly [id: string, chemistry: RegExp])[] = [
  ['cadmium', /cadmium/i],
  ['cobalt', /cobalt/i],
  ['nickel', /nickel/i],
  ['lead', /\blead\b/i],
]
/** A wish that no pigment of a paint be of a kind; codes that the reference does not hold leave it open. */
function pigmentWish(paint: Paint, isOf: (pigment: ReferencePigment) => boolean, against: string): Judged {
  const known = referenceOf(paint)
  if (known.some(isOf)) return { against }
  const open = paint.pigments.filter((code) => !known.some((p) => p.code === code))
  return open.length || !paint.pigments.length
    ? { unknown: `what is in ${open.join(', ') || 'it'} is not known` }
    : undefined
}

function familyWish(paint: Paint, isOf: (view: PaintView) => boolean, against: string): Judged {
  const view = viewOfPaint(paint)
  return !view.family ? { unknown: 'its colour is not known' } : isOf(view) ? { against } : undefined
}

/** C* from which a colour counts as bright (judgement). */
const BRIGHT = 40

/** Everything that can be wished of the paints of a palette: the one list of them. */
export const WISHES: readonly Wish[] = [
  {
    id: 'transparency',
    label: 'Transparency',
    options: [on('transparent', 'transparent only'), on('semi', 'transparent or semi-transparent')],
    judge: (paint, value) =>
      atMost(TRANSPARENCIES, propertiesOf(paint).transparency?.value, value === 'semi' ? 1 : 0, 'transparency'),
  },
  {
    id: 'pigments',
    label: 'Pigments in a paint',
    options: [on('single', 'one only'), on('partner', 'one, or two of which one is on the palette')],
    judge(paint, value, { palette }) {
      const { pigments } = paint
      if (pigments.length === 0) return { unknown: 'no pigment code' }
      if (pigments.length === 1) return undefined
      const isShared = palette.some((p) => p.id !== paint.id && p.pigments.some((code) => pigments.includes(code)))
      if (value === 'partner' && pigments.length === 2 && isShared) return undefined
      return { against: `${pigments.length} pigments` }
    },
  },
  {
    id: 'lightfastness',
    label: 'Lightfastness at least',
    options: LIGHTFASTNESSES.slice(0, 3).map((v) => on(v)),
    judge(paint, value) {
      const level = levelOn(LIGHTFASTNESSES, value as Lightfastness)
      const known = propertiesOf(paint).lightfastness?.value
      if (known === undefined) return { unknown: 'lightfastness not known' }
      return levelOn(LIGHTFASTNESSES, known) > level ? { against: `lightfastness ${known}` } : undefined
    },
  },
  {
    id: 'staining',
    label: 'Staining',
    options: [on('lifts', 'lifts'), on('stains', 'stains')],
    judge(paint, value) {
      const known = propertiesOf(paint).staining?.value
      if (known === undefined) return { unknown: 'staining not known' }
      return levelOn(STAININGS, known) >= 2 === (value === 'lifts') ? { against: known } : undefined
    },
  },
  {
    id: 'granulation',
    label: 'Granulation',
    options: [on('liked'), on('disliked', 'disliked: smooth')],
    judge(paint, value) {
      const known = propertiesOf(paint).granulation?.value
      if (known === undefined) return { unknown: 'granulation not known' }
      const level = levelOn(GRANULATIONS, known)
      return (value === 'liked' ? level >= 1 : level <= 1) ? undefined : { against: known }
    },
  },
  {
    id: 'rewetting',
    label: 'From a dry pan',
    options: [on('readily', 'rewets readily'), on('patience', 'rewets, perhaps with patience')],
    judge(paint, value) {
      const known = referenceOf(paint).map((p) => p.inPan)
      if (known.length === 0 || known.some((k) => !k)) return { unknown: 'how it rewets is not known' }
      const slow = known.find((k) => k!.startsWith('rewets slowly') || (value === 'readily' && k!.includes('patience')))
      return slow ? { against: slow } : undefined
    },
  },
  {
    id: 'caution',
    label: 'Caution',
    options: [on('mild', 'none that need caution'), on('child', 'fit for a child')],
    judge(paint, value) {
      const { isMild, forChildren, unknown } = cautionsOfCodes(paint.pigments, referenceOf(paint))
      if (forChildren === 'no') return { against: 'not for children' }
      if (unknown.length) return { against: `nothing is known here of ${unknown.join(', ')}` }
      if (!isMild) return { against: 'needs caution' }
      if (paint.pigments.length === 0) return { unknown: 'cautions not known' }
      return value === 'child' ? { unknown: 'only the label says whether it is for children' } : undefined
    },
  },
  ...METALS.map(([id, chemistry]): Wish => ({
    id,
    label: `${id[0]!.toUpperCase()}${id.slice(1)}`,
    options: [on('none', `no ${id}`)],
    judge: (paint) => pigmentWish(paint, (p) => chemistry.test(p.chemistry ?? ''), `holds ${id}`),
  })),
  {
    id: 'black',
    label: 'Black',
    options: [on('none', 'no black'), on('nowhere', 'no black, not in mixtures either')],
    judge: (paint, value) =>
      value === 'nowhere'
        ? pigmentWish(paint, (p) => /^[PN]Bk/.test(p.code), 'holds a black')
        : familyWish(paint, (view) => view.fine === 'black', 'a black'),
  },
  {
    id: 'white',
    label: 'White',
    options: [on('none', 'no white'), on('nowhere', 'no white, not in mixtures either')],
    judge: (paint, value) =>
      value === 'nowhere'
        ? pigmentWish(paint, (p) => /^PW/.test(p.code), 'holds a white')
        : familyWish(paint, (view) => view.family === 'white', 'a white'),
  },
  {
    id: 'vegan',
    label: 'Vegan',
    options: [on('recorded', 'where recorded')],
    judge: (paint) =>
      paint.vegan === undefined
        ? { unknown: 'not recorded as vegan' }
        : paint.vegan
          ? undefined
          : { against: 'not vegan' },
  },
  {
    id: 'makers',
    label: 'Makers',
    options: [on('1', 'one'), on('2', 'two at most'), on('3', 'three at most')],
    judge(paint, value, { palette }) {
      const makers = [...new Set(palette.map((p) => p.maker).filter(Boolean))]
      if (!paint.maker) return { unknown: 'no maker recorded' }
      if (makers.includes(paint.maker) && palette.some((p) => p.id === paint.id))
        return makersByUse(palette).slice(0, Number(value)).includes(paint.maker)
          ? undefined
          : { against: 'another maker' }
      return makers.includes(paint.maker) || makers.length < Number(value) ? undefined : { against: 'another maker' }
    },
  },
  {
    id: 'brightness',
    label: 'Brightness',
    options: [on('first', 'bright ones first')],
    softOnly: true,
    judge(paint) {
      const telling = tellingSwatch(viewOfPaint(paint))
      if (!telling) return { unknown: 'no colour known' }
      const { C } = toLch(telling)
      return C < BRIGHT ? { against: `dull, C* ${C.toFixed(0)}` } : undefined
    },
  },
  {
    id: 'convenience',
    label: 'Convenience mixtures',
    options: [on('mix', 'rather mix'), on('welcome', 'welcome')],
    softOnly: true,
    judge: (paint, value) =>
      value === 'mix' && paint.pigments.length > 1 ? { against: 'a mixture in the tube' } : undefined,
  },
  {
    id: 'opaque',
    label: 'Opaque light',
    options: [on('wanted')],
    softOnly: true,
    judge: () => undefined,
  },
  {
    id: 'darks',
    label: 'Darks',
    options: [on('few', 'one or two'), on('many', 'several')],
    softOnly: true,
    judge(paint, value, { palette }) {
      const isDark = (p: Paint) => (viewOfPaint(p).masstone?.L ?? 100) < DARK
      const others = palette.filter((p) => p.id !== paint.id && isDark(p)).length
      return value === 'few' && isDark(paint) && others >= 2 ? { against: 'one more dark' } : undefined
    },
  },
]

/** Below this L* of its masstone a paint counts among the darks (judgement). */
export const DARK = 28

/** Makers of a palette's paints, the most used first. */
function makersByUse(palette: readonly Paint[]): string[] {
  const counts = new Map<string, number>()
  for (const { maker } of palette) if (maker) counts.set(maker, (counts.get(maker) ?? 0) + 1)
  return [...counts].sort((p, q) => q[1] - p[1] || (p[0] < q[0] ? -1 : 1)).map(([maker]) => maker)
}

export const wishOf = (id: string): Wish | undefined => WISHES.find((w) => w.id === id)
