import { CLIMATE_ROWS } from './practice.generated'

/** The air in which paint dries. */
export interface Climate {
  /** Degrees Celsius, -10..45. */
  temperature: number
  /** Relative humidity, 0..100 %. */
  humidity: number
}

/** As painters speak of it; what is behind the word can be typed instead (judgement). */
export const CLIMATES = CLIMATE_ROWS satisfies Record<string, Climate>
export type ClimateName = keyof typeof CLIMATES

/**
 * Pressure of saturated water vapour over water, kPa (O. A. Alduchov and R. E. Eskridge, Improved Magnus form
 * approximation of saturation vapor pressure, J. Appl. Meteor. 35 (1996) 601-609).
 */
export const saturation = (celsius: number): number => 0.61094 * Math.exp((17.625 * celsius) / (243.04 + celsius))

/** What the air can still take up, kPa: water leaves a surface about in proportion to it (Dalton). */
export const dryness = ({ temperature, humidity }: Climate): number =>
  saturation(temperature) * (1 - Math.min(99, Math.max(0, humidity)) / 100)

const TEMPERATE = dryness(CLIMATES.temperate)

/**
 * How many times longer paint takes to dry than in temperate air, 0.3..5: only the first of it goes by the air, the rest
 * by how water comes through the skin, so the square root of the ratio is taken (judgement).
 */
export const slowness = (climate: Climate): number =>
  Math.min(5, Math.max(0.3, Math.sqrt(TEMPERATE / Math.max(1e-3, dryness(climate)))))
