import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../arranging/holders'
import type { Palette } from '../documents/palette'
import { atVersion, Version, versionOf } from '../documents/version'
import { intoHolder, isSamePlan, keepingOnly, planDifference, presentVersion } from './versions'

const tin = HOLDERS.find((h) => h.id === 'tin-12-half')!
const large = HOLDERS.find((h) => h.id === 'tin-24-half')!
const palette = (plan: Palette['plan'], holder = tin): Palette => ({
  id: 'p',
  v: 1,
  name: 'Tin',
  use: 'travel',
  purpose: '',
  holder,
  plan,
})
const [A, B, C] = tin.places.map((p) => p.id) as [string, string, string]
const first = palette({
  [A]: { paintId: 'rose' },
  [B]: { paintId: 'ochre', locked: true },
  [C]: { reserved: 'a violet' },
})
const version: Version = { id: 'v', v: 1, paletteId: 'p', name: 'Spring', day: '2026-03-01', ...versionOf(first) }

describe('versions of a palette', () => {
  it('go back to just what was kept, brief and all', () => {
    const now = { ...palette({ [A]: { paintId: 'blue' } }), brief: { near: 8 }, purpose: 'the cliffs' }
    const back = atVersion(now, version)
    expect(back.plan).toEqual(first.plan)
    expect(back.brief).toBeUndefined()
    expect(back.purpose).toBe('the cliffs')
    expect(presentVersion(back, [version])).toBe(version)
    expect(presentVersion(now, [version])).toBeUndefined()
    expect(Version.safeParse(version).success).toBe(true)
  })
  it('say what came, went and moved', () => {
    const next = palette({ [A]: { paintId: 'ochre' }, [B]: { paintId: 'blue' } })
    expect(planDifference(first, next)).toEqual({ came: ['blue'], went: ['rose'], moved: ['ochre'] })
    expect(planDifference(first, first)).toEqual({ came: [], went: [], moved: [] })
    expect(isSamePlan(first, palette({ ...first.plan, [B]: { paintId: 'ochre' } }))).toBe(false)
  })
  it('of some families keep their places, and what is kept free', () => {
    expect(keepingOnly(first, (id) => id === 'ochre')).toEqual({
      [B]: { paintId: 'ochre', locked: true },
      [C]: { reserved: 'a violet' },
    })
  })
  it('grow into another box place after place, or name what finds no room', () => {
    const grown = intoHolder(first, large)
    expect(grown.left).toEqual([])
    expect(Object.values(grown.plan)).toEqual(Object.values(first.plan))
    const small = { ...tin, places: tin.places.slice(0, 1) }
    expect(intoHolder(first, small)).toEqual({ plan: { [A]: { paintId: 'rose' } }, left: ['ochre'] })
  })
})
