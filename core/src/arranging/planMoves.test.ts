import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { tin } from '../documents/documents.fixture'
import { randomFrom } from '../random'
import { HOLDERS } from './holders'
import { planMoves, type Move } from './planMoves'
import { runs } from '../../../tests/setup/runs'

const shuffled = (n: number, seed: number) => {
  const random = randomFrom(seed)
  return Array.from({ length: n }, (_, i) => [random(), i] as const)
    .sort((p, q) => p[0] - q[0])
    .map(([, i]) => i)
}

/** Carries moves out by hand; at most one pan lies aside at a time, and no pan goes where another lies. */
function carriedOut(lying: ReadonlyMap<string, string>, moves: readonly Move[]): Map<string, string> {
  const now = new Map(lying)
  const aside: string[] = []
  for (const m of moves) {
    if (m.kind === 'clean' || m.kind === 'lift') {
      expect(now.get(m.placeId)).toBe(m.paintId)
      now.delete(m.placeId)
      if (m.kind === 'lift') aside.push(m.paintId)
    } else if (m.kind === 'move') {
      expect(now.get(m.from)).toBe(m.paintId)
      expect(now.has(m.to)).toBe(false)
      now.delete(m.from)
      now.set(m.to, m.paintId)
    } else {
      expect(aside).toContain(m.paintId)
      expect(now.has(m.placeId)).toBe(false)
      aside.splice(aside.indexOf(m.paintId), 1)
      now.set(m.placeId, m.paintId)
    }
  }
  return now
}

describe('the moves', () => {
  it('really lead from one to the other, and are as few as the rings allow', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9999 }), fc.integer({ min: 2, max: 12 }), (seed, count) => {
        const places = tin.holder.places.map((p) => p.id)
        const [from, to] = [shuffled(12, seed), shuffled(12, seed + 1)]
        const lying = new Map(Array.from({ length: count }, (_, i) => [places[from[i]!]!, `p${i}`] as const))
        const plan = Object.fromEntries(
          Array.from({ length: count }, (_, i) => [places[to[i]!]!, { paintId: `p${i}` }]),
        )
        const { moves, toFill, leftOver } = planMoves({ palette: { holder: tin.holder, plan }, lying })
        const after = carriedOut(lying, moves)
        expect(Object.fromEntries(after)).toEqual(
          Object.fromEntries(Object.entries(plan).map(([id, p]) => [id, p.paintId])),
        )
        expect([toFill, leftOver]).toEqual([[], []])
        // each pan that lies wrong moves once; every closed ring costs one step more
        const wrong = [...lying].filter(([id, p]) => plan[id]?.paintId !== p)
        const goes = new Map(wrong.map(([id, p]) => [id, Object.keys(plan).find((k) => plan[k]!.paintId === p)!]))
        const seen = new Set<string>()
        let rings = 0
        for (const start of goes.keys()) {
          let at: string | undefined = start
          const path = new Set<string>()
          while (at !== undefined && !seen.has(at)) {
            seen.add(at)
            path.add(at)
            at = goes.get(at)
          }
          if (at !== undefined && path.has(at)) rings += 1
        }
        expect(moves).toHaveLength(wrong.length + rings)
      }),
      { numRuns: runs(200) },
    )
  })

  it('goes on with what was laid aside, after every step', () => {
    const plan = { A1: { paintId: 'p1' }, A2: { paintId: 'p2' }, A3: { paintId: 'p0' } }
    const holder = tin.holder
    const lying = new Map([
      ['A1', 'p0'],
      ['A2', 'p1'],
      ['A3', 'p2'],
    ])
    const aside: string[] = []
    const kinds: string[] = []
    for (let step = 0; step < 9; step += 1) {
      const [next] = planMoves({ palette: { holder, plan }, lying, aside }).moves
      if (!next) break
      kinds.push(next.kind)
      if (next.kind === 'lift') {
        aside.push(lying.get(next.placeId)!)
        lying.delete(next.placeId)
      } else if (next.kind === 'move') {
        lying.set(next.to, next.paintId)
        lying.delete(next.from)
      } else if (next.kind === 'put') {
        aside.splice(aside.indexOf(next.paintId), 1)
        lying.set(next.placeId, next.paintId)
      }
    }
    expect(kinds).toEqual(['lift', 'move', 'move', 'put'])
    expect(Object.fromEntries(lying)).toEqual({ A1: 'p1', A2: 'p2', A3: 'p0' })
  })

  it('wells stay: what lies in the wrong one is cleaned out first, and said', () => {
    const tray = HOLDERS.find((h) => h.id === 'folding-18')!
    const plan = { A1: { paintId: 'p1' }, A2: { paintId: 'p0' } }
    const { moves, toFill } = planMoves({
      palette: { holder: tray, plan },
      lying: new Map([
        ['A1', 'p0'],
        ['A2', 'p1'],
      ]),
    })
    expect(moves.map((m) => m.kind)).toEqual(['clean', 'clean'])
    expect(toFill).toEqual(['A1', 'A2'])
  })

  it('a pan in the way that has no place of its own is lifted out and left over', () => {
    const plan = { A1: { paintId: 'new' } }
    const { moves, toFill, leftOver } = planMoves({
      palette: { holder: tin.holder, plan },
      lying: new Map([['A1', 'old']]),
    })
    expect(moves).toEqual([{ kind: 'lift', placeId: 'A1', paintId: 'old' }])
    expect([toFill, leftOver]).toEqual([['A1'], ['old']])
  })
})
