import { variantInName, variantKey } from '../../pigments/variants'
import type { Expected } from './lines.fixture'
import type { ReadLine } from './parseLine'
import { writePrice } from './price'

/** Everything that a line was taken to say, so that nothing is understood in silence. */
export function shortly(read: ReadLine): Expected {
  const { name, maker, maybeMaker, pigments, formula, series, kind, millilitres, count } = read
  const { supply, remarks, price, bought, unread, doubts, discontinued, vegan, left, spelling = [], ...more } = read
  const [code] = pigments.length === 1 ? pigments : []
  const variant = code ? variantInName(code, name) : undefined
  const proposed = variant?.proposed ? ` ${variantKey(variant.proposed)}?` : ''
  const is = [
    ...(['transparency', 'staining', 'granulation', 'lightfastness', 'grade', 'medium', 'effect'] as const).map(
      (field) => more[field],
    ),
    discontinued && 'discontinued',
    vegan && 'vegan',
  ].filter(Boolean)
  const said: Expected = {
    n: name,
    m: maker,
    y: maybeMaker,
    c: pigments.join(' '),
    ml: millilitres,
    k: kind === 'tube' ? '' : kind,
    x: count === 1 ? 0 : count,
    s: supply === 'open' ? '' : supply,
    r: [...remarks].sort().join(', '),
    p: price && writePrice(price),
    se: series,
    f: formula,
    u: unread.join('; '),
    day: bought,
    is: is.sort().join(', '),
    d: doubts.length,
    sp: spelling.map((s) => `${s.wrote}>${s.means}`).join(', '),
    w: variant && !variant.said ? `${code}${proposed}` : '',
    l: left && ('share' in left ? `${Math.round(left.share * 100)} %` : `${left.millilitres} ml`),
  }
  return Object.fromEntries(Object.entries(said).filter(([, v]) => v)) as unknown as Expected
}
