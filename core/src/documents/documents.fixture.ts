import { HOLDERS } from '../arranging/holders'
import type { Item } from './item'
import type { Paint } from './paint'
import type { Palette } from './palette'

/** Small documents for tests; what a test is about, it says itself. */
export const paint = (id: string, more: Partial<Paint> = {}): Paint => ({
  id,
  v: 2,
  maker: 'Skerry',
  name: id,
  pigments: [],
  ...more,
})
export const tube = (id: string, paintId: string, supply: Item['supply'] = 'open'): Item => ({
  id,
  v: 2,
  paintId,
  kind: 'tube',
  millilitres: 15,
  supply,
  remarks: [],
})
export const tin: Palette = { id: 'tin', v: 1, name: 'Tin', use: 'travel', purpose: '', holder: HOLDERS[0]!, plan: {} }
