import type { Optics } from '../../film/optics'
import { WHITE_SHEET, type Sheet } from '../../film/sheet'
import { NODES } from './nodes'

/** What all of these paints are shown on when they are mixed: what the first of them was painted on that says so. */
export const sheetOfAll = (optics: readonly Pick<Optics, 'on'>[]): Sheet => optics.find((o) => o.on)?.on ?? WHITE_SHEET

/** A sheet at the nodes; the surface as `surface + through * R / (1 - k2 R)`. */
export interface NodeSheet {
  ground: Float64Array
  surface: number
  through: number
  k2: number
}
export const groundAtNodes = ({ ground, k1, k2 }: Sheet): NodeSheet => ({
  ground: Float64Array.from(NODES, (n) => ground[n]!),
  surface: k1,
  through: (1 - k1) * (1 - k2),
  k2,
})
