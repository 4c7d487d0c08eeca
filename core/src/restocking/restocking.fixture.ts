import type { Item } from '../documents/item'
import type { Offer, OfferedPaint } from '../documents/offer'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import type { Shop } from '../documents/shop'
import type { Need } from './need'

export const TODAY = '2026-06-01'
export const paint = (id: string, name: string, pigments: string[] = [], maker = 'Skerry'): Paint => ({
  id,
  v: 1,
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
export const palette = (plan: Palette['plan']): Palette => ({
  id: 'tin',
  v: 1,
  name: 'Tin',
  use: 'travel',
  purpose: '',
  plan,
  holder: {
    id: 'h',
    name: 'H',
    outline: 'box',
    width: 100,
    height: 50,
    parts: [],
    places: ['A1', 'A2', 'A3'].map((id, i) => ({
      id,
      container: 'half pan' as const,
      depth: 8,
      shape: { kind: 'rect' as const, x: 20 * i, y: 0, width: 19, height: 16, corner: 1 },
    })),
  },
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
