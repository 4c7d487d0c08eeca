import type { Box } from '../arranging/geometry'
import type { Paint } from '../documents/paint'
import type { Palette, PlaceShape } from '../documents/palette'
import { propertiesOf } from '../paints/properties'
import { edgeOf } from './boxes'
import { heightOf, lettered, type Line } from './lettering'
import { tonesIn, type Colouring, type Mark, type Measure, type PaintedBox, type Tones } from './marks'

export type KeyForm = 'as the palette lies' | 'list' | 'boxes' | 'circles'

export interface KeyLook {
  form: KeyForm
  colouring: Colouring
  /** A black line through each box, painted over to see how opaque a paint is. */
  blackLine: boolean
  /** A stripe between dashed lines, wetted and lifted when dry. */
  lift: boolean
  /** A margin around the key for laminating. */
  laminate: boolean
  /** Inside of the lid, mm; what is larger is drawn smaller or folded. */
  lid?: { width: number; height: number }
  /** Side of a box in rows, mm. */
  box: number
}

export const USUAL_KEY: KeyLook = {
  form: 'as the palette lies',
  colouring: 'none',
  blackLine: false,
  lift: false,
  laminate: false,
  box: 18,
}

export interface KeyQuestion {
  palette: Palette
  paints: { get(id: string): Paint | undefined }
  measure: Measure
  tones: Tones
  look: KeyLook
  /** What lies in a place beside what is planned there. */
  also?: (placeId: string) => string | undefined
}

/** A cell of a key: what is planned at a place, in the palette's own order; empties stay. */
export interface KeyCell {
  placeId: string
  shape: PlaceShape
  paint?: Paint
  /** A paint that is kept a place for, in words. */
  note?: string
  also?: string
}

export const boxOfPaint = ({ placeId, paint }: KeyCell, box: Box, round = false): PaintedBox => ({
  id: placeId,
  label: paint!.name,
  filling: { parts: [{ paintId: paint!.id, parts: 1 }] },
  box,
  ...(round ? { round } : {}),
})

/** What is in a box beside its outline: predicted colours, the black line, the stripe to lift. */
export function boxMarks(
  box: Box,
  { tones, look }: { tones: readonly string[]; look: Pick<KeyLook, 'colouring' | 'blackLine' | 'lift'> },
  round = false,
): Mark[] {
  const { x, y, width, height } = box
  const line: Mark[] = look.blackLine
    ? [{ is: 'line', x1: x + width * 0.3, y1: y, x2: x + width * 0.3, y2: y + height, weight: Math.min(1, width / 12) }]
    : []
  const stripe = (at: number): Mark => ({
    is: 'line',
    x1: at,
    y1: y,
    x2: at,
    y2: y + height,
    ink: 'grey',
    dashed: true,
  })
  const lift = look.lift ? [stripe(x + width * 0.72), stripe(x + width * 0.88)] : []
  return [...tonesIn(box, tones, look.colouring, round), ...line, ...lift, edgeOf(box, round)]
}

/** Whether a paint holds to the paper, for the mark beside its name. */
const stains = (paint: Paint): boolean => propertiesOf(paint).staining?.value.startsWith('stain') ?? false

/** Name, what is said beside it, place and codes. */
export function linesOf({ paint, placeId, also }: KeyCell, width: number, measure: Measure): Line[] {
  const codes = paint!.pigments.join(' ')
  const last = [placeId, codes, ...(stains(paint!) ? ['stains'] : [])].filter(Boolean).join(' · ')
  return [
    ...lettered(paint!.name, width, { size: 2.1, bold: true, lines: 2 }, measure),
    ...lettered(also ?? '', width, { size: 1.8, lines: 1 }, measure),
    ...lettered(last, width, { size: 1.8, lines: 1 }, measure),
  ]
}

/** Where all does not fit below each other, place and codes stay and the name gives its second line. */
export function fitting(lines: Line[], room: number): Line[] {
  let left = [...lines]
  while (left.length > 1 && heightOf(left) - 0.4 > room) left = [...left.slice(0, -2), left.at(-1)!]
  return left
}

export function blanksIn(cells: readonly KeyCell[]): string[] {
  const blanks = cells.filter((c) => !c.paint).length
  return blanks === 0 ? [] : [blanks === 1 ? 'One place stays blank.' : `${blanks} places stay blank.`]
}
