import { labD65, type LabD65 } from '../units'
import type { TargetTable } from './targetTable'

/** Lightness of the wheels of the lattice, L*, darkest first. */
export const WHEELS = [20, 30, 40, 50, 60, 70, 80, 90] as const
/** Those that are shown where there is room for three: a dark, a middle and a light one. */
export const SHOWN_WHEELS: readonly [number, number, number] = [1, 3, 6]
/** Rings of a wheel around its grey middle. */
export const RINGS = 6
/** How far apart two rings are, CIEDE2000: the chroma weight of CIEDE2000, integrated from grey outward. */
const RING_STEP = 6

/** C* of a ring, 0 in the middle: the integral of dC / (1 + 0.045 C) grows evenly (CIEDE2000, S_C). */
export const chromaOfRing = (ring: number): number => (Math.exp(0.045 * RING_STEP * ring) - 1) / 0.045
/** Cells of a ring: six more on each. */
export const cellsOfRing = (ring: number): number => (ring === 0 ? 1 : 6 * ring)
export const CELLS_PER_WHEEL = 1 + 3 * RINGS * (RINGS + 1)

/** One cell of the lattice: a wheel, a ring and a place on it, counted by rising hue from 0 degrees. */
export interface LatticeCell {
  wheel: number
  ring: number
  place: number
}

/** Number of a cell among all targets of the lattice. */
export const cellNumber = ({ wheel, ring, place }: LatticeCell): number =>
  wheel * CELLS_PER_WHEEL + (ring === 0 ? 0 : 1 + 3 * ring * (ring - 1) + place)

/** Hue of a cell's middle, degrees. */
export const hueOfCell = ({ ring, place }: LatticeCell): number => (place * 360) / cellsOfRing(ring)

/** Every cell in the order of its number. */
export const LATTICE: readonly LatticeCell[] = WHEELS.flatMap((_, wheel) =>
  Array.from({ length: RINGS + 1 }, (__, ring) =>
    Array.from({ length: cellsOfRing(ring) }, (___, place) => ({ wheel, ring, place })),
  ).flat(),
)

export function labOfCell(cell: LatticeCell): LabD65 {
  const h = (hueOfCell(cell) * Math.PI) / 180
  const C = chromaOfRing(cell.ring)
  return labD65(WHEELS[cell.wheel]!, C * Math.cos(h), C * Math.sin(h))
}

/**
 * Colours spread evenly over all that paint on paper might be, as the eye judges differences: eight wheels of hue and
 * chroma. What of it a collection reaches is "everything it can mix".
 */
export const EVERYTHING: TargetTable = {
  name: 'everything the collection can mix',
  targets: LATTICE.map((cell) => ({ lab: labOfCell(cell), weight: 1 })),
}
