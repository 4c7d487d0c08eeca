import type { SheetConditions } from '../paints/sheet/simulatePhoto'
import { simulateSheet, type SimulatedSheet } from '../paints/sheet/simulateSheet'
import type { LabD65 } from '../units'
import { atOnce, job } from './job'

export interface SimulateRequest {
  colours: readonly (LabD65 | undefined)[]
  columns: number
  width: number
  height: number
  conditions: SheetConditions
}

/** Makes up a photographed sheet, for trying. */
export const simulateSheetJob = job<SimulateRequest, never, SimulatedSheet>({
  lane: 'long',
  run: atOnce(({ colours, columns, width, height, conditions }) =>
    simulateSheet(colours, columns, width, height, conditions),
  ),
})
