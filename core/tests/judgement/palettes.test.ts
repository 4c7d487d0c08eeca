import { describe, expect, it } from 'vitest'
import { lastingOf } from '../../src/order'
import { ofCode } from './collections'
import { BAD_PALETTES, judged } from './palettes'

describe('palettes that are built badly (common practice, no source; docs/judgement.md)', () => {
  it.each(BAD_PALETTES)('$says', ({ codes, first, crowd, twins, remedy, never }) => {
    const found = judged(codes)
    const gaps = found.gaps!.filter((g) => !g.quiet)
    if (first) expect(gaps[0]?.kind).toBe(first)
    if (remedy) expect(remedy.split(' ')).toContain(gaps[0]?.remedy?.paintId)
    if (crowd) {
      const own = found.crowds!.find((c) => c.family === crowd)
      expect(own?.out.length).toBeGreaterThan(0)
      expect(codes.split(' ')).toEqual(expect.arrayContaining(own!.out))
    }
    if (twins) expect(found.twins!.map((t) => [...t.paintIds].sort())).toContainEqual(twins)
    expect((never ?? '').split(' ')).not.toContain(gaps[0]?.remedy?.paintId)
    const named = gaps.flatMap((g) => [g.remedy?.paintId ?? [], g.also ?? []].flat())
    // what fades is no remedy, whatever it would reach
    for (const id of named) expect(lastingOf(ofCode(id)).level, id).toBeGreaterThan(0)
  })
  it('with the remedy in, the gap is gone, whichever it is', () => {
    for (const { codes } of [0, 1, 8].map((i) => BAD_PALETTES[i]!))
      for (const { kind, remedy, also } of judged(codes).gaps!.slice(-2)) {
        if (!remedy) continue
        const after = judged([codes, remedy.paintId, ...(also ? [also] : [])].join(' '))
        expect(
          after.gaps!.map((g) => g.kind),
          `${codes}: ${kind} with ${remedy.paintId}`,
        ).not.toContain(kind)
      }
  }, 120_000)
})
