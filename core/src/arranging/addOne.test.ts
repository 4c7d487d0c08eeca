import { describe, expect, it } from 'vitest'
import { paint as bare, tin } from '../documents/documents.fixture'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { viewOfPaint } from '../paints/view'
import { toTheEnd } from '../steps'
import { addOne } from './addOne'
import { arrangePalette } from './arrangePalette'
import { ArrangeProblem } from './arrangeProblem'
import { ARRANGE_WISHES } from './arrangeWishes'
import { explainArrangement } from './explainArrangement'
import { gapsOfWheel, oppositeness } from './gapsOfWheel'
import { walkOf } from './geometry'
import { HOLDERS } from './holders'

const ring = HOLDERS.find((h) => h.id === 'ring-16')!
/** A paint of one hue, degrees on the wheel of CIE Lab. */
const ofHue = (id: string, hue: number, L = 60): Paint => {
  const turn = (hue / 180) * Math.PI
  return bare(id, { masstone: { L, a: 60 * Math.cos(turn), b: 60 * Math.sin(turn), source: 'typed' } })
}
const at = (paints: readonly Paint[], places: readonly string[]): Palette => ({
  ...tin,
  holder: ring,
  plan: Object.fromEntries(paints.map((p, i) => [places[i]!, { paintId: p.id }])),
})
const neighbours = (one: string, other: string) => {
  const step = Math.abs(Number(one) - Number(other))
  return Math.min(step, 16 - step)
}

describe('the gaps of the wheel', () => {
  const paints = [0, 30, 60, 90, 200, 230, 260, 290].map((h) => ofHue(`h${h}`, h))

  it('are the widest stretches without a hue, with what lies on either side', () => {
    expect(gapsOfWheel(paints.map(viewOfPaint))).toMatchObject([
      { between: ['h90', 'h200'] },
      { between: ['h290', 'h0'] },
    ])
    expect(gapsOfWheel(paints.map(viewOfPaint))[0]!.hue).toBeCloseTo(145, 0)
    expect(gapsOfWheel(paints.slice(0, 2).map(viewOfPaint))).toEqual([])
    // greys are no part of the wheel
    expect(gapsOfWheel([bare('g', { masstone: { L: 50, a: 1, b: 1, source: 'typed' } })].map(viewOfPaint))).toEqual([])
  })

  it('a place is kept free between the two, where there are places to spare', () => {
    const palette = at(paints, ['1', '3', '5', '7', '9', '11', '13', '15'])
    const found = toTheEnd(arrangePalette({ palette, paints, blend: { wheel: 1, gap: 1 } }))
    if (!found.ok) throw new Error(found.error.message)
    const proposed = { ...palette, plan: found.value.plan }
    const { lines } = explainArrangement({ palette: proposed, paints, blend: { wheel: 1, gap: 1 } })
    expect(lines.gaps.map((g) => g.between)).toEqual([
      ['h90', 'h200'],
      ['h290', 'h0'],
    ])
    for (const { placeId, between } of lines.gaps) {
      expect(planAt(proposed, placeId)).toBeUndefined()
      // nearer to both than half the ring's quarter
      for (const id of between) {
        const place = Object.keys(proposed.plan).find((k) => proposed.plan[k]!.paintId === id)!
        expect(neighbours(place, placeId), `${id} at ${place}, kept ${placeId}`).toBeLessThanOrEqual(4)
      }
    }
    // a full palette keeps nothing
    const full = Array.from({ length: 16 }, (_, i) => ofHue(`f${i}`, 10 * i))
    const whole = at(full, walkOf(ring))
    expect(explainArrangement({ palette: whole, paints: full, blend: { gap: 1 } }).lines.gaps).toEqual([])
  })
})

describe('lines over the tray', () => {
  it('the wheel closes; complements are told whether they face each other; partners come from recipes', () => {
    const paints = [ofHue('red', 30), ofHue('yellow', 95), ofHue('green', 160), ofHue('blue', 275)]
    // red faces green across the ring, yellow and blue lie side by side
    const palette = at(paints, ['1', '4', '9', '5'])
    const context = { key: 'x', use: () => 0, areMixed: (p: string, q: string) => [p, q].sort().join() === 'blue,red' }
    const { lines } = explainArrangement({ palette, paints, blend: { wheel: 1 }, context })
    expect(lines.wheel).toEqual([
      ['1', '4'],
      ['4', '9'],
      ['9', '5'],
      ['5', '1'],
    ])
    expect(lines.partners).toEqual([['1', '5']])
    const facing = Object.fromEntries(lines.complements.map((c) => [c.places.join(), c.facing]))
    expect(facing['4,5']).toBe(false)
    expect(facing['1,9']).toBeUndefined() // 130 degrees off: no complements
    expect(oppositeness(10, 190)).toBe(1)
    expect(oppositeness(10, 130)).toBe(0)
  })
})

describe('one more paint', () => {
  const paints = [0, 45, 90, 135, 180, 225, 270].map((h) => ofHue(`h${h}`, h))
  const palette = at(paints, ['1', '3', '5', '7', '9', '11', '13'])
  const blend = { wheel: 1 }

  it('lies best where every place tried out says so', () => {
    const adding = ofHue('new', 250)
    const answer = addOne({ palette, paints, blend, adding })
    if (!answer.ok) throw new Error(answer.error.message)
    const score = (placeId: string) => {
      const plan = { ...palette.plan, [placeId]: { paintId: 'new' } }
      const problem = new ArrangeProblem({ palette: { ...palette, plan }, paints: [...paints, adding], blend })
      return problem.scoresOf(problem.start)[0]!.score
    }
    const free = ring.places.map((p) => p.id).filter((id) => !planAt(palette, id))
    const best = free.reduce((p, q) => (score(q) > score(p) ? q : p))
    expect(score(answer.value.places[0]!.placeId)).toBeCloseTo(score(best), 6)
    expect(answer.value.places[0]!.scores[0]!.score).toBeCloseTo(score(best), 6)
    expect(answer.value.instead).toEqual([])
    // between the two hues that it lies between
    expect(answer.value.places[0]!.placeId).toBe('12')
  })

  it('a place kept free is offered last, with what it is kept for; a locked one is not', () => {
    const kept: Palette = {
      ...palette,
      plan: { ...palette.plan, '2': { reserved: 'an orange' }, '4': { reserved: 'x', locked: true } },
    }
    const answer = addOne({ palette: kept, paints, blend, adding: ofHue('new', 20) })
    if (!answer.ok) throw new Error(answer.error.message)
    expect(answer.value.places.at(-1)).toMatchObject({ placeId: '2', keptFor: 'an orange' })
    expect(answer.value.places.some((p) => p.placeId === '4')).toBe(false)
    const mine = { ...kept, plan: { ...kept.plan, '2': { reserved: 'New, when it comes' } } }
    const first = addOne({ palette: mine, paints, blend, adding: { ...ofHue('new', 20), name: 'new' } })
    expect(first.ok && first.value.places[0]).toMatchObject({ placeId: '2' })
  })

  it('in a full palette it says what it could take the place of, the most alike first, and keeps locks', () => {
    const full = Array.from({ length: 16 }, (_, i) => ofHue(`f${i}`, 22 * i))
    const whole = at(full, walkOf(ring))
    const locked = { ...whole, plan: { ...whole.plan, '4': { paintId: 'f3', locked: true } } }
    const answer = addOne({ palette: locked, paints: full, blend, adding: ofHue('new', 68) })
    if (!answer.ok) throw new Error(answer.error.message)
    expect(answer.value.places).toEqual([])
    expect(['f2', 'f4']).toContain(answer.value.instead[0]!.paintId)
    expect(answer.value.instead.some((l) => l.paintId === 'f3')).toBe(false)
    const differences = answer.value.instead.map((l) => l.difference!)
    expect([...differences].sort((p, q) => p - q)).toEqual(differences)
  })

  it('an exchange that betters it is offered with what it betters', () => {
    const tight: Palette = at(paints, ['1', '2', '3', '4', '5', '6', '7'])
    const answer = addOne({ palette: tight, paints, blend, adding: ofHue('new', 100) })
    if (!answer.ok) throw new Error(answer.error.message)
    for (const { shift, scores } of answer.value.places)
      if (shift) expect(shift.scores[0]!.score).toBeGreaterThan(scores[0]!.score)
    expect(answer.value.places.some((p) => p.shift)).toBe(true)
  })

  it('refuses what is planned already, and a blend of nothing', () => {
    const code = (question: Parameters<typeof addOne>[0]) => {
      const answer = addOne(question)
      return answer.ok ? 'fine' : answer.error.code
    }
    expect(code({ palette, paints, blend, adding: paints[0]! })).toBe('already-planned')
    expect(code({ palette, paints, blend: {}, adding: ofHue('new', 3) })).toBe('no-wish')
  })
})

it('the brush hand: what is used most lies at the right, or at the left for the left hand', () => {
  const wish = ARRANGE_WISHES.find((w) => w.id === 'hand')!
  const view = viewOfPaint(ofHue('x', 10))
  const cost = (right: number, leftHanded: boolean) =>
    wish.own!(view, () => right, { key: '', use: () => 1, areMixed: () => false, leftHanded })
  expect(cost(1, false)).toBeLessThan(cost(0, false))
  expect(cost(1, true)).toBeGreaterThan(cost(0, true))
})
