import { fillingColours, watersOf } from '../charts/fillingColours'
import { checkPhoto, type PhotoChecked } from '../charts/photo/checkPhoto'
import { knownBoxes } from '../charts/photo/knownBoxes'
import { frameOf, readPage } from '../charts/photo/readPage'
import type { Page } from '../charts/onPaper'
import { findMarks } from '../paints/sheet/findMarks'
import type { Corners } from '../paints/sheet/perspective'
import type { Pixels } from '../paints/sheet/readPatch'
import { fail, ok, type Result } from '../result'
import { job } from './job'

export interface CheckRequest {
  image: Pixels
  page: Pick<Page, 'boxes' | 'content' | 'corners'>
  /** Corners laid by hand; found by the marks of the sheet without. */
  corners?: Corners
}

export interface SheetChecked extends PhotoChecked {
  corners: Corners
  cautions: string[]
  /** How many boxes of known colour took the camera's tone curve out. */
  toned: number
}

/**
 * Holds a photograph of a printed and painted sheet against what should be there.
 * Errors: those of `findMarks` and `readPage`, `no-marks` (a sheet printed without marks, and no corners laid).
 */
export const checkSheetJob = job<CheckRequest, { done: number; of: number }, SheetChecked>({
  lane: 'long',
  *run({ image, page, corners: laid }, reading): Generator<{ done: number; of: number }, Result<SheetChecked>> {
    if (!laid && !page.corners)
      return fail('no-marks', 'This sheet is printed without marks. Lay the corners on the edges of what is drawn.')
    const frame = frameOf(page)
    const corners = laid ? ok(laid) : findMarks(image, frame.width / frame.height)
    if (!corners.ok) return corners
    const known = knownBoxes(page.boxes, (id) => reading.get('paints', id))
    const read = yield* readPage({ image, page, corners: corners.value, known })
    if (!read.ok) return read
    const coloursOf = fillingColours(reading)
    const expected = page.boxes.map(({ filling }) => coloursOf(filling.parts, watersOf(filling)))
    const checked = checkPhoto({ boxes: page.boxes, expected, read: read.value.boxes })
    const { cautions, toned } = read.value
    return ok({ ...checked, corners: corners.value, cautions, toned })
  },
})
