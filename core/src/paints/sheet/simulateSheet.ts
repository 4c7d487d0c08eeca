import { ok, type Result } from '../../result'
import type { LabD65 } from '../../units'
import type { Corners } from './perspective'
import type { Pixels } from './readPatch'
import { linearOf, simulatePhoto, tilted, type SheetConditions } from './simulatePhoto'

export interface SimulatedSheet {
  image: Pixels
  corners: Corners
  rows: number
  columns: number
  gap: number
}

/**
 * A made-up photograph of a sheet of swatches on white paper, for trying the reader of sheets out and for
 * checking it against known truth. Colours outside sRGB are clipped, as a camera would. Deterministic for a seed.
 *
 * Errors: `corners-crossed` for a tilt beyond reason.
 */
export function simulateSheet(
  colours: readonly (LabD65 | undefined)[],
  columns: number,
  width: number,
  height: number,
  conditions: SheetConditions = {},
): Result<SimulatedSheet> {
  const { tilt = 0 } = conditions
  const rows = Math.ceil(colours.length / columns)
  const gap = 0.22
  const margin = 0.09
  const [left, right, top, bottom] = [width * margin, width * (1 - margin), height * margin, height * (1 - margin)]
  const corners = tilted({ left, top, right, bottom }, tilt)
  const painted = colours.map((c) => c && linearOf(c))
  const seen = (u: number, v: number) =>
    u < 1 && v < 1 && inCell(u * columns, v * rows, gap)
      ? painted[Math.floor(v * rows) * columns + Math.floor(u * columns)]
      : undefined
  const image = simulatePhoto({ width, height, corners, seen }, conditions)
  return image.ok ? ok({ image: image.value, corners, rows, columns, gap }) : image
}

function inCell(u: number, v: number, gap: number): boolean {
  if (u < 0 || v < 0) return false
  const [fu, fv] = [u - Math.floor(u), v - Math.floor(v)]
  return fu > gap / 2 && fu < 1 - gap / 2 && fv > gap / 2 && fv < 1 - gap / 2
}
