import type { ClassSums } from '@juxtachrome/core/restocking'
import type { PointLost } from '@juxtachrome/core/standins'
import { counted } from '@juxtachrome/core/units'
import { differenceInWords } from '@juxtachrome/core/colour'
import { sumsInWords } from '~/shared/words/moneyWords'

/** What every list for others says. */
export const CAUTION =
  'The label and the safety data sheet of the paint that is bought come first; with children, local rules do. No paint is for licking a brush.'

const LOST: { [K in PointLost['kind']]: (lost: Extract<PointLost, { kind: K }>) => string } = {
  colour: ({ difference }) => `the difference is ${differenceInWords(difference)}`,
  fades: () => 'it fades',
  caution: () => 'it needs caution',
  behaviour: ({ unlike }) => `it is ${unlike.words}`,
}
/** That nothing stands in, and why what comes nearest does not. */
export const refusedInWords = (name: string, lost: PointLost): string =>
  `nothing: ${name} comes nearest, but ${(LOST[lost.kind] as (l: PointLost) => string)(lost)}`

/** How much of a paint a student needs. */
export const tubesInWords = (tubes: number, millilitres: number): string =>
  tubes === 0 ? 'none: it is there' : `${counted(tubes, 'tube')} of ${millilitres} ml`

/** What a list comes to: for one student, for all, and what of it has no price. */
export function sumsOfListInWords({ tubes, each, all, unpriced }: ClassSums, students: number): string {
  const one = sumsInWords(each)
  const many = sumsInWords(all)
  const open = unpriced
    ? `${unpriced === 1 ? '1 of them has' : `${unpriced} of them have`} no price in your lists of shops or on your own tubes.`
    : ''
  const bought = `${counted(tubes, 'tube')} a student`
  if (!one) return [`${bought}.`, open].filter(Boolean).join(' ')
  const cost = students === 1 ? one : `${one} each, ${many} for ${students} students`
  return [`${bought}: ${cost}.`, open].filter(Boolean).join(' ')
}
