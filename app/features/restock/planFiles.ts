import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { saveCalendar } from '~/shared/files/calendarFile'
import { moneyInWords } from '~/shared/words/moneyWords'
import { saveFile } from '~/shared/files/saveFile'
import type { PlannedBuy } from './usePurchasePlan'

interface Period {
  period: number
  day: string
  figures: { spent: number; delivery: number }
  buys: readonly PlannedBuy[]
}

const lineOf = (b: PlannedBuy) => `${b.words}: ${moneyInWords(b.offer.minor ?? 0, b.shop.currency)}`

/** The plan as plain text: a day, a shop, a line for each thing. */
export function shoppingText(periods: readonly Period[], currency: string): string {
  return periods
    .filter((p) => p.buys.length)
    .map((p) => {
      const shops = [...new Set(p.buys.map((b) => b.shop.name))]
      const own = shops.flatMap((shop) => [
        shop,
        ...p.buys.filter((b) => b.shop.name === shop).map((b) => `  [ ] ${lineOf(b)}`),
      ])
      const delivery = p.figures.delivery ? [`  delivery: ${moneyInWords(p.figures.delivery, currency)}`] : []
      return [`${dayInWords(p.day)}: ${moneyInWords(p.figures.spent, currency)}`, ...own, ...delivery].join('\n')
    })
    .join('\n\n')
    .concat('\n')
}

export const savePlanText = (periods: readonly Period[], currency: string): void =>
  saveFile('shopping-list.txt', shoppingText(periods, currency), 'text/plain;charset=utf-8')

/** The days of the plan as a calendar. */
export const calendarDays = (periods: readonly Period[], currency: string) =>
  periods
    .filter((p) => p.buys.length)
    .map((p) => ({
      id: `purchase-${p.day}`,
      day: p.day,
      title: `Paint: ${counted(p.buys.length, 'thing')}, ${moneyInWords(p.figures.spent, currency)}`,
      text: p.buys.map((b) => `${lineOf(b)}, ${b.shop.name}`).join('\n'),
    }))

export const savePlanCalendar = (periods: readonly Period[], currency: string): Promise<void> =>
  saveCalendar('purchases.ics', 'Paint to buy', calendarDays(periods, currency))
