import { labOfReflectance, type Light } from '../colour/tristimulus'
import type { Spectrum } from '../colour/bands'
import { filmOver } from '../film/kubelkaMunk'
import { loadAt, type Optics } from '../film/optics'
import { outsideOf, WHITE_SHEET, type Sheet } from '../film/sheet'
import { fail, ok, type Result } from '../result'
import type { LabD65 } from '../units'

/** One wash of a glaze: a paint or a mixture, and its parts of water. */
export interface Layer {
  optics: Optics
  water: number
}
/** No more washes than these lie over each other; beyond it nobody lays them on. */
const MOST_LAYERS = 5

/**
 * Washes laid over each other once the one below is dry, the lowest first: each film over what lies below it
 * (Kubelka 1948: the ground of a film may be any other film). Nothing is dissolved: what lifts is said elsewhere.
 *
 * @returns measured reflectance, 36 bands, 0..1.
 *
 * Errors: `no-layer` (none, or more than five), `bad-water` (not a number from 0 upward).
 */
export function glazedReflectance(layers: readonly Layer[], sheet?: Sheet): Result<Spectrum> {
  if (layers.length === 0 || layers.length > MOST_LAYERS)
    return fail('no-layer', `A glaze has one to ${MOST_LAYERS} washes.`)
  if (layers.some(({ water }) => !Number.isFinite(water) || water < 0))
    return fail('bad-water', 'Parts of water are a number from 0 upward.')
  const on = sheet ?? layers.find(({ optics }) => optics.on)?.optics.on ?? WHITE_SHEET
  const below = Float64Array.from(on.ground)
  for (const { optics, water } of layers) {
    const load = loadAt(optics, water)
    for (let i = 0; i < below.length; i += 1) below[i] = filmOver(optics.K[i]!, optics.S[i]!, load, below[i]!)
  }
  return ok(below.map((inside) => outsideOf(inside, on)))
}

/** The colour of a glaze, by daylight or by a lamp. Errors: as `glazedReflectance`. */
export function glazedColour(layers: readonly Layer[], light?: Light): Result<LabD65> {
  const reflectance = glazedReflectance(layers)
  return reflectance.ok ? ok(labOfReflectance(reflectance.value, light)) : reflectance
}
