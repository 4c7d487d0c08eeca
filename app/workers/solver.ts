import type { Tools } from '@juxtachrome/core/jobs'
import { type HighsLike, solveWithHighs } from '@juxtachrome/core/restocking'
import loadHighs from 'highs'
import wasmUrl from 'highs/runtime?url'

let loading: Promise<HighsLike> | undefined
const highs = () => (loading ??= loadHighs({ locateFile: () => wasmUrl }) as unknown as Promise<HighsLike>)

/** Solves a linear model, and blocks while it does. */
export const solve: NonNullable<Tools['solve']> = async (model, options) =>
  solveWithHighs(await highs(), model, options)
