import { countInWords, wishOf } from '@juxtachrome/core/choosing'
import type { Brief, BriefCount, BriefWish, TargetChoice } from '@juxtachrome/core/documents'
import { nameOfSubject, targetsOf } from '@juxtachrome/core/reach'
import { counted } from '@juxtachrome/core/units'
import { READY_WISHES } from '~/shared/wishes/readyWishes'
import { listed } from '~/shared/words/figures'

/** A brief in words: the one place where its chips are worded. */
export const NEARNESS = [
  { value: 3, label: 'close' },
  { value: 5, label: 'near' },
  { value: 8, label: 'roughly' },
] as const
export const LISTS = [
  ['mustIn', 'Must be in'],
  ['stayOut', 'Must stay out'],
  ['useUp', 'To be used up'],
  ['spare', 'To be spared'],
] as const
export type ListName = (typeof LISTS)[number][0]

export const nearInWords = (near: number): string =>
  `${NEARNESS.find((n) => n.value === near)?.label ?? 'near'} enough: ${near}`

export function wishInWords({ wish, value, hard }: BriefWish): string {
  const known = wishOf(wish)
  if (!known) return `${wish} (from a newer version)`
  const option = known.options.find((o) => o.value === value)?.label ?? value
  return `${known.label}: ${option}${hard && !known.softOnly ? ', a must' : ''}`
}

export function targetInWords(choice: TargetChoice): string {
  if (choice.kind === 'everything') return 'everything the collection mixes'
  if (choice.kind === 'colours') return `${choice.name} (${counted(choice.colours.length, 'colour')})`
  return nameOfSubject(choice.subject)
}

export function targetsInWords(choices: readonly TargetChoice[]): string {
  const [first] = choices
  if (!first) return 'everything'
  return choices.length === 1 ? targetInWords(first) : `${targetInWords(first)} and ${choices.length - 1} more`
}

/** Wishes that speak for themselves without their heading. */
const SPOKEN = ['transparency', 'rewetting']
const spoken = ({ wish, value, hard }: BriefWish): string => {
  const known = wishOf(wish)
  const option = known?.options.find((o) => o.value === value)?.label ?? value
  const ready = READY_WISHES.find((r) => r.wish === wish && r.value === value)
  const words =
    wish === 'lightfastness'
      ? `lightfastness ${option} at least`
      : (ready?.words ?? (known && !SPOKEN.includes(wish) ? `${known.label.toLowerCase()}: ${option}` : option))
  return hard && known && !known.softOnly ? `${words} (a must)` : words
}

/** `For sea and sky and the ledge at low tide; lightfastness very good at least (a must); rewets.` */
export function briefInWords(brief: Brief | undefined): string {
  const targets = targetsOf(brief)
  const aims = listed(targets.map(targetInWords))
  const wishes = [...(brief?.wishes ?? []).map(spoken), ...(brief?.counts ?? []).map(countSpoken)]
  const lists = LISTS.flatMap(([name, label]) => {
    const count = brief?.[name]?.length ?? 0
    return count ? [`${counted(count, 'paint')} ${label.toLowerCase()}`] : []
  })
  return `${[`For ${aims}`, ...wishes, ...lists].join('; ')}.`
}

/** How many of a kind are wished for. */
export const countSpoken = (count: BriefCount): string => `${countInWords(count)}${count.hard ? ' (a must)' : ''}`

/** Puts a count in the place of another, or takes it away. */
export function withCount(brief: Brief | undefined, old: BriefCount | undefined, next: BriefCount | undefined): Brief {
  const counts = (brief?.counts ?? []).flatMap((c) => (c === old ? (next ? [next] : []) : [c]))
  return { ...brief, counts: !old && next ? [...counts, next] : counts }
}

/** Sets or takes away the wish of a kind. */
export function withWish(brief: Brief | undefined, wish: string, next: BriefWish | undefined): Brief {
  const others = (brief?.wishes ?? []).filter((w) => w.wish !== wish)
  return { ...brief, wishes: next ? [...others, next] : others }
}

export function withPaint(brief: Brief | undefined, list: ListName, paintId: string, isIn: boolean): Brief {
  const others = (brief?.[list] ?? []).filter((id) => id !== paintId)
  return { ...brief, [list]: isIn ? [...others, paintId] : others }
}
