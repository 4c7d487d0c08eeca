import {
  byWheel,
  itemsSay,
  passesFilter,
  viewOfPaint,
  type PaintFilter,
  type PaintView,
} from '@juxtachrome/core/paints'
import { computed, reactive } from 'vue'
import { useCollection } from '~/stores/collection'

/** The collection narrowed down: by hue, or by fit when words are searched for. */
export function usePaintList() {
  const collection = useCollection()
  const filter = reactive<PaintFilter>({})
  const byHue = computed(() => collection.paints.map(viewOfPaint).sort(byWheel))
  const shown = computed<PaintView[]>(() => {
    const passes = (view: PaintView) => passesFilter(view.paint, collection.itemsOf(view.paint.id), filter)
    const hits = filter.text ? found(filter.text) : undefined
    return (hits ?? byHue.value).filter(passes)
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

  const isFiltered = computed(
    () => Boolean(filter.text ?? filter.singlePigment) || Object.values(filter.words ?? {}).some((w) => w.length > 0),
  )
  function clear() {
    for (const key of Object.keys(filter) as (keyof PaintFilter)[]) filter[key] = undefined
  }
  return { filter, shown, isFiltered, clear, total: computed(() => collection.paints.length) }
}
