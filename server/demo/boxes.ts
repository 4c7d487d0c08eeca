import type { KeptBlend, OwnHolder, Place } from '@juxtachrome/core/documents'

const pan = (id: string, x: number, y: number, isFull = false): Place => ({
  id,
  container: isFull ? 'full pan' : 'half pan',
  depth: 8,
  shape: { kind: 'rect', x, y, width: isFull ? 19 : 16, height: isFull ? 30 : 19, corner: 1 },
})

/** A box that the painter made of a biscuit tin: twelve half pans round a surface, two full ones, a hole for the thumb. */
export const DEMO_BOXES: readonly OwnHolder[] = [
  {
    id: 'demo-biscuit-tin',
    v: 1,
    name: 'Biscuit tin for the skiff',
    outline: 'box',
    width: 150,
    height: 110,
    places: [
      ...Array.from({ length: 6 }, (_, i) => pan(`A${i + 1}`, 6 + 17 * i, 6)),
      ...Array.from({ length: 6 }, (_, i) => pan(`B${i + 1}`, 6 + 17 * i, 85)),
      pan('C1', 125, 6, true),
      pan('C2', 125, 74, true),
    ],
    parts: [
      { kind: 'mixing', shape: { kind: 'rect', x: 6, y: 29, width: 101, height: 52, corner: 3 } },
      { kind: 'hold', shape: { kind: 'circle', x: 132, y: 55, radius: 11 } },
    ],
  },
]

export const DEMO_BLENDS: readonly KeptBlend[] = [
  {
    id: 'demo-fog-first',
    v: 1,
    name: 'fog first',
    blend: { value: 0.5, textures: 1, whites: 0.6, gap: 0.8, wheel: 0.3 },
  },
]

/** Paints that are never to lie side by side, by the palette in which they lie. */
export const DEMO_APART: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  'hut-palette': [['H:Lemon yellow', 'S:Phthalo green blue shade']],
}
