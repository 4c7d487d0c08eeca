import type { Lane, Job } from './job'

/**
 * How each job is come by: fetched when it is first asked for, so that a worker starts small. A new job is a
 * file of its own and a line here.
 */
export const JOBS = {
  addOne: { lane: 'live', load: async () => (await import('./addOne')).addOneJob },
  arrangePalette: { lane: 'live', load: async () => (await import('./arrangePalette')).arrangePaletteJob },
  explainArrangement: { lane: 'live', load: async () => (await import('./explainArrangement')).explainArrangementJob },
  packTin: { lane: 'long', load: async () => (await import('./packTin')).packTinJob },
  readCollection: { lane: 'long', load: async () => (await import('./readCollection')).readCollectionJob },
  readPaintRows: { lane: 'live', load: async () => (await import('./readPaintRows')).readPaintRowsJob },
  readSpectra: { lane: 'long', load: async () => (await import('./readSpectra')).readSpectraJob },
  readSwatchSheet: { lane: 'long', load: async () => (await import('./readSwatchSheet')).readSwatchSheetJob },
  readTable: { lane: 'long', load: async () => (await import('./readTable')).readTableJob },
  readWorkbook: { lane: 'long', load: async () => (await import('./readWorkbook')).readWorkbookJob },
  readList: { lane: 'live', load: async () => (await import('./readList')).readListJob },
  recipesFromPaints: { lane: 'long', load: async () => (await import('./recipesFromPaints')).recipesFromPaintsJob },
  assessPalette: { lane: 'live', load: async () => (await import('./assessPalette')).assessPaletteJob },
  indexPart: { lane: 'long', load: async () => (await import('./indexPart')).indexPartJob },
  extractTargets: { lane: 'long', load: async () => (await import('./extractTargets')).extractTargetsJob },
  readColourList: { lane: 'live', load: async () => (await import('./readColourList')).readColourListJob },
  whoWould: { lane: 'live', load: async () => (await import('./whoWould')).whoWouldJob },
  proposeSwaps: { lane: 'live', load: async () => (await import('./proposeSwaps')).proposeSwapsJob },
  gatherNeeds: { lane: 'long', load: async () => (await import('./gatherNeeds')).gatherNeedsJob },
  readPriceList: { lane: 'live', load: async () => (await import('./readPriceList')).readPriceListJob },
  choosePalette: { lane: 'live', load: async () => (await import('./choosePalette')).choosePaletteJob },
  chooseFew: { lane: 'long', load: async () => (await import('./chooseFew')).chooseFewJob },
  proposePalettes: { lane: 'live', load: async () => (await import('./proposePalettes')).proposePalettesJob },
  reducePalette: { lane: 'live', load: async () => (await import('./reducePalette')).reducePaletteJob },
  answerList: { lane: 'long', load: async () => (await import('./answerList')).answerListJob },
  findStandIns: { lane: 'live', load: async () => (await import('./findStandIns')).findStandInsJob },
  substitutePalette: { lane: 'long', load: async () => (await import('./substitutePalette')).substitutePaletteJob },
  wantReplacing: { lane: 'long', load: async () => (await import('./wantReplacing')).wantReplacingJob },
  judgeConvenience: { lane: 'long', load: async () => (await import('./judgeConvenience')).judgeConvenienceJob },
  identifyPaint: { lane: 'live', load: async () => (await import('./identifyPaint')).identifyPaintJob },
  paintNext: { lane: 'live', load: async () => (await import('./paintNext')).paintNextJob },
  predictFillings: { lane: 'live', load: async () => (await import('./predictFillings')).predictFillingsJob },
  checkSheet: { lane: 'long', load: async () => (await import('./checkSheet')).checkSheetJob },
  findGrid: { lane: 'long', load: async () => (await import('./findGrid')).findGridJob },
  solvePurchases: { lane: 'solver', load: async () => (await import('./solvePurchases')).solvePurchasesJob },
  readPixels: { lane: 'pixels', load: async () => (await import('./readPixels')).readPixelsJob },
  simulatePage: { lane: 'long', load: async () => (await import('./simulatePage')).simulatePageJob },
  simulateSheet: { lane: 'long', load: async () => (await import('./simulateSheet')).simulateSheetJob },
} as const satisfies Record<string, { lane: Lane; load: () => Promise<unknown> }>

export type JobName = keyof typeof JOBS
type JobOf<N extends JobName> = Awaited<ReturnType<(typeof JOBS)[N]['load']>>
export type RequestOf<N extends JobName> = JobOf<N> extends Job<infer Request, infer _P, infer _V> ? Request : never
export type ProgressOf<N extends JobName> = JobOf<N> extends Job<infer _R, infer Progress, infer _V> ? Progress : never
export type ValueOf<N extends JobName> = JobOf<N> extends Job<infer _R, infer _P, infer Value> ? Value : never
