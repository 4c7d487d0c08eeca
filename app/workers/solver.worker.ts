import { type HighsLike, solveWithHighs } from '@juxtachrome/core/restocking'
import loadHighs from 'highs'
import wasmUrl from 'highs/runtime?url'
import { workAs } from './workAs'

/** Solves linear models, and blocks while it does: a worker of its own, ended when its question is cancelled. */
let loading: Promise<HighsLike> | undefined
const highs = () => (loading ??= loadHighs({ locateFile: () => wasmUrl }) as unknown as Promise<HighsLike>)
workAs({ solve: async (model, options) => solveWithHighs(await highs(), model, options) })
