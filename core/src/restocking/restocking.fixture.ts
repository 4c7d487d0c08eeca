import type { Item } from '../documents/item'
import type { Offer, OfferedPaint } from '../documents/offer'
import type { Paint } from '../documents/paint'
import type { Shop } from '../documents/shop'
import type { Need } from './need'

export const TODAY = '2026-06-01'
export const paint = (id: string, name: string, pigments: string[] = [], maker = 'Skerry'): Paint => ({
  id,
  v: 2,
  maker,
  name,
  pigments,
})
export const tube = (id: string, paintId: string, more: Partial<Item> = {}): Item => ({
  id,
  v: 2,
  paintId,
  kind: 'tube',
  millilitres: 15,
  supply: 'open',
  remarks: [],
  ...more,
})
export const held = (name: string, pigments: string[] = [], millilitres = 5, maker = 'Skerry'): OfferedPaint => ({
  maker,
  name,
  pigments,
  millilitres,
  kind: 'tube',
})
export const single = (id: string, minor: number | undefined, of: OfferedPaint, more: Partial<Offer> = {}): Offer => ({
  id,
  holds: [of],
  ...(minor === undefined ? {} : { minor }),
  ...more,
})
export const shop = (id: string, offers: Offer[], more: Partial<Shop> = {}): Shop => ({
  id,
  v: 1,
  name: id,
  day: TODAY,
  currency: 'EUR',
  offers,
  ...more,
})
export const need = (key: string, more: Partial<Need> = {}): Need => ({
  key,
  name: key,
  pigments: [],
  reasons: [],
  weight: 10,
  onOrder: 0,
  anyMaker: false,
  ...more,
})
