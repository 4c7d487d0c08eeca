import type { Spectrum } from '../colour/bands'

/** A quarter of the bands: about as wide as one band of absorption is. */
const STRONGEST = 9

/**
 * Tinting strength of a film: its mean absorption over the quarter of the bands where it absorbs most, per unit
 * load. It is what a part of a paint does in a mixture, whatever its hue. Above 0.
 */
export function strengthOf(K: Spectrum): number {
  const most = Float64Array.from(K).sort().subarray(-STRONGEST)
  return most.reduce((sum, k) => sum + k, 0) / STRONGEST
}

/** Strength of the weakest step. With it, a wash of 1:6 of the strongest still lets a little light through. */
const WEAKEST = 1.3

/**
 * The strength that a step of the trade's scale stands for, 1 weak to 4 very strong, halves where that much is
 * known: each step doubles what a part does (judgement; phthalo green tints some eight times as much as viridian).
 */
export const strengthOfStep = (step: number): number => WEAKEST * 2 ** (step - 1)

/** How far a paint may be from the step it is put on: a factor, one standard deviation (judgement). */
export const STEP_SD = Math.log(1.15)
