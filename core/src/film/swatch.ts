import type { Transparency } from '../pigments/scales'
import { labD65, type LabD65 } from '../units'

/** Where a swatch's colour comes from; it decides how far it can be trusted. */
export const SWATCH_SOURCES = ['reader', 'spectrum', 'photo', 'typed', 'picked', 'memory'] as const
export type SwatchSource = (typeof SWATCH_SOURCES)[number]

/** The colour of a dry swatch on white paper: CIELAB under D65, 2 degree observer, and how it was come by. */
export interface OpticalSwatch {
  L: number
  a: number
  b: number
  source: SwatchSource
  /** One standard deviation, CIEDE2000. */
  sd?: number
  /** Reflectance of 36 bands, 0..1. */
  spectrum?: readonly number[]
  /** Made up to try something out: no measurement. */
  simulated?: boolean
}

/** What of a paint its film depends on. */
export interface OpticalPaint {
  /** Colour Index generic names. */
  pigments: readonly string[]
  /** Its name, which tells the variants of a code apart: `Burnt umber`. */
  name?: string
  masstone?: OpticalSwatch
  wash?: OpticalSwatch
  transparency?: Transparency
  /** Fluorescent and the like: outside the model. */
  effect?: string
  /** Code -> the colour that this paint has of those that the code covers. */
  variants?: Readonly<Record<string, string>>
}

/** The colour of a swatch; undefined where there is none. */
export function labOfSwatch(swatch: Pick<OpticalSwatch, 'L' | 'a' | 'b'>): LabD65
export function labOfSwatch(swatch: Pick<OpticalSwatch, 'L' | 'a' | 'b'> | undefined): LabD65 | undefined
export function labOfSwatch(swatch: Pick<OpticalSwatch, 'L' | 'a' | 'b'> | undefined): LabD65 | undefined {
  return swatch && labD65(swatch.L, swatch.a, swatch.b)
}
