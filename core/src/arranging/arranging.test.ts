import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Paint } from '../documents/paint'
import { Holder, type Palette } from '../documents/palette'
import { boxOf, middleOf, neighbourPairs, placeToward, walkOf } from './geometry'
import { HOLDERS } from './holders'
import { clearPlan, freePlaces, lockPlace, movePlan, placePaint, reservePlace } from './moves'
import { arrangeInOrder, type Order } from './order'

const paletteOf = (index: number, plan: Palette['plan'] = {}): Palette => ({
  id: 'pal',
  v: 1,
  name: 'Tin',
  use: 'travel',
  purpose: '',
  holder: HOLDERS[index]!,
  plan,
})
const ROUND: Paint[] = Array.from({ length: 12 }, (_, i) => {
  const turn = (i / 12) * 2 * Math.PI
  return {
    id: `p${i}`,
    v: 1,
    maker: '',
    name: `Hue ${i * 30}`,
    pigments: [],
    masstone: { L: 60 - i, a: 70 * Math.cos(turn), b: 70 * Math.sin(turn), source: 'typed' },
  }
})

describe('holders', () => {
  it('are the seven asked for', () => {
    expect(HOLDERS.map((h) => h.places.length)).toEqual([12, 24, 12, 18, 20, 16, 36])
    expect(new Set(HOLDERS.map((h) => h.id)).size).toBe(HOLDERS.length)
  })

  it.each(HOLDERS.map((h) => [h.name, h] as const))(
    '%s: places lie inside, apart, named once, and clear of the mixing surfaces',
    (_name, holder) => {
      expect(Holder.safeParse(holder).success).toBe(true)
      expect(new Set(holder.places.map((p) => p.id)).size).toBe(holder.places.length)
      const boxes = [...holder.places.map((p) => p.shape), ...holder.parts.map((p) => p.shape)]
      for (const shape of boxes) {
        const { x, y, width, height } = boxOf(shape)
        expect(x >= 0 && y >= 0 && x + width <= holder.width + 1e-9 && y + height <= holder.height + 1e-9).toBe(true)
      }
      boxes.forEach((p, i) =>
        boxes.slice(i + 1).forEach((q) => {
          if (p.kind === 'circle' && q.kind === 'circle')
            return expect(Math.hypot(p.x - q.x, p.y - q.y)).toBeGreaterThanOrEqual(p.radius + q.radius)
          const [a, b] = [boxOf(p), boxOf(q)]
          expect(a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y).toBe(
            true,
          )
        }),
      )
    },
  )

  it.each(HOLDERS.map((h) => [h.name, h] as const))(
    '%s: the walk visits every place once, and so do the arrow keys',
    (_name, holder) => {
      expect([...walkOf(holder)].sort()).toEqual(holder.places.map((p) => p.id).sort())
      const reached = new Set([holder.places[0]!.id])
      for (const id of reached)
        for (const way of ['left', 'right', 'up', 'down'] as const) reached.add(placeToward(holder, id, way))
      expect(reached.size).toBe(holder.places.length)
      expect(neighbourPairs(holder).length).toBeGreaterThanOrEqual(holder.places.length - 2)
    },
  )

  it('walks to and fro in a tin, so that the last pan of a row lies beside the first of the next', () => {
    const walk = walkOf(HOLDERS[0]!)
    expect(walk.slice(4, 8)).toEqual(['A5', 'A6', 'B6', 'B5'])
    expect(middleOf(HOLDERS[0]!.places[0]!.shape)).toEqual({ x: 14, y: 15.5 })
  })
})

describe('moves', () => {
  const value = <T>(r: { ok: true; value: T } | { ok: false; error: { message: string } }) => {
    if (!r.ok) throw new Error(r.error.message)
    return r.value
  }

  it('places, exchanges, reserves, locks and clears', () => {
    let p = value(placePaint(paletteOf(0), 'A1', 'x'))
    p = value(placePaint(p, 'A2', 'y'))
    p = value(movePlan(p, 'A1', 'A2'))
    expect(p.plan).toEqual({ A1: { paintId: 'y' }, A2: { paintId: 'x' } })
    p = value(reservePlace(p, 'B1', ' a darker brown '))
    expect(p.plan.B1).toEqual({ reserved: 'a darker brown' })
    p = value(lockPlace(p, 'A1', true))
    expect(movePlan(p, 'A2', 'A1')).toMatchObject({ error: { code: 'place-locked' } })
    expect(clearPlan(p, 'A1')).toMatchObject({ error: { code: 'place-locked' } })
    p = value(clearPlan(value(lockPlace(p, 'A1', false)), 'A1'))
    expect(freePlaces(p)).toHaveLength(10)
    expect(placePaint(p, 'Z9', 'x')).toMatchObject({ error: { code: 'no-such-place' } })
    expect(reservePlace(p, 'A1', 'x'.repeat(201))).toMatchObject({ error: { code: 'note-too-long' } })
  })

  it('never lose or double a paint by moving, and never change the palette they are given', () => {
    const ids = HOLDERS[0]!.places.map((p) => p.id)
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...ids), fc.constantFrom(...ids)), { maxLength: 30 }), (moves) => {
        const start = paletteOf(0, {
          A1: { paintId: 'a' },
          A3: { paintId: 'b' },
          B2: { reserved: 'n' },
          B6: { paintId: 'c', locked: true },
        })
        const frozen = JSON.stringify(start)
        const end = moves.reduce((p, [from, to]) => {
          const r = movePlan(p, from, to)
          return r.ok ? r.value : p
        }, start)
        expect(
          Object.values(end.plan)
            .map((v) => v.paintId ?? v.reserved)
            .sort(),
        ).toEqual(['a', 'b', 'c', 'n'])
        expect(end.plan.B6).toEqual({ paintId: 'c', locked: true })
        expect(JSON.stringify(start)).toBe(frozen)
      }),
    )
  })
})

describe('ordering', () => {
  function order(palette: Palette, paints: Paint[], by: Order) {
    const running = arrangeInOrder({ palette, paints, order: by })
    for (;;) {
      const step = running.next()
      if (!step.done) expect(step.value.done).toBeLessThanOrEqual(step.value.of)
      else if (step.value.ok) return step.value.value
    }
  }
  const planOf = (paints: Paint[], places: string[]) =>
    Object.fromEntries(paints.map((p, i) => [places[i]!, { paintId: p.id }]))
  const shuffled = fc.shuffledSubarray(ROUND, { minLength: 3, maxLength: 12 })

  it('keeps every paint, leaves locked and reserved places alone, and gives the same answer twice', () => {
    fc.assert(
      fc.property(shuffled, fc.constantFrom<Order>('colour wheel', 'light to dark'), (paints, by) => {
        const places = HOLDERS[0]!.places.map((p) => p.id)
        const plan: Palette['plan'] = planOf(paints.slice(0, 10), places)
        plan.A1 = { ...plan.A1!, locked: true }
        plan.B6 = { reserved: 'kept' }
        const palette = paletteOf(0, plan)
        const result = order(palette, paints, by)!
        expect(result.plan.A1).toEqual(plan.A1)
        expect(result.plan.B6).toEqual(plan.B6)
        const paintsIn = (x: Palette['plan']) =>
          Object.values(x)
            .map((v) => v.paintId)
            .filter(Boolean)
            .sort()
        expect(paintsIn(result.plan)).toEqual(paintsIn(plan))
        expect(order(palette, paints, by)).toEqual(result)
      }),
    )
  })

  it('round a ring, twelve hues 30 degrees apart stand 30 degrees apart but for the open end', () => {
    const ring = paletteOf(
      5,
      planOf(
        [...ROUND].sort((p, q) => (p.id < q.id ? -1 : 1)),
        HOLDERS[5]!.places.map((p) => p.id),
      ),
    )
    expect(order(ring, ROUND, 'colour wheel')!.meanStep).toBeCloseTo(30, 0)
  })

  it('light to dark is just that, along the walk', () => {
    const palette = paletteOf(
      0,
      planOf(
        [...ROUND].reverse(),
        HOLDERS[0]!.places.map((p) => p.id),
      ),
    )
    const result = order(palette, ROUND, 'light to dark')!
    const L = walkOf(palette.holder).map((id) => ROUND.find((p) => p.id === result.plan[id]!.paintId)!.masstone!.L)
    expect(L).toEqual([...L].sort((p, q) => q - p))
  })

  it('turns the wheel so that it meets a locked paint', () => {
    const ring = HOLDERS[5]!
    const places = ring.places.map((p) => p.id)
    const plan: Palette['plan'] = planOf(ROUND, places)
    plan['9'] = { paintId: 'p0', locked: true }
    plan['1'] = { paintId: 'p8' }
    const result = order(paletteOf(5, plan), ROUND, 'colour wheel')!
    const beside = ['8', '10'].map((id) => result.plan[id]?.paintId)
    expect(beside.some((id) => id === 'p1' || id === 'p11')).toBe(true)
  })

  it('puts paints without colour, and paints it does not know, last', () => {
    const blank: Paint = { id: 'blank', v: 1, maker: '', name: 'Unpainted', pigments: [] }
    const plan = {
      A1: { paintId: 'blank' },
      A2: { paintId: 'gone' },
      A3: { paintId: 'p1' },
      A4: { paintId: 'p2' },
      A5: { paintId: 'p3' },
    }
    const result = order(paletteOf(0, plan), [blank, ...ROUND], 'colour wheel')!
    expect([result.plan.A4?.paintId, result.plan.A5?.paintId]).toEqual(['blank', 'gone'])
  })
})
