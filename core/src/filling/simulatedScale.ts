import { randomFrom } from '../random'

export interface OnTheScale {
  /** What is in it, ml, and what that weighs, g/ml. */
  millilitres: number
  density: number
  /** Tube and cap, g. */
  empty: number
  seed: number
}

/** What an empty tube of a size weighs with its cap, g (judgement: aluminium; weigh one of yours). */
export const emptyTube = (millilitres: number): number => Math.round((3 + 0.15 * millilitres) * 10) / 10

/** A kitchen scale that shows tenths of a gram and is off by up to two of them; the same for the same seed. */
export function simulatedScale({ millilitres, density, empty, seed }: OnTheScale): number {
  const off = Math.round(randomFrom(seed)() * 4 - 2) / 10
  return Math.max(0, Math.round((empty + millilitres * density + off) * 10) / 10)
}
