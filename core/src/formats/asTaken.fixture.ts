import type { PaintRow } from '../paints/paintRow'
import { writePrice } from '../paints/reading/price'
import type { Result } from '../result'
import { toTheEnd } from '../steps'
import { readPaintRows, standsOnce } from './paintRows'
import { doubtedColumns, matchColumns } from './paintTable'
import { readSheets } from './readWorkbook'

function must<T>(r: Result<T>): T {
  if (!r.ok) throw new Error(r.error.message)
  return r.value
}
const MAKERS = ['Northwall', 'Skerry Colours']
const share = (left: NonNullable<PaintRow['left']>) =>
  'share' in left ? `${Math.round(left.share * 100)} %` : `${left.millilitres} ml`
const inShort = (row: PaintRow) =>
  [
    ...[row.name, row.maker, row.pigments.join(' '), row.millilitres && `${row.millilitres} ml`],
    ...[row.kind !== 'tube' && row.kind, row.count !== 1 && `x${row.count}`, row.supply !== 'open' && row.supply],
    ...[...row.remarks, row.price && writePrice(row.price), row.bought, row.left && `left ${share(row.left)}`],
    row.series && `series ${row.series}`,
  ]
    .filter(Boolean)
    .join('; ')

/** All tables of a text, as an import takes them. */
function taken(text: string) {
  return must(readSheets(text)).map(({ table }) => {
    const matching = matchColumns(table, {}, MAKERS)
    const question = {
      table,
      matching,
      makers: MAKERS,
      money: { currency: 'EUR' },
      makerOnce: standsOnce(table, matching),
    }
    const doubts = Object.keys(doubtedColumns(table, matching)).map((c) => matching[Number(c)])
    return { ...must(toTheEnd(readPaintRows(question))), doubts }
  })
}

/** What an import takes from a text, as a fixture writes it. */
export function asTaken(text: string) {
  const found = taken(text)
  return {
    rows: found.flatMap((t) => t.good.map(inShort)),
    aside: found.flatMap((t) => t.aside).length,
    bad: found.flatMap((t) => t.bad).length,
    asks: found.flatMap((t) => t.good.flatMap((r) => (r.questions ?? []).map((q) => q.field))).join(' '),
    doubts: found.flatMap((t) => t.doubts).join(' '),
  }
}
