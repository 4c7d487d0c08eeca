import { clampChroma, converter, formatHex, inGamut, parseHex } from 'culori/fn'
import './spaces'
import { labD65, type LabD65 } from '../units'
import { fail, ok, type Result } from '../result'

const toRgb = converter('rgb')
const toLab65 = converter('lab65')
const insideSrgb = inGamut('rgb')

export interface ScreenColour {
  /** `#rrggbb` in sRGB. */
  hex: string
  /** False when sRGB cannot show the colour; `hex` is then the nearest of less chroma. */
  shown: boolean
}

/**
 * A colour as a screen can show it: D65 CIELAB to sRGB (IEC 61966-2-1), by culori. Out of
 * gamut, chroma is lowered at constant hue and lightness until it fits.
 */
export function toScreen(lab: LabD65): ScreenColour {
  const colour = { mode: 'lab65', l: lab.L, a: lab.a, b: lab.b } as const
  const rgb = toRgb(colour)
  // a hundredth of an 8-bit step, so that exact sRGB colours survive the round trip
  const shown = [rgb.r, rgb.g, rgb.b].every((v) => v > -4e-5 && v < 1 + 4e-5) || insideSrgb(rgb)
  return { hex: formatHex(shown ? rgb : toRgb(clampChroma(colour, 'lch65'))), shown }
}

/** sRGB `#rgb` or `#rrggbb` to CIELAB under D65. */
export function fromHex(text: string): Result<LabD65> {
  const hex = /^#?([0-9a-f]{3}|[0-9a-f]{6})$/i.exec(text.trim())
  const parsed = hex && parseHex(`#${hex[1]}`)
  if (!parsed) return fail('not-a-colour', `“${text.slice(0, 40)}” is not a colour such as #3b5c7a.`)
  const lab = toLab65(parsed)
  return ok(labD65(lab.l, lab.a ?? 0, lab.b ?? 0))
}
