import type { Paint } from '../documents/paint'
import { propertiesOf } from '../paints/properties'
import { viewOfPaint } from '../paints/view'
import { GRANULATIONS, levelOn, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from '../pigments/scales'
import { behaviourOfMixture } from './behaviour'

/** How a paint or a mixture behaves on the paper, as far as it is known. Words are those of the trade's scales. */
export interface Traits {
  transparency?: string
  staining?: string
  granulation?: string
  lightfastness?: string
  /** L* of its masstone: how dark it goes. */
  darkest?: number
  /** Glow, pearl or metal, which a mixture of common paints never has. */
  effect?: string
  /** That one of its paints settles out of another, in words. */
  separates?: string
}

/** One thing that a stand-in does not do as what it stands in for. */
export interface Unlike {
  trait: keyof Traits
  has?: string
  wants?: string
  /** Steps apart on the trade's scale, L* for the value range; more is a worse miss. */
  steps: number
  /** Less than what is wanted, rather than only other: sooner faded, less dark, no glow. */
  isLoss: boolean
  words: string
}

const SCALES = {
  transparency: TRANSPARENCIES,
  staining: STAININGS,
  granulation: GRANULATIONS,
} as const
/** L* by which one must go less dark to be said (judgement). */
const LESS_DARK = 4

/** What of one the other does not reproduce: the one place for it. Whatever is not known of either is left out. */
export function unlikeOf(own: Traits, its: Traits): Unlike[] {
  const onScales = (['transparency', 'granulation', 'staining'] as const).flatMap((trait): Unlike[] => {
    const [has, wants] = [own[trait], its[trait]]
    if (!has || !wants || has === wants) return []
    const scale: readonly string[] = SCALES[trait]
    const steps = Math.abs(levelOn(scale, has) - levelOn(scale, wants))
    return [{ trait, has, wants, steps, isLoss: false, words: `${has}, not ${wants}` }]
  })
  return [...onScales, ...fading(own, its), ...range(own, its), ...glow(own, its), ...settling(own, its)]
}

function fading({ lightfastness: has }: Traits, { lightfastness: wants }: Traits): Unlike[] {
  const scale: readonly string[] = LIGHTFASTNESSES
  const steps = has && wants ? levelOn(scale, has) - levelOn(scale, wants) : 0
  if (!has || !wants || steps === 0) return []
  const words = `${steps > 0 ? 'fades sooner' : 'lasts longer'}: lightfastness ${has}, not ${wants}`
  return [{ trait: 'lightfastness', has, wants, steps: Math.abs(steps), isLoss: steps > 0, words }]
}
function range({ darkest: has }: Traits, { darkest: wants }: Traits): Unlike[] {
  if (has === undefined || wants === undefined || has - wants < LESS_DARK) return []
  const words = `goes less dark: L* ${has.toFixed(0)}, not ${wants.toFixed(0)}`
  return [{ trait: 'darkest', has: has.toFixed(0), wants: wants.toFixed(0), steps: has - wants, isLoss: true, words }]
}
const glow = ({ effect: has }: Traits, { effect: wants }: Traits): Unlike[] =>
  wants && wants !== has
    ? [{ trait: 'effect', wants, steps: 1, isLoss: true, words: `not ${wants}: it is duller` }]
    : []
const settling = ({ separates: has }: Traits, { separates: wants }: Traits): Unlike[] =>
  has && !wants ? [{ trait: 'separates', has, steps: 1, isLoss: false, words: has }] : []

/** What is known of a paint, recorded or assumed from its pigments. */
export function traitsOfPaint(paint: Paint): Traits {
  const { transparency, staining, granulation, lightfastness } = propertiesOf(paint)
  const { masstone } = viewOfPaint(paint)
  return {
    ...(transparency ? { transparency: transparency.value } : {}),
    ...(staining ? { staining: staining.value } : {}),
    ...(granulation ? { granulation: granulation.value } : {}),
    ...(lightfastness ? { lightfastness: lightfastness.value } : {}),
    ...(masstone ? { darkest: masstone.L } : {}),
    ...(paint.effect ? { effect: paint.effect } : {}),
  }
}

/** What is known of a mixture, from its paints and their shares, 0..1. How dark it goes is left to who predicts it. */
export const traitsOfMixture = (parts: readonly { paint: Paint; share: number }[]): Traits => behaviourOfMixture(parts)

/** What a mixture does not do on the paper as the paint does that it stands in for, in words; empty when nothing is known. */
export const unlikeTarget = (parts: readonly { paint: Paint; share: number }[], target: Paint): string[] =>
  unlikeOf(traitsOfMixture(parts), traitsOfPaint(target)).flatMap(({ trait, isLoss, words }) =>
    // what separates is said of the mixture itself, and that it lasts longer is no fault
    trait === 'separates' || (trait === 'lightfastness' && !isLoss) ? [] : [words],
  )
