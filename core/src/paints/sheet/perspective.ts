import { fail, ok, type Result } from '../../result'

/** A point of the image, pixels from its top left. */
export interface PixelPoint {
  x: number
  y: number
}
/** Corners of the grid of swatches: top left, top right, bottom right, bottom left, as the sheet is read. */
export type Corners = readonly [PixelPoint, PixelPoint, PixelPoint, PixelPoint]

/** From the grid, 0..1 across and down, to the image. */
export type GridToImage = (u: number, v: number) => PixelPoint

/**
 * The perspective that takes the unit square to four corners (Heckbert 1989, Fundamentals of texture
 * mapping, section 2.2.3). Errors: `corners-crossed` (not a convex four-sided figure, or mirrored), `grid-too-small`.
 */
export function gridToImage([p0, p1, p2, p3]: Corners): Result<GridToImage> {
  const turn = (a: PixelPoint, b: PixelPoint, c: PixelPoint) => (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x)
  const turns = [turn(p0, p1, p2), turn(p1, p2, p3), turn(p2, p3, p0), turn(p3, p0, p1)]
  if (turns.every((t) => t < 0))
    return fail(
      'corners-crossed',
      'The corners run the other way round: the sheet would be mirrored. Mark top left, top right, bottom right, bottom left, as you read it.',
    )
  if (turns.some((t) => t <= 0))
    return fail(
      'corners-crossed',
      'The corners do not make a four-sided sheet. Mark top left, top right, bottom right, bottom left, as you read it.',
    )
  const [sx, sy] = [p0.x - p1.x + p2.x - p3.x, p0.y - p1.y + p2.y - p3.y]
  const [dx1, dy1, dx2, dy2] = [p1.x - p2.x, p1.y - p2.y, p3.x - p2.x, p3.y - p2.y]
  const det = dx1 * dy2 - dx2 * dy1
  const [g, h] = [(sx * dy2 - dx2 * sy) / det, (dx1 * sy - sx * dy1) / det]
  const [a, b, d, e] = [p1.x - p0.x + g * p1.x, p3.x - p0.x + h * p3.x, p1.y - p0.y + g * p1.y, p3.y - p0.y + h * p3.y]
  return ok((u, v) => {
    const w = g * u + h * v + 1
    return { x: (a * u + b * v + p0.x) / w, y: (d * u + e * v + p0.y) / w }
  })
}
