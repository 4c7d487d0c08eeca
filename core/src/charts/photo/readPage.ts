import { sharedBox, type Box } from '../../arranging/geometry'
import { fitPaperLight, type PaperLight } from '../../paints/sheet/paperLight'
import { gridToImage, type Corners, type GridToImage } from '../../paints/sheet/perspective'
import {
  cautionsOf,
  glanceAt,
  LINEAR,
  lookAt,
  problemOfExposure,
  readPatch,
  type Patch,
  type PaperLook,
  type Pixels,
  type ReadPatch,
} from '../../paints/sheet/readPatch'
import { fail, ok, type Result } from '../../result'
import type { LabD65 } from '../../units'
import type { PaintedBox } from '../marks'
import type { Page } from '../onPaper'
import { fitTone } from './fitTone'

export interface PageQuestion {
  image: Pixels
  page: Pick<Page, 'boxes' | 'content' | 'corners'>
  /** Where the frame of the sheet lies in the picture: its marks, or the corners of what is drawn. */
  corners: Corners
  /** Boxes of known colour, by which the tone curve of a telephone is taken out. */
  known?: readonly { box: number; lab: LabD65 }[]
}

/** What was read of a box: along it from left to right where it runs from strong to thin, else once. */
export interface ReadBox {
  patches: ReadPatch[]
  empty: boolean
}

export interface PageReading {
  boxes: ReadBox[]
  cautions: string[]
  /** How many boxes of known colour a tone curve was fitted to; 0 where none was. */
  toned: number
}

const LOOKS = 46
/** Paper is looked for no nearer to a box than this, mm: outlines are printed, paint runs. */
const CLEAR = 0.9
const SMALLEST_BOX = 8
const FEW = 260

/** Boxes that run from strong to thin are read at these shares of their width. */
const ALONG = [1 / 6, 1 / 2, 5 / 6]

/**
 * Reads every box of a photographed sheet. Light and white come from the paper around the boxes; with four or more of
 * known colour the tone curve of the camera is taken out. Yields box by box.
 *
 * Errors: `corners-crossed`, `paper-out-of-view`, `cells-too-small`, `over-exposed`, `too-dark`, `paper-not-found`.
 */
export function* readPage({
  image,
  page,
  corners,
  known = [],
}: PageQuestion): Generator<{ done: number; of: number }, Result<PageReading>> {
  if (corners.some(({ x, y }) => !(x >= 0 && y >= 0 && x <= image.width && y <= image.height)))
    return fail('paper-out-of-view', 'A corner of the sheet lies outside the picture. Photograph the whole sheet.')
  const map = gridToImage(corners)
  if (!map.ok) return map
  const frame = frameOf(page)
  const patches = page.boxes.map((b) => patchesOf(b, frame))
  const { x, y } = map.value(0, 0)
  const small = patches.flat().some(({ across, down }) => {
    const a = map.value(across, 0)
    const d = map.value(0, down)
    return Math.min(Math.hypot(a.x - x, a.y - y), Math.hypot(d.x - x, d.y - y)) * 2 < SMALLEST_BOX * 0.6
  })
  if (small)
    return fail(
      'cells-too-small',
      'The boxes are only a few pixels wide in this picture. Photograph from nearer, or in a higher resolution.',
    )
  const places = paperPlaces(page, frame)
  const paper = lightOf(image, map.value, places, LINEAR)
  if (!paper.ok) return paper
  yield { done: 0, of: patches.length }
  // enough to tell the light by while the curve is looked for
  const few = places.filter((_, i) => i % Math.max(1, Math.floor(places.length / FEW)) === 0)
  const fitted = fitTone(
    known.map(({ box, lab }) => ({ patch: patches[box]![0]!, lab })),
    (decode) => lightOf(image, map.value, few, decode),
    (light, patch, decode) => glanceAt(image, map.value, light, patch, decode),
  )
  const decode = fitted?.decode ?? LINEAR
  const light = fitted ? lightOf(image, map.value, places, decode) : paper
  if (!light.ok) return light
  const boxes: ReadBox[] = []
  for (const own of patches) {
    const read = own.map((patch) => readPatch(image, map.value, light.value.light, patch, decode))
    boxes.push({ patches: read, empty: read.every((p) => p.empty) })
    yield { done: boxes.length, of: patches.length }
  }
  return ok({ boxes, cautions: cautionsOf(light.value.light, light.value.agreeing), toned: fitted ? known.length : 0 })
}

/** The frame by which a photograph is laid on the sheet: the middles of its marks, or the edge of what is drawn; mm. */
export function frameOf({ corners, content }: Pick<Page, 'corners' | 'content'>): Box {
  if (!corners) return content
  const [{ x, y }, , end] = corners
  return { x, y, width: end.x - x, height: end.y - y }
}

function patchesOf({ box, round, filling }: PaintedBox, frame: Box): Patch[] {
  const share = round ? 0.5 : 0.6
  const at = (along: number, part: number): Patch => ({
    u: (box.x + box.width * along - frame.x) / frame.width,
    v: (box.y + box.height / 2 - frame.y) / frame.height,
    across: (box.width * part * share) / 2 / frame.width,
    down: (box.height * share) / 2 / frame.height,
  })
  return filling.water === undefined && !round ? ALONG.map((a) => at(a, 1 / 3)) : [at(0.5, 1)]
}

/** Places of the sheet where nothing is painted. */
function paperPlaces({ boxes, content }: Pick<Page, 'boxes' | 'content'>, frame: Box): { u: number; v: number }[] {
  const places: { u: number; v: number }[] = []
  for (let j = 0; j < LOOKS; j += 1)
    for (let i = 0; i < LOOKS; i += 1) {
      const x = content.x + (content.width * (i + 0.5)) / LOOKS
      const y = content.y + (content.height * (j + 0.5)) / LOOKS
      const around = { x: x - CLEAR, y: y - CLEAR, width: 2 * CLEAR, height: 2 * CLEAR }
      if (!boxes.some((b) => sharedBox(b.box, around)))
        places.push({ u: (x - frame.x) / frame.width, v: (y - frame.y) / frame.height })
    }
  return places
}

function lightOf(
  image: Pixels,
  map: GridToImage,
  places: readonly { u: number; v: number }[],
  decode: Float64Array,
): Result<{ light: PaperLight; agreeing: number }> {
  const looks: PaperLook[] = places.map(({ u, v }) => lookAt(image, map, u, v, decode))
  return (looks.length && problemOfExposure(looks)) || fitPaperLight(looks)
}
