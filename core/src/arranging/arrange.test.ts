import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { paint as bare, tin } from '../documents/documents.fixture'
import type { Paint } from '../documents/paint'
import type { Holder, Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { randomFrom } from '../random'
import { toTheEnd } from '../steps'
import { arrangePalette } from './arrangePalette'
import { ArrangeProblem } from './arrangeProblem'
import { ARRANGE_PRESETS, ARRANGE_WISHES } from './arrangeWishes'
import { costOf } from './assignment'
import { explainArrangement } from './explainArrangement'
import { walkOf } from './geometry'
import { HOLDERS } from './holders'
import { runs } from '../../../tests/setup/runs'

const round = (count: number): Paint[] =>
  Array.from({ length: count }, (_, i) => {
    const turn = (i / count) * 2 * Math.PI
    return bare(`p${i}`, {
      masstone: { L: 75 - (40 * i) / count, a: 60 * Math.cos(turn), b: 60 * Math.sin(turn), source: 'typed' },
    })
  })
const paletteWith = (holder: Holder, paints: readonly Paint[], order = paints.map((_, i) => i)): Palette => ({
  ...tin,
  holder,
  plan: Object.fromEntries(order.map((p, i) => [holder.places[i]!.id, { paintId: paints[p]!.id }])),
})
const shuffled = (n: number, seed: number) => {
  const random = randomFrom(seed)
  return Array.from({ length: n }, (_, i) => [random(), i] as const)
    .sort((p, q) => p[0] - q[0])
    .map(([, i]) => i)
}
const arranged = (palette: Palette, paints: readonly Paint[], blend: Record<string, number>, more = {}) => {
  const found = toTheEnd(arrangePalette({ palette, paints, blend, ...more }))
  if (!found.ok) throw new Error(found.error.message)
  return found.value
}
const ids = (plan: Palette['plan']) => Object.values(plan).flatMap((p) => p.paintId ?? [])

describe('arranging', () => {
  it('a ring of hues round a ring of wells comes out in the order of the wheel', () => {
    const ring = HOLDERS.find((h) => h.outline === 'ring')!
    const paints = round(16)
    const palette = paletteWith(ring, paints, shuffled(16, 3))
    const { plan, scores } = arranged(palette, paints, { wheel: 1 })
    const at = ring.places.map((p) => Number(planAt({ plan }, p.id)!.paintId!.slice(1)))
    const steps = at.map((p, i) => Math.abs(p - at[(i + 1) % 16]!))
    expect(steps.every((s) => s === 1 || s === 15)).toBe(true)
    expect(scores[0]!.score).toBeGreaterThan(0.97)
  })

  it('with room to spare the like lie together, and the empties where the wheel has a gap', () => {
    const group = (name: string, h: number) =>
      [0, 1, 2].map((i) => {
        const turn = ((h + 4 * i) / 180) * Math.PI
        return bare(`${name}${i}`, {
          masstone: { L: 60, a: 60 * Math.cos(turn), b: 60 * Math.sin(turn), source: 'typed' },
        })
      })
    const paints = [...group('yellow', 85), ...group('blue', 265)]
    const { plan } = arranged(paletteWith(tin.holder, paints, shuffled(6, 4)), paints, { wheel: 1 })
    const explained = explainArrangement({ palette: { ...tin, plan }, paints, blend: { wheel: 1 } })
    for (const { paintId, neighbours } of explained.places) {
      const family = (id: string) => id.replace(/\d/, '')
      expect(neighbours.length, paintId).toBeGreaterThan(0)
      expect(neighbours.every((n) => family(n) === family(paintId))).toBe(true)
    }
  })

  it('light to dark goes from one end to the other', () => {
    const paints = round(12)
    const { plan } = arranged(paletteWith(tin.holder, paints, shuffled(12, 5)), paints, { value: 1 })
    const L = walkOf(tin.holder).map((id) => paints.find((p) => p.id === planAt({ plan }, id)!.paintId)!.masstone!.L)
    expect(L).toEqual([...L].sort((p, q) => q - p))
    // fewer paints than places: they begin the walk, and the empties come last
    const few = arranged(paletteWith(tin.holder, paints.slice(0, 5), [3, 0, 4, 2, 1]), paints, { value: 1 })
    expect(walkOf(tin.holder).map((id) => planAt(few, id)?.paintId)).toEqual(
      ['p0', 'p1', 'p2', 'p3', 'p4'].concat(Array(7).fill(undefined) as string[]),
    )
  })

  it('yellows keep clear of what dirties them, and a white lies apart (practice)', () => {
    const colour = (L: number, a: number, b: number) => ({ masstone: { L, a, b, source: 'typed' as const } })
    const paints = [
      bare('lemon', colour(88, -6, 84)),
      bare('deep yellow', colour(80, 14, 80)),
      bare('indigo', { ...colour(14, 1, -8), staining: 'stains strongly' }),
      bare('black', { ...colour(16, 0, 0), staining: 'stains strongly' }),
      bare('phthalo', { ...colour(24, 2, -38), staining: 'stains strongly' }),
      bare('orange', colour(62, 50, 60)),
      bare('rose', colour(40, 55, 8)),
      bare('ochre', colour(58, 16, 46)),
    ]
    const palette = paletteWith(tin.holder, paints, shuffled(8, 11))
    const found = arranged(palette, paints, { 'clean yellows': 1 })
    const explained = explainArrangement({
      palette: { ...palette, plan: found.plan },
      paints,
      blend: { 'clean yellows': 1 },
    })
    expect(explained.risks.filter((r) => r.placeId in found.plan)).toEqual([])
  })

  it('places every paint once, holds pins and what is kept free, and says the same each time', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 500 }),
        fc.constantFrom(...HOLDERS.slice(0, 4)),
        fc.constantFrom(...ARRANGE_PRESETS),
        (seed, holder, preset) => {
          const count = Math.min(10, holder.places.length - 1)
          const paints = round(count)
          const palette = paletteWith(holder, paints, shuffled(count, seed))
          const [first, second] = holder.places.map((p) => p.id) as [string, string]
          palette.plan[first] = { ...palette.plan[first]!, locked: true }
          const last = holder.places.at(-1)!.id
          palette.plan[last] = { reserved: 'a gap' }
          palette.plan[second] = { ...palette.plan[second]!, standsFor: { words: 'another' } }
          const found = arranged(palette, paints, preset.blend)
          expect(ids(found.plan).sort()).toEqual(ids(palette.plan).sort())
          expect(found.plan[first]).toEqual(palette.plan[first])
          expect(found.plan[last]).toEqual({ reserved: 'a gap' })
          // what a paint stands in for goes with it
          const away = Object.values(found.plan).filter((p) => p.standsFor)
          expect(away.map((p) => p.paintId)).toEqual([palette.plan[second].paintId])
          expect(arranged(palette, paints, preset.blend)).toEqual(found)
        },
      ),
      { numRuns: runs(12) },
    )
  })

  it('keeps forbidden neighbours apart, and says where that cannot be', () => {
    const paints = round(12)
    const palette = paletteWith(tin.holder, paints)
    const forbidden = [['p0', 'p1'] as const, ['p1', 'p2'] as const]
    expect(arranged(palette, paints, { wheel: 1 }, { forbidden }).broken).toEqual([])
    const locked = { ...palette, plan: { ...palette.plan } }
    for (const id of Object.keys(locked.plan).slice(0, 2)) locked.plan[id] = { ...locked.plan[id]!, locked: true }
    expect(arranged(locked, paints, { wheel: 1 }, { forbidden }).broken).toContainEqual(['p0', 'p1'])
  })

  it('a mirrored box has the same best', () => {
    const paints = round(12)
    const mirrored: Holder = {
      ...tin.holder,
      places: tin.holder.places.map((p) => ({
        ...p,
        shape: p.shape.kind === 'rect' ? { ...p.shape, x: tin.holder.width - p.shape.x - p.shape.width } : p.shape,
      })),
    }
    const cost = (holder: Holder) => {
      const question = {
        palette: paletteWith(holder, paints, shuffled(12, 2)),
        paints,
        blend: { wheel: 1, 'look-alikes': 1 },
      }
      const found = arranged(question.palette, paints, question.blend)
      const problem = new ArrangeProblem({ ...question, palette: { ...question.palette, plan: found.plan } })
      return costOf(problem.problem, problem.start) * problem.measured[0]!.range.spread
    }
    expect(cost(mirrored) / cost(tin.holder)).toBeCloseTo(1, 1)
  })

  it('refuses what it cannot do, in words', () => {
    const paints = round(3)
    const palette = paletteWith(tin.holder, paints)
    const code = (p: Palette, blend: Record<string, number>) => {
      const found = toTheEnd(arrangePalette({ palette: p, paints, blend }))
      return found.ok ? 'fine' : found.error.code
    }
    expect(code({ ...palette, plan: {} }, { wheel: 1 })).toBe('nothing-planned')
    expect(code(palette, {})).toBe('no-wish')
    const locked = Object.fromEntries(Object.entries(palette.plan).map(([id, p]) => [id, { ...p, locked: true }]))
    expect(code({ ...palette, plan: locked }, { wheel: 1 })).toBe('all-pinned')
  })
})

describe('why a paint lies where it lies', () => {
  it('the exchange that would better the whole most is the best of all, from every place', () => {
    const ids = tin.holder.places.map((p) => p.id)
    const paints = round(10)
    for (let seed = 1; seed <= runs(12); seed += 1) {
      const order = shuffled(12, seed)
      const plan = Object.fromEntries(paints.map((p, i) => [ids[order[i]!]!, { paintId: p.id }]))
      const palette = { ...tin, plan }
      const blend = { wheel: 1, value: 0.4 }
      const problem = new ArrangeProblem({ palette, paints, blend })
      const whole = Math.abs(costOf(problem.problem, problem.start))
      const { places } = explainArrangement({ palette, paints, blend })
      for (const { placeId, better } of places) {
        const a = ids.indexOf(placeId)
        // worked out from the whole cost of each order, not from what an exchange changes
        const gains = ids.map((_, b) => {
          const exchanged = problem.start.slice()
          ;[exchanged[a], exchanged[b]] = [problem.start[b]!, problem.start[a]!]
          return costOf(problem.problem, problem.start) - costOf(problem.problem, exchanged)
        })
        const most = Math.max(...gains)
        if (most > 1e-6) expect(better?.gain, `${seed} ${placeId}`).toBeCloseTo(most / Math.max(1e-9, whole), 6)
        else expect(better).toBeUndefined()
      }
    }
  })

  it('after the best nothing better is proposed; after a bad exchange its undoing is', () => {
    const paints = round(12)
    const blend = { wheel: 1 }
    const palette = paletteWith(tin.holder, paints, shuffled(12, 9))
    const best = { ...palette, plan: arranged(palette, paints, blend).plan }
    const explained = explainArrangement({ palette: best, paints, blend })
    expect(explained.places.filter((p) => p.better)).toEqual([])
    const worse = { ...best, plan: { ...best.plan, A1: best.plan.B6!, B6: best.plan.A1! } }
    const again = explainArrangement({ palette: worse, paints, blend })
    expect(again.scores[0]!.score).toBeLessThan(explained.scores[0]!.score)
    expect(again.places.find((p) => p.placeId === 'A1')?.better).toBeDefined()
    expect(again.places.every((p) => p.neighbours.length > 0)).toBe(true)
  })
  it('every wish has words, and every preset only wishes that there are', () => {
    const known = new Set(ARRANGE_WISHES.map((w) => w.id))
    for (const { label, about } of ARRANGE_WISHES) expect(label.length > 0 && about.length > 0).toBe(true)
    for (const { blend } of ARRANGE_PRESETS) for (const id of Object.keys(blend)) expect(known.has(id)).toBe(true)
  })
})
