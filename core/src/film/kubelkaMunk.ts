import { outsideOf, WHITE_SHEET, type Sheet } from './sheet'

/**
 * A film of paint over paper, two-constant Kubelka-Munk at finite load, one wavelength at a time
 * (Kubelka 1948, J. Opt. Soc. Am. 38, 448-457, in rational form, so that S -> 0 is no special case):
 *
 *     g = sqrt(K (K + 2S));  t = tanh(g X) / g
 *     R = (Rg + (S - (K + S) Rg) t) / (1 + (K + S - S Rg) t)
 *
 * K, S absorption and scattering per unit load, 0 upward; X the load, 0 upward, 1 at masstone; Rg what lies below, 0..1.
 */

/** tanh(gX)/g, the depth that light works through; X where there is nothing to absorb or scatter. */
export function depthOf(K: number, S: number, X: number): number {
  const g = Math.sqrt(K * (K + 2 * S))
  return g < 1e-9 ? X : Math.tanh(g * X) / g
}

/** Reflectance inside a film over a ground of inner reflectance Rg, 0..1. */
export function filmOver(K: number, S: number, X: number, Rg: number): number {
  const t = depthOf(K, S, X)
  return (Rg + (S - (K + S) * Rg) * t) / (1 + (K + S - S * Rg) * t)
}

/** Reflectance of an infinitely thick film, 0..1 (Kubelka and Munk 1931, Z. techn. Phys. 12). */
export function thickFilm(K: number, S: number): number {
  if (S === 0) return K === 0 ? 1 : 0
  const ks = K / S
  return 1 + ks - Math.sqrt(ks * ks + 2 * ks)
}

/** Measured reflectance of a film on a sheet, per band, 0..1. */
export function filmOnPaper(
  K: ArrayLike<number>,
  S: ArrayLike<number>,
  load: number,
  sheet: Sheet = WHITE_SHEET,
  into = new Float64Array(K.length),
): Float64Array {
  for (let i = 0; i < into.length; i += 1) into[i] = outsideOf(filmOver(K[i]!, S[i]!, load, sheet.ground[i]!), sheet)
  return into
}
