import type { Palette } from './palette'

/** A tin of three places, planned as is said. */
export const tinWith = (plan: Palette['plan']): Palette => ({
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
