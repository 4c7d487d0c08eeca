import { describe, expect, it } from 'vitest'
import { opticsOfPaint } from '../film/paintOptics'
import { labD65 } from '../units'
import { mayLean } from './mayLean'
import { predictMixture } from './predictMixture'

/** Covariance of a* and b* only. */
const open = (aa: number, ab: number, bb: number) => [1, 0, 0, 0, aa, ab, 0, ab, bb]
const grey = labD65(50, 1, -1)

describe('where a neutral may lean', () => {
  it('is along the longer axis of what is open', () => {
    expect(mayLean(grey, open(16, 0, 1))).toEqual(['red', 'green'])
    expect(mayLean(grey, open(1, 0, 16))).toEqual(['yellow', 'blue'])
  })
  it('is not said of a colour, of what is known well, or of what is open all round', () => {
    expect(mayLean(labD65(50, 20, 20), open(16, 0, 1))).toBeUndefined()
    expect(mayLean(labD65(50, 6, 0), open(4, 0, 1))).toBeUndefined()
    expect(mayLean(grey, open(16, 0, 15))).toBeUndefined()
  })
  it('a grey of ultramarine and burnt sienna from codes alone may turn out blue or brown (common practice, no source)', () => {
    const optics = (code: string, variant?: string) => {
      const film = opticsOfPaint({ pigments: [code], ...(variant ? { variants: { [code]: variant } } : {}) })
      if (!film.ok) throw new Error(film.error.message)
      return film.value
    }
    let least: { C: number; says: readonly string[] | undefined } = { C: 99, says: undefined }
    for (let parts = 0.1; parts < 4; parts *= 1.1) {
      const mix = predictMixture([
        { optics: optics('PB29'), parts },
        { optics: optics('PBr7', 'burnt sienna'), parts: 1 },
      ])
      if (!mix.ok) throw new Error(mix.error.message)
      const C = Math.hypot(mix.value.masstone.a, mix.value.masstone.b)
      if (C < least.C) least = { C, says: mayLean(mix.value.masstone, mix.value.expected.covariance) }
    }
    expect(least.says).toContain('blue')
    expect(['orange', 'yellow', 'red']).toContain(least.says!.find((f) => f !== 'blue'))
  })
})
