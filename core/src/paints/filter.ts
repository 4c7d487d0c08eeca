import { PAINT_FIELDS, wordOf, type Field } from '../documents/fieldTable'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { referenceOf } from '../film/whichReference'
import { cautionsOfCodes } from '../pigments/cautions'
import { doubledAs, type Double } from './doubles'
import { NEEDS_CARE, NEVER_USED, NO_SWATCH, SINGLE, WISHED } from './readSearch'
import { propertiesOf, type Properties } from './properties'
import { viewOfPaint } from './view'

/** Words of a field that a paint may have: any of them will do. */
export type FilterWords = Readonly<Record<string, readonly string[]>>

/** What the collection is narrowed down to. Undefined or empty means: do not ask. */
export interface PaintFilter {
  text?: string
  /** By the key of a field: `transparency`, `family`, `medium`; also `maker` and `state`. Every field asks for itself. */
  words?: FilterWords
  singlePigment?: boolean
}

/** No item at all: a state to ask for beside those of an item. */
export const NONE_AT_HAND = 'none at hand'

const fieldOf = new Map<string, Field>(PAINT_FIELDS.map((f) => [f.key, f]))

/** What is known of a paint beyond its record and its items. */
export interface InCollection {
  double?: Double
  /** Filled from or painted with, as far as anybody recorded. */
  isUsed?: boolean
  /** On the list of wishes, and nothing of it is owned. */
  isWished?: boolean
}
/** Darker than this in masstone a paint is a dark, L* (judgement). */
const DARK = 36

/** What is asked of how a paint looks or stands in the collection, beside the fields of its record. */
const MORE: Readonly<Record<string, (paint: Paint, known: InCollection) => readonly (string | undefined)[]>> = {
  owned: (_, { double }) => doubledAs(double),
  use: (_, { isUsed }) => (isUsed ? [] : [NEVER_USED]),
  wish: (_, { isWished }) => (isWished ? [WISHED] : []),
  pigmentCount: (paint) => (paint.pigments.length === 1 ? [SINGLE] : []),
  swatch: (paint) => (paint.masstone || paint.wash ? [] : [NO_SWATCH]),
  care: (paint) => (cautionsOfCodes(paint.pigments, referenceOf(paint)).isMild ? [] : [NEEDS_CARE]),
  temperature: (paint) => [viewOfPaint(paint).lean?.temperature],
  depth: (paint) => ((viewOfPaint(paint).masstone?.L ?? 100) < DARK ? ['dark'] : []),
}

/** The words that a paint has for a field: recorded, or assumed from its codes where that is done. */
function wordsOf(
  paint: Paint,
  items: readonly Item[],
  key: string,
  known: InCollection,
): readonly (string | undefined)[] {
  const more = MORE[key]
  if (more) return more(paint, known)
  if (key === 'maker') return [paint.maker]
  if (key === 'marks') return paint.marks ?? []
  if (key === 'place') return items.map((i) => i.place)
  if (key === 'family') {
    const { family, fine } = viewOfPaint(paint)
    return [fine, family]
  }
  if (key === 'state') return items.length ? items.flatMap((i) => [i.supply, ...i.remarks]) : [NONE_AT_HAND]
  const field = fieldOf.get(key)
  if (!field) return []
  if (field.assumed) return [propertiesOf(paint)[key as keyof Properties]?.value]
  const value = paint[key as keyof Paint]
  // a paint of which nothing else is said is watercolour and still made
  if (value === undefined && key === 'medium') return ['watercolour']
  if (value === undefined && key === 'discontinued') return ['still made']
  return [wordOf(field, value)]
}

/** Whether a paint and its items pass every question of the filter but the text. */
export function passesFilter(
  paint: Paint,
  items: readonly Item[],
  { words = {}, singlePigment }: PaintFilter,
  known: InCollection = {},
): boolean {
  if (singlePigment && paint.pigments.length !== 1) return false
  return Object.entries(words).every(
    ([key, asked]) =>
      asked.length === 0 || wordsOf(paint, items, key, known).some((w) => w !== undefined && asked.includes(w)),
  )
}

/** Whether what is said of a paint's tubes and pans holds all the words: state, kind, note, where it was bought. */
export function itemsSay(items: readonly Item[], text: string): boolean {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return false
  return items.some((item) => {
    const said = [item.supply, ...item.remarks, item.kind, item.note, item.boughtFrom, item.place]
      .join(' ')
      .toLowerCase()
    return words.every((w) => said.includes(w))
  })
}

/** `transparent or semi-transparent`, `at least very good`, `not opaque`: what is asked of a field, in words. */
export function filterInWords({ key, scale = [] }: Pick<Field, 'key' | 'scale'>, asked: readonly string[]): string {
  const inOrder = scale.length ? scale.filter((w) => asked.includes(w)) : asked
  const left = scale.filter((w) => !asked.includes(w))
  if (key === 'lightfastness' && inOrder.length > 1 && scale.indexOf(inOrder.at(-1)!) === inOrder.length - 1)
    return `at least ${inOrder.at(-1)}`
  if (scale.length > 2 && left.length === 1) return `not ${left[0]}`
  return inOrder.length > 3 ? `${inOrder.slice(0, 2).join(', ')} or ${inOrder.length - 2} more` : inOrder.join(' or ')
}
