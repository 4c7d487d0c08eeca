import { describe, expect, it } from 'vitest'
import { isMade, lastingOf } from '../../src/order'
import { ofCode } from './collections'
import { named, STAND_INS, standInsFor } from './standins'

describe('what stands in first, out of ninety codes (common practice, no source; docs/judgement.md)', () => {
  it.each(STAND_INS)('$of', ({ of, first }) => {
    const found = standInsFor(of)
    expect(first).toContain(named(found[0]!))
    // what fades comes after whatever lasts, and nothing that is gone is offered to buy
    const fading = found.findIndex((s) => s.fades)
    if (fading >= 0) expect(found.slice(fading).every((s) => s.fades)).toBe(true)
    for (const { paintId, pigment } of found) {
      if (paintId === found[0]!.paintId && paintId) expect(lastingOf(ofCode(paintId)).level).toBeGreaterThan(0)
      if (pigment) expect(isMade({ pigments: [pigment.split(' ')[0]!] }), pigment).toBe(true)
    }
  })
})
