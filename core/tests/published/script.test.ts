import { describe, expect, it } from 'vitest'
import * as core from '../../src'

/** What a script relies on (docs/core.md): names at the package's root, plain data in and out, reasons as data. */
const value = <T>(result: core.Result<T>): T => {
  if (!result.ok) throw new Error(result.error.message)
  return result.value
}
const lab = (L: number, a: number, b: number) => ({ white: 'D65' as const, L, a, b })

describe('core, called from a script', () => {
  const blue = value(core.opticsOfPaint({ pigments: ['PB29'] }))
  const brown = value(core.opticsOfPaint({ pigments: ['PBr7'], variants: { PBr7: 'burnt sienna' } }))

  it('reads codes and looks pigments up', () => {
    expect(core.parsePigmentCodes('PB 15.3 and PW6').codes.map((c) => c.code)).toEqual(['PB15:3', 'PW6'])
    expect(core.pigmentByCode('PV19', 'violet')).toMatchObject({ id: 'PV19 violet', masstone: { white: 'D65' } })
  })

  it('predicts a mixture and leans on swatches where there are any', () => {
    const grey = value(
      core.predictMixture(
        [
          { optics: blue, parts: 3 },
          { optics: brown, parts: 2 },
        ],
        { water: 3 },
      ),
    )
    expect(Object.keys(grey)).toEqual(
      expect.arrayContaining(['masstone', 'wash', 'lab', 'load', 'reflectance', 'ramp', 'expected', 'shares']),
    )
    expect(grey.masstone.L).toBeLessThan(grey.lab.L)
    expect(grey.lab.L).toBeLessThan(grey.wash.L)
    const own = value(
      core.opticsOfPaint({
        pigments: ['PB29'],
        masstone: { L: 25, a: 28, b: -62, source: 'reader' },
        wash: { L: 62, a: 6, b: -42, source: 'reader' },
      }),
    )
    expect(own.basis).toBe('both swatches')
    expect(core.leanOf({ masstone: core.masstoneOf(own), wash: core.washOf(own) })).toMatchObject({
      family: 'blue',
      toward: 'violet',
    })
  })

  it('finds recipes and reads a sheet in one call each', () => {
    const { best } = value(
      core.findRecipes({
        target: { kind: 'colour', lab: lab(30, 2, -4) },
        paints: [
          { id: 'blue', optics: blue },
          { id: 'brown', optics: brown },
        ],
      }),
    )
    expect(best[0]!.paints.map((p) => p.id).sort()).toEqual(['blue', 'brown'])
    const sheet = value(core.simulateSheet([lab(50, 20, 20), lab(60, -20, 20)], 2, 500, 400))
    const read = value(core.readSwatchSheet(sheet))
    expect(
      read.cells.map((c) => core.colourDifference(c.lab, lab(c.column ? 60 : 50, c.column ? -20 : 20, 20)) < 1),
    ).toEqual([true, true])
  })

  it('answers with reasons, never with NaN', () => {
    for (const bad of [
      core.opticsOfPaint({ pigments: [] }),
      core.predictMixture([]),
      core.findRecipes({ target: { kind: 'colour', lab: lab(50, 0, 0) }, paints: [] }),
      core.parseColour('nonsense'),
      core.readSpectra(''),
    ]) {
      expect(bad).toMatchObject({
        ok: false,
        error: {
          code: expect.stringMatching(/^[a-z-]+$/) as string,
          message: expect.stringMatching(/[.:?]/) as string,
        },
      })
    }
  })

  it('gives the same for the same, call after call', () => {
    const again = value(core.opticsOfPaint({ pigments: ['PB29'] }))
    expect([...again.K]).toEqual([...blue.K])
    expect(structuredClone(again)).toEqual(again)
  })
})
