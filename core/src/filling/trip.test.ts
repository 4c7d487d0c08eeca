import { expect, it } from 'vitest'
import { tin } from '../documents/documents.fixture'
import type { PaletteState } from '../ledger/stays'
import { pansForTrip, pansIn } from './trip'

const content = (paintId: string) => ({
  layers: [{ entryId: 'e', itemId: 't', paintId, day: '2026-05-01', millilitres: 1.5, dryingDays: 5 }],
  dryFrom: '2026-05-06',
})
const palette = {
  ...tin,
  plan: {
    A1: { paintId: 'a' },
    A2: { paintId: 'b' },
    A3: { paintId: 'c' },
    A4: { paintId: 'a' },
    A5: { reserved: '' },
  },
}
const state: PaletteState = new Map([['A1', { vesselId: 'tin/A1', content: content('a'), stays: [] }]])

it('takes from the loose pans what is planned and does not lie there, each pan once and of its size', () => {
  const found = pansForTrip(palette, state, [
    { vesselId: 'x', size: 'half pan', paintId: 'b' },
    { vesselId: 'y', size: 'full pan', paintId: 'c' },
    { vesselId: 'z', size: 'half pan', paintId: 'a' },
    { vesselId: 'empty', size: 'half pan' },
  ])
  expect(found.puts.map((p) => [p.placeId, p.vesselId])).toEqual([
    ['A2', 'x'],
    ['A4', 'z'],
  ])
  expect(found.missing).toEqual([{ placeId: 'A3', paintId: 'c' }])
})

it('puts back what lies in it with paint', () => {
  const more: PaletteState = new Map([...state, ['A2', { vesselId: 'empty', stays: [] }], ['A3', { stays: [] }]])
  expect(pansIn(palette, more)).toEqual([{ placeId: 'A1', vesselId: 'tin/A1' }])
})
