import { fail, ok, type Result } from '../../result'
import { blobsIn, madeSmaller, paperAround, roundnessOf, type Grey, type Roundness } from './blobs'
import type { Corners, PixelPoint } from './perspective'
import { LINEAR, type Pixels } from './readPatch'

const LONGEST = 1600
/** Darker than this share of the paper beside it is black ink. */
const INK = 0.35
const FEWEST = 24
/** Rounder than this is a disc: an ellipse has 2, a rectangle 2.45. */
const ROUND = 2.28
const MOST_STRETCH = 2.6
/** A disc with a hole shows at least so much of it. */
const HOLED = 0.07
const MOST_TRIED = 16

/**
 * The four black discs at the corners of a printed sheet, middles in pixels: top left, top right, bottom right, bottom
 * left as the sheet is read, whichever way up it was photographed; the top left one has a hole. `shape` is the width of
 * the frame they make against its height.
 *
 * Errors: `not-an-image`, `marks-not-found`, `marks-not-a-sheet`.
 */
export function findMarks(image: Pixels, shape: number): Result<Corners> {
  if (!(image.width >= 300 && image.height >= 300) || image.data.length !== image.width * image.height * 4)
    return fail('not-an-image', 'This is not a picture that can be read: at least 300 x 300 pixels.')
  const grey = madeSmaller(image, LONGEST)
  const discs = discsIn(grey)
  const holed = discs.filter((d) => d.hole >= HOLED)
  const whole = discs.filter((d) => d.hole < HOLED)
  if (holed.length === 0 || whole.length < 3) {
    const seen = Math.min(4, Math.min(3, whole.length) + Math.min(1, holed.length))
    return fail(
      'marks-not-found',
      `Of the four black discs at the corners of the sheet ${seen} can be seen. Photograph all of it, in focus and without a shadow over them; or lay the corners by hand.`,
    )
  }
  const quads = holed.flatMap((first) => quadsFrom(first, whole, shape))
  const best = quads.sort((p, q) => q.area - p.area)[0]
  if (!best)
    return fail(
      'marks-not-a-sheet',
      'The discs that can be seen do not make this sheet. Is it another one, or another sheet of it?',
    )
  const found = best.corners.map((d) => refined(image, grey, d)) as [PixelPoint, PixelPoint, PixelPoint, PixelPoint]
  return ok(found)
}

function discsIn({ width, height, light }: Grey): Roundness[] {
  const paper = paperAround(light, width, height)
  const mask = new Uint8Array(width * height)
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) if (light[y * width + x]! < INK * paper(x, y)) mask[y * width + x] = 1
  const largest = (Math.min(width, height) / 8) ** 2
  return blobsIn(mask, width, height, FEWEST)
    .filter((b) => b.points.length < largest)
    .map((b) => roundnessOf(b, width))
    .filter((r) => r.farthest <= ROUND && r.stretch <= MOST_STRETCH && r.hole < 0.6)
}

interface Quad {
  corners: Roundness[]
  area: number
}

/** Four discs that can be the corners of a sheet of that shape, clockwise from the one with the hole. */
function quadsFrom(first: Roundness, whole: readonly Roundness[], shape: number): Quad[] {
  const alike = whole
    .filter((d) => d.area > first.area / 3.5 && d.area < first.area * 3.5)
    .sort((p, q) => Math.hypot(q.x - first.x, q.y - first.y) - Math.hypot(p.x - first.x, p.y - first.y))
    .slice(0, MOST_TRIED)
  const quads: Quad[] = []
  for (const [i, a] of alike.entries())
    for (const [j, b] of alike.entries())
      for (const [k, c] of alike.entries()) {
        if (i === j || j === k || i === k) continue
        const corners = [first, a, b, c]
        const area = areaIfConvex(corners)
        if (area > 0 && isOfShape(corners, shape)) quads.push({ corners, area })
      }
  return quads
}

/** Area of four points that go round clockwise; 0 where they do not. */
function areaIfConvex(p: readonly PixelPoint[]): number {
  const turn = (a: PixelPoint, b: PixelPoint, c: PixelPoint) => (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x)
  const turns = p.map((_, i) => turn(p[i]!, p[(i + 1) % 4]!, p[(i + 2) % 4]!))
  if (turns.some((t) => t <= 0)) return 0
  return Math.abs(p.reduce((sum, a, i) => sum + a.x * p[(i + 1) % 4]!.y - p[(i + 1) % 4]!.x * a.y, 0)) / 2
}

/** Opposite sides of a photographed sheet differ by the tilt, its shape by no more than that. */
function isOfShape(p: readonly PixelPoint[], shape: number): boolean {
  const side = (i: number) => Math.hypot(p[i]!.x - p[(i + 1) % 4]!.x, p[i]!.y - p[(i + 1) % 4]!.y)
  const [top, right, bottom, left] = [side(0), side(1), side(2), side(3)]
  const seen = (top + bottom) / (left + right) / shape
  const even = (a: number, b: number) => Math.max(a, b) / Math.min(a, b)
  return seen > 0.6 && seen < 1.7 && even(top, bottom) < 1.9 && even(left, right) < 1.9
}

/** The middle of a disc in the picture itself, by how dark each pixel is. */
function refined({ width, height, data }: Pixels, { scale }: Grey, disc: Roundness): PixelPoint {
  const [cx, cy] = [(disc.x + 0.5) * scale - 0.5, (disc.y + 0.5) * scale - 0.5]
  const reach = Math.sqrt((disc.area * disc.stretch) / Math.PI) * scale * 1.35
  const at = (x: number, y: number) => {
    const i = (y * width + x) * 4
    return 0.2126 * LINEAR[data[i]!]! + 0.7152 * LINEAR[data[i + 1]!]! + 0.0722 * LINEAR[data[i + 2]!]!
  }
  const inside: [number, number, number][] = []
  for (let y = Math.max(0, Math.ceil(cy - reach)); y <= Math.min(height - 1, cy + reach); y += 1)
    for (let x = Math.max(0, Math.ceil(cx - reach)); x <= Math.min(width - 1, cx + reach); x += 1)
      if (Math.hypot(x - cx, y - cy) <= reach) inside.push([x, y, at(x, y)])
  const lights = inside.map((p) => p[2]).sort((p, q) => p - q)
  const [dark, bright] = [lights[Math.floor(lights.length * 0.1)] ?? 0, lights[Math.floor(lights.length * 0.9)] ?? 1]
  let [weight, sx, sy] = [0, 0, 0]
  for (const [x, y, l] of inside) {
    const w = Math.max(0, Math.min(1, (bright - l) / Math.max(1e-6, bright - dark)))
    weight += w
    sx += w * x
    sy += w * y
  }
  return weight > 0 ? { x: sx / weight, y: sy / weight } : { x: cx, y: cy }
}
