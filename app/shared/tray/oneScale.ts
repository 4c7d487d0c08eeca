import type { Palette } from '@juxtachrome/core/documents'

/** Not larger than this, however small all of them are. */
const MOST = 2

/** Pixels to a millimetre at which palettes that lie beside each other are all drawn, so that the widest fits. */
export const oneScale = (palettes: readonly Pick<Palette, 'holder'>[], room: number): number =>
  Math.min(MOST, room / Math.max(1, ...palettes.map((p) => p.holder.width)))
