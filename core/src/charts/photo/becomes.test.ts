import { describe, expect, it } from 'vitest'
import { labD65 } from '../../units'
import { becomes } from './becomes'
import type { CheckedBox } from './checkPhoto'

const look = (L: number) => ({ lab: labD65(L, 1, 2), sd: 0.8 })
/** A box of paints at so much water, with what was read in it. */
const box = (paints: string[], water: number | undefined, lightness: number[], more: Partial<CheckedBox> = {}) =>
  ({
    box: {
      label: `${paints.join(' + ')}, thin`,
      filling: { parts: paints.map((paintId) => ({ paintId, parts: 1 })), water },
    },
    read: { patches: lightness.map(look) },
    verdict: 'right',
    ...more,
  }) as unknown as CheckedBox
const kinds = (boxes: CheckedBox[]) => becomes(boxes).swatches.map((s) => [s.paintId, s.kind, s.swatch.L])

describe('boxes of a photographed sheet', () => {
  it('of one paint become its masstone, its wash, or of a run both', () => {
    expect(kinds([box(['blue'], 0, [30])])).toEqual([['blue', 'masstone', 30]])
    expect(kinds([box(['blue'], 6, [70])])).toEqual([['blue', 'wash', 70]])
    expect(kinds([box(['blue'], undefined, [30, 50, 72])])).toEqual([
      ['blue', 'masstone', 30],
      ['blue', 'wash', 72],
    ])
  })

  it('of two looks are no run', () => {
    expect(kinds([box(['blue'], undefined, [30, 72])])).toEqual([])
  })

  it('at other waters become further washes: a graded strip is read at every step; halves of a fade test are not', () => {
    const strip = [0, 1, 2, 4, 8].map((water, i) => box(['blue'], water, [30 + 10 * i]))
    expect(kinds(strip)).toEqual([['blue', 'masstone', 30]])
    expect(becomes(strip).washes.map((w) => [w.paintId, w.wash.water, w.wash.L, w.wash.source])).toEqual([
      ['blue', 1, 40, 'photo'],
      ['blue', 2, 50, 'photo'],
      ['blue', 4, 60, 'photo'],
      ['blue', 8, 70, 'photo'],
    ])
    expect(becomes([box(['blue'], 2, [50]), box(['blue'], 2, [58]), box(['red'], 2, [40])]).washes).toHaveLength(1)
  })

  it('that are tints become the tint of their first paint, no note', () => {
    const tint = box(['blue', 'white'], 0, [60])
    tint.box.filling.isTint = true
    expect(kinds([tint])).toEqual([['blue', 'tint', 60]])
    expect(becomes([tint]).mixtures).toEqual([])
  })

  it('of several paints become notes of the mixture, under its own name', () => {
    const { swatches, mixtures } = becomes(
      [box(['blue', 'sienna'], 0, [25]), box(['blue', 'sienna'], 3, [50])],
      'key.jpg',
    )
    expect(swatches).toEqual([])
    expect(mixtures).toMatchObject([
      { name: 'blue + sienna', part: 'masstone', swatch: { L: 25, source: 'photo', note: 'key.jpg' } },
    ])
  })

  it('that are far off, exchanged, empty or pale become nothing', () => {
    const odd = (['far off', 'exchanged', 'empty', 'unknown'] as const).map((verdict) =>
      box(['blue'], 0, [30], { verdict }),
    )
    expect(becomes([...odd, box(['blue'], 0, [30], { isPale: true }), box(['blue'], 0, [])])).toEqual({
      swatches: [],
      washes: [],
      mixtures: [],
    })
  })
})
