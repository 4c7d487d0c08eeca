import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { tin } from '../../documents/documents.fixture'
import { Holder, type Palette, type PlacePlan } from '../../documents/palette'
import type { Result } from '../../result'
import { HOLDERS } from '../holders'
import { traitsOfPlaces } from '../placeTraits'
import { workingRoom } from '../handFit'
import { addPart, addRing, addRows, squeezeIn } from './addThings'
import {
  duplicateThings,
  moveThings,
  removeThings,
  renamePlace,
  settlePlaces,
  shapeThing,
  snapped,
  turnThings,
} from './alterThings'
import { changeHolder, redrawHolder } from './changeHolder'
import { holderProblems } from './holderProblems'
import { boxRound, overlapOf, outsideBy, shapeOf, thingsOf } from './things'
import { emptyHolder, mirrorHolder, resizeHolder, turnHolder } from './wholeHolder'
import { runs } from '../../../../tests/setup/runs'

const byId = (id: string) => HOLDERS.find((h) => h.id === id)!
function must<T>(result: Result<T>): T {
  if (!result.ok) throw new Error(result.error.message)
  return result.value
}
const codeOf = (result: Result<unknown>) => (result.ok ? 'fine' : result.error.code)
const wells = { container: 'well', width: 20, height: 18, depth: 9, gap: 2 } as const
const holders = fc.constantFrom(...HOLDERS)

describe('drawing a box', () => {
  it('from nothing: rows, a ring, a mixing surface, a thumb hole; all inside, nothing overlaps', () => {
    let { holder } = must(resizeHolder(emptyHolder('own', 'Mine'), { width: 220, height: 160, outline: 'box' }))
    holder = must(addRows(holder, { rows: 2, columns: 8, ...wells })).holder
    holder = must(addPart(holder, 'mixing')).holder
    const hold = must(addPart(holder, 'hold'))
    holder = hold.holder
    // the pan with which it began made room; each row has its letter
    expect(holder.places.map((p) => p.id)).toEqual(
      ['A', 'B'].flatMap((l) => [1, 2, 3, 4, 5, 6, 7, 8].map((n) => `${l}${n}`)),
    )
    expect(must(addRows(holder, { rows: 1, columns: 3, ...wells })).keys).toEqual(['C1', 'C2', 'C3'])
    expect(holderProblems(holder)).toEqual([])
    const [pan] = hold.keys
    expect(thingsOf(holder).find((t) => t.key === pan)).toMatchObject({ part: { kind: 'hold' } })
    const round = must(resizeHolder(emptyHolder('own', 'Mine'), { width: 200, height: 90, outline: 'ring' })).holder
    expect(round.height).toBe(200)
    const ring = must(addRing(round, { count: 16, radius: 12, depth: 8 })).holder
    expect(ring.places).toHaveLength(16)
    expect(ring.places.every((p) => outsideBy(p.shape, ring) < 0.01)).toBe(true)
    expect(codeOf(addRing(round, { count: 60, radius: 12, depth: 8 }))).toBe('no-room')
    // where pans lie everywhere, no surface is put over them, and what lies over one is not counted as free
    const full = must(addRows(emptyHolder('own', 'Mine'), { rows: 3, columns: 5, ...wells })).holder
    expect(codeOf(addPart(full, 'mixing'))).toBe('no-room')
    const whole = { x: 0, y: 0, width: 120, height: 80, corner: 0, kind: 'rect' as const }
    const covered = { ...full, parts: [{ kind: 'mixing' as const, shape: whole }] }
    expect(workingRoom(covered).mixingPerPlace).toBeCloseTo((120 * 80 - 15 * 20 * 18) / 100 / 15, 6)
  })

  it('moves things together, as far as they stay in the box, and back again', () => {
    const by = fc.integer({ min: -400, max: 400 }).map((n) => n / 4)
    fc.assert(
      fc.property(holders, by, by, fc.integer({ min: 1, max: 6 }), (holder, dx, dy, count) => {
        const keys = thingsOf(holder)
          .slice(0, count)
          .map((t) => t.key)
        const after = must(moveThings(holder, keys, dx, dy)).holder
        const shapes = (h: Holder) =>
          thingsOf(h)
            .filter((t) => keys.includes(t.key))
            .map(shapeOf)
        const [was, is] = [boxRound(shapes(holder))!, boxRound(shapes(after))!]
        expect(is.width).toBeCloseTo(was.width, 1)
        expect(is.x).toBeGreaterThan(-0.02)
        expect(is.x + is.width).toBeLessThan(holder.width + 0.02)
        expect(is.y + is.height).toBeLessThan(holder.height + 0.02)
        const back = must(moveThings(after, keys, was.x - is.x, was.y - is.y)).holder
        expect(shapes(back).map((s) => [s.x, s.y].map((v) => v.toFixed(1)))).toEqual(
          shapes(holder).map((s) => [s.x, s.y].map((v) => v.toFixed(1))),
        )
      }),
    )
  })

  it('snaps to the side or middle of what is near, else to whole millimetres', () => {
    const tin = byId('tin-12-half')
    // A1 lies at 6, 6; a touch off A2's height, it is drawn to it
    expect(snapped(tin, ['A1'], 0.3, 0.7)).toMatchObject({ dx: 0, dy: 0 })
    expect(snapped(tin, ['A1'], 0.3, 0.7).lines.y).toBeDefined()
    const lone: Holder = { ...tin, places: [tin.places[0]!], parts: [] }
    const off = snapped(lone, ['A1'], 10.4, 3.6)
    expect([(6 + off.dx) % 1, (6 + off.dy) % 1]).toEqual([0, 0])
    // the middle of the box
    expect(snapped(lone, ['A1'], 113 / 2 - 14 + 0.9, 0).dx).toBeCloseTo(113 / 2 - 14, 2)
  })

  it('a well typed in millimetres, renamed, made a pan, doubled, turned, taken out', () => {
    const tray = byId('folding-18')
    const wide = must(shapeThing(tray, 'A1', { kind: 'rect', x: 9, y: 9, width: 18, height: 30, corner: 3 })).holder
    expect(wide.places[0]!.shape).toMatchObject({ width: 18, height: 30 })
    expect(codeOf(shapeThing(tray, 'A1', { kind: 'circle', x: Number.NaN, y: 9, radius: 3 }))).toBe('not-a-holder')
    expect(codeOf(shapeThing(tray, 'Z9', { kind: 'circle', x: 1, y: 9, radius: 3 }))).toBe('nothing-chosen')
    expect(must(renamePlace(tray, 'A1', ' White ')).holder.places[0]!.id).toBe('White')
    expect(codeOf(renamePlace(tray, 'A1', 'A2'))).toBe('name-taken')
    expect(codeOf(renamePlace(tray, 'A1', ''))).toBe('not-a-holder')
    expect(codeOf(renamePlace(tray, 'A1', '__proto__'))).toBe('not-a-holder')
    expect(codeOf(renamePlace(tray, 'A1', '#2'))).toBe('not-a-holder')
    expect(must(settlePlaces(tray, ['A1'], { container: 'half pan', depth: 7 })).holder.places[0]).toMatchObject({
      container: 'half pan',
      depth: 7,
    })
    const twice = must(duplicateThings(tray, ['A1', 'A2']))
    expect(twice.holder.places).toHaveLength(20)
    expect(new Set(twice.holder.places.map((p) => p.id)).size).toBe(20)
    const turned = must(turnThings(tray, ['A1'])).holder.places[0]!.shape
    expect(turned).toMatchObject({ width: 24, height: 20 })
    expect(must(removeThings(tray, ['A1', '#0'])).holder).toMatchObject({
      parts: { length: 3 },
      places: { length: 17 },
    })
    expect(
      codeOf(
        removeThings(
          tray,
          tray.places.map((p) => p.id),
        ),
      ),
    ).toBe('last-place')
    expect(codeOf(removeThings(tray, ['nowhere']))).toBe('nothing-chosen')
  })

  it('mirrored twice and turned four times it is the same; a mirrored box has its distances mirrored', () => {
    fc.assert(
      fc.property(holders, (holder) => {
        const same = (h: Holder) => h.places.map((p) => [p.id, p.shape.x.toFixed(1), p.shape.y.toFixed(1)])
        expect(same(mirrorHolder(mirrorHolder(holder)))).toEqual(same(holder))
        const turned = [1, 2, 3, 4].reduce((h) => turnHolder(h), holder)
        expect(same(turned)).toEqual(same(holder))
        const [own, mirrored] = [traitsOfPlaces(holder), traitsOfPlaces(mirrorHolder(holder))]
        const n = own.ids.length
        for (let k = 0; k < n * n; k += 1) expect(mirrored.near[k]).toBeCloseTo(own.near[k]!, 1)
        own.right.forEach((right, a) => expect(mirrored.right[a]).toBeCloseTo(1 - right, 3))
        expect(Holder.safeParse(turnHolder(holder)).success).toBe(true)
      }),
      { numRuns: runs(30) },
    )
  })

  it('squeezes a pan in where it costs the least to mix on, and says when there is no room', () => {
    const tin = byId('slim-8')
    const more = must(squeezeIn(tin, 'half pan'))
    expect(more.mixingLost).toBeGreaterThan(0)
    expect(more.mixingLost).toBeLessThanOrEqual(16 * 19)
    expect(holderProblems(more.holder)).toEqual([])
    // in the slot for brushes nothing to mix on is lost
    const slotted: Holder = {
      ...tin,
      height: 80,
      parts: [...tin.parts, { kind: 'slot', shape: { kind: 'rect', x: 4, y: 52, width: 120, height: 20, corner: 1 } }],
    }
    expect(must(squeezeIn(slotted, 'half pan')).mixingLost).toBe(0)
    let full = tin
    let count = 0
    for (;;) {
      const next = squeezeIn(full, 'full pan')
      if (!next.ok) {
        expect(next.error.code).toBe('no-room')
        break
      }
      full = next.value.holder
      count += 1
    }
    expect(count).toBeGreaterThan(1)
    expect(holderProblems(full)).toEqual([])
  })

  it('says what overlaps, stands out, is too small or absurd; ready-made boxes have none of it', () => {
    for (const holder of HOLDERS) expect(holderProblems(holder), holder.name).toEqual([])
    const tin = byId('tin-12-half')
    const onto = must(shapeThing(tin, 'A2', { ...tin.places[0]!.shape, x: 8, y: 7 })).holder
    expect(holderProblems(onto)).toContainEqual(
      expect.objectContaining({ kind: 'overlap', keys: ['A1', 'A2'], words: 'A1 and A2 overlap by 14.0 mm.' }),
    )
    const out = must(shapeThing(tin, 'A1', { kind: 'rect', x: 100, y: 6, width: 16, height: 19, corner: 1 })).holder
    expect(holderProblems(out).map((p) => p.kind)).toContain('outside')
    const tiny = must(shapeThing(tin, 'A1', { kind: 'rect', x: 6, y: 6, width: 2, height: 19, corner: 1 })).holder
    expect(holderProblems(tiny)).toMatchObject([{ kind: 'too small', keys: ['A1'] }])
    expect(holderProblems({ ...tin, width: 5 }).map((p) => p.kind)).toContain('absurd size')
    expect(codeOf(resizeHolder(tin, { width: 5000, height: 20, outline: 'box' }))).toBe('not-a-holder')
    expect(codeOf(addRows(tin, { rows: 0, columns: 3, ...wells }))).toBe('absurd-count')
    expect(codeOf(addRows(tin, { rows: 4, columns: 64, ...wells }))).toBe('too-many')
  })

  it('knows how deep round and square things lie in each other', () => {
    const round = { kind: 'circle', x: 10, y: 10, radius: 5 } as const
    const square = { kind: 'rect', x: 14, y: 5, width: 10, height: 10, corner: 0 } as const
    expect(overlapOf(round, square)).toBeCloseTo(1)
    expect(overlapOf(square, round)).toBeCloseTo(1)
    expect(overlapOf(round, { ...square, x: 15 })).toBe(0)
    // beside a corner, though the boxes round both meet
    expect(overlapOf(round, { ...square, x: 14, y: 14 })).toBe(0)
    expect(overlapOf(round, { ...round, x: 18 })).toBeCloseTo(2)
  })
})

describe('another box for a palette in use', () => {
  const paletteIn = (holder: Holder, plan: Record<string, PlacePlan>): Palette => ({ ...tin, id: 'p', holder, plan })

  it('every place that is used or planned stays, under its name, in a place of its kind', () => {
    fc.assert(
      fc.property(holders, holders, fc.infiniteStream(fc.integer({ min: 0, max: 3 })), (from, to, picks) => {
        const used = new Set<string>()
        const plan: Record<string, PlacePlan> = {}
        for (const { id } of from.places) {
          const pick = picks.next().value
          if (pick === 1) used.add(id)
          if (pick === 2) plan[id] = { paintId: `of-${id}` }
        }
        const result = changeHolder(paletteIn(from, plan), to, used)
        if (!result.ok) {
          expect(result.error.code).toBe('too-small')
          return
        }
        const { holder, plan: now } = result.value.palette
        expect(Holder.safeParse(holder).success).toBe(true)
        expect(holder.places).toHaveLength(to.places.length)
        expect(new Set(holder.places.map((p) => p.id)).size).toBe(holder.places.length)
        expect(now).toEqual(plan)
        const container = new Map(from.places.map((p) => [p.id, p.container]))
        for (const id of used) expect(holder.places.find((p) => p.id === id)?.container).toBe(container.get(id))
        for (const id of Object.keys(plan)) expect(holder.places.some((p) => p.id === id)).toBe(true)
      }),
      { numRuns: runs(60) },
    )
  })

  it('a larger tin of the same kind keeps the same names; what is too small says which places find none', () => {
    const small = byId('tin-12-half')
    const palette = paletteIn(small, { A3: { paintId: 'x' } })
    const larger = must(changeHolder(palette, byId('tin-24-half'), new Set(['A1', 'B6'])))
    expect(larger.renamed).toEqual([])
    expect(larger.palette.holder.id).toBe('tin-24-half')
    const less = changeHolder(palette, byId('tray-20'), new Set(['A1', 'B6']))
    expect(less).toMatchObject({ ok: false, error: { code: 'too-small' } })
    expect(!less.ok && less.error.message).toContain('2 of kind half pan')
  })

  it('redrawn, it keeps every used place and what it is', () => {
    const tin = byId('tin-12-half')
    const palette = paletteIn(tin, { A2: { paintId: 'x' } })
    const without = (id: string) => must(removeThings(tin, [id])).holder
    expect(codeOf(redrawHolder(palette, without('A1'), new Set(['A1'])))).toBe('place-in-use')
    expect(codeOf(redrawHolder(palette, without('A2'), new Set()))).toBe('place-in-use')
    expect(codeOf(redrawHolder(palette, without('A3'), new Set(['A1'])))).toBe('fine')
    const well = must(settlePlaces(tin, ['A1'], { container: 'well' })).holder
    expect(codeOf(redrawHolder(palette, well, new Set(['A1'])))).toBe('place-in-use')
    expect(codeOf(redrawHolder(palette, well, new Set()))).toBe('fine')
  })
})
