import Sortable from 'sortablejs'
import { onScopeDispose, watch, type Ref } from 'vue'

/**
 * A list that can be put in order by dragging its handles, by mouse or touch. The list itself is left as it is: what was
 * dragged goes back, and `moved` tells from where to where, so that the data decides.
 */
export function useSortable(
  list: Readonly<Ref<HTMLElement | undefined>>,
  handle: string,
  moved: (from: number, to: number) => void,
): void {
  let sortable: Sortable | undefined
  watch(list, (element) => {
    sortable?.destroy()
    sortable = element
      ? Sortable.create(element, {
          handle,
          animation: 0,
          onEnd({ item, from, oldIndex, newIndex }) {
            if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return
            from.insertBefore(item, from.children[oldIndex < newIndex ? oldIndex : oldIndex + 1] ?? null)
            moved(oldIndex, newIndex)
          },
        })
      : undefined
  })
  onScopeDispose(() => sortable?.destroy())
}
