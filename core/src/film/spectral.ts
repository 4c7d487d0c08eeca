import { BANDS, WAVELENGTHS } from '../colour/bands'
import { labOfReflectance } from '../colour/tristimulus'
import { colourDifference } from '../colour/difference'
import { filmOnPaper, filmOver } from './kubelkaMunk'
import { outsideOf, type Sheet, WHITE_SHEET } from './sheet'
import { fail, ok, type Result } from '../result'
import { WASH_LOAD, WASH_SD } from './referenceFilm'

interface SpectralFilm {
  K: Float64Array
  S: Float64Array
  washLoad: number
  residual: { masstone?: number; wash?: number }
}

/**
 * A film from measured reflectance, band by band: K from the masstone, the wash, or both; one
 * scattering curve (falling with wavelength, as in the model) and one load of the wash for the whole
 * spectrum, those that explain both best.
 *
 * Errors: `bad-spectrum` (not 36 bands, or outside 0..1.2).
 */
export function filmFromSpectra(
  masstone: ArrayLike<number> | undefined,
  wash: ArrayLike<number> | undefined,
  scattering: number,
  on: Sheet = WHITE_SHEET,
): Result<SpectralFilm> {
  for (const spectrum of [masstone, wash])
    if (spectrum && !isReflectance(spectrum))
      return fail('bad-spectrum', `A spectrum holds ${BANDS} reflectances from 0 to 1.`)
  let best: { film: SpectralFilm; cost: number } | undefined
  for (const factor of masstone ? [0.5, 0.7, 1, 1.4, 2] : [1]) {
    const S = Float64Array.from(WAVELENGTHS, (nm) => scattering * factor * (nm / 550) ** -0.6)
    for (const washLoad of masstone && wash ? WASH_LOADS : [WASH_LOAD]) {
      const { K, missed } = solveBands(S, washLoad, on, masstone, wash)
      const cost = missed + 1e-4 * (Math.log(factor) ** 2 + (Math.log(washLoad / WASH_LOAD) / WASH_SD) ** 2)
      if (!best || cost < best.cost) best = { film: { K, S, washLoad, residual: {} }, cost }
    }
  }
  const { K, S, washLoad } = best!.film
  const off = (measured: ArrayLike<number>, load: number) =>
    colourDifference(labOfReflectance(measured), labOfReflectance(filmOnPaper(K, S, load, on)))
  return ok({
    K,
    S,
    washLoad,
    residual: { ...(masstone ? { masstone: off(masstone, 1) } : {}), ...(wash ? { wash: off(wash, washLoad) } : {}) },
  })
}

const WASH_LOADS = Array.from({ length: 25 }, (_, i) => 0.04 * 1.13 ** i)
export const isReflectance = (spectrum: ArrayLike<number>) =>
  spectrum.length === BANDS && Array.from(spectrum).every((r) => r >= 0 && r <= 1.2)

function solveBands(
  S: Float64Array,
  washLoad: number,
  on: Sheet,
  masstone?: ArrayLike<number>,
  wash?: ArrayLike<number>,
) {
  const K = new Float64Array(BANDS)
  const { ground } = on
  let missed = 0
  for (let i = 0; i < BANDS; i += 1) {
    const miss = (K_: number) => {
      const m = masstone ? outsideOf(filmOver(K_, S[i]!, 1, ground[i]!), on) - masstone[i]! : 0
      const w = wash ? outsideOf(filmOver(K_, S[i]!, washLoad, ground[i]!), on) - wash[i]! : 0
      return m * m + w * w
    }
    const log = goldenSection((x) => miss(Math.exp(x)), Math.log(1e-5), Math.log(60))
    K[i] = Math.exp(log)
    missed += miss(K[i]!)
  }
  return { K, missed }
}

/** The point where a function with one valley is least. */
function goldenSection(f: (x: number) => number, from: number, to: number): number {
  const ratio = (Math.sqrt(5) - 1) / 2
  let [low, high] = [from, to]
  for (let i = 0; i < 34; i += 1) {
    const p = high - ratio * (high - low)
    const q = low + ratio * (high - low)
    if (f(p) < f(q)) high = q
    else low = p
  }
  return (low + high) / 2
}
