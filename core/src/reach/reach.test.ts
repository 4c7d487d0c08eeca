import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { opticsOfPaint } from '../film/paintOptics'
import { MixtureKernel } from '../mixing/kernel/mixtureKernel'
import { ratioGroups } from '../mixing/kernel/ratios'
import { targetGrid } from '../mixing/kernel/targetGrid'
import { isPredicted, REFERENCE_PIGMENTS } from '../pigments/reference'
import { toTheEnd } from '../steps'
import { labD65 } from '../units'
import { cellNumber, cellsOfRing, chromaOfRing, EVERYTHING, LATTICE, WHEELS } from './lattice'
import {
  indexPart,
  joinParts,
  keyOfIndex,
  mixtureIndex,
  servedBy,
  type IndexPaint,
  type IndexQuestion,
} from './mixtureIndex'
import { PaletteReach, sizesOverAll } from './paletteReach'
import { checkedTable, keyOfTable, type TargetTable } from './targetTable'
import { runs } from '../../../tests/setup/runs'

const PAINTS: IndexPaint[] = REFERENCE_PIGMENTS.filter(isPredicted).map((p) => {
  const optics = opticsOfPaint({ pigments: [p.code], ...(p.variant ? { variants: { [p.code]: p.variant } } : {}) })
  if (!optics.ok) throw new Error(optics.error.message)
  return { id: p.id, optics: optics.value }
})
const some = (count: number, from = 0, step = 29) => [
  ...new Map(
    Array.from({ length: count }, (_, i) => PAINTS[(from + i * step) % PAINTS.length]!).map((p) => [p.id, p]),
  ).values(),
]
const TABLE: TargetTable = {
  name: 'a few',
  targets: Array.from({ length: 90 }, (_, i) => ({
    lab: labD65(22 + ((i * 37) % 70), ((i * 53) % 90) - 40, ((i * 71) % 110) - 40),
    weight: 1 + (i % 3),
  })),
}
const weights = Float64Array.from(TABLE.targets, (t) => t.weight)
function indexOf(question: Partial<IndexQuestion> & { paints: readonly IndexPaint[] }) {
  const index = toTheEnd(mixtureIndex({ table: TABLE, near: 5, ...question }))
  if (!index.ok) throw new Error(index.error.message)
  return index.value
}

describe('the lattice of everything', () => {
  it('numbers its cells without gaps, evenly spread', () => {
    expect(LATTICE.map(cellNumber)).toEqual(LATTICE.map((_, i) => i))
    expect(LATTICE).toHaveLength(WHEELS.length * 127)
    expect(EVERYTHING.targets).toHaveLength(LATTICE.length)
    expect(cellsOfRing(3)).toBe(18)
    expect(chromaOfRing(0)).toBe(0)
    // a step of 6 in CIEDE2000's chroma: dC / (1 + 0.045 C)
    for (let ring = 1; ring <= 6; ring += 1) {
      const [from, to] = [chromaOfRing(ring - 1), chromaOfRing(ring)]
      const steps = 2000
      let sum = 0
      for (let i = 0; i < steps; i += 1)
        sum += (to - from) / steps / (1 + 0.045 * (from + ((i + 0.5) * (to - from)) / steps))
      expect(sum).toBeCloseTo(6, 3)
    }
  })
})

describe('the index of mixtures', () => {
  it('equals an exhaustive search on a small collection, each target with its minimal sets', () => {
    const paints = some(6, 3)
    const index = indexOf({ paints })
    const grid = targetGrid(
      TABLE.targets.map((t) => t.lab),
      5,
    )
    // a kernel that nothing was marked in knows no smaller sets
    const kernel = new MixtureKernel(
      paints.map((p) => p.optics),
      grid,
      true,
    )
    const sets: number[][] = []
    for (let i = 0; i < 6; i += 1)
      for (let j = i; j < 6; j += 1)
        for (let k = j; k < 6; k += 1) if ((i === j && j === k) || i < j) sets.push([...new Set([i, j, k])])
    const all = new Map(sets.map((s) => [s.join(), new Set(kernel.serve(s).targets)]))
    expect(all.size).toBe(6 + 15 + 20)
    for (const [name, served] of all) {
      const members = name.split(',').map(Number)
      const smaller = [...all].filter(([other]) => {
        const own = other.split(',').map(Number)
        return own.length < members.length && own.every((m) => members.includes(m))
      })
      const minimal = [...served].filter((t) => !smaller.some(([, s]) => s.has(t)))
      expect(
        [...servedBy(index, members)].sort((p, q) => p - q),
        name,
      ).toEqual(minimal.sort((p, q) => p - q))
    }
    expect(ratioGroups().count[3]).toBe(7)
  })

  it('is the same put together from the shares of several workers', () => {
    const paints = some(11, 5)
    const whole = indexOf({ paints })
    for (const of of [2, 3, 4]) {
      const parts = Array.from({ length: of }, (_, number) => {
        const part = toTheEnd(indexPart({ paints, table: TABLE, near: 5, part: { number, of } }))
        if (!part.ok) throw new Error(part.error.message)
        return part.value
      })
      expect(joinParts(parts)).toEqual(whole)
    }
  })

  it('brought up to date equals one made from the beginning', () => {
    fc.assert(
      fc.property(fc.nat(200), fc.nat(200), fc.nat(8), fc.boolean(), (from, other, place, fewer) => {
        const paints = some(9, from)
        const before = indexOf({ paints })
        const changed = [...paints]
        changed[place % changed.length] = { id: paints[place % paints.length]!.id, optics: PAINTS[other]!.optics }
        const now = fewer
          ? changed.filter((_, i) => i !== 2)
          : [...changed, { id: 'new', optics: PAINTS[other]!.optics }]
        const updated = indexOf({ paints: now, previous: before })
        const anew = indexOf({ paints: now })
        expect(keyOfIndex(updated)).toBe(keyOfIndex(anew))
        for (const size of [1, 2, 3] as const) {
          expect(updated.sets[size].starts).toEqual(anew.sets[size].starts)
          // of one set the order in which its targets were met may differ
          const { starts } = anew.sets[size]
          for (let s = 0; s + 1 < starts.length; s += 1)
            expect([...updated.sets[size].targets.subarray(starts[s], starts[s + 1])].sort()).toEqual(
              [...anew.sets[size].targets.subarray(starts[s], starts[s + 1])].sort(),
            )
        }
      }),
      { numRuns: runs(12) },
    )
  })

  it('nothing of an index of other targets or another nearness is taken over', () => {
    const paints = some(5)
    const other = indexOf({ paints, near: 3 })
    expect(indexOf({ paints, previous: other })).toEqual(indexOf({ paints }))
    expect(keyOfIndex(other)).not.toBe(keyOfIndex(indexOf({ paints })))
  })

  it('refuses what makes no sense', () => {
    const code = (q: Partial<IndexQuestion>) => {
      const result = toTheEnd(mixtureIndex({ paints: [], table: TABLE, near: 5, ...q }))
      return result.ok ? 'ok' : result.error.code
    }
    expect(code({})).toBe('ok')
    expect(code({ near: 0 })).toBe('bad-near')
    expect(code({ near: NaN })).toBe('bad-near')
    expect(code({ paints: Array.from({ length: 301 }, (_, i) => ({ ...PAINTS[0]!, id: `${i}` })) })).toBe(
      'too-many-paints',
    )
    expect(checkedTable('x', [])).toMatchObject({ ok: false, error: { code: 'no-targets' } })
    expect(checkedTable('x', [{ L: 50, a: NaN, b: 0 }])).toMatchObject({ ok: false, error: { code: 'bad-target' } })
    expect(checkedTable('x', [{ L: 50, a: 0, b: 0, weight: 0 }])).toMatchObject({
      ok: false,
      error: { code: 'bad-target' },
    })
    expect(
      checkedTable(
        'x',
        Array.from({ length: 4001 }, () => ({ L: 50, a: 0, b: 0 })),
      ),
    ).toMatchObject({
      error: { code: 'too-many-targets' },
    })
    const table = checkedTable('x', [{ L: 50, a: 1, b: 0 }])
    expect(table.ok && keyOfTable(table.value)).toBe(
      keyOfTable({ name: 'y', targets: [{ lab: labD65(50, 1, 0), weight: 1, name: 'grey' }] }),
    )
  })
})

describe('what a palette reaches', () => {
  const paints = some(16, 11)
  const index = indexOf({ paints })
  const ids = paints.map((p) => p.id)
  const reachOf = (list: readonly string[], most: 1 | 2 | 3 = 3) => {
    const reach = new PaletteReach(index, weights, most)
    for (const id of list) reach.add(id)
    return reach
  }
  const anyIds = fc.uniqueArray(fc.constantFrom(...ids), { maxLength: 9 })

  it('grows with every paint that comes in and never with one that goes', () => {
    fc.assert(
      fc.property(
        anyIds,
        fc.constantFrom(...ids),
        fc.constantFrom(1 as const, 2 as const, 3 as const),
        (list, id, most) => {
          const reach = reachOf(list, most)
          const before = reach.figures()
          const isNew = reach.add(id)
          expect(isNew).toBe(!list.includes(id))
          const after = reach.figures()
          expect(after.reach).toBeGreaterThanOrEqual(before.reach)
          expect(after.worth).toBeGreaterThanOrEqual(before.worth - 1e-12)
          reach.remove(id)
          expect(reach.figures().reach).toBeLessThanOrEqual(after.reach)
        },
      ),
    )
  })

  it('counted change by change equals counted from the beginning', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.boolean(), fc.constantFrom(...ids)), { maxLength: 30 }), (changes) => {
        const reach = new PaletteReach(index, weights)
        for (const [isAdded, id] of changes) {
          if (isAdded) reach.add(id)
          else reach.remove(id)
        }
        const anew = reachOf(reach.paints)
        expect(reach.figures()).toEqual(anew.figures())
        for (const id of reach.paints) expect(reach.lossOf(id)).toEqual(anew.lossOf(id))
        const other = new PaletteReach(index, weights)
        other.become(['nobody', ...ids.slice(0, 4)])
        other.become(reach.paints)
        expect(other.figures()).toEqual(anew.figures())
      }),
      { numRuns: runs(40) },
    )
  })

  it('what a paint brings is what is lost when it goes', () => {
    fc.assert(
      fc.property(anyIds, fc.constantFrom(...ids), (list, id) => {
        const reach = reachOf(list.filter((i) => i !== id))
        const [before, gain] = [reach.figures(), reach.gainOf(id)]
        reach.add(id)
        const [after, loss] = [reach.figures(), reach.lossOf(id)]
        expect(after.reach - before.reach).toBeCloseTo(gain.reach, 12)
        expect(after.worth - before.worth).toBeCloseTo(gain.worth, 12)
        expect(loss.reach).toBeCloseTo(gain.reach, 12)
        expect(loss.worth).toBeCloseTo(gain.worth, 12)
        expect(loss.targets).toEqual([...gain.targets].sort((p, q) => p - q))
      }),
    )
  })

  it('says who would bring a target within reach, and all together reach what the collection does', () => {
    const reach = reachOf(ids.slice(0, 5))
    const over = sizesOverAll(index)
    const all = reachOf(ids)
    for (let t = 0; t < index.count; t += 1) {
      expect(all.sizeOf(t)).toBe(over[t])
      if (reach.sizeOf(t)) continue
      for (const { id, size } of reach.whoWould(t)) {
        const more = reachOf([...ids.slice(0, 5), id])
        expect(more.sizeOf(t)).toBe(size)
      }
    }
    expect([...sizesOverAll(index, 1)].filter(Boolean).length).toBeLessThan([...over].filter(Boolean).length)
  })

  it('nothing reaches nothing, and a paint that is not in the index brings nothing', () => {
    const reach = new PaletteReach(index, weights)
    expect(reach.figures()).toEqual({ one: 0, two: 0, three: 0, reach: 0, worth: 0 })
    expect(reach.add('nobody')).toBe(false)
    expect(reach.gainOf('nobody')).toEqual({ reach: 0, worth: 0, targets: [] })
    expect(reach.lossOf(ids[0]!)).toEqual({ reach: 0, worth: 0, targets: [] })
  })
})
