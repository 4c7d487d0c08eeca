import { describe, expect, it } from 'vitest'
import { assessPalette } from '../../src'
import type { Assessment } from '../../src/choosing'
import { tin } from '../../src/documents/documents.fixture'
import type { Paint } from '../../src/documents/paint'
import { lastingOf } from '../../src/order'
import { commonnessOf } from '../../src/pigments'
import { toTheEnd } from '../../src/steps'
import { NINETY, ofCode } from './collections'
import { BAD_PALETTES } from './palettes'

/** What is owned: what most makers have, and some that fade, to see that they are not named. */
const OWNED: readonly Paint[] = [
  ...NINETY.filter((p) => commonnessOf(p.pigments[0]!)!.common >= 4),
  ...['PV14', 'PR177', 'PO71', 'PY65', 'PY110', 'PG50', 'NR9', 'PB66', 'PR112'].map(ofCode),
].filter((p, i, all) => all.findIndex((q) => q.id === p.id) === i)

function judged(codes: string): Assessment {
  const ids = codes.split(' ')
  const own = ids.map((id): Paint => ({ ...ofCode(id.replace('~', '')), id, name: id }))
  const [place] = tin.holder.places
  const holder = { ...tin.holder, places: ids.map((_, i) => ({ ...place!, id: `P${i}` })) }
  const plan = Object.fromEntries(ids.map((id, i) => [`P${i}`, { paintId: id }]))
  const paints = [...OWNED.filter((p) => !ids.includes(p.id)), ...own]
  const answer = toTheEnd(assessPalette({ palette: { ...tin, holder, plan }, paints, complete: true }))
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}

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
