import { fail, ok, type Result } from '../../result'
import { leastSquares } from './leastSquares'

/** A look at bare paper: where, 0..1 across and down the grid, and linear RGB there, 0..1. */
export interface PaperSample {
  u: number
  v: number
  rgb: readonly [number, number, number]
}
/** Light on bare paper, linear RGB, anywhere on the sheet. */
export type PaperLight = (u: number, v: number) => [number, number, number]

const ROUNDS = 12
const TUKEY = 4.685
const terms = (u: number, v: number) => [1, u, v, u * u, u * v, v * v]

/**
 * Light across the sheet from what paper shows through: the logarithm of each channel as a quadratic
 * in place, with outliers (paint, shadow, dirt) weighed down by Tukey's biweight. It balances white
 * and evens out the light at once.
 *
 * Errors: `paper-not-found` when hardly half of the samples agree on one paper.
 */
export function fitPaperLight(samples: readonly PaperSample[]): Result<{ light: PaperLight; agreeing: number }> {
  const rows = samples.map(({ u, v }) => terms(u, v))
  const logs = [0, 1, 2].map((c) => samples.map(({ rgb }) => Math.log(Math.max(1e-4, rgb[c]!))))
  const brightness = samples.map((_, i) => logs[0]![i]! + logs[1]![i]! + logs[2]![i]!)
  const upper = [...brightness].sort((p, q) => p - q)[Math.floor(samples.length * 0.55)] ?? 0
  let weights: number[] = brightness.map((b) => (b >= upper - 0.6 ? 1 : 0.05))
  let fits: number[][] = []
  for (let round = 0; round < ROUNDS; round += 1) {
    fits = logs.map((y) => leastSquares(rows, y, weights))
    const off = samples.map((_, i) =>
      Math.sqrt(fits.reduce((s, fit, c) => s + (logs[c]![i]! - value(fit, rows[i]!)) ** 2, 0)),
    )
    const scale = Math.max(0.02, median(off) / 0.6745)
    weights = off.map((o) => {
      const r = o / (TUKEY * scale)
      return r < 1 ? (1 - r * r) ** 2 : 0
    })
  }
  const off = samples.map((_, i) => Math.max(...fits.map((fit, c) => Math.abs(logs[c]![i]! - value(fit, rows[i]!)))))
  const agreeing = off.filter((o) => o < 0.12).length / samples.length
  if (!(agreeing > 0.5))
    return fail(
      'paper-not-found',
      'The paper between the swatches cannot be told from the paint. Leave bare paper between and around the swatches, keep all of it in view, and mark the grid anew.',
    )
  return ok({
    light: (u, v) => fits.map((fit) => Math.exp(value(fit, terms(u, v)))) as [number, number, number],
    agreeing,
  })
}

const value = (fit: readonly number[], row: readonly number[]) => fit.reduce((s, c, i) => s + c * row[i]!, 0)
const median = (list: readonly number[]) => [...list].sort((p, q) => p - q)[list.length >> 1] ?? 0
