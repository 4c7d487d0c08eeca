import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { tin } from '../documents/documents.fixture'
import { randomFrom } from '../random'
import { fewest, fewestByGiving } from './fewestMoves.fixture'
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

  const someWayUpTo = (max: number) =>
    fc.integer({ min: 2, max }).chain((count) =>
      fc.record({
        lies: fc.array(fc.integer({ min: 0, max: count - 1 }), { minLength: count, maxLength: count }),
        wants: fc.array(fc.integer({ min: 0, max: count - 1 }), { minLength: count, maxLength: count }),
      }),
    )
  const asked = ({ lies, wants }: { lies: number[]; wants: number[] }) => {
    const places = tin.holder.places.slice(0, lies.length)
    const of = (list: number[]) =>
      new Map(places.flatMap(({ id }, i) => (list[i] === 0 ? [] : [[id, `p${list[i]}`] as const])))
    const [lying, wanted] = [of(lies), of(wants)]
    const plan = Object.fromEntries([...wanted].map(([id, paintId]) => [id, { paintId }]))
    return { ids: places.map((p) => p.id), lying, wanted, palette: { holder: { ...tin.holder, places }, plan } }
  }

  it('are as few as trying all of them finds, doubles, empty and unplanned places included', () => {
    fc.assert(
      fc.property(someWayUpTo(5), (way) => {
        const { ids, lying, wanted, palette } = asked(way)
        const { moves } = planMoves({ palette, lying })
        carriedOut(lying, moves)
        const least = fewest(ids, lying, wanted)
        expect(moves.length).toBe(least)
        expect(fewestByGiving(lying, wanted)).toBe(least)
      }),
      { numRuns: runs(250) },
    )
  })

  it('are as few as every way to give up to nine pans their places finds', () => {
    fc.assert(
      fc.property(someWayUpTo(9), (way) => {
        const { lying, wanted, palette } = asked(way)
        const { moves } = planMoves({ palette, lying })
        carriedOut(lying, moves)
        expect(moves.length).toBe(fewestByGiving(lying, wanted))
      }),
      { numRuns: runs(1000) },
    )
  })

  it('one ring of nine and two of doubles: joined where they share a paint', () => {
    const lies = [1, 2, 3, 4, 5, 6, 7, 8, 1]
    const wants = [2, 1, 4, 3, 6, 5, 8, 1, 7]
    const { lying, palette } = asked({ lies, wants })
    // three rings of two, and one of three that shares a paint with the first
    expect(planMoves({ palette, lying }).moves).toHaveLength(9 + 3)
  })

  it('keep their number while they are worked, with one pan aside at a time, doubles and rings included', () => {
    fc.assert(
      fc.property(someWayUpTo(12), (way) => {
        const { lying, palette } = asked(way)
        const now = new Map<string, string>(lying)
        const aside: string[] = []
        const planned = planMoves({ palette, lying }).moves
        const leftOver = planMoves({ palette, lying }).leftOver.length
        for (let done = 0; ; done += 1) {
          const { moves } = planMoves({ palette, lying: now, aside })
          expect(moves).toHaveLength(planned.length - done)
          const [next] = moves
          if (!next) break
          if (next.kind === 'lift') {
            aside.push(now.get(next.placeId)!)
            now.delete(next.placeId)
          } else if (next.kind === 'move') {
            now.set(next.to, next.paintId)
            now.delete(next.from)
          } else if (next.kind === 'put') {
            aside.splice(aside.indexOf(next.paintId), 1)
            now.set(next.placeId, next.paintId)
          }
          expect(aside.length).toBeLessThanOrEqual(leftOver + 1)
        }
      }),
      { numRuns: runs(300) },
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
