import type { Budget, Documents, NeedAnswer, Purchase, Shop } from '@juxtachrome/core/documents'
import { daysAfter } from '@juxtachrome/core/units'
import { catalogueOf, type ShopName } from '../shop/catalogue'

/** Invented answers to needs: key | said | rank | words | written down by hand | code that the words mean. Paints by their id. */
const DEMO_NEEDS = `
paint:demo-h-cobalt-violet|accepted|0|Cobalt violet|
code:PB60|accepted|1|a deep blue for wet rock|own
words:a darker brown|accepted|2|a darker brown||PBr7
code:PG50|accepted|3|a turquoise for the sound|own
code:PY129|accepted|4|a second green gold|own
paint:demo-f-neutral-tint|later||Neutral tint|
`
const ASKED: ShopName[] = ['harbour', 'quay']

/** A shop as it was asked some days ago. */
function shopOf(name: ShopName, day: string): Shop {
  const { format: _format, version: _version, ...answer } = catalogueOf(name, day)
  return { ...answer, id: `demo-shop-${name}`, v: 1, simulated: name }
}

/** What the painter of the demo has in mind to buy: needs answered, two shops asked, a budget, an order on the way. */
export function buyingOf(
  documents: Documents,
  today: string,
): Pick<Documents, 'needs' | 'shops' | 'budgets' | 'purchases'> {
  const needs = DEMO_NEEDS.trim()
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()))
    .map(([key = '', said, rank, words = '', own, means], i): NeedAnswer => ({
      id: `demo-need-${i + 1}`,
      v: 1,
      key,
      said: said as NeedAnswer['said'],
      day: daysAfter(today, -5),
      ...(rank ? { rank: Number(rank) } : {}),
      words,
      ...(own ? { own: true } : {}),
      ...(said === 'later' ? { until: daysAfter(today, 30) } : {}),
      ...(key.startsWith('code:') || means ? { pigments: [means || key.slice(5)] } : {}),
    }))
  const budget: Budget = {
    id: 'budget',
    v: 1,
    minor: 2500,
    currency: 'EUR',
    period: 'fortnight',
    from: today,
    periods: 8,
    carries: true,
    over: 0,
    order: 'best value',
  }
  const ordered = documents.items.filter((i) => i.supply === 'on order')
  const purchase: Purchase = {
    id: 'demo-purchase-1',
    v: 1,
    shop: 'Harbour Street Colours',
    day: daysAfter(today, -6),
    currency: 'EUR',
    delivery: 490,
    lines: ordered.map((item) => {
      const paint = documents.paints.find((p) => p.id === item.paintId)!
      return {
        words: `${paint.name}, ${paint.maker}, ${item.millilitres} ml`,
        minor: item.price?.minor ?? 0,
        itemIds: [item.id],
        state: 'ordered',
      }
    }),
  }
  return {
    needs,
    shops: ASKED.map((name) => shopOf(name, daysAfter(today, -5))),
    budgets: [budget],
    purchases: [purchase],
  }
}
