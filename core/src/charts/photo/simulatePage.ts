import type { Corners } from '../../paints/sheet/perspective'
import { gridToImage } from '../../paints/sheet/perspective'
import type { Pixels } from '../../paints/sheet/readPatch'
import { linearOf, simulatePhoto, tilted, type SheetConditions } from '../../paints/sheet/simulatePhoto'
import { ok, type Result } from '../../result'
import type { LabD65 } from '../../units'
import { DISC, HOLE, type Page } from '../onPaper'
import { frameOf } from './readPage'

export interface PageConditions extends SheetConditions {
  /** Pixels of the longer side, 400..3000. */
  pixels?: number
  /** Photographed upside down. */
  upsideDown?: boolean
  /** A shadow over the left part, share of the light that is left, 0..1. */
  shadow?: number
}

const INK: readonly [number, number, number] = [0.03, 0.03, 0.03]
const TABLE: readonly [number, number, number] = [0.2, 0.17, 0.14]

/**
 * A made-up photograph of a printed and painted sheet on a table: for trying the check of photographs out, and for
 * holding it against known truth. `painted` gives the colours along a box from left to right; none where it is empty.
 * `corners` are those of the frame, in pixels.
 *
 * Errors: `corners-crossed`.
 */
export function simulatePage(
  page: Page,
  painted: (box: number) => readonly LabD65[],
  conditions: PageConditions = {},
): Result<{ image: Pixels; corners: Corners }> {
  const { pixels = 1600, upsideDown = false, tilt = 0, shadow = 1 } = conditions
  const scale = pixels / Math.max(page.width, page.height)
  const [width, height] = [Math.round(page.width * scale), Math.round(page.height * scale)]
  const sheet = tilted({ left: width * 0.04, top: height * 0.04, right: width * 0.96, bottom: height * 0.96 }, tilt)
  const turned: Corners = upsideDown ? [sheet[2], sheet[3], sheet[0], sheet[1]] : sheet
  const colours = page.boxes.map((_, i) => painted(i).map(linearOf))
  const at = boxFinder(page)
  const seen = (u: number, v: number) => {
    if (u < 0 || v < 0 || u > 1 || v > 1) return TABLE
    const [x, y] = [u * page.width, v * page.height]
    const own = discAt(page, x, y) ?? (isLettered(x, y, at) ? INK : boxColour(page, colours, at(x, y), x))
    if (shadow === 1 || u > 0.4) return own
    const paper = own ?? [0.82, 0.82, 0.82]
    return [paper[0]! * shadow, paper[1]! * shadow, paper[2]! * shadow] as const
  }
  const image = simulatePhoto({ width, height, corners: turned, seen }, conditions)
  const map = gridToImage(turned)
  if (!image.ok) return image
  if (!map.ok) return map
  const frame = frameOf(page)
  const corner = (x: number, y: number) => map.value(x / page.width, y / page.height)
  const corners: Corners = [
    corner(frame.x, frame.y),
    corner(frame.x + frame.width, frame.y),
    corner(frame.x + frame.width, frame.y + frame.height),
    corner(frame.x, frame.y + frame.height),
  ]
  return ok({ image: image.value, corners })
}

/** Which box lies at a point of the sheet, found by columns of a coarse grid. */
function boxFinder({ boxes, width, height }: Page): (x: number, y: number) => number | undefined {
  const SIDE = 40
  const cells: number[][] = Array.from({ length: SIDE * SIDE }, () => [])
  boxes.forEach(({ box }, i) => {
    for (
      let cy = Math.floor((box.y / height) * SIDE);
      cy <= Math.floor(((box.y + box.height) / height) * SIDE);
      cy += 1
    )
      for (let cx = Math.floor((box.x / width) * SIDE); cx <= Math.floor(((box.x + box.width) / width) * SIDE); cx += 1)
        cells[cy * SIDE + cx]?.push(i)
  })
  return (x, y) =>
    cells[Math.floor((y / height) * SIDE) * SIDE + Math.floor((x / width) * SIDE)]?.find((i) => {
      const { box, round } = boxes[i]!
      if (round) return Math.hypot(x - box.x - box.width / 2, y - box.y - box.height / 2) <= box.width / 2
      return x >= box.x && x <= box.x + box.width && y >= box.y && y <= box.y + box.height
    })
}

function boxColour(
  { boxes }: Page,
  colours: readonly (readonly (readonly [number, number, number])[])[],
  i: number | undefined,
  x: number,
) {
  if (i === undefined) return undefined
  const own = colours[i]!
  if (own.length === 0) return undefined
  const { box } = boxes[i]!
  return own[Math.min(own.length - 1, Math.floor(((x - box.x) / box.width) * own.length))]
}

/** The discs at the corners. */
function discAt({ corners }: Pick<Page, 'corners'>, x: number, y: number) {
  for (const [i, c] of (corners ?? []).entries()) {
    const away = Math.hypot(x - c.x, y - c.y)
    if (away <= DISC && !(i === 0 && away <= HOLE)) return INK
  }
  return undefined
}
/** A line of lettering below a box. */
const isLettered = (x: number, y: number, at: (x: number, y: number) => number | undefined) =>
  Math.floor(x * 1.3) % 2 === 0 &&
  at(x, y) === undefined &&
  at(x, y - 1.8) !== undefined &&
  at(x, y - 0.8) === undefined
