import { hueStep, toLch } from '../colour/lch'
import { colourDifference } from '../colour/difference'
import { tellingSwatch } from '../colour/family'
import { traitsOfMedium } from '../paints/media'
import { propertiesOf } from '../paints/properties'
import { chromaOf, type PaintView, wheelDistance } from '../paints/view'
import { GRANULATIONS, levelOn, STAININGS } from '../pigments/scales'
import type { PlaceTraits } from './placeTraits'

/** What the arranging looks at of a paint, besides its colour. */
export interface ArrangeContext {
  /** Tells what is used and mixed apart from another state of it. */
  key: string
  /** How often it is used, 0..1: by fills, or by tubes owned. */
  use: (paintId: string) => number
  /** Whether two are mixed with each other: kept recipes. */
  areMixed: (one: string, other: string) => boolean
  /** The brush is in the left hand. */
  leftHanded?: boolean
}

/** The distance function that a wish about pairs shares with others. */
export type PairKernel = 'near' | 'across'

/** What a place is like; `light` is where the paint would lie if all lay from light to dark, beginning with the walk. */
export type At = (trait: Exclude<keyof PlaceTraits, 'ids'> | 'light') => number

/** A wish for the arrangement, as data: what it costs that two paints lie near or across, or that one lies where it lies. */
export interface ArrangeWish {
  id: string
  label: string
  about: string
  kernel?: PairKernel
  /** How bad it is, 0..1, when two lie so; below 0 where it is good. */
  pair?: (one: PaintView, other: PaintView, context: ArrangeContext) => number
  /** Likeness draws together as much as difference drives apart, so that empties lie where the jumps are. */
  draws?: true
  /** How bad it is, -0.5..0.5, that a place kept free for a hue that is missing lies near a paint. */
  kept?: (hue: number, view: PaintView) => number
  /** How bad a place is for a paint, 0..1. */
  own?: (view: PaintView, at: At, context: ArrangeContext) => number
}

const L = (v: PaintView) => v.masstone?.L ?? v.wash?.L ?? 60
/** L* of a masstone below which a paint counts among the darks here (judgement). */
const DARK = 32
const isDark = (v: PaintView) => L(v) < DARK
/** Whites, and what is no watercolour, are laid apart. */
const isApart = (v: PaintView) => v.family === 'white' || Boolean(traitsOfMedium(v.paint).apart)
const isNeutral = (v: PaintView) => v.family === 'neutral' || chromaOf(v) < 10
/** How much a paint dirties a neighbour: dark, strong, staining ones most (common practice, no source). */
export function dirtyingOf(v: PaintView): number {
  if (v.family === 'yellow' || v.family === 'white') return 0
  const stains = levelOn(STAININGS, propertiesOf(v.paint).staining?.value)
  return Math.min(1, (100 - L(v)) / 90 + (stains >= 2 ? 0.2 : 0))
}
/** Hue angle of what it tells in a wash or masstone, degrees; undefined where it is too grey to have one. */
export const hueOf = (v: PaintView): number | undefined => {
  const telling = tellingSwatch(v)
  return telling && chromaOf(v) >= 12 ? toLch(telling).h : undefined
}

/** The orders of arranging as they are told by painters (common practice, no source). */
export const ARRANGE_WISHES: readonly ArrangeWish[] = [
  {
    id: 'wheel',
    label: 'Round the wheel',
    about: 'neighbours in hue lie side by side',
    draws: true,
    kernel: 'near',
    pair: (p, q) => wheelDistance(p, q) / 180,
  },
  {
    id: 'value',
    label: 'Light to dark',
    about: 'from the lightest at one end to the darkest at the other',
    own: (_, at) => (at('along') - at('light')) ** 2,
  },
  {
    id: 'families',
    label: 'Families together',
    about: 'yellows by yellows, earths by earths',
    draws: true,
    kernel: 'near',
    pair: (p, q) => Number(p.family !== q.family),
  },
  {
    id: 'clean yellows',
    label: 'Yellows kept clean',
    about: 'yellows in a corner, away from what dirties them',
    kernel: 'near',
    pair: (p, q) => (p.family === 'yellow' ? dirtyingOf(q) : q.family === 'yellow' ? dirtyingOf(p) : 0),
    own: (v, at) => (v.family === 'yellow' ? 0.5 * (1 - at('cornered')) : 0),
  },
  {
    id: 'complements',
    label: 'Complements across',
    about: 'what greys a colour faces it across the tray',
    kernel: 'across',
    pair(p, q) {
      const [h, k] = [hueOf(p), hueOf(q)]
      return h === undefined || k === undefined ? 0 : -Math.max(0, (Math.abs(hueStep(h, k)) - 130) / 50)
    },
  },
  {
    id: 'partners',
    label: 'Partners side by side',
    about: 'what is mixed with each other, by your recipes, lies together',
    kernel: 'near',
    pair: (p, q, { areMixed }) => -Number(areMixed(p.paint.id, q.paint.id)),
  },
  {
    id: 'look-alikes',
    label: 'Look-alikes apart',
    about: 'what is mistaken for each other in the pan does not lie together',
    kernel: 'near',
    pair(p, q) {
      if (!p.masstone || !q.masstone) return 0
      return Math.max(0, 1 - colourDifference(p.masstone, q.masstone) / 14)
    },
  },
  {
    id: 'textures',
    label: 'Textures and darks at one end',
    about: 'granulating paints and darks together',
    own(v, at) {
      const grain = levelOn(GRANULATIONS, propertiesOf(v.paint).granulation?.value)
      return isDark(v) || grain >= 2 ? 1 - at('along') : 0
    },
  },
  {
    id: 'neutrals',
    label: 'Neutrals in the middle',
    about: 'greys and blacks in the gap of the wheel, or the centre',
    own: (v, at) => (isNeutral(v) && v.family !== 'white' ? 1 - at('central') : 0),
  },
  {
    id: 'whites',
    label: 'Whites apart',
    about: 'whites, gouache and the like at an edge, away from what stains them',
    kernel: 'near',
    pair: (p, q) => (isApart(p) ? dirtyingOf(q) : isApart(q) ? dirtyingOf(p) : 0),
    own: (v, at) => (isApart(v) ? 1 - at('cornered') : 0),
  },
  {
    id: 'makers',
    label: 'One maker together',
    about: 'paints of one maker lie together',
    draws: true,
    kernel: 'near',
    pair: (p, q) => Number(p.paint.maker !== q.paint.maker),
  },
  {
    id: 'use',
    label: 'Most used at the mixing surface',
    about: 'what is used most lies nearest to where it is mixed',
    own: (v, at, { use }) => use(v.paint.id) * (1 - at('mixing')),
  },
  {
    id: 'hand',
    label: 'Most used at the brush hand',
    about: 'what is used most lies at the side of the brush hand',
    own: (v, at, { use, leftHanded }) => use(v.paint.id) * (leftHanded ? at('right') : 1 - at('right')),
  },
  {
    id: 'gap',
    label: 'A place kept where the wheel has a gap',
    about: 'empty places lie between the hues on either side of what is missing',
    kernel: 'near',
    kept(hue, view) {
      const h = hueOf(view)
      return h === undefined ? 0 : Math.abs(hueStep(hue, h)) / 180 - 0.5
    },
  },
]

/** How much each wish counts, 0..1. */
export type Blend = Readonly<Record<string, number>>
export interface ArrangePreset {
  id: string
  label: string
  blend: Blend
}

/** One for each order, alone or as it is usually held (common practice, no source). */
export const ARRANGE_PRESETS: readonly ArrangePreset[] = [
  { id: 'wheel', label: 'round the colour wheel', blend: { wheel: 1, 'look-alikes': 0.2 } },
  { id: 'value', label: 'light to dark', blend: { value: 1 } },
  { id: 'families', label: 'families', blend: { families: 1, wheel: 0.4 } },
  {
    id: 'clean',
    label: 'clean yellows, darks at the end',
    blend: { 'clean yellows': 1, wheel: 0.6, textures: 0.6, whites: 0.5 },
  },
  { id: 'across', label: 'complements across', blend: { complements: 1, wheel: 0.5 } },
  { id: 'mixing', label: 'by what is mixed', blend: { partners: 1, use: 0.6, 'clean yellows': 0.5, wheel: 0.4 } },
  {
    id: 'calm',
    label: 'a bit of everything',
    blend: { wheel: 0.8, 'clean yellows': 0.7, 'look-alikes': 0.5, whites: 0.4, neutrals: 0.3 },
  },
]
