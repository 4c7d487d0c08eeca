import { HUE_FAMILIES, type HueFamily } from '../colour/wheel'
import type { Paint } from '../documents/paint'
import { byWheel, viewOfPaint } from '../paints/view'
import { fail, ok, type Result } from '../result'
import { gridIn, inSheets } from './layCards'
import type { Room } from './onPaper'
import { lettered, stacked, type Line } from './lettering'
import type { Laid, Measure } from './marks'

export interface LabelsQuestion {
  paints: readonly Paint[]
  measure: Measure
  /** A label, mm. */
  width: number
  height: number
}

const badLabel = ({ width, height }: LabelsQuestion) =>
  width >= 8 && height >= 6 && width <= 200 && height <= 200
    ? undefined
    : fail('bad-label', 'A label is between 8 × 6 and 200 × 200 mm.')

/** Labels side by side, to be cut apart. */
function layLabels<T>(
  things: readonly T[],
  { width, height }: LabelsQuestion,
  room: Room,
  linesOf: (thing: T) => Line[],
): Result<Laid[]> {
  const grid = gridIn(room, width, height)
  if (!grid) return fail('too-small', 'No label of that size fits the sheet.')
  return ok(
    inSheets(things, grid.each, (thing, i, laid) => {
      const box = { x: (i % grid.columns) * width, y: Math.floor(i / grid.columns) * height, width, height }
      const inner = { x: box.x + 0.8, y: box.y + 0.5, width: width - 1.6, height: height - 1 }
      laid.marks.push({ is: 'rect', ...box, ink: 'faint' }, ...stacked(linesOf(thing), inner))
    }).map(({ laid, count }) => ({
      ...laid,
      width: Math.min(count, grid.columns) * width,
      height: Math.ceil(count / grid.columns) * height,
      cut: true,
    })),
  )
}

/** For the undersides of pans: name, codes and maker. Errors: `too-few`, `bad-label`, `too-small`. */
export function layUndersides(question: LabelsQuestion, room: Room): Result<Laid[]> {
  const { paints, width, measure } = question
  if (paints.length === 0) return fail('too-few', 'Choose some paints: each gets a label.')
  return (
    badLabel(question) ??
    layLabels(paints, question, room, (paint) => [
      ...lettered(paint.name, width - 1.6, { size: 2, bold: true, lines: 2 }, measure),
      ...lettered(paint.pigments.join(' '), width - 1.6, { size: 1.7, lines: 1 }, measure),
      ...lettered(paint.maker, width - 1.6, { size: 1.6, lines: 1 }, measure),
    ])
  )
}

/** Families in the order of the wheel, each with its paints. */
export function byFamily(paints: readonly Paint[]): { family: HueFamily | 'without a colour'; paints: Paint[] }[] {
  const views = paints.map((p) => viewOfPaint(p)).sort(byWheel)
  return [...HUE_FAMILIES, 'without a colour' as const]
    .map((family) => ({
      family,
      paints: views.filter((v) => (v.family ?? 'without a colour') === family).map((v) => v.paint),
    }))
    .filter((f) => f.paints.length > 0)
}

/** For boxes of tubes: a label for each family, with what lies in it. Errors: as `layUndersides`. */
export function layBoxLabels(question: LabelsQuestion, room: Room): Result<Laid[]> {
  const { paints, width, height, measure } = question
  if (paints.length === 0) return fail('too-few', 'Choose some paints: each family gets a label.')
  const lines = Math.max(1, Math.floor((height - 8) / 2.6))
  return (
    badLabel(question) ??
    layLabels(byFamily(paints), question, room, ({ family, paints: own }) => [
      ...lettered(family[0]!.toUpperCase() + family.slice(1), width - 1.6, { size: 4, bold: true, lines: 1 }, measure),
      ...lettered(own.map((p) => p.name).join(', '), width - 1.6, { size: 2.2, lines }, measure),
    ])
  )
}
