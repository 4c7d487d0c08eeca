import { describe, expect, it } from 'vitest'
import { toTheEnd } from '../../steps'
import { variantInName, variantKey } from '../../pigments/variants'
import { DOUBTFUL_LINES } from './doubtfulLines.fixture'
import { KNOWN_MAKERS, LINES, type Expected } from './lines.fixture'
import { parseLine, type ReadLine } from './parseLine'
import { parseLines } from './parseLines'
import { writePrice } from './price'

/** Everything that a line was taken to say, so that nothing is understood in silence. */
function shortly(read: ReadLine): Expected {
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

describe('lines as people write them', () => {
  it('are at least two hundred', () => expect(LINES.length + DOUBTFUL_LINES.length).toBeGreaterThanOrEqual(200))
  it.each([...LINES, ...DOUBTFUL_LINES])('%s', (line, expected) =>
    expect(shortly(parseLine(line, KNOWN_MAKERS))).toEqual(expected),
  )
  it('all together, pasted, are taken apart in the same way', () => {
    const text = LINES.map(([line]) => line)
      .filter((l) => !l.includes('\t'))
      .join('\n')
    const { paints, skipped } = toTheEnd(parseLines(text, KNOWN_MAKERS))
    expect(skipped).toEqual([])
    // a name alone is asked about: it may be the maker of what stands below it
    const said = paints.map(({ read }) =>
      shortly(read.maybeMaker === read.name ? { ...read, maybeMaker: undefined } : read),
    )
    expect(said).toEqual(LINES.filter(([l]) => !l.includes('\t')).map(([, e]) => e))
  })
})
