import {
  readSwatchSheetInSteps,
  type SheetProgress,
  type SheetQuestion,
  type SheetReading,
} from '../paints/sheet/readSwatchSheet'
import { job } from './job'

/** Reads the swatches of a photographed sheet. */
export const readSwatchSheetJob = job<SheetQuestion, SheetProgress, SheetReading>({
  lane: 'long',
  run: (question) => readSwatchSheetInSteps(question),
})
