import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ciede2000 } from '../colour/ciede2000'
import { pigmentByCode, isPredicted, REFERENCE_PIGMENTS } from '../pigments/reference'
import type { Result } from '../result'
import { opticsOfPaint } from '../film/paintOptics'
import { labD65, type LabD65 } from '../units'
import { mixtureColours, predictMixture, type MixturePart } from './predictMixture'
import type { DoubtedOptics } from './mixtureError'
import { findRecipes } from './recipes/findRecipes'
import { runs } from '../../../tests/setup/runs'

const USABLE = REFERENCE_PIGMENTS.filter(isPredicted)
const opticsOf = (i: number) => {
  const p = USABLE[i]!
  const optics = opticsOfPaint({ pigments: [p.code], ...(p.variant ? { variants: { [p.code]: p.variant } } : {}) })
  if (!optics.ok) throw new Error(optics.error.message)
  return optics.value
}
const pigment = fc.integer({ min: 0, max: USABLE.length - 1 })
const parts = fc.double({ min: 0.01, max: 20, noNaN: true })
const predicted = (mix: readonly MixturePart[], water = 0) => {
  const result = predictMixture(mix, { water })
  if (!result.ok) throw new Error(result.error.message)
  return result.value
}
const apart = (p: LabD65, q: LabD65) => ciede2000(p.L, p.a, p.b, q.L, q.a, q.b)

describe('a predicted mixture', () => {
  it('is the paint itself when a paint is mixed with itself, at masstone and in every wash', () => {
    fc.assert(
      fc.property(pigment, parts, parts, (i, p, q) => {
        const optics = opticsOf(i)
        const [mixed, alone] = [
          predicted([
            { optics, parts: p },
            { optics, parts: q },
          ]),
          predicted([{ optics, parts: 1 }]),
        ]
        mixed.ramp.forEach(({ lab }, k) => expect(apart(lab, alone.ramp[k]!.lab)).toBeLessThan(1e-6))
      }),
      { numRuns: runs(40) },
    )
  })

  it('does not care for order or scale, stays within 0..1, and a paint of 0 parts is not there', () => {
    fc.assert(
      fc.property(
        pigment,
        pigment,
        pigment,
        parts,
        parts,
        fc.double({ min: 0.01, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (i, j, k, p, q, scale, water) => {
          const [a, b, c] = [opticsOf(i), opticsOf(j), opticsOf(k)]
          const one = predicted(
            [
              { optics: a, parts: p },
              { optics: b, parts: q },
            ],
            water,
          )
          const other = predicted(
            [
              { optics: b, parts: q * scale },
              { optics: c, parts: 0 },
              { optics: a, parts: p * scale },
            ],
            water,
          )
          expect(apart(one.lab, other.lab)).toBeLessThan(1e-6)
          expect([...one.reflectance].every((r) => r >= 0 && r <= 1)).toBe(true)
          expect(one.shares.reduce((s, x) => s + x, 0)).toBeCloseTo(1, 9)
        },
      ),
      { numRuns: runs(60) },
    )
  })

  it('gets lighter with water, and ends at the paper', () => {
    fc.assert(
      fc.property(pigment, pigment, (i, j) => {
        const mix = [
          { optics: opticsOf(i), parts: 1 },
          { optics: opticsOf(j), parts: 1 },
        ]
        const lights = [0, 1, 3, 8, 25, 1e6].map((water) => predicted(mix, water).lab.L)
        expect(lights.every((L, k) => k === 0 || L >= lights[k - 1]! - 1.5)).toBe(true)
        expect(lights.at(-1)!).toBeGreaterThan(96)
      }),
      { numRuns: runs(40) },
    )
  })

  it.each([
    ['no-paint', [], 0],
    ['no-paint', [{ optics: opticsOf(0), parts: 0 }], 0],
    ['bad-parts', [{ optics: opticsOf(0), parts: Number.NaN }], 0],
    ['bad-parts', [{ optics: opticsOf(0), parts: -1 }], 0],
    ['bad-water', [{ optics: opticsOf(0), parts: 1 }], -1],
    ['bad-water', [{ optics: opticsOf(0), parts: 1 }], Number.NaN],
    ['bad-optics', [{ optics: { ...opticsOf(0), K: new Float64Array(36).fill(Number.NaN) }, parts: 1 }], 0],
    ['bad-optics', [{ optics: { ...opticsOf(0), K: new Float64Array(3) }, parts: 1 }], 0],
  ] as [string, MixturePart[], number][])('%s', (code, mix, water) => {
    const result = predictMixture(mix, { water })
    expect(result.ok ? 'ok' : result.error.code).toBe(code)
  })
})

describe('own notes', () => {
  const [a, b] = [
    { optics: opticsOf(1), parts: 1, id: 'a' },
    { optics: opticsOf(60), parts: 1, id: 'b' },
  ]
  const plain = predicted([a, b])
  const seen = { masstone: { ...plain.masstone, L: plain.masstone.L + 8 }, wash: plain.wash }

  it('pull the prediction of that pair toward what was seen, less the further the parts lie', () => {
    const observations = [
      {
        paints: [
          { id: 'b', parts: 1 },
          { id: 'a', parts: 1 },
        ],
        ...seen,
      },
    ]
    const at = (q: number) => {
      const result = predictMixture([a, { ...b, parts: q }], { observations })
      return result.ok ? result.value : plain
    }
    expect(at(1).masstone.L - plain.masstone.L).toBeCloseTo(6.4, 1)
    expect(at(1).correctedBy).toBe(1)
    expect(at(1).expected.median).toBeLessThan(plain.expected.median)
    expect(Math.abs(at(8).masstone.L - predicted([a, { ...b, parts: 8 }]).masstone.L)).toBeLessThan(2)
  })

  it('of other paints do nothing, nor do notes on a single paint', () => {
    for (const paints of [
      [
        { id: 'a', parts: 1 },
        { id: 'c', parts: 1 },
      ],
      [{ id: 'a', parts: 1 }],
      [
        { id: 'a', parts: 1 },
        { id: 'b', parts: 1 },
        { id: 'c', parts: 1 },
      ],
    ]) {
      const result = predictMixture([a, b], { observations: [{ paints, ...seen }] })
      expect(result.ok && apart(result.value.masstone, plain.masstone)).toBe(0)
    }
  })
})

describe('how sure a prediction is', () => {
  const measured = (code: string) => {
    const p = pigmentByCode(code)!
    const swatch = (lab: typeof p.masstone) => ({ L: lab.L, a: lab.a, b: lab.b, source: 'reader' as const })
    return must(opticsOfPaint({ pigments: [code], masstone: swatch(p.masstone), wash: swatch(p.wash) }))
  }
  const guessed = (code: string) => must(opticsOfPaint({ pigments: [code] }))
  const expected = (list: [optics: DoubtedOptics, parts: number][], water = 0) =>
    must(
      predictMixture(
        list.map(([optics, parts]) => ({ optics, parts })),
        { water },
      ),
    ).expected
  function must<T>(r: Result<T>): T {
    if (!r.ok) throw new Error(r.error.message)
    return r.value
  }

  it('grows with water for what is known by its masstone only, and not for what was seen as a wash', () => {
    const p = pigmentByCode('PV19', 'rose')!
    const half = must(
      opticsOfPaint({
        pigments: ['PV19'],
        masstone: { L: p.masstone.L, a: p.masstone.a, b: p.masstone.b, source: 'reader' },
      }),
    )
    expect(expected([[half, 1]], 6).median).toBeGreaterThan(1.8 * expected([[half, 1]], 0).median)
    expect(expected([[measured('PB29'), 1]], 6).median).toBeLessThanOrEqual(expected([[measured('PB29'), 1]], 0).median)
  })

  it('a strong paint that is only guessed at is not hidden behind many parts of a measured one', () => {
    const [yellow, blue] = [measured('PY65'), guessed('PB15:3')]
    const without = expected([
      [yellow, 8],
      [measured('PB15:3'), 1],
    ]).median
    expect(
      expected([
        [yellow, 8],
        [blue, 1],
      ]).median,
    ).toBeGreaterThan(without * 1.7)
    // by its share of the parts alone it would count a ninth
    const weak = expected([
      [measured('PB15:3'), 8],
      [guessed('PG23'), 1],
    ]).median
    expect(weak).toBeLessThan(
      expected([
        [yellow, 8],
        [blue, 1],
      ]).median,
    )
  })

  it('is continuous: a trace of another paint changes it by a trace, and a paint beside itself by nothing', () => {
    const [blue, red, white] = [guessed('PB29'), measured('PR254'), guessed('PW6')]
    for (const other of [red, white])
      for (const water of [0, 2, 6]) {
        const alone = expected([[blue, 1]], water)
        const trace = expected(
          [
            [blue, 1],
            [other, 1e-5],
          ],
          water,
        )
        expect(Math.abs(trace.median - alone.median)).toBeLessThan(0.02)
        expect(Math.abs(trace.most - alone.most)).toBeLessThan(0.05)
        const itself = expected(
          [
            [blue, 1],
            [blue, 3],
          ],
          water,
        )
        expect(itself.median).toBeCloseTo(alone.median, 9)
      }
  })

  it('codes differ: phthalo blue is better known by its code than a natural earth, and that than an unsaid one', () => {
    const spread = (paint: Parameters<typeof opticsOfPaint>[0]) => expected([[must(opticsOfPaint(paint)), 1]]).median
    const [blue, sienna] = [spread({ pigments: ['PB15:3'] }), spread({ pigments: ['PBr7'], name: 'Burnt sienna' })]
    expect(sienna).toBeGreaterThan(blue * 1.2)
    expect(spread({ pigments: ['PBr7'] })).toBeGreaterThan(sienna)
  })

  it('is narrowed by a further wash, and widened by another medium', () => {
    const p = pigmentByCode('PV19', 'rose')!
    const at = (lab: typeof p.wash) => ({ L: lab.L, a: lab.a, b: lab.b, source: 'photo' as const })
    const base = { pigments: ['PV19'], variants: { PV19: 'rose' }, masstone: at(p.masstone) }
    const film = must(opticsOfPaint(base))
    const seen = must(predictMixture([{ optics: film, parts: 1 }], { water: 3 })).lab
    const more = must(opticsOfPaint({ ...base, washes: [{ ...at(seen), water: 3 }] }))
    expect(expected([[more, 1]], 3).median).toBeLessThan(expected([[film, 1]], 3).median)
    const gouache = must(opticsOfPaint({ ...base, medium: 'gouache' }))
    expect(expected([[gouache, 1]]).median).toBeGreaterThan(expected([[film, 1]]).median + 0.5)
  })

  it('a code that the reference does not hold is named and makes the prediction less sure', () => {
    const whole = guessed('PB29')
    const part = must(opticsOfPaint({ pigments: ['PB29', 'PB999'] }))
    expect([whole.unknown, part.unknown]).toEqual([undefined, ['PB999']])
    expect(expected([[part, 1]]).median).toBeGreaterThan(expected([[whole, 1]]).median + 2)
  })

  it('bad numbers are refused, not answered', () => {
    const code = (r: Result<unknown>) => (r.ok ? 'ok' : r.error.code)
    const optics = guessed('PB29')
    expect(
      code(
        predictMixture([
          { optics, parts: 1e308 },
          { optics, parts: 1e308 },
        ]),
      ),
    ).toBe('bad-parts')
    expect(code(predictMixture([{ optics, parts: NaN }]))).toBe('bad-parts')
    expect(code(opticsOfPaint({ pigments: ['PB29'], masstone: { L: NaN, a: 0, b: 0, source: 'typed' } }))).toBe(
      'bad-swatch',
    )
    const odd = (more: object) => code(predictMixture([{ optics: { ...optics, ...more }, parts: 1 }]))
    expect(odd({ K: new Float64Array(36).fill(1e308) })).toBe('bad-optics')
    expect(odd({ washLoad: 1e-320 })).toBe('bad-optics')
    const noted = [{ paints: [{ id: 'x', parts: 1 }], masstone: { white: 'D65' as const, L: NaN, a: 0, b: 0 } }]
    expect(code(predictMixture([{ optics, parts: 1 }], { observations: noted }))).toBe('bad-observation')
    const from = 'the moon' as 'typed'
    expect(code(opticsOfPaint({ pigments: ['PB29'], masstone: { L: 30, a: 0, b: 0, source: from } }))).toBe(
      'bad-swatch',
    )
    const paints = [{ id: 'x', optics }]
    const noWash = { kind: 'paint', masstone: labD65(40, 0, 0) } as unknown as Parameters<
      typeof findRecipes
    >[0]['target']
    expect(code(findRecipes({ target: noWash, paints }))).toBe('bad-target')
    expect(code(findRecipes({ target: { kind: 'colour', lab: { white: 'D65', L: 50, a: NaN, b: 0 } }, paints }))).toBe(
      'bad-target',
    )
    const same = labD65(40, 10, 10)
    const flat = findRecipes({ target: { kind: 'paint', masstone: same, wash: same }, paints })
    expect(flat.ok && flat.value.best.every((r) => r.water >= 0 && r.water <= 60)).toBe(true)
  })
})

it('colours of many mixtures are those of each', () => {
  const parts = [
    { optics: opticsOf(3), parts: 2 },
    { optics: opticsOf(40), parts: 1 },
  ]
  const many = mixtureColours(parts, [0, 1, 6])
  if (!many.ok) throw new Error(many.error.message)
  many.value.forEach((lab, i) => {
    const one = predictMixture(parts, { water: [0, 1, 6][i]! })
    expect(one.ok && one.value.lab).toEqual(lab)
  })
  expect(mixtureColours(parts, [-1])).toMatchObject({ ok: false, error: { code: 'bad-water' } })
})
