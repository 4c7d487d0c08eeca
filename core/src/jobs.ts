import { recipesFromPaints, type PaintRecipes, type PaintsQuestion } from './mixing/recipes/recipesFromPaints'
import type { RecipeProgress } from './mixing/recipes/findRecipes'
import { readSwatchSheet, type SheetProgress, type SheetQuestion, type SheetReading } from './paints/sheet/readSwatchSheet'
import { readSpectra, type SpectralFile } from './paints/readSpectra'
import { arrangeInOrder, type Arrangement, type OrderProgress, type OrderRequest } from './arranging/order'
import { readCollection, type Collection, type ReadProgress } from './documents/collectionFile'
import { readTable, type Table } from './paints/readTable'
import type { Result } from './result'

/** What a worker may be asked. The worker and its client import this one file. */
export interface Jobs {
  arrangeInOrder: { request: OrderRequest; progress: OrderProgress; value: Arrangement }
  readCollection: { request: { text: string }; progress: ReadProgress; value: Collection }
  recipesFromPaints: { request: PaintsQuestion; progress: RecipeProgress; value: PaintRecipes }
  readSwatchSheet: { request: SheetQuestion; progress: SheetProgress; value: SheetReading }
  readSpectra: { request: { text: string }; progress: never; value: SpectralFile }
  readTable: { request: { text: string }; progress: never; value: Table }
}
export type JobName = keyof Jobs

export type Running<N extends JobName> = Generator<Jobs[N]['progress'], Result<Jobs[N]['value']>>

/** How each job is run: a generator that yields progress, so that it can be stopped between two steps. */
export const RUNNERS: { readonly [N in JobName]: (request: Jobs[N]['request']) => Running<N> } = {
  arrangeInOrder,
  recipesFromPaints,
  readSwatchSheet,
  // eslint-disable-next-line require-yield
  *readSpectra({ text }) {
    return readSpectra(text)
  },
  readCollection: ({ text }) => readCollection(text),
  // eslint-disable-next-line require-yield
  *readTable({ text }) {
    return readTable(text)
  },
}

/** Messages to the worker. */
export type ToWorker = { type: 'run'; id: number; name: JobName; request: unknown } | { type: 'cancel'; id: number }
/** Messages from the worker. */
export type FromWorker =
  | { type: 'progress'; id: number; progress: unknown }
  | { type: 'done'; id: number; result: Result<unknown> }
