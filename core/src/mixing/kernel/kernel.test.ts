import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ciede2000 } from '../../colour/ciede2000'
import { opticsOfPaint } from '../../film/paintOptics'
import { colourAt, type Optics } from '../../film/optics'
import { isPredicted, REFERENCE_PIGMENTS } from '../../pigments/reference'
import { labD65 } from '../../units'
import { mixOptics } from '../mixOptics'
import { KERNEL_LOADS } from './layout'
import { MixtureKernel } from './mixtureKernel'
import { pairRank, tripleRank } from './ranks'
import { KERNEL_RATIOS, mixtureOf, ratioGroups } from './ratios'
import { targetGrid } from './targetGrid'
import { runs } from '../../../../tests/setup/runs'

const USABLE = REFERENCE_PIGMENTS.filter(isPredicted).map((p): Optics => {
  const optics = opticsOfPaint({ pigments: [p.code], ...(p.variant ? { variants: { [p.code]: p.variant } } : {}) })
  if (!optics.ok) throw new Error(optics.error.message)
  return optics.value
})
const WHITE = REFERENCE_PIGMENTS.filter(isPredicted).findIndex((p) => p.code === 'PW6')
const TARGETS = Array.from({ length: 60 }, (_, i) =>
  labD65(22 + ((i * 37) % 70), ((i * 53) % 90) - 40, ((i * 71) % 110) - 40),
)
/** Denser, and of colours that paint reaches. */
const MANY = Array.from({ length: 300 }, (_, i) =>
  labD65(25 + ((i * 37) % 65), ((i * 53) % 81) - 40, ((i * 71) % 97) - 40),
)
const some = (from: number, count: number, step = 41) => {
  const picked = Array.from({ length: count }, (_, i) => USABLE[(from + i * step) % USABLE.length]!)
  return [{ ...picked[0]!, perPart: 1.4 }, USABLE[WHITE]!, ...picked.slice(1)].slice(0, count)
}
const setsOf = (n: number) =>
  Array.from({ length: n }, (_, i) => [
    [i],
    ...Array.from({ length: n - i - 1 }, (__, j) => [i, i + 1 + j]),
    ...Array.from({ length: n - i - 1 }, (__, j) =>
      Array.from({ length: n - i - 2 - j }, (___, k) => [i, i + 1 + j, i + 2 + j + k]),
    ).flat(),
  ]).flat()

describe('the kernel', () => {
  it('in WebAssembly and in TypeScript gives the same numbers, colours and targets', () => {
    fc.assert(
      fc.property(fc.nat(200), fc.integer({ min: 1, max: 8 }), (from, near) => {
        const optics = some(from, 5)
        const grid = targetGrid(TARGETS, near)
        const [fast, plain] = [new MixtureKernel(optics, grid), new MixtureKernel(optics, grid, true)]
        for (const members of setsOf(5)) {
          const { first, count } = ratioGroups()
          const size = members.length as 1 | 2 | 3
          for (let g = 0; g < count[size]; g += 3)
            expect(fast.mix(members, first[size] + g)).toEqual(plain.mix(members, first[size] + g))
          expect(fast.serve(members)).toEqual(plain.serve(members))
        }
      }),
      { numRuns: runs(10) },
    )
  })

  it('mixes as the full model does, as far as twelve bands can', () => {
    const off: number[] = []
    for (let from = 0; from < 60; from += 1) {
      const optics = some(from, 3)
      const kernel = new MixtureKernel(optics, targetGrid(TARGETS, 3))
      const { first, count } = ratioGroups()
      for (const members of [[0], [0, 1], [0, 1, 2]]) {
        const size = members.length as 1 | 2 | 3
        for (let g = 0; g < count[size]; g += 2) {
          const labs = kernel.mix(members, first[size] + g)
          for (const lane of [0, 3]) {
            const { ratio } = mixtureOf(((first[size] + g) * 4 + lane) * 12, size)
            const mixed = mixOptics(members.map((m, i) => ({ optics: optics[m]!, parts: ratio[i]! })))
            if (!mixed.ok) throw new Error(mixed.error.message)
            for (const [l, load] of KERNEL_LOADS.entries()) {
              const { L, a, b } = colourAt(mixed.value, load)
              const at = l * 12 + lane
              off.push(ciede2000(L, a, b, labs[at]!, labs[at + 4]!, labs[at + 8]!))
            }
          }
        }
      }
    }
    expect(off.reduce((s, d) => s + d, 0) / off.length).toBeLessThan(0.6)
    expect(Math.max(...off)).toBeLessThan(5)
  })

  it.each([3, 5, 8, 20])('what a set serves within %i it does, by all bands and the whole formula', (near) => {
    const optics = some(7, 6)
    const grid = targetGrid(MANY, near)
    const kernel = new MixtureKernel(optics, grid)
    /** The oracle: every mixture of the kernel's, worked out as whatever is shown is. */
    const differences = (members: readonly number[]) =>
      KERNEL_RATIOS[members.length as 1 | 2 | 3].flatMap((ratio) => {
        const mixed = mixOptics(members.map((m, i) => ({ optics: optics[m]!, parts: ratio[i]! })))
        if (!mixed.ok) throw new Error(mixed.error.message)
        return KERNEL_LOADS.map((load) => {
          const { L, a, b } = colourAt(mixed.value, load)
          return { ratio, load, from: MANY.map((t) => ciede2000(L, a, b, t.L, t.a, t.b)) }
        })
      })
    const own = new Map<string, Set<number>>()
    let [reached, missed] = [0, 0]
    for (const members of setsOf(6).sort((p, q) => p.length - q.length)) {
      const served = kernel.serve(members)
      const parts = members.flatMap((_, i) => [...(own.get(members.filter((__, j) => j !== i).join()) ?? [])])
      const all = differences(members)
      served.targets.forEach((t, i) => {
        const { ratio, load } = mixtureOf(served.choice[i]!, members.length as 1 | 2 | 3)
        const named = all.find((m) => m.ratio === ratio && m.load === KERNEL_LOADS[load])!
        expect(named.from[t], `${members.join()} ${t}`).toBeLessThan(near + 1e-3)
        expect(parts).not.toContain(t)
      })
      MANY.forEach((_, t) => {
        if (parts.includes(t) || !all.some((m) => m.from[t]! <= near)) return
        reached += 1
        if (!served.targets.includes(t)) missed += 1
      })
      own.set(members.join(), new Set([...parts, ...served.targets]))
      if (members.length < 3) kernel.mark(members, served.targets)
    }
    expect(reached).toBeGreaterThan(30)
    // twelve bands overlook a few at the edge: silence, never a promise
    expect(missed / reached).toBeLessThan(near > 10 ? 0.2 : 0.06)
  })

  it('a row of triples says what each of them says alone', () => {
    const optics = some(3, 7)
    const kernel = new MixtureKernel(optics, targetGrid(TARGETS, 5))
    for (const members of setsOf(7)
      .filter((s) => s.length < 3)
      .sort((p, q) => p.length - q.length))
      kernel.mark(members, kernel.serve(members).targets)
    for (const [j, k] of [
      [1, 2],
      [3, 5],
      [5, 6],
    ] as const) {
      const row = kernel.row(j, k)
      const [counts, targets] = [[...row.counts], [...row.targets]]
      expect(counts).toHaveLength(j)
      for (let i = 0; i < j; i += 1) expect(targets.splice(0, counts[i])).toEqual([...kernel.serve([i, j, k]).targets])
    }
  })

  it('how near a row of triples comes: the same from both, and the least of its mixtures', () => {
    const optics = some(23, 7)
    const grid = targetGrid(TARGETS.slice(0, 4), 1)
    const [fast, plain] = [new MixtureKernel(optics, grid), new MixtureKernel(optics, grid, true)]
    const { first, count } = ratioGroups()
    for (const octaves of [1, 4]) {
      const near = [...fast.nearRow(4, 6, 2, octaves)]
      expect(near).toEqual([...plain.nearRow(4, 6, 2, octaves)])
      near.forEach((least, i) => {
        const q = grid.forms.subarray(18, 27)
        let own = Infinity
        for (let g = 0; g < count[3]; g += 1) {
          const labs = fast.mix([i, 4, 6], first[3] + g)
          for (let l = 0; l < 2 * octaves; l += 2)
            for (let lane = 0; lane < 4; lane += 1) {
              const at = l * 12 + lane
              const [dL, da, db] = [labs[at]! - q[0]!, labs[at + 4]! - q[1]!, labs[at + 8]! - q[2]!]
              const squares = q[3]! * dL * dL + q[4]! * da * da + q[5]! * db * db
              own = Math.min(own, squares + q[6]! * da * db + q[7]! * dL * da + q[8]! * dL * db)
            }
        }
        expect(least / own).toBeCloseTo(1, 3)
      })
    }
  })

  it('every pair and triple has its own place', () => {
    const n = 9
    const pairs = setsOf(n)
      .filter((s) => s.length === 2)
      .map(([i, j]) => pairRank(i!, j!))
    const triples = setsOf(n)
      .filter((s) => s.length === 3)
      .map(([i, j, k]) => tripleRank(i!, j!, k!))
    expect(pairs.sort((p, q) => p - q)).toEqual(pairs.map((_, i) => i))
    expect(triples.sort((p, q) => p - q)).toEqual(triples.map((_, i) => i))
    expect([1, 2, 3].map((s) => KERNEL_RATIOS[s as 1].length)).toEqual([1, 43, 28])
  })
})
