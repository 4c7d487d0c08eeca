import { byWheel, passesFilter, viewOfPaint, type PaintFilter, type PaintView } from '@juxtachrome/core/paints'
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
    return collection
      .find(text)
      ?.map((id) => collection.paint(id))
      .filter((p) => p !== undefined)
      .map(viewOfPaint)
  }

  const isFiltered = computed(() => Object.values(filter).some(Boolean))
  function clear() {
    for (const key of Object.keys(filter) as (keyof PaintFilter)[]) filter[key] = undefined
  }
  return { filter, shown, isFiltered, clear, total: computed(() => collection.paints.length) }
}
