import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cellNumber, LATTICE } from './lattice'
import { cellsInWords, mapsTogether } from './together'

const state = fc.constantFrom(0, 1, 2, 3, 4, 5)
const maps = fc
  .integer({ min: 0, max: 40 })
  .chain((length) =>
    fc.array(fc.array(state, { minLength: length, maxLength: length }), { minLength: 1, maxLength: 4 }),
  )

describe('maps laid over one another', () => {
  it('what one alone reaches is reached by no other; what nobody reaches is reached by none', () => {
    fc.assert(
      fc.property(maps, (all) => {
        const { reached, alone } = mapsTogether(all)
        reached.forEach((size, cell) => {
          const sizes = all.map((m) => m[cell]!).filter((s) => s > 0 && s < 4)
          expect(size).toBe(sizes.length ? Math.min(...sizes) : 0)
          const who = alone.flatMap((cells, i) => (cells.includes(cell) ? [i] : []))
          const only = all.length > 1 && sizes.length === 1
          expect(who).toEqual(only ? [all.findIndex((m) => m[cell]! > 0 && m[cell]! < 4)] : [])
        })
      }),
    )
  })

  it('a palette laid over itself reaches nothing alone', () => {
    fc.assert(
      fc.property(maps, ([one]) => {
        expect(mapsTogether([one!, one!]).alone).toEqual([[], []])
      }),
    )
  })

  it('cells are named as one speaks of colours', () => {
    // hue 90 degrees, far out, at L* 90: a light yellow; hue 0 in the middle ring of a dark wheel: a dark red
    const yellow = LATTICE.find((c) => c.wheel === 7 && c.ring === 5 && c.place === Math.round(95 / 12))!
    expect(cellsInWords([cellNumber(yellow)])).toEqual(['light yellows'])
    expect(cellsInWords([cellNumber({ wheel: 3, ring: 0, place: 0 })])).toEqual(['greys'])
    expect(cellsInWords([])).toEqual([])
  })
})
