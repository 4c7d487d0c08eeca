/** Number of wavelength bands of every spectrum in core. */
export const BANDS = 36
export const FIRST_NM = 380
export const STEP_NM = 10

/** Middle of each band, nm: 380, 390 … 730. */
export const WAVELENGTHS: readonly number[] = Array.from({ length: BANDS }, (_, i) => FIRST_NM + STEP_NM * i)

/** A spectrum over the 36 bands: reflectance 0..1, or absorption or scattering per unit load, 0 upward. */
export type Spectrum = Float64Array

export const emptySpectrum = (): Spectrum => new Float64Array(BANDS)
