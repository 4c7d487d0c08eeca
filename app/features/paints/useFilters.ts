import { ITEM_FIELDS, PAINT_FIELDS, type Field } from '@juxtachrome/core/documents'
import { DOUBLES, filterInWords, WISHED, type PaintFilter } from '@juxtachrome/core/paints'
import * as z from 'zod/mini'
import { kept } from '~/stores/kept'

const FIELDS: readonly Field[] = [...PAINT_FIELDS, ...ITEM_FIELDS]
/** Fields that paints are narrowed down by, with the words of each; makers come from the collection. */
export const FILTER_FIELDS: readonly { key: string; label: string; scale: readonly string[] }[] = [
  ...FIELDS.filter((f) => f.filter).map(({ key, label, scale = [] }) => ({ key, label, scale })),
  { key: 'owned', label: 'Owned twice', scale: DOUBLES },
  { key: 'wish', label: 'Wishes', scale: [WISHED] },
  { key: 'maker', label: 'Maker', scale: [] },
  { key: 'marks', label: 'Your marks', scale: [] },
  { key: 'place', label: 'Where it lies', scale: [] },
]

/** What is asked, one chip a field. */
export function chipsOf({ words = {}, singlePigment }: PaintFilter): { key: string; words: string }[] {
  const chips = FILTER_FIELDS.flatMap((field) => {
    const asked = words[field.key] ?? []
    return asked.length ? [{ key: field.key, words: filterInWords(field, asked) }] : []
  })
  return singlePigment ? [...chips, { key: 'singlePigment', words: 'single pigment' }] : chips
}

/** The filter without what one chip asks. */
export function without(filter: PaintFilter, key: string): void {
  if (key === 'singlePigment') filter.singlePigment = undefined
  else filter.words = { ...filter.words, [key]: [] }
}

const Filter = z.object({
  text: z.optional(z.string().check(z.maxLength(200))),
  words: z.optional(z.record(z.string(), z.array(z.string()))),
  singlePigment: z.optional(z.boolean()),
})
const Saved = z.array(z.object({ name: z.string().check(z.maxLength(40)), filter: Filter })).check(z.maxLength(50))

/** Filters kept under a name, on this device. */
export function useSavedFilters() {
  const saved = kept('jx-filters', Saved, [])
  function save(name: string, { text, words = {}, singlePigment }: PaintFilter) {
    const plain = Object.fromEntries(Object.entries(words).map(([k, w]) => [k, [...w]]))
    const filter = { ...(text ? { text } : {}), words: plain, ...(singlePigment ? { singlePigment } : {}) }
    saved.value = [...saved.value.filter((s) => s.name !== name.trim()), { name: name.trim(), filter }].slice(-50)
  }
  const remove = (name: string) => {
    saved.value = saved.value.filter((s) => s.name !== name)
  }
  return { saved, save, remove }
}
