import { readPriceList, type PriceList } from '../formats/readPriceList'
import { readTable } from '../formats/readTable'
import { atOnce, job } from './job'

/** A shop's list of prices out of the text of a table. Errors: those of `readTable` and `readPriceList`. */
export const readPriceListJob = job<{ text: string; currency?: string }, never, PriceList>({
  lane: 'live',
  run: atOnce(({ text, currency }) => {
    const table = readTable(text)
    return table.ok ? readPriceList(table.value, currency ? { currency } : {}) : table
  }),
})
