import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ciede2000 } from '../../colour/ciede2000'
import { labD65, type LabD65 } from '../../units'
import { colourAt, loadAt, masstoneOf, washOf } from '../../film/optics'
import { mixOptics, type Mixed } from '../mixOptics'
import { atOctaves, coarseTarget, newColours, squaredAt } from './coarse'
import { atNodes } from './nodes'
import { groundAtNodes } from './nodeSheet'
import { WHITE_SHEET } from '../../film/sheet'
import { findRecipes, searchRecipes, waterAt } from './findRecipes'
import { LOADS, type RecipePaint, type RecipeQuestion } from './question'
import { COARSE_TRIPLES, ratiosUpTo } from './grids'
import { recipesFromPaints } from './recipesFromPaints'
import { shortlist } from './shortlist'
import { every, found, USABLE } from './recipes.fixture'
import { runs, seeds } from '../../../../tests/setup/runs'

function run(question: RecipeQuestion) {
  const search = searchRecipes(question)
  let news = 0
  for (;;) {
    const step = search.next()
    if (step.done) return { result: step.value, news }
    news += step.value.best.length ? 1 : 0
  }
}

describe('the grids of parts', () => {
  it('hold 1, 43 and 439 ratios in lowest terms up to 8, and 21 for a first look', () => {
    expect([ratiosUpTo(1, 8), ratiosUpTo(2, 8), ratiosUpTo(3, 8), COARSE_TRIPLES].map((l) => l.length)).toEqual([
      1, 43, 439, 21,
    ])
  })
})

describe('the coarse ranking on twelve bands', () => {
  it('lies near the full 36 bands: mean below 0.5 close to the target', () => {
    const off: number[] = []
    for (const { optics } of every(1)) {
      for (const [step, load] of LOADS.entries()) {
        const lab = colourAt(optics, load)
        const nodes = atNodes(optics)
        const laid = (list: Float64Array) => list.map((v) => v * (optics.body ?? 1))
        const colours = newColours()
        atOctaves({ K: laid(nodes.K), S: laid(nodes.S) }, groundAtNodes(WHITE_SHEET), colours)
        off.push(Math.sqrt(Math.max(0, squaredAt(colours, step, coarseTarget(lab), Infinity))))
      }
    }
    expect(off.reduce((s, d) => s + d, 0) / off.length).toBeLessThan(0.5)
    // of all the reference; whatever is listed is worked out with all 36
    expect(Math.max(...off)).toBeLessThan(5)
  })
})

describe('finding recipes', () => {
  const paints = every(17)
  const off = (p: LabD65, q: LabD65) => ciede2000(p.L, p.a, p.b, q.L, q.a, q.b)
  /** Every mixture of up to three of a few paints. */
  function mixtures(list: readonly RecipePaint[], parts: number): Mixed[] {
    const sets = list.flatMap((_, i) => [
      [i],
      ...list.flatMap((__, j) => (j > i ? [[i, j], ...list.flatMap((___, k) => (k > j ? [[i, j, k]] : []))] : [])),
    ])
    return sets.flatMap((members) =>
      ratiosUpTo(members.length as 1 | 2 | 3, parts).map((ratio) => {
        const mixed = mixOptics(members.map((m, i) => ({ optics: list[m]!.optics, parts: ratio[i]! })))
        if (!mixed.ok) throw new Error(mixed.error.message)
        return mixed.value
      }),
    )
  }

  it.each(seeds(4, 8))(
    'seed %i: a colour, near or far, as well as by trying everything, within 0.1',
    (seed) => {
      const list = every(36, (seed * 5) % 36)
      const target = labD65(30 + ((seed * 37) % 50), ((seed * 53) % 60) - 25, ((seed * 71) % 110) - 40)
      const best = Math.min(
        ...found({ target: { kind: 'colour', lab: target }, paints: list, parts: 5 }).map((r) => r.difference),
      )
      const exhaustive = Math.min(
        ...mixtures(list, 5).flatMap((m) => LOADS.map((load) => off(colourAt(m, load), target))),
      )
      expect(best - exhaustive, `${best} against ${exhaustive}`).toBeLessThan(0.1)
    },
    60_000,
  )

  it.each([1, 2, 3])(
    'seed %i: a paint, masstone and wash at any water, nearly as well as by trying everything',
    (seed) => {
      const list = every(31, seed * 3)
      const { masstone, wash } = USABLE[(seed * 59) % USABLE.length]!
      const best = Math.min(
        ...found({ target: { kind: 'paint', masstone, wash }, paints: list, parts: 5 }).map((r) => r.difference),
      )
      const waters = Array.from({ length: 80 }, (_, i) => (i + 1) / 2)
      let exhaustive = Infinity
      for (const m of mixtures(list, 5)) {
        const undiluted = off(colourAt(m, 1), masstone)
        // thinned it may meet the wash to the hair: what is further off than the best even then needs no water
        if (undiluted >= exhaustive * Math.SQRT2) continue
        const thinned = Math.min(...waters.map((w) => off(colourAt(m, loadAt(m, w)), wash)))
        exhaustive = Math.min(exhaustive, Math.sqrt((undiluted ** 2 + thinned ** 2) / 2))
      }
      expect(best - exhaustive, `${best} against ${exhaustive}`).toBeLessThan(0.2)
    },
    60_000,
  )

  it('a paint’s wash is matched at the water that fits it, which is said and within what a recipe may hold', () => {
    for (const [i, { masstone, wash }] of USABLE.entries()) {
      if (i % 20) continue
      for (const r of found({ target: { kind: 'paint', masstone, wash }, paints })) {
        expect(r.water > 0 && r.water <= 60, `${r.water}`).toBe(true)
        const members = r.paints.map((p) => ({ optics: paints.find((q) => q.id === p.id)!.optics, parts: p.parts }))
        const mixed = mixOptics(members)
        if (!mixed.ok) throw new Error('unmixed')
        expect(off(colourAt(mixed.value, loadAt(mixed.value, r.water)), wash)).toBeCloseTo(r.differences.wash!, 6)
        // no water near it does better by much
        for (const other of [0.5, 0.8, 1.25, 2].map((f) => f * r.water))
          if (other <= 60)
            expect(off(colourAt(mixed.value, loadAt(mixed.value, other)), wash)).toBeGreaterThan(
              r.differences.wash! - 0.4,
            )
      }
    }
  })

  it('of several ways to one colour different ones are listed, in the order of what they cost', () => {
    for (let seed = 1; seed <= 8; seed += 1) {
      const target = labD65(30 + ((seed * 29) % 50), ((seed * 47) % 60) - 25, ((seed * 61) % 70) - 30)
      const list = found({ target: { kind: 'colour', lab: target }, paints: every(9), count: 8 })
      const mains = list.map((r) =>
        r.paints
          .slice(0, 2)
          .map((p) => p.id)
          .sort()
          .join('+'),
      )
      for (const main of mains) expect(mains.filter((m) => m === main).length, main).toBeLessThanOrEqual(3)
    }
  })

  it('finds a mixture that it was given, in its own parts', () => {
    const [a, b] = [paints[2]!, paints[8]!]
    const mixed = mixOptics([
      { optics: a.optics, parts: 3 },
      { optics: b.optics, parts: 1 },
    ])
    if (!mixed.ok) throw new Error('unmixed')
    const [first] = found({
      target: { kind: 'paint', masstone: masstoneOf(mixed.value), wash: washOf(mixed.value) },
      paints,
    })
    expect(first).toMatchObject({
      paints: [
        { id: a.id, parts: 3 },
        { id: b.id, parts: 1 },
      ],
    })
    expect(first!.difference).toBeLessThan(0.05)
  })

  it('puts the paint itself first when it is there, not three paints that come a hair nearer', () => {
    const own = paints[4]!
    const lab = colourAt(own.optics, 0.25)
    expect(found({ target: { kind: 'colour', lab }, paints })[0]).toMatchObject({
      paints: [{ id: own.id, parts: 1 }],
    })
    expect(found({ target: { kind: 'colour', lab }, paints })[0]!.load).toBeCloseTo(0.25, 2)
  })

  it('asks 0.8 in difference of one more paint: simple recipes come first as long as they are nearly as good', () => {
    const PRICE = 0.8
    for (let seed = 1; seed <= 12; seed += 1) {
      const target = labD65(30 + ((seed * 29) % 50), ((seed * 47) % 60) - 25, ((seed * 61) % 70) - 30)
      const list = found({ target: { kind: 'colour', lab: target }, paints, count: 6 })
      const closest = Math.min(...list.map((r) => r.difference))
      const cost = (r: (typeof list)[number]) =>
        r.difference + PRICE * (r.paints.length - 1) + 0.01 * r.paints.reduce((sum, p) => sum + p.parts, 0)
      // the closest of all is listed last when its price keeps it from the others
      const ranked = list.at(-1)!.difference === closest ? list.slice(0, -1) : list
      const costs = ranked.map(cost)
      expect(costs, `seed ${seed}`).toEqual([...costs].sort((p, q) => p - q))
      for (const one of ranked)
        for (const other of ranked)
          if (other.paints.length > one.paints.length && ranked.indexOf(other) < ranked.indexOf(one))
            expect(one.difference - other.difference).toBeGreaterThan(
              PRICE * (other.paints.length - one.paints.length) - 0.3,
            )
    }
  })

  it('every recipe is whole parts within the limit, no paint twice, and its water gives its load', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 15, max: 90 }),
        fc.integer({ min: -50, max: 50 }),
        fc.integer({ min: -50, max: 60 }),
        fc.constantFrom(1 as const, 2 as const, 3 as const),
        fc.integer({ min: 1, max: 8 }),
        (L, a, b, most, parts) => {
          for (const r of found({
            target: { kind: 'colour', lab: labD65(L, a, b) },
            paints: paints.slice(0, 7),
            most,
            parts,
          })) {
            expect(r.paints.length).toBeLessThanOrEqual(most)
            expect(new Set(r.paints.map((p) => p.id)).size).toBe(r.paints.length)
            const upTo = parts === 8 && r.paints.length === 2 ? 24 : parts
            expect(r.paints.every((p) => Number.isInteger(p.parts) && p.parts >= 1 && p.parts <= upTo)).toBe(true)
            expect(Number.isFinite(r.difference)).toBe(true)
          }
        },
      ),
      { numRuns: runs(15) },
    )
    const { optics } = paints[0]!
    expect(loadAt(optics, waterAt(optics, 0.25))).toBeCloseTo(0.25, 1)
  })

  it('yields a first answer at once and is the same every time', () => {
    const question: RecipeQuestion = { target: { kind: 'colour', lab: labD65(50, 10, -20) }, paints }
    expect(run(question).news).toBeGreaterThan(1)
    const { result } = run(question)
    expect(result.ok && result.value.best).toEqual(found(question))
    const steps = [...searchRecipes(question)].map((s) => s.done / s.of)
    expect(steps.every((s, i) => s >= (steps[i - 1] ?? 0) && s <= 1)).toBe(true)
    const first = searchRecipes(question).next()
    expect(!first.done && first.value.best[0]!.paints.length).toBe(1)
  })

  it('stays bounded over a whole collection, and still finds a mixture that it was given', () => {
    const all = every(1)
    expect(all.length).toBeGreaterThan(150)
    const [a, b] = [all.find((p) => p.id === 'PB29')!, all.find((p) => p.id === 'PBr7 burnt sienna')!]
    const mixed = mixOptics([
      { optics: a.optics, parts: 3 },
      { optics: b.optics, parts: 1 },
    ])
    if (!mixed.ok) throw new Error('unmixed')
    const result = findRecipes({ target: { kind: 'colour', lab: colourAt(mixed.value, 0.5) }, paints: all })
    if (!result.ok) throw new Error(result.error.message)
    expect(Math.min(...result.value.best.map((r) => r.difference))).toBeLessThan(0.5)
    expect(result.value.tried).toBeLessThan(6_000_000)
    expect(
      shortlist(
        all.map((p) => p.optics.K),
        [5, 9, 2],
        10,
      ),
    ).toHaveLength(10)
    expect(
      shortlist(
        all.map((p) => p.optics.K),
        [5, 9, 2],
        10,
      ),
    ).toEqual(expect.arrayContaining([5, 9, 2]))
  }, 60_000)

  it('refuses what makes no sense', () => {
    const code = (question: RecipeQuestion) => {
      const result = findRecipes(question)
      return result.ok ? 'ok' : result.error.code
    }
    const target = { kind: 'colour', lab: labD65(50, 0, 0) } as const
    expect(code({ target, paints: [] })).toBe('no-paints')
    expect(code({ target, paints, parts: 9 })).toBe('bad-parts')
    expect(code({ target, paints, parts: 2.5 })).toBe('bad-parts')
    expect(
      code({
        target,
        paints: [{ id: 'x', optics: { K: new Float64Array(36).fill(-1), S: new Float64Array(36), washLoad: 0.15 } }],
      }),
    ).toBe('bad-optics')
  })
})

it('recipes from paints as recorded leave out what lies outside the model, and say so', () => {
  const search = recipesFromPaints({
    target: { kind: 'colour', lab: labD65(50, 0, -30) },
    paints: [
      { id: 'u', paint: { pigments: ['PB29'] } },
      { id: 'p', paint: { pigments: ['PB29'], effect: 'pearlescent' } },
      { id: 'n', paint: { pigments: [] } },
    ],
  })
  let step = search.next()
  while (!step.done) step = search.next()
  expect(step.value).toMatchObject({
    ok: true,
    value: { best: [{ paints: [{ id: 'u' }] }], left: [{ id: 'p' }, { id: 'n' }] },
  })
})
