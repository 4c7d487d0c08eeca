import { colourDifference, differenceInWords } from '../colour/difference'
import { leanInWords, leanOf } from '../colour/lean'
import type { LabD65 } from '../units'
import { pricePerMlInWords } from '../paints/reading/price'
import { unlikeOf } from './unlike'

/** Anything that can be laid side by side: a paint, a mixture, a colour. */
export interface Sample {
  name: string
  masstone?: LabD65
  wash?: LabD65
  pigments: readonly string[]
  transparency?: string
  staining?: string
  granulation?: string
  lightfastness?: string
  /** Price of a millilitre, in the smallest unit of the currency. */
  pricePerMl?: { minor: number; currency: string }
}

export interface Comparison {
  /** CIEDE2000. */
  masstone?: number
  wash?: number
  /** Everything that differs or agrees, in words. */
  lines: string[]
  /** Would you miss the first if you had only the second: in words, with the reason. */
  missed: string
}

/** Below these differences at masstone and wash two paints do the same work (judgement). */
const SAME_WORK = 3
const NEAR = 7

/** What differs between two samples, in words; the numbers stand beside them, for those who ask for figures. */
export function compareSamples(one: Sample, other: Sample): Comparison {
  const off = (which: 'masstone' | 'wash') =>
    one[which] && other[which] ? colourDifference(one[which], other[which]) : undefined
  const [masstone, wash] = [off('masstone'), off('wash')]
  const shared = one.pigments.filter((c) => other.pigments.includes(c))
  const colours = [
    ...(masstone === undefined ? [] : [`masstone: ${differenceInWords(masstone)}`]),
    ...(wash === undefined ? [] : [`wash: ${differenceInWords(wash)}`]),
  ]
  const behaviours = unlikeOf(other, one).map(({ trait, has, wants }) =>
    trait === 'lightfastness' ? `lightfastness ${wants} against ${has}` : `${wants} against ${has}`,
  )
  const lines = [
    ...colours,
    ...(one.pigments.length && other.pigments.length
      ? [shared.length ? `shared: ${shared.join(', ')}` : 'no pigment in common']
      : []),
    ...leans(one, other),
    ...values(one, other),
    ...behaviours,
    ...prices(one, other),
  ]
  return {
    ...(masstone === undefined ? {} : { masstone }),
    ...(wash === undefined ? {} : { wash }),
    lines,
    missed: missed(
      one,
      other,
      [masstone, wash].filter((d) => d !== undefined),
      behaviours,
    ),
  }
}

function leans(one: Sample, other: Sample): string[] {
  const words = (s: Sample) => {
    const lean = leanOf(s)
    return lean && leanInWords(lean)
  }
  const [p, q] = [words(one), words(other)]
  if (!p || !q) return []
  return [p === q ? `both ${p}` : `${one.name}: ${p}; ${other.name}: ${q}`]
}

function values(one: Sample, other: Sample): string[] {
  if (!one.masstone || !other.masstone || Math.abs(one.masstone.L - other.masstone.L) < 3) return []
  const [darker, lighter] = one.masstone.L < other.masstone.L ? [one, other] : [other, one]
  return [`${darker.name} goes darker than ${lighter.name}`]
}

function prices({ pricePerMl: p }: Sample, { pricePerMl: q }: Sample): string[] {
  return p && q ? [`${pricePerMlInWords(p)} against ${pricePerMlInWords(q)} a ml`] : []
}

function missed(one: Sample, other: Sample, differences: readonly number[], behaviours: readonly string[]): string {
  if (differences.length === 0) return `Would you miss ${one.name}? Without swatches of both it cannot be said.`
  const worst = Math.max(...differences)
  if (worst < SAME_WORK && behaviours.length === 0)
    return `You would hardly miss ${one.name}: nearly the same colour, and the same behaviour.`
  if (worst < SAME_WORK)
    return `You would not miss the colour of ${one.name}, only how it behaves: ${behaviours.join('; ')}.`
  if (worst < NEAR) return `You might miss ${one.name} in careful work: near, but ${differenceInWords(worst)}.`
  return `You would miss ${one.name}: a ${worst < 25 ? `${differenceInWords(worst)} difference` : 'different colour'}.`
}
