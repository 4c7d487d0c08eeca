import { dayInWords } from './days'
import type { Item } from '@juxtachrome/core/documents'
import { contentInWords, type Content } from '@juxtachrome/core/ledger'
import { useCollection } from '~/stores/collection'

/** Tubes and pans in words, told apart where two of one paint read alike. */
export function useItemWords() {
  const collection = useCollection()

  const plainly = (item: Item) => `${item.millilitres > 0 ? `${item.millilitres} ml ` : ''}${item.kind}`

  /** `15 ml tube of Halvard & Roe, since 2021`; of several alike also when it was bought, what is said of it, or its number. */
  function itemInWords(item: Item): string {
    const paint = collection.paint(item.paintId)
    const from = [paint?.maker ? `of ${paint.maker}` : '', paint?.formula ?? ''].filter(Boolean).join(', ')
    const own = [plainly(item), from].filter(Boolean).join(' ')
    const alike = collection.itemsOf(item.paintId).filter((i) => plainly(i) === plainly(item))
    if (alike.length < 2) return own
    const telling = [
      item.bought ? `bought ${dayInWords(item.bought)}` : '',
      item.supply === 'sealed' ? 'sealed' : '',
      ...item.remarks,
    ].filter(Boolean)
    const said = telling.join(', ')
    const isOnly = said && alike.filter((i) => i.bought === item.bought && i.supply === item.supply).length === 1
    return `${own} (${isOnly ? said : [said, `no. ${alike.findIndex((i) => i.id === item.id) + 1}`].filter(Boolean).join(', ')})`
  }

  /** What lies in a well or pan; paints of one name are told apart by their makers. */
  function contentWords(content: Content): string {
    return contentInWords(content, (id) => {
      const paint = collection.paint(id)
      return paint ? collection.called(paint) : 'a paint no longer listed'
    })
  }
  return { itemInWords, contentWords }
}
