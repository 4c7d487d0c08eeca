import { fillingColours } from '../charts/fillingColours'
import type { Page } from '../charts/onPaper'
import { simulatePage, type PageConditions } from '../charts/photo/simulatePage'
import type { Corners } from '../paints/sheet/perspective'
import type { Pixels } from '../paints/sheet/readPatch'
import { atOnce, job } from './job'

export interface SimulatePageRequest {
  page: Page
  conditions: PageConditions
  /** Boxes painted with each other's paint, for trying the check. */
  exchanged?: readonly [number, number]
}

/** Makes up a photograph of a painted sheet, for trying. */
export const simulatePageJob = job<SimulatePageRequest, never, { image: Pixels; corners: Corners }>({
  lane: 'long',
  run: atOnce(({ page, conditions, exchanged }, reading) => {
    const coloursOf = fillingColours(reading)
    const at = (i: number) => (i === exchanged?.[0] ? exchanged[1] : i === exchanged?.[1] ? exchanged[0] : i)
    return simulatePage(
      page,
      (i) => {
        const { filling } = page.boxes[at(i)]!
        return coloursOf(filling.parts, filling.water === undefined ? [0, 2, 6] : [filling.water])
      },
      conditions,
    )
  }),
})
