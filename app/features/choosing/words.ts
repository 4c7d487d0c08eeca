import { capital } from '~/shared/words/capital'
import {
  type Chosen,
  type ChosenPaint,
  CLOSES,
  type ListedAnswer,
  type ProposalKind,
  type ReduceStep,
  type WishCost,
  type Wished,
  type WishMissed,
} from '@juxtachrome/core/choosing'
import type { Paint } from '@juxtachrome/core/documents'
import { viewOfPaint } from '@juxtachrome/core/paints'
import { differenceInWords } from '@juxtachrome/core/colour'
import type { MixedNow } from './useMixedNow'
import { counted } from '@juxtachrome/core/units'
import { countMissedInWords, countSpoken, mixesInWords, wishInWords } from '~/features/verdict'
import { asSentence } from '~/shared/words/asSentence'
import { listed, points } from '~/shared/words/figures'
import { andMore, mixtureInWords, type NameOf } from '~/shared/words/lists'

export const stageInWords = (stage: string): string =>
  ({
    searching: 'Looking for better choices …',
    'asking what wishes cost': 'Asking what the wishes cost …',
    proving: 'Seeing how much better any choice could be …',
  })[stage] ?? ''

export const resultInWords = ({ added, after }: Chosen): string =>
  `With ${counted(added.length, 'more paint')}: ${lower(mixesInWords(after.reach))}`
const lower = (sentence: string) => sentence[0]!.toLowerCase() + sentence.slice(1)
/** The same as figures: shares of reach before and after, and from two paints at most. */
export const resultInFigures = ({ before, after }: Chosen): string =>
  `Reach ${points(before.reach)} before, ${points(after.reach)} with them; ${points(after.two)} from two paints at most.`

/** How much worth is no news, and how much is little (judgement): shares of what all colours count. */
const [NOTICED, LITTLE] = [0.005, 0.02]
/** How near to the best possible a choice is known to be; nothing as long as nothing is known. */
export function boundInWords({ worth, bound, isProven, candidates, added }: Chosen, isDone: boolean): string {
  if (bound === undefined) return ''
  const others = `other ${counted(added.length, 'paint')} of these ${candidates}`
  const gap = Math.max(0, bound - worth)
  if (isProven) return `No ${others} would be better: all of them were weighed.`
  if (gap < NOTICED) return `No ${others} would be noticeably better.`
  const much = gap < LITTLE ? 'a little' : 'clearly'
  return `${isDone ? 'It could not be settled whether' : 'Not settled yet: whether'} ${others} would be better; at most ${much}.`
}
export const boundInFigures = ({ worth, bound }: Chosen): string =>
  bound === undefined
    ? ''
    : `These count ${points(worth)}, any others at most ${points(bound)}: colours by how little they have to be mixed, and what hands and paper ask for.`

const wishedInWords = (wished: Wished): string =>
  'wish' in wished ? wishInWords(wished.wish) : countSpoken(wished.count)
/** What a wish costs; also that it costs nothing. */
export function costInWords({ wished, reach, worth }: WishCost): string {
  const wish = `“${wishedInWords(wished)}”`
  if (reach <= NOTHING && worth <= NOTHING) return `${wish} costs nothing.`
  if (reach <= NOTHING) return `${wish} costs no colour, but more mixing.`
  return `${wish} costs ${reach < LITTLE ? 'a few' : 'some'} colours that could be mixed without it.`
}
export const costInFigures = ({ wished, reach, worth }: WishCost): string =>
  `“${wishedInWords(wished)}”: ${points(reach)} of reach, ${points(worth)} in all.`
const NOTHING = 0.0005

/** A wish that is no must and is not met. */
export function wishMissedInWords(missed: WishMissed, nameOf: NameOf): string {
  if ('count' in missed) return countMissedInWords(missed, nameOf)
  const names = andMore(missed.paintIds.map(nameOf))
  return `“${wishInWords(missed.wish)}” is not met by ${names}.`
}

export function chosenInWords({ reach, fit, runnerUp }: ChosenPaint, nameOf: NameOf): string {
  return [
    reach > LITTLE
      ? 'much that only it reaches'
      : reach > NOTHING
        ? 'some colours that only it reaches'
        : 'saves mixing',
    ...(runnerUp ? [`${nameOf(runnerUp.paintId)} would be next${runnerUp.less < NOTICED ? ', as good' : ''}`] : []),
    ...(fit.word === 'must be in' || fit.word === 'use up' ? [fit.word] : []),
    ...fit.reasons,
  ].join('; ')
}

export function reduceInWords({ loss, goes, twin }: ReduceStep, nameOf: NameOf): string {
  const why = twin
    ? `nearly the same as ${nameOf(twin.paintId)}`
    : loss < 0.0005
      ? 'the rest mixes all it brings'
      : loss < LITTLE
        ? 'takes a few colours with it'
        : 'takes colours with it that nothing else mixes'
  return goes.length ? `${why}; with it goes the last of: ${goes.join(', ')}` : why
}

/** What stands in for a paint that went; nothing as long as it is not known. */
export function mixedNowInWords(mixed: MixedNow | undefined, nameOf: NameOf): string {
  if (!mixed) return ''
  const far = differenceInWords(mixed.difference)
  const what = mixtureInWords(mixed.paints, nameOf)
  return `${mixed.paints.length > 1 ? 'Now mixed: ' : 'Now in its place: '}${what}; the difference is ${far}.`
}

/** How a paint of a list is answered; `shown` names paints as the sentence shows them. */
export function listedInWords(answer: ListedAnswer, nameOf: NameOf, shown: NameOf = nameOf): string {
  const isNamed = !answer.paintId || nameOf(answer.paintId).toLowerCase() === answer.name.toLowerCase()
  const own = answer.paintId ? shown(answer.paintId) : ''
  const repeats = answer.repeats ? `; would nearly repeat ${shown(answer.repeats.paintId)}` : ''
  switch (answer.as) {
    case 'owned':
      return isNamed ? 'owned' : `owned: ${own}`
    case 'same pigments':
      return `same pigments owned: ${own}`
    case 'mixable':
      return `mixed from ${mixtureInWords(answer.recipe!.paints, shown)}; the difference is ${differenceInWords(answer.recipe!.difference)}${repeats}`
    case 'missing':
      return `missing${repeats}`
    case 'not understood':
      return answer.message ?? 'not understood'
  }
}

/** What harmony a few paints allow, by where they lie on the wheel (common practice, no source). */
export function harmonyInWords(paints: readonly Paint[]): string {
  const hues = paints.flatMap((p) => {
    const { wheelKey } = viewOfPaint(p)
    return wheelKey < 360 ? [wheelKey] : []
  })
  if (hues.length < 2) return 'Nearly one colour: a harmony of values.'
  const sorted = [...hues].sort((p, q) => p - q)
  const gaps = sorted.map((h, i) => (sorted[(i + 1) % sorted.length]! - h + 360) % 360)
  const open = Math.max(...gaps) || 360
  if (open > 240) return 'Neighbours on the wheel: a close harmony, quiet, without an opposite.'
  if (sorted.length === 2 && Math.abs(open - 180) < 40) return 'Two opposites: a contrast that greys itself.'
  return open > 150
    ? 'A pair of neighbours and what lies across: one side leads.'
    : 'All round the wheel: every hue, none of them leading.'
}

/** What a proposed palette is best at. */
export const proposalTitle = (kind: ProposalKind, isUsed: boolean): string =>
  ({
    widest: 'Mixes the most',
    handling: 'Handles best on paper',
    use: isUsed ? 'What you reach for' : 'What most palettes hold',
  })[kind]

/** `Three ways to begin`, or as many as there are. */
export const waysToBegin = (ways: number): string =>
  capital(`${numberInWords(ways)} way${ways === 1 ? '' : 's'} to begin`)

/** `Five granulate, seven lift.` */
export function handlesInWords(paints: readonly Paint[]): string {
  const granulate = paints.filter(CLOSES['something that granulates']).length
  const lift = paints.filter(CLOSES['something that lifts']).length
  const said = (count: number, verb: string, of: string) =>
    count === 0 ? `none ${verb}s${of}` : `${numberInWords(count)}${of} ${verb}${count === 1 ? 's' : ''}`
  return asSentence(`${said(granulate, 'granulate', '')}, ${said(lift, 'lift', '')}`)
}
const NUMBERS = 'none one two three four five six seven eight nine ten eleven twelve'.split(' ')
const numberInWords = (n: number) => NUMBERS[n] ?? String(n)

/** `No yellow earth and nothing that lifts.`; nothing where nothing is missing. */
export function lacksInWords(lacks: readonly string[]): string[] {
  if (!lacks.length) return []
  return [asSentence(listed(lacks.map((role) => role.replace(/^an? /, 'no ').replace(/^some/, 'no'))))]
}
