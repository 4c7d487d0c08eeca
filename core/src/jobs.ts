import type { Arrangement, OrderProgress, OrderRequest } from './arranging/order'
import type { Collection, ReadProgress } from './documents/collectionFile'
import type { RecipeProgress } from './mixing/recipes/findRecipes'
import type { PaintRecipes, PaintsQuestion } from './mixing/recipes/recipesFromPaints'
import type { SpectralFile } from './paints/readSpectra'
import type { Table } from './paints/readTable'
import type { SheetProgress, SheetQuestion, SheetReading } from './paints/sheet/readSwatchSheet'
import type { SheetConditions, SimulatedSheet } from './paints/sheet/simulateSheet'
import type { Result } from './result'
import type { LabD65 } from './units'

/** What a worker may be asked. The worker and its client import this one file. */
export interface Jobs {
  arrangeInOrder: { request: OrderRequest; progress: OrderProgress; value: Arrangement }
  readCollection: { request: { text: string }; progress: ReadProgress; value: Collection }
  recipesFromPaints: { request: PaintsQuestion; progress: RecipeProgress; value: PaintRecipes }
  readSwatchSheet: { request: SheetQuestion; progress: SheetProgress; value: SheetReading }
  simulateSheet: {
    request: {
      colours: readonly (LabD65 | undefined)[]
      columns: number
      width: number
      height: number
      conditions: SheetConditions
    }
    progress: never
    value: SimulatedSheet
  }
  readSpectra: { request: { text: string }; progress: never; value: SpectralFile }
  readTable: { request: { text: string }; progress: never; value: Table }
}
export type JobName = keyof Jobs

export type Running<N extends JobName> = Generator<Jobs[N]['progress'], Result<Jobs[N]['value']>>

export type Runner<N extends JobName> = (request: Jobs[N]['request']) => Running<N>

/** A job of a single step. */
const atOnce = <N extends JobName>(work: (request: Jobs[N]['request']) => Result<Jobs[N]['value']>): Runner<N> =>
  // eslint-disable-next-line require-yield
  function* (request) {
    return work(request)
  }

/**
 * How each job is run: a generator that yields progress, so that it can be stopped between two
 * steps. Each is fetched when it is first asked for, so that a worker starts small.
 */
export const RUNNERS: { readonly [N in JobName]: () => Promise<Runner<N>> } = {
  arrangeInOrder: async () => (await import('./arranging/order')).arrangeInOrder,
  recipesFromPaints: async () => (await import('./mixing/recipes/recipesFromPaints')).recipesFromPaints,
  readSwatchSheet: async () => (await import('./paints/sheet/readSwatchSheet')).readSwatchSheetInSteps,
  simulateSheet: async () => {
    const { simulateSheet } = await import('./paints/sheet/simulateSheet')
    return atOnce<'simulateSheet'>(({ colours, columns, width, height, conditions }) =>
      simulateSheet(colours, columns, width, height, conditions),
    )
  },
  readSpectra: async () => {
    const { readSpectra } = await import('./paints/readSpectra')
    return atOnce<'readSpectra'>(({ text }) => readSpectra(text))
  },
  readCollection: async () => {
    const { readCollection } = await import('./documents/collectionFile')
    return ({ text }) => readCollection(text)
  },
  readTable: async () => {
    const { readTable } = await import('./paints/readTable')
    return atOnce<'readTable'>(({ text }) => readTable(text))
  },
}

/** Messages to the worker. */
export type ToWorker = { type: 'run'; id: number; name: JobName; request: unknown } | { type: 'cancel'; id: number }
/** Messages from the worker. */
export type FromWorker =
  { type: 'progress'; id: number; progress: unknown } | { type: 'done'; id: number; result: Result<unknown> }
