import { expect, it } from 'vitest'
import { mapsOfSets } from '../../src/choosing/proposalMaps'
import { mapsTogether } from '../../src/reach'
import { indexPaintsOf } from '../../src/reach/indexPaints'
import { LATTICE } from '../../src/reach/lattice'
import { toTheEnd } from '../../src/steps'
import { ofCode } from './collections'

const CODES = ['PY154', 'PR254', 'PV19', 'PB29', 'PB15:3', 'PG7', 'PBr7']
const { paints } = indexPaintsOf(CODES.map(ofCode))
const mapsOf = (...sets: string[][]) => toTheEnd(mapsOfSets(sets, { paints, near: 5, most: 3 }))!

it('a set reaches whatever a part of it reaches, from no more paints', () => {
  const [few, many] = mapsOf(CODES.slice(0, 4), CODES)
  few!.forEach((size, cell) => {
    if (size) expect(many![cell]).toBeGreaterThan(0)
    if (size) expect(many![cell]).toBeLessThanOrEqual(size)
  })
  expect(mapsTogether([few!, many!]).alone[0]).toEqual([])
  expect(few).toHaveLength(LATTICE.length)
})

// what every painter knows of the two blues: common practice, no source
it('the green-leaning blue alone brings clean greens, the violet-leaning one clean violets', () => {
  const [green, violet] = mapsTogether(mapsOf(['PY154', 'PV19', 'PB15:3'], ['PY154', 'PV19', 'PB29'])).alone
  const hues = (cells: number[]) => cells.map((n) => LATTICE[n]!).filter((c) => c.ring >= 3)
  const share = (cells: number[], from: number, to: number) => {
    const own = hues(cells).map((c) => (c.place * 360) / (6 * c.ring))
    return own.filter((h) => h >= from && h <= to).length / own.length
  }
  expect(share(green!, 120, 250)).toBeGreaterThan(0.5)
  expect(share(violet!, 290, 345)).toBeGreaterThan(2 * share(green!, 290, 345))
  expect(share(violet!, 120, 250)).toBeLessThan(0.1)
})
