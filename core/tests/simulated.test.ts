import { expect, it } from 'vitest'
import { becomes } from '../src/charts/photo/becomes'
import { knownBoxes } from '../src/charts/photo/knownBoxes'
import type { Recipe } from '../src/documents/recipe'
import { paint } from '../src/documents/documents.fixture'
import { observationOf } from '../src/mixing/observations'
import { cachedOptics } from '../src/film/cachedOptics'

const swatch = { L: 40, a: 50, b: 20, source: 'reader', sd: 0.4, simulated: true } as const
const real = { L: 40, a: 50, b: 20, source: 'reader', sd: 0.4 } as const

it('what was made up is never a measurement: not for a film, a photograph, a note of a mixture', () => {
  const of = (masstone: typeof swatch | typeof real) => cachedOptics(paint('p', { pigments: ['PR254'], masstone }))
  const [made, measured] = [of(swatch), of(real)]
  if (!made.ok || !measured.ok) throw new Error('no optics')
  expect(made.value.error).not.toEqual(measured.value.error)

  const box = {
    id: 'b',
    label: 'p',
    filling: { parts: [{ paintId: 'p', parts: 1 }], water: 0 },
    box: { x: 0, y: 0, width: 9, height: 9 },
  }
  expect(knownBoxes([box], () => paint('p', { masstone: swatch }))).toEqual([])
  expect(knownBoxes([box], () => paint('p', { masstone: real }))).toHaveLength(1)

  const recipe = { id: 'r', v: 1, name: 'r', paints: [{ paintId: 'p', parts: 1 }], water: 0 } as Recipe
  expect(observationOf({ ...recipe, masstone: swatch })).toBeUndefined()
  expect(observationOf({ ...recipe, masstone: real })).toBeDefined()
})

it('what a made-up photograph becomes is marked for good', () => {
  const patch = { lab: { L: 40, a: 50, b: 20 }, sd: 0.4 }
  const filling = { parts: [{ paintId: 'p', parts: 1 }], water: 0 }
  const checked = [
    { box: { id: 'b', label: 'p', filling, box: {} }, read: { patches: [patch] }, verdict: 'right' },
  ] as never
  expect(becomes(checked, 'made up', true).swatches[0]!.swatch).toMatchObject({ simulated: true })
  expect(becomes(checked, 'real').swatches[0]!.swatch).not.toHaveProperty('simulated')
})
