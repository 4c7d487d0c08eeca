import {
  type Chosen,
  type ChosenPaint,
  CLOSES,
  type ListedAnswer,
  type ProposalKind,
  type ReduceStep,
  type WishCost,
} from '@juxtachrome/core/choosing'
import type { Paint } from '@juxtachrome/core/documents'
import { viewOfPaint } from '@juxtachrome/core/paints'
import { counted } from '@juxtachrome/core/units'
import { wishInWords } from '~/features/verdict'
import { figure, listed, points } from '~/shared/words/figures'
import { mixtureInWords, type NameOf } from '~/shared/words/lists'

export const stageInWords = (stage: string): string =>
  ({
    searching: 'Looking for better choices …',
    'asking what wishes cost': 'Asking what the wishes cost …',
    proving: 'Seeing how much better any choice could be …',
  })[stage] ?? ''

export function resultInWords({ added, before, after }: Chosen): string {
  const [was, is] = [points(before.reach), points(after.reach)]
  return `${counted(added.length, 'paint')}: what is reached goes from ${was} to ${is}; with two paints at most ${points(after.two)}.`
}

const HOW = '(each colour counts less the more it has to be mixed)'
/** How near to the best possible a choice is known to be. */
export function boundInWords({ worth, bound, isProven, candidates, added }: Chosen, isDone: boolean): string {
  const all = `no other ${counted(added.length, 'paint')} of these ${candidates}`
  if (isProven) return `Proven: ${all} count for more ${HOW}.`
  if (bound === undefined) return ''
  const gap = figure(100 * Math.max(0, bound - worth), 1)
  const known = `${isDone ? 'Known' : 'So far known'}: ${all} count for more than ${points(bound)}`
  return `${known}; these count ${points(worth)}, ${gap} points from that ${HOW}.`
}

export const costInWords = ({ wish, reach, worth }: WishCost): string =>
  reach > 0.0005
    ? `“${wishInWords(wish)}” costs ${figure(100 * reach, 1)} points of reach.`
    : `“${wishInWords(wish)}” costs no reach, but more mixing: ${figure(100 * worth, 1)} points.`

export function chosenInWords({ reach, fit, runnerUp }: ChosenPaint, nameOf: NameOf): string {
  return [
    reach > 0.0005 ? `only it reaches ${points(reach)}` : 'saves mixing',
    ...(runnerUp ? [`next would be ${nameOf(runnerUp.paintId)}, ${figure(100 * runnerUp.less, 1)} points less`] : []),
    ...(fit.word === 'must be in' || fit.word === 'use up' ? [fit.word] : []),
    ...fit.reasons,
  ].join('; ')
}

export function reduceInWords({ loss, goes, twin }: ReduceStep, nameOf: NameOf): string {
  const why = twin
    ? `nearly the same as ${nameOf(twin.paintId)}, ${figure(twin.difference, 1)}`
    : loss < 0.0005
      ? 'the rest mixes all it brings'
      : `takes ${figure(100 * loss, 1)} of a hundred with it`
  return goes.length ? `${why}; with it goes the last of: ${goes.join(', ')}` : why
}

export function listedInWords(answer: ListedAnswer, nameOf: NameOf): string {
  const own = answer.paintId ? nameOf(answer.paintId) : ''
  const repeats = answer.repeats
    ? `; would nearly repeat ${nameOf(answer.repeats.paintId)}, ${figure(answer.repeats.difference, 1)}`
    : ''
  switch (answer.as) {
    case 'owned':
      return `owned${own && own.toLowerCase() !== answer.name.toLowerCase() ? `: ${own}` : ''}`
    case 'same pigments':
      return `same pigments owned: ${own}`
    case 'mixable':
      return `mixed from ${mixtureInWords(answer.recipe!.paints, nameOf)}, off by ${figure(answer.recipe!.difference, 1)}${repeats}`
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

/** `Five granulate, seven lift.` */
export function handlesInWords(paints: readonly Paint[]): string {
  const granulate = paints.filter(CLOSES['something that granulates']).length
  const lift = paints.filter(CLOSES['something that lifts']).length
  const said = (count: number, verb: string, of: string) =>
    count === 0 ? `none ${verb}s${of}` : `${numberInWords(count)}${of} ${verb}${count === 1 ? 's' : ''}`
  const words = `${said(granulate, 'granulate', '')}, ${said(lift, 'lift', '')}`
  return `${words[0]!.toUpperCase()}${words.slice(1)}.`
}
const NUMBERS = 'none one two three four five six seven eight nine ten eleven twelve'.split(' ')
const numberInWords = (n: number) => NUMBERS[n] ?? String(n)

/** `No yellow earth and nothing that lifts.`; nothing where nothing is missing. */
export function lacksInWords(lacks: readonly string[]): string[] {
  if (!lacks.length) return []
  const words = listed(lacks.map((role) => role.replace(/^an? /, 'no ').replace(/^some/, 'no')))
  return [`${words[0]!.toUpperCase()}${words.slice(1)}.`]
}
