import type { Spectrum } from '../colour/bands'

/** A quarter of the bands: about as wide as one band of absorption is. */
const STRONGEST = 9

/**
 * How strongly a film absorbs: its mean absorption over the quarter of the bands where it absorbs most, per unit
 * load, whatever its hue. Above 0.
 */
export function strengthOf(K: Spectrum): number {
  const most = Float64Array.from(K).sort().subarray(-STRONGEST)
  return most.reduce((sum, k) => sum + k, 0) / STRONGEST
}

/** What a part of the weakest step does; with it a tint of one in ten of titanium white is as deep as painters see it (tests/published/trade.ts). */
const WEAKEST = 0.75
/** Each step of the trade's scale; over the five of them a part does thirty times as much (judgement). */
const STEP = 2.34

/** The tinting strength that a step of the trade's scale stands for, 1 weak to 5 overwhelming, halves where that much is known. */
export const strengthOfStep = (step: number): number => WEAKEST * STEP ** (step - 1)

/** A strength against that of the weakest step: 1 for viridian, some thirty for phthalo blue. */
export const strengthNumber = (strength: number): number => strength / WEAKEST
