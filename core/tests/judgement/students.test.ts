import { describe, expect, it } from 'vitest'
import { READY_GUIDES } from '../../src/choosing'
import { linesOfGuide } from '../../src/formats/studentLines'
import { commonnessOf } from '../../src/pigments'

/** What a teacher would write on a list, written down before it was run: common practice, no source. */
const LISTS: readonly [guide: string, acceptable: string][] = [
  ['Six for a child', 'PY3 PY154 PY97 PY74 PY150|PR254 PV19 PR255|PB15:3 PB29|PG7 PG36|PBr7 PR101|PBk6 PBk7 PBk9'],
  ['Six to begin with', 'PY3 PY175|PY65 PY110|PR254 PR255|PV19 PR122|PB29|PB15:3'],
  ['Four: three and an earth', 'PY3 PY154 PY150 PY97 PY74|PV19 PR122|PB29|PR101 PR102 PBr7'],
]

describe('a list for students', () => {
  it.each(LISTS)('%s', (name, acceptable) => {
    const lines = linesOfGuide(READY_GUIDES.find((g) => g.name === name)!)
    expect(lines.length).toBeGreaterThan(0)
    acceptable
      .split('|')
      .forEach((codes, i) => expect(codes.split(' '), lines[i]!.name).toContain(lines[i]!.pigments[0]))
  })
  it('names nothing that fades, ended, needs caution or is rare, where something else answers: every guide that ships', () => {
    for (const guide of READY_GUIDES)
      for (const { pigments, name, matters } of linesOfGuide(guide)) {
        expect(pigments.length, name).toBe(1)
        expect(commonnessOf(pigments[0]!)?.market, name).not.toBe('ended')
        expect(commonnessOf(pigments[0]!)?.market, name).not.toBe('historic')
        expect(matters, name).not.toMatch(/lightfastness (?:poor|fugitive)/)
      }
  })
})
