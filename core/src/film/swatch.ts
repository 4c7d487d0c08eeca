import type { Transparency } from '../pigments/scales'
import { labD65, type LabD65 } from '../units'
import { SURFACE, sheetOfPaper, type Sheet } from './sheet'

/** Where a swatch's colour comes from; it decides how far it can be trusted. */
export const SWATCH_SOURCES = ['reader', 'spectrum', 'photo', 'typed', 'picked', 'memory'] as const
export type SwatchSource = (typeof SWATCH_SOURCES)[number]

/** The paper that a swatch was painted on: its CIELAB, and its surface where that was found. */
export interface SwatchPaper {
  L: number
  a: number
  b: number
  k1?: number
  k2?: number
}

/** The colour of a dry swatch: CIELAB under D65, 2 degree observer, and how it was come by. */
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
  /** What it was painted on; bright white paper where nothing is said. */
  on?: SwatchPaper
}
/** A wash beside the usual one, with its parts of water to one of paint where they were counted. */
export interface OpticalWash extends OpticalSwatch {
  water?: number
}

/** What of a paint its film depends on. */
export interface OpticalPaint {
  /** Colour Index generic names. */
  pigments: readonly string[]
  /** Its name, which tells the variants of a code apart: `Burnt umber`. */
  name?: string
  masstone?: OpticalSwatch
  wash?: OpticalSwatch
  /** Further washes, each with its own water. */
  washes?: readonly OpticalWash[]
  transparency?: Transparency
  /** What it is bound for; watercolour where nothing is said. */
  medium?: string
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

/** The sheet that a swatch lies on. */
export const sheetOfSwatch = ({ on }: Pick<OpticalSwatch, 'on'>): Sheet | undefined =>
  on && sheetOfPaper(labD65(on.L, on.a, on.b), { k1: on.k1 ?? SURFACE.k1, k2: on.k2 ?? SURFACE.k2 })
