import { capital } from '~/shared/words/capital'
import { toScreen } from '@juxtachrome/core/colour'
import { counted, labD65 } from '@juxtachrome/core/units'
import { stepsOf, type JoinedDocument, type Part } from '@juxtachrome/core/exchange'
import {
  ITEM_FIELDS,
  KIND_NAMES,
  KINDS,
  PAINT_FIELDS,
  type Diff,
  type Event,
  type JournalEntry,
  type KindName,
} from '@juxtachrome/core/documents'
import { listed } from '~/shared/words/figures'

/** One and several of each kind of event. */
const EVENTS: Readonly<Record<Event['kind'], readonly [string, string]>> = {
  fill: ['filling', 'fillings'],
  dry: ['pan found dry', 'pans found dry'],
  clean: ['cleaning', 'cleanings'],
  exchange: ['exchange of pans', 'exchanges of pans'],
  put: ['pan put into its place', 'pans put into their places'],
  takeOut: ['pan taken out', 'pans taken out'],
  stow: ['pan laid elsewhere', 'pans laid elsewhere'],
  measure: ['measuring', 'measurings'],
  sitting: ['painting', 'paintings'],
  level: ['look into a pan', 'looks into pans'],
}

/** `12 fillings, 2 new paints and 1 changed palette`; empty where there is nothing. */
export function comesInWords({ diff, journal }: { diff: Diff; journal: readonly JournalEntry[] }): string {
  const events = Object.entries(EVENTS).flatMap(([kind, words]) => {
    const n = journal.filter((e) => e.type === 'event' && e.event.kind === kind).length
    return n ? [counted(n, ...words)] : []
  })
  const corrections = journal.filter((e) => e.type === 'correction').length
  const documents = KIND_NAMES.flatMap((kind) => {
    const of = diff.filter((c) => c.kind === kind)
    const { word, many } = KINDS[kind as KindName]
    const say = (n: number, how: string) => (n ? [counted(n, `${how} ${word}`, `${how} ${many}`)] : [])
    return [
      ...say(of.filter((c) => !c.before).length, 'new'),
      ...say(of.filter((c) => c.before && c.after).length, 'changed'),
      ...say(of.filter((c) => !c.after).length, 'removed'),
    ]
  })
  return listed([...events, ...(corrections ? [counted(corrections, 'correction')] : []), ...documents])
}

const LABELS = new Map<string, string>(
  [...PAINT_FIELDS, ...ITEM_FIELDS].map((f) => [f.key, f.label] as [string, string]),
)
/** Fields whose name alone would not say what they are. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  holder: 'the box',
  plan: 'the plan',
  brief: 'what it is for',
  guide: 'the way it is chosen',
  apart: 'paints to keep apart',
  answered: 'answers to proposals',
  forChild: 'for a child',
  pictureId: 'the photograph',
  inMixtures: 'white and black in mixtures',
}

/** What a part of a document is called: `Series`, `place A3`. */
export function partInWords(kind: KindName, part: Part): string {
  const [field = '', name] = stepsOf(part)
  if (field === 'plan' && name !== undefined) return `Place ${name}`
  const word = LABELS.get(field) ?? FIELD_WORDS[field] ?? field.replace(/([A-Z])/g, ' $1').toLowerCase()
  return name === undefined ? capital(word) : `${capital(word)}, ${name}`
}

/** A value as it is shown beside the other one. */
export function valueInWords(value: unknown, nameOf: (paintId: string) => string): string {
  if (value === undefined || value === null || value === '') return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'string' || typeof value === 'number') return String(value)
  if (Array.isArray(value)) return listInWords(value, nameOf)
  const { paintId, reserved, name, words } = value as Record<string, unknown>
  if (typeof paintId === 'string') return nameOf(paintId)
  if (typeof reserved === 'string') return `kept free: ${reserved || 'no reason given'}`
  if (typeof name === 'string') return name
  if (typeof words === 'string') return words
  if (colourOf(value)) return 'a swatch'
  return listed(Object.entries(value as object).map(([key, inner]) => `${key} ${valueInWords(inner, nameOf)}`))
}
/** A swatch as the screen shows it; nothing for any other value. */
export function colourOf(value: unknown): string | undefined {
  const { L, a, b } = (value ?? {}) as Record<string, unknown>
  if (typeof L !== 'number' || typeof a !== 'number' || typeof b !== 'number') return undefined
  return toScreen(labD65(L, a, b)).hex
}
const MOST = 6
function listInWords(list: readonly unknown[], nameOf: (paintId: string) => string): string {
  if (list.length === 0) return 'nothing'
  if (list.length > MOST) return `${list.length} entries`
  return listed(list.map((v) => valueInWords(v, nameOf)))
}

/** What stands against each other where one removed what the other edited. */
export function removalInWords(
  { fate, kind }: Pick<JoinedDocument, 'fate' | 'kind'>,
  name: string,
  other: string,
): string {
  const { word } = KINDS[kind]
  return fate === 'removed here'
    ? `The ${word} ${name} was removed here, and changed on ${other}.`
    : `The ${word} ${name} was removed on ${other}, and changed here.`
}
