import { describe, expect, it } from 'vitest'
import { toTheEnd } from '../../steps'
import { DOUBTFUL_LINES } from './doubtfulLines.fixture'
import { KNOWN_MAKERS, LINES } from './lines.fixture'
import { parseLine } from './parseLine'
import { parseLines } from './parseLines'
import { shortly } from './shortly.fixture'

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
