import { BANDS, WAVELENGTHS, type Spectrum } from '../colour/bands'
import { labOfReflectance, xyzOfLab, xyzOfReflectance } from '../colour/tristimulus'
import { solveThree } from '../solveThree'
import { labD65, type LabD65 } from '../units'

/** What the surface of a dry film does to light that comes in and to light that goes out, each 0..1. */
export interface Surface {
  /** Sent back before it enters. */
  k1: number
  /** Sent back inside on its way out. */
  k2: number
}
/** What a film lies on, and its surface. */
export interface Sheet extends Surface {
  /** What the paper sends back, seen from within the film, 36 bands, 0..1. */
  ground: Spectrum
}

/** Matt watercolour: two hundredths come back from the surface, and nothing is held inside (judgement). */
export const SURFACE: Surface = { k1: 0.02, k2: 0 }
/** Reflectance of bright watercolour paper, 0..1, flat over the spectrum (judgement). */
export const PAPER = 0.93
/** A black line of waterproof ink, for the test of covering power (judgement). */
export const BLACK_LINE = 0.045

/**
 * From inside the film to what is measured: k1 + (1 - k1)(1 - k2) R / (1 - k2 R)
 * (Saunderson 1942, J. Opt. Soc. Am. 32, 727-736).
 */
export const outsideOf = (inside: number, { k1, k2 }: Surface = SURFACE): number =>
  k1 + ((1 - k1) * (1 - k2) * inside) / (1 - k2 * inside)
/** From measured reflectance to what holds inside the film, without the surface's share; never below 0. */
export function insideOf(measured: number, { k1, k2 }: Surface = SURFACE): number {
  const through = Math.max(0, measured - k1)
  return through / ((1 - k1) * (1 - k2) + k2 * through)
}

/** A sheet of measured reflectance, 36 bands or the same in all. */
export function sheetOf(reflectance: number | Spectrum, surface: Surface = SURFACE): Sheet {
  const at = (i: number) => insideOf(typeof reflectance === 'number' ? reflectance : reflectance[i]!, surface)
  return { ...surface, ground: Float64Array.from({ length: BANDS }, (_, i) => at(i)) }
}
/** Bright white watercolour paper. */
export const WHITE_SHEET: Sheet = sheetOf(PAPER)
/** A black line on it. */
export const BLACK_SHEET: Sheet = sheetOf(BLACK_LINE)

/** Papers that are met most (judgement, from memory); anything else is read or typed. */
export const PAPERS = {
  white: labOfReflectance(new Float64Array(BANDS).fill(PAPER)),
  natural: labD65(95.4, 0, 4.2),
  cream: labD65(93, 0.6, 10),
} as const
export type PaperName = keyof typeof PAPERS

/** What papers differ by: how light they are, how much of the short waves they keep back, how they run to the long ones. */
const BASIS = [
  Float64Array.from(WAVELENGTHS, () => 1),
  Float64Array.from(WAVELENGTHS, (nm) => -1 / (1 + Math.exp((nm - 455) / 28))),
  Float64Array.from(WAVELENGTHS, (nm) => (nm - 555) / 175),
]
const MOST_PAPER = 0.99
const papers = new Map<string, Spectrum>()

/**
 * The reflectance of a paper of some colour, 36 bands: the one combination of a level, a loss at short waves and a run
 * to the long ones that has this colour (X, Y, Z are linear in it). Beyond what paper can be it is cut off.
 */
export function paperOfColour(lab: LabD65): Spectrum {
  const key = `${lab.L} ${lab.a} ${lab.b}`
  const known = papers.get(key)
  if (known) return known
  const columns = BASIS.map((b) => xyzOfReflectance(b))
  const { X, Y, Z } = xyzOfLab(lab)
  const c = solveThree(
    (['X', 'Y', 'Z'] as const).map((row) => columns.map((column) => column[row])),
    [X, Y, Z],
  )
  const spectrum = Float64Array.from(WAVELENGTHS, (_, i) =>
    Math.max(
      0.02,
      Math.min(
        MOST_PAPER,
        c.reduce((sum, weight, j) => sum + weight * BASIS[j]![i]!, 0),
      ),
    ),
  )
  papers.set(key, spectrum)
  return spectrum
}

const sheets = new Map<string, Sheet>()
/** A sheet of paper of some colour under a surface; the same object for the same figures. */
export function sheetOfPaper(paper: LabD65, surface: Surface = SURFACE): Sheet {
  const key = `${paper.L} ${paper.a} ${paper.b} ${surface.k1} ${surface.k2}`
  const sheet = sheets.get(key) ?? sheetOf(paperOfColour(paper), surface)
  sheets.set(key, sheet)
  return sheet
}
