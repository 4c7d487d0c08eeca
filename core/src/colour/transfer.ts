/** Linear light, 0..1, to an sRGB channel, 0..1 (IEC 61966-2-1). */
export const encodeSrgb = (linear: number): number =>
  linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055

/** An sRGB channel, 0..1, to linear light, 0..1 (IEC 61966-2-1). */
export const decodeSrgb = (channel: number): number =>
  channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4
