import type { Item } from '@juxtachrome/core/documents'
import { canBeHad } from '@juxtachrome/core/filling'
import { balanceOf, leftInAll } from '@juxtachrome/core/ledger'
import { useCollection } from '~/stores/collection'
import { figure, inMl } from '~/shared/words/figures'

/** What is left in items, in words and ml. */
export function useBalances() {
  const collection = useCollection()
  const balance = (item: Item) => balanceOf(item, collection.ledger.account(item.id))
  const left = (item: Item) => balance(item).left

  /** `8.4 ml left`, `about empty by the records` */
  function leftInWords(item: Item): string {
    if (item.supply === 'empty') return 'empty'
    if (item.supply === 'on order') return `${item.millilitres} ml on order`
    if (item.millilitres === 0 && !collection.ledger.account(item.id).measured) return 'amount unknown'
    const { left: ml, from } = balance(item)
    if (ml <= 0.05) return 'empty by the records'
    if (from === 'by eye') return `nearly empty: ${figure(ml / 2, 1)} to ${figure(2 * ml, 1)} ml left`
    const assumed = item.sizeAssumed && !collection.ledger.account(item.id).measured
    return assumed ? `about ${figure(ml)} ml left, its size assumed` : `${inMl(ml)} left`
  }

  const inTubes = (paintId: string) => leftInAll(collection.itemsOf(paintId), left)
  /** ml at hand of a paint, over all its open and sealed items; of a mixture of one's own what its parts let. */
  const atHand = (paintId: string) => canBeHad(collection.paint(paintId) ?? { id: paintId }, inTubes)
  return { left, leftInWords, atHand }
}
