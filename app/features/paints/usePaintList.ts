import {
  byWheel,
  itemsSay,
  passesFilter,
  readSearch,
  viewOfPaint,
  type PaintFilter,
  type PaintView,
  type SearchAsk,
} from '@juxtachrome/core/paints'
import { computed, reactive } from 'vue'
import { useCollection } from '~/stores/collection'

/** The collection narrowed down: by hue, or by fit when names are searched for. */
export function usePaintList() {
  const collection = useCollection()
  const filter = reactive<PaintFilter>({})
  const byHue = computed(() => collection.paints.map(viewOfPaint).sort(byWheel))
  const read = computed(() => readSearch(filter.text ?? ''))
  /** What the words of the search were understood to ask. */
  const understood = computed(() => read.value.asks)
  /** The filter with what the words of the search ask. */
  const asked = computed(() => [filter, ...understood.value.map(({ key, any }) => ({ words: { [key]: any } }))])
  const asksFor = (key: string) => asked.value.some(({ words }) => words?.[key]?.length)

  const shown = computed<PaintView[]>(() => {
    // what is owned twice is found over the whole collection, what was used over the whole journal: only where it is asked
    const used = asksFor('use') ? collection.usedPaints : undefined
    const doubles = asksFor('owned') ? collection.doubles : undefined
    const passes = ({ paint }: PaintView, filters: readonly PaintFilter[]) => {
      const double = doubles?.get(paint.id)
      const known = {
        ...(double ? { double } : {}),
        ...(used ? { isUsed: used.has(paint.id) } : {}),
        isWished: collection.wished.has(paint.id),
      }
      return filters.every((f) => passesFilter(paint, collection.itemsOf(paint.id), f, known))
    }
    const hits = (read.value.rest ? found(read.value.rest) : undefined) ?? byHue.value
    const fitting = hits.filter((v) => passes(v, asked.value))
    return [...fitting, ...alsoByName(fitting).filter((v) => passes(v, [filter]))]
  })

  function found(text: string): PaintView[] | undefined {
    void byHue.value // the index follows the paints: search again when they change
    const ids = collection.find(text)
    if (!ids) return undefined
    const hits = new Set(ids)
    // what is said of its tubes finds a paint, too, after those whose own words fit
    const byItems = byHue.value.filter((v) => !hits.has(v.paint.id) && itemsSay(collection.itemsOf(v.paint.id), text))
    const byWords = ids
      .map((id) => collection.paint(id))
      .filter((p) => p !== undefined)
      .map(viewOfPaint)
    return [...byWords, ...byItems]
  }
  /** A colour alone finds what is called so, too, after what is filed under it: a green gold, a blue black. */
  function alsoByName(fitting: readonly PaintView[]): PaintView[] {
    const isColour = understood.value.length > 0 && understood.value.every((a) => a.key === 'family')
    if (!isColour || read.value.rest) return []
    const there = new Set(fitting.map((v) => v.paint.id))
    return (found(filter.text ?? '') ?? []).filter((v) => !there.has(v.paint.id))
  }

  /** Takes the words of an ask out of the search. */
  function forget({ wrote }: SearchAsk) {
    filter.text = (filter.text ?? '').replace(wrote, ' ').replace(/\s+/g, ' ').trim() || undefined
  }
  const isFiltered = computed(
    () => Boolean(filter.text ?? filter.singlePigment) || Object.values(filter.words ?? {}).some((w) => w.length > 0),
  )
  function clear() {
    for (const key of Object.keys(filter) as (keyof PaintFilter)[]) filter[key] = undefined
  }
  return { filter, shown, understood, forget, isFiltered, clear, total: computed(() => collection.paints.length) }
}
