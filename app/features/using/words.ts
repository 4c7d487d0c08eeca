import { differenceInWords } from '@juxtachrome/core/colour'
import type { GapKind } from '@juxtachrome/core/choosing'
import { counted } from '@juxtachrome/core/units'
import type { Proposal, ProposedBecause, Review } from '@juxtachrome/core/using'
import { asSentence } from '~/shared/words/asSentence'
import { listed, percent } from '~/shared/words/figures'
import { mixtureInWords, type NameOf } from '~/shared/words/lists'

/** What the use of a palette says, in a sentence or two. */
export function reviewInWords({ use, counts, paints }: Review, nameOf: NameOf): string {
  if (use.paintings === 0) return 'No painting is logged for this stretch of time.'
  const never = paints.filter((p) => p.pull === 'never').map((p) => nameOf(p.paintId))
  const [most] = paints
  const often = most && most.times > 0 ? ` Most used: ${nameOf(most.paintId)}, in ${most.times} of ${most.of}.` : ''
  const untouched = never.length
    ? ` Never touched since they came in: ${never.length > 4 ? `${never.slice(0, 3).join(', ')} and ${never.length - 3} more` : listed(never)}.`
    : counts['too soon to say'] === paints.length
      ? ' It is too soon to say what is not used: five paintings are needed.'
      : ' Every colour was used.'
  return `${counted(use.paintings, 'painting')}.${often}${untouched}`
}

/** `warm red`: what of a gap is missed. */
export const gapName = (kind: GapKind): string => kind

function becauseInWords(because: ProposedBecause): string {
  switch (because.kind) {
    case 'wished':
      return because.times > 1 ? `wished for ${because.times} times` : 'wished for once'
    case 'closes':
      return `would give the ${gapName(because.gap)} that is missing`
    case 'elsewhere':
      return `used in ${counted(because.times, 'painting')} from ${because.palettes > 1 ? `${because.palettes} other palettes` : 'another palette'}`
    case 'brings':
      return `would bring ${percent(because.reach)} of what is to be mixed`
  }
}

/** The evidence for a proposal: what is not used, what mixes it, what speaks for what comes in. */
export function evidenceInWords({ out, in: incoming }: Proposal, nameOf: NameOf): string[] {
  const lines: string[] = []
  if (out) {
    const times = out.times
      ? `used in ${out.times} of ${counted(out.of, 'painting')}`
      : `untouched in ${counted(out.of, 'painting')}`
    lines.push(`${nameOf(out.paintId)} (${out.placeId}): ${times}`)
    if (out.mixed) {
      const { recipe, difference } = out.mixed
      lines.push(
        `it is mixed from ${mixtureInWords(recipe.paints, nameOf)}: the difference is ${differenceInWords(difference)}`,
      )
    }
  }
  if (incoming) lines.push(`${nameOf(incoming.paintId)}: ${incoming.why.map(becauseInWords).join('; ')}`)
  return lines
}

/** From which share 0..1 a change of what is mixed is spoken of, and from which it is more than a little (judgement). */
const [NOTICED, MORE] = [0.005, 0.03]
/** `a little more`, `less`; nothing where nothing would be noticed. */
function changeInWords(was: number, is: number): string {
  const by = is - was
  if (Math.abs(by) < NOTICED) return ''
  return `${Math.abs(by) < MORE ? 'a little ' : ''}${by > 0 ? 'more' : 'less'}`
}

/** What reach, effort and findings gain and lose, a sentence each. */
export function gainsInWords({ reach, closes, opens, twins }: Proposal): string[] {
  const of = (size: 'reach' | 'one' | 'two') => (reach ? changeInWords(reach.before[size], reach.after[size]) : '')
  const [all, one, two] = [of('reach'), of('one'), of('two')]
  const lines = [
    ...(all ? [`It mixes ${all} of what you want.`] : []),
    ...(one ? [asSentence(`${one} of it comes straight from the pan`)] : []),
    ...(two ? [asSentence(`${two} of it takes no more than two paints`)] : []),
    ...(closes.length ? [`No longer missing: ${listed(closes.map(gapName))}.`] : []),
    ...(opens.length ? [`Newly missing: ${listed(opens.map(gapName))}.`] : []),
    ...(twins[0] === twins[1] ? [] : [twins[0] > twins[1] ? 'Fewer look-alikes.' : 'More look-alikes.']),
  ]
  return lines.length ? lines : ['It mixes what it mixed before.']
}
/** The same in figures. */
export function gainsInFigures({ reach, twins }: Proposal): string {
  const change = (name: string, was: number, is: number) => `${name} ${percent(was)}, then ${percent(is)}`
  if (!reach) return ''
  const { before, after } = reach
  return [
    change('reach', before.reach, after.reach),
    change('straight from the pan', before.one, after.one),
    change('with two paints', before.two, after.two),
    `near twins ${twins[0]}, then ${twins[1]}`,
  ].join('; ')
}

/** The reason of a version, short: what is kept with it. */
export const reasonOf = (proposal: Proposal, nameOf: NameOf): string =>
  [...evidenceInWords(proposal, nameOf), gainsInWords(proposal).join(' ')].join('; ').slice(0, 300)
