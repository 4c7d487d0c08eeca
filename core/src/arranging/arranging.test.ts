import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Holder, type Palette } from '../documents/palette'
import { boxOf, middleOf, neighbourPairs, placeToward, walkOf } from './geometry'
import { HOLDERS } from './holders'
import { clearPlan, freePlaces, lockPlace, movePlan, placePaint, reservePlace } from './moves'

const paletteOf = (index: number, plan: Palette['plan'] = {}): Palette => ({
  id: 'pal',
  v: 1,
  name: 'Tin',
  use: 'travel',
  purpose: '',
  holder: HOLDERS[index]!,
  plan,
})
describe('holders', () => {
  it('are some thirty, from 6 pans to 64 wells, the usual ones first', () => {
    expect(HOLDERS.slice(0, 7).map((h) => h.places.length)).toEqual([12, 24, 12, 18, 20, 16, 36])
    expect(HOLDERS.length).toBeGreaterThanOrEqual(30)
    const wells = (n: number) => HOLDERS.some((h) => h.places.length === n && h.places[0]!.container === 'well')
    for (const n of [8, 12, 16, 18, 20, 24, 28, 32, 36, 40, 48, 64]) expect(wells(n), `${n} wells`).toBe(true)
    // a name that counts its places counts them right
    for (const { name, places } of HOLDERS)
      expect(
        [...name.matchAll(/\d+/g)].reduce((sum, [n]) => sum + Number(n), 0),
        name,
      ).toBe(places.length)
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
