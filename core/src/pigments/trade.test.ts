import { describe, expect, it } from 'vitest'
import { CLASSIC_MIXTURES, commonnessOf, replacementInWords, replacementOf } from './trade'
import { pigmentById, REFERENCE_PIGMENTS } from './reference'
import { COMMON_ROWS, REPLACEMENT_ROWS } from './trade.generated'

describe('what the trade knows', () => {
  it('says how usual a pigment is, and whether it is still made', () => {
    expect(commonnessOf('PB29')).toEqual({ common: 4, market: 'made' })
    expect(commonnessOf('PO49')).toMatchObject({ common: 0, market: 'ended' })
    expect(commonnessOf('NY24')).toMatchObject({ common: 0, market: 'historic' })
    expect(commonnessOf('PY999')).toBeUndefined()
    // a pigment that is not sold is none to propose, and one that is made is
    for (const [code, common, market] of COMMON_ROWS) if (market === 'historic') expect(common, code).toBe(0)
  })
  it('says what takes the place of another, the first choice first', () => {
    expect(replacementOf('PB33')!.take.map(replacementInWords)[0]).toBe(
      'phthalo blue green shade (beta) (PB15:3), in a thin wash',
    )
    expect(replacementInWords(replacementOf('PB28')!.take[0]!)).toBe(
      'ultramarine (PB29) with a touch of phthalo blue green shade (beta) (PB15:3)',
    )
    expect(replacementOf('PB28')!.lost).toContain('grain')
    expect(replacementOf('PB15:3')).toBeUndefined()
  })
  it('replaces nothing by itself, nor by what is no longer sold', () => {
    for (const [of, , take] of REPLACEMENT_ROWS)
      for (const { parts } of take)
        for (const { pigment } of parts) {
          const { code } = pigmentById(pigment)!
          expect(code, of).not.toBe(of)
          expect(commonnessOf(code)?.market ?? 'made', `${of} by ${code}`).toBe('made')
        }
  })
  it('knows pigments of the reference only, in windows that are windows', () => {
    const ids = new Set(REFERENCE_PIGMENTS.map((p) => p.id))
    for (const { a, b, chroma, lightness, from, to } of CLASSIC_MIXTURES) {
      for (const id of [...a, ...b]) expect(ids.has(id), id).toBe(true)
      for (const [low, high] of [chroma, lightness]) expect(low ?? 0).toBeLessThan(high ?? 200)
      expect([...from, ...to].every((n) => n > 0)).toBe(true)
    }
    expect(CLASSIC_MIXTURES.length).toBeGreaterThanOrEqual(34)
  })
})
