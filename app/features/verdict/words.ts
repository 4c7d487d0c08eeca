import type { Assessment, Gap, Spare, Tally, Twins } from '@juxtachrome/core/choosing'
import { differenceInWords } from '@juxtachrome/core/colour'
import { counted } from '@juxtachrome/core/units'
import { figure, percent, points } from '~/shared/words/figures'
import { andMore, mixtureInWords, type NameOf } from '~/shared/words/lists'

export { mixtureInWords, percent, points }

/** The findings of a verdict in words: the one place where they are worded. */
export function reachInWords(v: Assessment): string {
  if (!v.reach) return 'What it reaches is being worked out.'
  const what = v.tables.length === 1 ? v.tables[0]!.name : `its ${v.tables.length} sets of targets`
  const most = v.most === 1 ? 'one paint' : v.most === 2 ? 'at most two paints' : 'at most three paints'
  const beside = v.whole && v.whole.reach < 0.995 ? `; the whole collection ${percent(v.whole.reach)}` : ''
  return `Reaches ${percent(v.reach.reach)} of ${what}, with ${most}${beside}.`
}

export function effortInWords({ reach }: Assessment): string {
  if (!reach || reach.reach === 0) return 'Nothing to mix from yet.'
  const { one, two, three } = reach
  const share = (part: number) => percent(part / reach.reach)
  return `Of that ${share(one)} straight from the pan, ${share(two - one)} by two paints, ${share(three - two)} by three.`
}

const GAP_NAMES: Partial<Record<Gap['kind'], string>> = {
  'something that granulates': 'Nothing that granulates',
  'something smooth': 'Nothing smooth',
  'something that lifts': 'Nothing that lifts',
}
export function gapInWords(gap: Gap, nameOf: NameOf): string {
  const { kind, has, could, remedy, also } = gap
  const closes = !remedy
    ? ' You own nothing lasting that would close it.'
    : also
      ? ` ${nameOf(remedy.paintId)} and ${nameOf(also)} together would close it.`
      : ` ${nameOf(remedy.paintId)} would close it${remedy.reach > 0.0005 ? `: +${points(remedy.reach)}` : ''}.`
  if (kind === 'deep dark') return `No deep dark: the lowest value reached is L* ${figure(has!)}.${closes}`
  if (kind.startsWith('clean'))
    return has
      ? `No ${kind}: C* ${figure(has)} at best, the collection mixes ${figure(could!)}.${closes}`
      : `No ${kind.slice(6)} at all; the collection mixes C* ${figure(could!)}.${closes}`
  return `${GAP_NAMES[kind] ?? `No ${kind}`}.${closes}`
}
const QUIET: Record<NonNullable<Gap['quiet']>, string> = {
  'not needed': 'Not needed for this',
  'by the way': 'Mixed, as the chosen way has it',
  without: 'You do without',
}
/** Gaps that are no more than a line: `Not needed for this: clean violet, warm red.` */
export const quietGapsInWords = (
  gaps: readonly Gap[],
): { why: NonNullable<Gap['quiet']>; kinds: Gap['kind'][]; words: string }[] =>
  (Object.keys(QUIET) as NonNullable<Gap['quiet']>[]).flatMap((why) => {
    const kinds = gaps.filter((g) => g.quiet === why).map((g) => g.kind)
    return kinds.length ? [{ why, kinds, words: `${QUIET[why]}: ${kinds.join(', ')}.` }] : []
  })

export function twinsInWords({ paintIds, placeIds, alone, mixed, mixedWith, pigments }: Twins, nameOf: NameOf): string {
  const [one, other] = paintIds.map((id, i) => `${nameOf(id)} (${placeIds[i]})`)
  const how = `${differenceInWords(alone)}, ${figure(alone, 1)}`
  const mixes =
    mixedWith === undefined
      ? ''
      : mixed < 5
        ? ` In mixtures they stay as near: ${figure(mixed, 1)} at most.`
        : ` In mixtures they part: ${figure(mixed, 1)} with ${nameOf(mixedWith)}.`
  const same = pigments?.length
    ? `the same pigment${pigments.length > 1 ? 's' : ''}, ${pigments.join(' and ')}, and `
    : ''
  return `${one} and ${other} are ${same}near twins alone: ${how}.${mixes}`
}

export function spareInWords(spare: Spare, nameOf: NameOf): string {
  const unlike = spare.unlike.length ? ` It would be ${spare.unlike.join('; ')}.` : ''
  const how = `${differenceInWords(spare.difference)}, ${figure(spare.difference, 1)}`
  const mixed = mixtureInWords(spare.recipe.paints, nameOf)
  return `${nameOf(spare.paintId)} (${spare.placeId}) is mixed by ${mixed}: ${how}.${unlike}`
}

export function crowdInWords(
  { family, out, count, share, wanted }: NonNullable<Assessment['crowds']>[number],
  nameOf: NameOf,
): string {
  const asked = wanted === undefined ? '' : `; of what is to be mixed ${percent(wanted)} is so`
  const least = out.length ? ` Least missed of them: ${andMore(out.map(nameOf))}.` : ''
  return `${counted(count, `${family} paint`)}: ${percent(share)} of the palette${asked}.${least}`
}

export function neutralsInWords({ neutrals = [] }: Assessment, nameOf: NameOf): string {
  if (neutrals.length === 0) return 'No colours yet that would want a neutraliser.'
  const without = neutrals.filter((n) => !n.best)
  if (without.length === 0) return 'Every colour has a neutraliser here.'
  if (without.length === neutrals.length) return 'No two of these colours mix to grey.'
  const having = neutrals.length - without.length
  const have = `${counted(having, 'colour')} of ${neutrals.length} ${having === 1 ? 'has' : 'have'} a neutraliser`
  return `${have}; without one: ${andMore(without.map((n) => nameOf(n.paintId)))}.`
}

export function valuesInWords({ values }: Assessment, nameOf: NameOf): string {
  if (!values?.alone) return 'No values yet.'
  const mixed = values.mixed && values.mixed.L < values.alone.L - 0.5 ? values.mixed : undefined
  const deepest = mixed
    ? `${mixtureInWords(mixed.paints, nameOf)} go down to L* ${figure(mixed.L)}`
    : `${nameOf(values.alone.paintId)} goes down to L* ${figure(values.alone.L)}`
  const light = values.lightest ? `; the lightest tinted wash is L* ${figure(values.lightest.L)}` : ''
  return `Values: ${deepest}${light}.`
}

export function bringsInWords({ brings = [] }: Assessment, nameOf: NameOf): string {
  const [least] = brings
  if (!least) return 'Nothing is planned yet.'
  const most = brings.at(-1)!
  const named = (b: (typeof brings)[number]) => `${nameOf(b.paintId)} (${b.placeId}, ${points(b.reach)})`
  return brings.length === 1
    ? `It all rests on ${named(least)}.`
    : `Least missed: ${named(least)}. Most: ${named(most)}.`
}

/** `8 excellent, 3 very good, 1 not known`; how many of them are only assumed stands behind. */
export function tallyInWords({ words, unknown }: Tally): string {
  const assumed = words.reduce((sum, w) => sum + w.assumed, 0)
  const own = words.map((w) => `${w.count} ${w.word.split(';')[0]}`)
  const all = [...own, ...(unknown ? [`${unknown} not known`] : [])].join(', ')
  return `${all || 'nothing known'}${assumed ? ` (${assumed} assumed from codes)` : ''}`
}

export function surenessInWords({ planned, measured, left, over }: Assessment): string {
  const reckoned = planned - left.length
  const swatches =
    measured >= reckoned
      ? 'all by swatches of their own'
      : `${measured} of ${counted(reckoned, 'paint')} by own swatches, the others assumed from their codes`
  const some = over ? ` Of the collection ${counted(over, 'paint')} are left out, more than can be reckoned with.` : ''
  return `How sure: ${swatches}.${some} A predicted mixture is off by about 3, one in twenty by 10; shares are sturdier than single colours.`
}

/** One sentence for a screen reader after a change; the rest is read when it is asked for. */
export function summaryInWords(v: Assessment): string {
  const loud = v.gaps?.filter((g) => !g.quiet).length ?? 0
  const gaps = loud ? ` ${counted(loud, 'gap')}.` : ''
  const conflicts = v.conflicts.length ? ` ${v.conflicts.map((c) => c.message).join(' ')}` : ''
  return `${reachInWords(v)}${gaps}${conflicts}`
}
