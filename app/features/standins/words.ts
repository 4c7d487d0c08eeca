import { perMlInWords } from '~/shared/words/moneyWords'
import { effortOf, type Must, type StandIn, type StandInKind } from '@juxtachrome/core/standins'
import { counted } from '@juxtachrome/core/units'
import { differenceInWords } from '@juxtachrome/core/colour'
import { pigmentById } from '@juxtachrome/core/pigments'
import { mixtureInWords, type NameOf } from '~/shared/words/lists'
import { figure, listed } from '~/shared/words/figures'

export const KIND_WORDS: Record<StandInKind, string> = {
  'another item': 'the same paint, another tube or pan',
  'same pigments': 'the same pigments',
  'other pigments': 'other pigments',
  'mixture of the palette': 'mixed on this palette',
  'mixture of the owned': 'mixed from what you own',
  'to buy': 'to buy',
}

/** What a stand-in is called. */
export function nameOfStandIn({ paintId, mixture, pigment }: StandIn, nameOf: NameOf): string {
  if (mixture) return mixtureInWords(mixture.paints, nameOf)
  if (paintId) return nameOf(paintId)
  const known = pigment ? pigmentById(pigment) : undefined
  return known ? `${known.names[0]}, ${known.id}` : 'something to buy'
}

const withNumber = (difference: number) => `${differenceInWords(difference)} (${figure(difference, 1)})`

/** How near it is: alone, and in mixtures with the palette's paints. */
export function nearnessInWords({ kind, alone, inMixtures, mixture }: StandIn, nameOf: NameOf): string {
  if (kind === 'another item') return 'the very same'
  const { masstone, wash } = alone
  const own = [
    masstone === undefined ? '' : `masstone ${withNumber(masstone)}`,
    wash === undefined
      ? ''
      : `wash ${withNumber(wash)}${mixture?.water ? ` at ${counted(mixture.water, 'part')} of water` : ''}`,
  ].filter(Boolean)
  const mixed = inMixtures
    ? [
        `in mixtures ${withNumber(inMixtures.mean)}, at worst ${figure(inMixtures.worst, 1)} with ${nameOf(inMixtures.worstWith)}`,
      ]
    : []
  return [...own, ...mixed].join('; ')
}

/** The same in a few words: how visible the difference is, alone and, where it is another, in mixtures. */
export function nearnessInShort({ kind, alone, inMixtures }: StandIn): string {
  if (kind === 'another item') return 'nothing is lost'
  const own = differenceInWords(alone.difference)
  const mixed = inMixtures && differenceInWords(inMixtures.mean)
  return `the difference is ${own}${mixed && mixed !== own ? `, in mixtures ${mixed}` : ''}`
}

export function costInWords(standIn: StandIn): string {
  const { places, price, kind } = standIn
  const effort = effortOf(standIn)
  const takes =
    kind === 'another item'
      ? 'no other place'
      : places
        ? `${counted(places, 'more paint')} on the palette`
        : effort > 1
          ? `no place; ${effort} paints to mix each time`
          : 'on the palette already'
  return [takes, price ? `${perMlInWords(price)}` : ''].filter(Boolean).join('; ')
}

/** Why it stands where it does: mixed from its own pigments, what painters usually take, that it fades. */
export function standingInWords({ isSame, usual, fades }: StandIn): string {
  const lost = usual ? `; what is lost: ${usual}` : ''
  return [
    isSame ? 'Mixed from its own pigments.' : '',
    usual === undefined ? '' : `Usual in its place${lost}.`,
    fades ? 'It fades, so it comes last.' : '',
  ]
    .filter(Boolean)
    .join(' ')
}

export function trialInWords({ trial }: StandIn): string {
  if (!trial) return ''
  const held = trial.refused ? 'refused' : `tried on paper: held ${trial.held}`
  return [held, trial.note ?? ''].filter(Boolean).join('; ')
}

/** What a stand-in must not do, as one says it of it; and what is left out then. */
export const MUST_WORDS: Record<Must, { not: string; out: string }> = {
  last: { not: 'fade', out: 'what fades' },
  caution: { not: 'need caution', out: 'what needs caution' },
  children: { not: 'be unfit for children', out: 'what is known to be unfit for children, or not known at all' },
  made: { not: 'be out of make', out: 'what is no longer made' },
  rewet: { not: 'harden in a pan', out: 'what hardens in a pan' },
  vegan: { not: 'be of animal origin', out: 'what is recorded as not vegan' },
  price: { not: 'cost more', out: 'what is known to cost more' },
}
export function leftOutInWords(musts: readonly Must[]): string {
  const label = musts.includes('children') ? ' The label has the last word on children.' : ''
  return `Left out: ${listed(musts.map((must) => MUST_WORDS[must].out))}.${label}`
}
