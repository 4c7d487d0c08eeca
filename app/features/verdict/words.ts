import {
  type Assessment,
  type CountMissed,
  countInWords,
  type Gap,
  type Spare,
  type Tally,
  type Twins,
} from '@juxtachrome/core/choosing'
import { differenceInWords } from '@juxtachrome/core/colour'
import { counted } from '@juxtachrome/core/units'
import { EVERYTHING } from '@juxtachrome/core/reach'
import { figure, listed, percent, points } from '~/shared/words/figures'
import { andMore, mixtureInWords, type NameOf } from '~/shared/words/lists'

export { mixtureInWords, percent, points }

/** How much of something, in words, from its share 0..1 (judgement). */
const HOW_MUCH: readonly (readonly [from: number, words: string])[] = [
  [0.985, 'everything'],
  [0.93, 'nearly everything'],
  [0.75, 'most'],
  [0.5, 'more than half'],
  [0.25, 'less than half'],
  [0.02, 'little'],
]
const howMuch = (share: number) => HOW_MUCH.find(([from]) => share >= from)?.[1] ?? 'nothing'

/** What the palette can do, in one sentence: the head of the verdict. */
export function reachInWords(v: Assessment): string {
  const { reach, tables, most } = v
  if (!v.planned) return 'Nothing is planned yet. Put a paint into a place, and what it mixes is told here.'
  if (!reach) return `Working out what ${counted(v.planned, 'paint')} mix${v.planned === 1 ? 'es' : ''} …`
  const much = howMuch(reach.reach)
  const isAll = tables.length === 1 && tables[0]!.name === EVERYTHING.name
  const whole = WHOLE.includes(much)
  const wanted = andMore(tables.map((t) => t.name))
  const what = isAll
    ? `${whole ? much : `${much} of what`} your whole collection can`
    : `${whole ? much : `${much} of what`} you want for ${wanted}`
  const effort = reach.reach > 0 ? effortInWords(v) : ''
  return `Mixes ${what}${effort ? `, ${effort}` : most === 1 ? ', without mixing' : ''}.`
}

/** The same of a palette that is only proposed: `Mixes most of what you want.` */
export function mixesInWords(share: number): string {
  const much = howMuch(share)
  return `Mixes ${WHOLE.includes(much) ? much : `${much} of what`} you want.`
}
/** What the wheels of a map are called that are shown where there is room for three. */
export const SHOWN_VALUES = ['dark', 'middle', 'light'] as const
/** By which palettes that lie beside each other are told apart on one map: A, B, C. */
export const letterOf = (i: number): string => String.fromCharCode(65 + i)
const WHOLE = ['everything', 'nearly everything', 'nothing']

/** `most of it from two paints`; nothing where no way of mixing rules. */
function effortInWords({ reach, most }: Assessment): string {
  if (!reach || most === 1) return ''
  const { one, two, three } = reach
  const [, words] = [
    [one, 'straight from the pan'] as const,
    [two - one, 'from two paints'] as const,
    [three - two, 'from three paints'] as const,
  ].reduce((best, next) => (next[0] > best[0] ? next : best))
  const share = Math.max(one, two - one, three - two) / reach.reach
  return `${share > 0.5 ? 'most' : 'much'} of it ${words}`
}

/** What the rest of the collection could add, where it could. */
export function wholeInWords({ reach, whole }: Assessment): string {
  if (!reach || !whole || whole.reach - reach.reach < 0.015) return ''
  return `Your whole collection mixes ${howMuch(whole.reach)}${whole.reach < 0.93 ? ' of it' : ''}.`
}

/** A value in words, by its L*: neither screen nor paper knows it better (judgement). */
const VALUES: readonly (readonly [below: number, words: string])[] = [
  [17, 'a near black'],
  [27, 'a dark grey'],
  [40, 'a fairly dark grey'],
  [60, 'a middle grey'],
  [Infinity, 'a light grey'],
]
export const valueInWords = (L: number): string => VALUES.find(([below]) => L < below)![1]

/** What is missing, and what the paint that closes it would give. */
const GAPS: Readonly<Record<Gap['kind'], readonly [missing: string, gives: string]>> = {
  yellow: ['There is no yellow.', 'one'],
  red: ['There is no red.', 'one'],
  blue: ['There is no blue.', 'one'],
  'cool yellow': ['No yellow here leans green.', 'a cool one'],
  'warm yellow': ['No yellow here leans orange.', 'a warm one'],
  'warm red': ['No red here leans orange.', 'a warm one'],
  'cool red': ['No red here leans violet.', 'a cool one'],
  'blue that leans violet': ['No blue here leans violet.', 'one that does'],
  'blue that leans green': ['No blue here leans green.', 'one that does'],
  'clean green': ['Your greens will be dull.', 'bright ones'],
  'clean orange': ['Your oranges will be dull.', 'bright ones'],
  'clean violet': ['Your violets will be dull.', 'bright ones'],
  'deep dark': ['There is no deep dark.', 'one'],
  earth: ['There is no earth.', 'one'],
  'something that lifts': ['Nothing here lifts.', 'one that does'],
  'opaque light': ['Nothing light covers.', 'one that does'],
  'something that granulates': ['Nothing here granulates.', 'one that does'],
  'something smooth': ['Everything here granulates.', 'a smooth one'],
}
export function gapInWords({ kind, has, remedy, also }: Gap, nameOf: NameOf): string {
  const [missing, gives] = GAPS[kind]
  const none = kind.startsWith('clean') && !has ? `Nothing here mixes a ${kind.slice(6)}.` : missing
  const dark = kind === 'deep dark' && has !== undefined ? ` The darkest it gives is ${valueInWords(has)}.` : ''
  const closes = !remedy
    ? ' You own nothing lasting that would give one.'
    : also
      ? ` ${nameOf(remedy.paintId)} and ${nameOf(also)} together would give ${gives}.`
      : ` ${nameOf(remedy.paintId)} would give ${gives}.`
  return `${none}${dark}${closes}`
}
/** The same in figures. */
export function gapInFigures({ kind, has, could, remedy }: Gap): string {
  const own =
    has === undefined
      ? ''
      : kind === 'deep dark'
        ? `The darkest value is L* ${figure(has)}.`
        : `Chroma C* reaches ${figure(has)}${could === undefined ? '' : `; your whole collection mixes ${figure(could)}`}.`
  const brings = remedy && remedy.reach > 0.0005 ? `It would add ${points(remedy.reach)} to what is mixed.` : ''
  return [own, brings].filter(Boolean).join(' ')
}

const QUIET: Record<NonNullable<Gap['quiet']>, string> = {
  'not needed': 'Missing, but not needed for this',
  'by the way': 'Mixed, as your method has it',
  without: 'You do without',
}
/** Gaps that are no more than a line: `Missing, but not needed for this: clean violet, warm red.` */
export const quietGapsInWords = (
  gaps: readonly Gap[],
): { why: NonNullable<Gap['quiet']>; kinds: Gap['kind'][]; words: string }[] =>
  (Object.keys(QUIET) as NonNullable<Gap['quiet']>[]).flatMap((why) => {
    const kinds = gaps.filter((g) => g.quiet === why).map((g) => g.kind)
    return kinds.length ? [{ why, kinds, words: `${QUIET[why]}: ${kinds.join(', ')}.` }] : []
  })

export function twinsInWords({ paintIds, mixed, mixedWith, pigments }: Twins, nameOf: NameOf): string {
  const [one, other] = paintIds.map(nameOf)
  const same = pigments?.length ? `, from the same pigment${pigments.length > 1 ? 's' : ''}` : ''
  const mixes =
    mixedWith === undefined
      ? ''
      : mixed < PART_IN_MIXTURES
        ? ', in mixtures, too'
        : `, but part in mixtures with ${nameOf(mixedWith)}`
  return `${one} and ${other} are nearly the same${same}${mixes}.`
}
/** CIEDE2000 from which twins are said to part in mixtures: a clear difference. */
const PART_IN_MIXTURES = 5
export const twinsInFigures = ({ alone, mixed, mixedWith }: Twins): string =>
  `Alone they differ by ${figure(alone, 1)}${mixedWith === undefined ? '' : `, in mixtures by ${figure(mixed, 1)} at most`}.`

/** How many of a kind were wished for, and how many there are. */
export function countMissedInWords({ count, paintIds }: CountMissed, nameOf: NameOf): string {
  const names = paintIds.length && paintIds.length <= 4 ? `: ${listed(paintIds.map(nameOf))}` : ''
  const there = paintIds.length === 1 ? 'there is one' : `there are ${paintIds.length || 'none'}`
  return `You wished for ${countInWords(count)}; ${there}${names}.`
}
/** What a paint or a mixture does not do as another does, as sentences of their own: `It is smooth, not granulating. It fades sooner.` */
export const unlikeInWords = (unlike: readonly string[]): string =>
  unlike.map((words) => (DOES.test(words) ? `It ${words.split(/[:,]/)[0]!}.` : `It is ${words}.`)).join(' ')
const DOES = /^(fades|lasts|goes|settles|separates|stains|lifts)\b/

export function spareInWords(spare: Spare, nameOf: NameOf): string {
  const mixed = listed(spare.recipe.paints.map((p) => nameOf(p.id)))
  const many = spare.recipe.paints.length > 1
  const how = many ? `${mixed} mix it` : `${mixed} is nearly the same`
  const unlike = unlikeInWords(spare.unlike)
  return `You would hardly miss ${nameOf(spare.paintId)}: ${how}.${unlike ? ` ${unlike}` : ''}`
}
export const spareInFigures = ({ difference, recipe }: Spare): string =>
  `${recipe.paints.map((p) => p.parts).join(' : ')}, ${differenceInWords(difference)}, ${figure(difference, 1)}.`

export function crowdInWords(
  { family, out, count, wanted, share }: NonNullable<Assessment['crowds']>[number],
  planned: number,
  nameOf: NameOf,
): string {
  const more = wanted !== undefined && share > wanted ? ', more than you have use for' : ''
  const least = out.length ? ` You would miss ${andMore(out.map(nameOf))} least.` : ''
  return `${counted(count, `${family} paint`)} of ${planned}${more}.${least}`
}

/** The greys that two paints mix, and what has no partner. */
export function neutralsInWords({ neutrals = [] }: Assessment, nameOf: NameOf): string {
  if (neutrals.length === 0) return 'No colours yet that would want a partner to grey them.'
  const without = neutrals.filter((n) => !n.best)
  if (without.length === neutrals.length) return 'No two of these colours mix to a grey.'
  const seen = new Set<string>()
  const greys = neutrals.flatMap(({ best }) => {
    const key = best?.paints
      .map((p) => p.id)
      .sort()
      .join()
    if (!best || best.paints.length < 2 || seen.has(key!)) return []
    seen.add(key!)
    return [best.paints.map((p) => nameOf(p.id)).join(' with ')]
  })
  const have = `Greys: ${greys.slice(0, 2).join('; ')}.`
  const none = `${andMore(without.map((n) => nameOf(n.paintId)))} ${without.length === 1 ? 'has' : 'have'} no partner that greys ${without.length === 1 ? 'it' : 'them'}.`
  return without.length ? `${have} ${none}` : have
}

export function valuesInWords({ values }: Assessment, nameOf: NameOf): string {
  if (!values?.alone) return 'No values yet.'
  const mixed = values.mixed && values.mixed.L < values.alone.L - 0.5 ? values.mixed : undefined
  const deepest = mixed
    ? `${listed(mixed.paints.map((p) => nameOf(p.id)))} mix ${valueInWords(mixed.L)}`
    : `${nameOf(values.alone.paintId)} alone gives ${valueInWords(values.alone.L)}`
  return `The darkest: ${deepest}.`
}
export function valuesInFigures({ values }: Assessment): string {
  if (!values?.alone) return ''
  const L = Math.min(values.alone.L, values.mixed?.L ?? Infinity)
  const light = values.lightest ? `; the lightest tinted wash is L* ${figure(values.lightest.L)}` : ''
  return `Down to L* ${figure(L)}${light}.`
}

/** Paints that would hardly be missed bring less than this, a share of all that is wanted (judgement). */
const HARDLY = 0.005
const THE_REST_DOES = 'the others mix what it does.'
/** How the paint of a place would be missed against the others there; nothing where there is nothing to say. */
export function missedInWords({ brings = [] }: Assessment, placeId: string): string {
  const at = brings.findIndex((b) => b.placeId === placeId)
  const own = brings[at]
  if (!own || brings.length < 3) return ''
  if (own.twice) return 'The same paint lies in another place, too.'
  if (own.only) return `Here it is ${listed(own.only.map(asTheOnly))}.`
  if (at === brings.length - 1) return 'You would miss it most.'
  if (own.reach < HARDLY) return `You would hardly miss it: ${THE_REST_DOES}`
  return at === 0 ? 'You would miss it least.' : ''
}
/** `a yellow earth`: `the only yellow earth`. */
const asTheOnly = (role: string) => role.replace(/^an? /, 'the only ').replace(/^something/, 'the only thing')

export function bringsInWords({ brings = [] }: Assessment, nameOf: NameOf): string {
  // the last earth, the last dark are missed whatever the others mix
  const least = brings.find((b) => !b.only) ?? brings[0]
  if (!least) return 'Nothing is planned yet.'
  const most = brings.at(-1)!
  if (brings.length === 1) return `It all rests on ${nameOf(least.paintId)}.`
  const first =
    least.reach < HARDLY
      ? `You would hardly miss ${nameOf(least.paintId)}: ${THE_REST_DOES}`
      : `You would miss ${nameOf(least.paintId)} least.`
  return `${first} You would miss ${nameOf(most.paintId)} most.`
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
      ? 'Predicted from your own swatches of every paint'
      : measured === 0
        ? 'Predicted from what is usual for the pigment codes: swatches of your own would make it surer'
        : `Predicted from your own swatches of ${measured} of ${counted(reckoned, 'paint')}, and from what is usual for the codes of the others`
  const some = over ? ` ${counted(over, 'paint')} of your collection are too many to be weighed and are left out.` : ''
  return `${swatches}.${some}`
}

/** One sentence for a screen reader after a change; the rest is read when it is asked for. */
export function summaryInWords(v: Assessment): string {
  const loud = v.gaps?.filter((g) => !g.quiet).length ?? 0
  const gaps = loud ? ` ${counted(loud, 'gap')}.` : ''
  const conflicts = v.conflicts.length ? ` ${v.conflicts.map((c) => c.message).join(' ')}` : ''
  return `${reachInWords(v)}${gaps}${conflicts}`
}
