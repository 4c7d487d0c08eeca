import type { Box } from '../arranging/geometry'
import type { Paint } from '../documents/paint'
import type { Palette, PlaceShape } from '../documents/palette'
import { planAt } from '../documents/plan'
import { propertiesOf } from '../paints/properties'
import { toldApart } from '../paints/toldApart'
import { edgeOf } from './boxes'
import { heightOf, lettered, SMALLEST, type Line } from './lettering'
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
  /** What the sheet takes, mm: a list or rows are laid out to lie on it. */
  sheet?: { width: number; height: number }
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
  /** What it is called here, with its maker where two of the key have one name. */
  name?: string
  /** A paint that is kept a place for, in words. */
  note?: string
  also?: string
}

/** Every place of a palette in its own order, empties kept; paints of one name are told apart by their makers. */
export function cellsOf(palette: Palette, paints: KeyQuestion['paints'], also?: KeyQuestion['also']): KeyCell[] {
  const planned = palette.holder.places.flatMap(({ id }) => paints.get(planAt(palette, id)?.paintId ?? '') ?? [])
  const called = toldApart(planned)
  return palette.holder.places.map(({ id, shape }): KeyCell => {
    const plan = planAt(palette, id)
    const paint = paints.get(plan?.paintId ?? '')
    const other = also?.(id)
    return {
      placeId: id,
      shape,
      ...(paint ? { paint, name: called(paint) } : {}),
      ...(plan?.reserved === undefined ? {} : { note: plan.reserved }),
      ...(other ? { also: other } : {}),
    }
  })
}

export const boxOfPaint = ({ placeId, paint, name }: KeyCell, box: Box, round = false): PaintedBox => ({
  id: placeId,
  label: name ?? paint!.name,
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

/** Whether a paint holds fast to the paper, for the mark beside its name: what stains a little lifts well enough. */
const stains = (paint: Paint): boolean => propertiesOf(paint).staining?.value === 'stains strongly'

/** Name, what is said beside it, place and codes. */
export function linesOf({ paint, name, placeId, also }: KeyCell, width: number, measure: Measure): Line[] {
  const codes = paint!.pigments.join(' ')
  const last = [placeId, codes, ...(stains(paint!) ? ['stains'] : [])].filter(Boolean).join(' · ')
  return [
    ...nameLines(name ?? paint!.name, width, 2.1, measure),
    ...lettered(also ?? '', width, { size: 1.8, lines: 2 }, measure),
    ...lettered(last, width, { size: 1.8, lines: 1 }, measure),
  ]
}

/** A name in two lines at most; the second gives way where something must be said below. */
const nameLines = (name: string, width: number, size: number, measure: Measure): Line[] =>
  lettered(name, width, { size, bold: true, lines: 2 }, measure).map((line, i) => ({ ...line, rank: 2 * i }))

/**
 * Where all does not fit below each other, lines of the highest rank give way, the last of them first. What lies in a pan
 * when it is not what is planned, and what stands in for what, has rank 0 and stays, as do the name and the place.
 */
export function fitting(lines: Line[], room: number): Line[] {
  const left = [...lines]
  while (left.length > 1 && heightOf(left) - 0.4 > room) {
    const highest = Math.max(...left.map((l) => l.rank ?? 0))
    if (highest === 0) return smaller(left, room)
    left.splice(
      left.findLastIndex((l) => (l.rank ?? 0) === highest),
      1,
    )
  }
  return left
}

/** Lines that have to stay are set smaller, down to what can be read. */
function smaller(lines: readonly Line[], room: number): Line[] {
  const by = Math.min(1, room / (heightOf(lines) - 0.4))
  return lines.map((l) => ({ ...l, size: Math.max(SMALLEST, l.size * by) }))
}

export function blanksIn(cells: readonly KeyCell[]): string[] {
  const blanks = cells.filter((c) => !c.paint).length
  return blanks === 0 ? [] : [blanks === 1 ? 'One place stays blank.' : `${blanks} places stay blank.`]
}
