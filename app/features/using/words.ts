import { differenceInWords } from '@juxtachrome/core/colour'
import type { GapKind } from '@juxtachrome/core/choosing'
import { counted } from '@juxtachrome/core/units'
import type { Proposal, ProposedBecause, Review } from '@juxtachrome/core/using'
import { figure, listed, percent } from '~/shared/words/figures'
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
        `it is mixed from ${mixtureInWords(recipe.paints, nameOf)}: ${differenceInWords(difference)}, ${figure(difference, 1)}`,
      )
    }
  }
  if (incoming) lines.push(`${nameOf(incoming.paintId)}: ${incoming.why.map(becauseInWords).join('; ')}`)
  return lines
}

/** What reach, effort and findings gain and lose. */
export function gainsInWords({ reach, closes, opens, twins }: Proposal): string[] {
  const change = (name: string, was: number, is: number) =>
    Math.abs(is - was) < 0.0005 ? [] : [`${name} ${percent(was)} → ${percent(is)}`]
  const figures = reach
    ? [
        ...change('reach', reach.before.reach, reach.after.reach),
        ...change('straight from the pan', reach.before.one, reach.after.one),
        ...change('by two paints', reach.before.two, reach.after.two),
      ]
    : []
  const lines = [
    ...(figures.length ? [figures.join(', ')] : []),
    ...(closes.length ? [`no longer missing: ${listed(closes.map(gapName))}`] : []),
    ...(opens.length ? [`newly missing: ${listed(opens.map(gapName))}`] : []),
    ...(twins[0] !== twins[1] ? [`near twins ${twins[0]} → ${twins[1]}`] : []),
  ]
  return lines.length ? lines : ['reach, effort and findings stay as they are']
}

/** The reason of a version, short: what is kept with it. */
export const reasonOf = (proposal: Proposal, nameOf: NameOf): string =>
  [...evidenceInWords(proposal, nameOf), ...gainsInWords(proposal)].join('; ').slice(0, 300)
