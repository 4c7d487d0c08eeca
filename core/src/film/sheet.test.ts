import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { colourDifference } from '../colour/difference'
import { labOfReflectance } from '../colour/tristimulus'
import { labD65 } from '../units'
import { masstoneOf, washOf } from './optics'
import { opticsOfPaint } from './paintOptics'
import { insideOf, outsideOf, paperOfColour, PAPERS, sheetOfPaper, WHITE_SHEET } from './sheet'
import { filmOnPaper } from './kubelkaMunk'
import { referenceFilm } from './referenceFilm'
import { pigmentByCode } from '../pigments/reference'

describe('a sheet of paper', () => {
  it('of a colour has that colour, smooth and between nothing and white', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 80, max: 96, noNaN: true }),
        fc.double({ min: -2, max: 3, noNaN: true }),
        fc.double({ min: -2, max: 14, noNaN: true }),
        (L, a, b) => {
          const paper = paperOfColour(labD65(L, a, b))
          expect(colourDifference(labOfReflectance(paper), labD65(L, a, b))).toBeLessThan(0.3)
          expect(paper.every((r) => r > 0 && r <= 0.99)).toBe(true)
        },
      ),
    )
  })

  it('three are ready, from white to cream', () => {
    expect(PAPERS.white.L).toBeGreaterThan(PAPERS.natural.L)
    expect(PAPERS.natural.b).toBeLessThan(PAPERS.cream.b)
    const bare = filmOnPaper(new Float64Array(36), new Float64Array(36), 0, WHITE_SHEET)
    expect(colourDifference(labOfReflectance(bare), PAPERS.white)).toBeLessThan(1e-6)
  })

  it('a surface goes on and comes off again (Saunderson 1942)', () => {
    const k = fc.record({
      k1: fc.double({ min: 0, max: 0.1, noNaN: true }),
      k2: fc.double({ min: 0, max: 0.7, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), k, (R, surface) => {
        const out = outsideOf(R, surface)
        expect(out >= surface.k1 - 1e-12 && out <= 1 + 1e-12).toBe(true)
        expect(insideOf(out, surface)).toBeCloseTo(R, 9)
      }),
    )
  })
})

it('swatches on cream paper, told, give the film that white paper gives; not told, another', () => {
  const film = referenceFilm(pigmentByCode('PB29')!)
  const sheet = sheetOfPaper(PAPERS.cream)
  const seen = (load: number) => {
    const { L, a, b } = labOfReflectance(filmOnPaper(film.K, film.S, load, sheet))
    return { L, a, b, source: 'reader' as const }
  }
  const paint = { pigments: ['PB29'], masstone: seen(1), wash: seen(film.washLoad) }
  const on = { L: PAPERS.cream.L, a: PAPERS.cream.a, b: PAPERS.cream.b }
  const told = opticsOfPaint({ ...paint, masstone: { ...paint.masstone, on }, wash: { ...paint.wash, on } })
  const untold = opticsOfPaint(paint)
  if (!told.ok || !untold.ok) throw new Error('no optics')
  // what it would be on white paper
  const onWhite = (o: typeof told.value) => ({ ...o, on: WHITE_SHEET })
  const off = (o: typeof told.value) =>
    Math.max(
      colourDifference(masstoneOf(onWhite(o)), masstoneOf(film)),
      colourDifference(washOf(onWhite(o)), washOf(film)),
    )
  expect(off(told.value)).toBeLessThan(0.8)
  expect(off(untold.value)).toBeGreaterThan(2)
  // and it is shown on the paper that it was painted on
  expect(colourDifference(washOf(told.value), labD65(paint.wash.L, paint.wash.a, paint.wash.b))).toBeLessThan(0.7)
})
