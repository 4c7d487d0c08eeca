import { isUsable } from '@juxtachrome/core/documents'
import { itemsToFillFrom } from '@juxtachrome/core/filling'
import { useItemWords } from '~/shared/words/itemWords'
import { useCollection } from '~/stores/collection'
import { useBalances } from '~/shared/items/useBalances'

/** What can be filled from, as the choices of a field. */
export function useTubeChoices() {
  const collection = useCollection()
  const { leftInWords } = useBalances()
  const { itemInWords } = useItemWords()
  const name = (paintId: string) => collection.paint(paintId)?.name ?? 'a paint no longer listed'

  /** By paint, one paint first where it is wanted; of a paint in the order in which its tubes are filled from. `also` is there whatever its state. */
  function tubeChoices(first?: string, also?: string) {
    const isFirst = (paintId: string) => Number(paintId === first)
    const kept = collection.item(also)
    const paintIds = [...new Set([...collection.items, ...(kept ? [kept] : [])].map((i) => i.paintId))]
    return paintIds
      .sort((p, q) => isFirst(q) - isFirst(p) || name(p).localeCompare(name(q)))
      .flatMap((id) => [
        ...itemsToFillFrom(collection.itemsOf(id)),
        ...(kept?.paintId === id && !isUsable(kept) ? [kept] : []),
      ])
      .map((i) => ({ id: i.id, text: `${name(i.paintId)}: ${itemInWords(i)}, ${leftInWords(i)}` }))
  }
  return { tubeChoices }
}
