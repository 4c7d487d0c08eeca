import { fail } from '../result'
import { tonesIn, type Colouring, type Laid, type Mark, type Measure, type PaintedBox, type Tones } from './marks'

/** What every kind of sheet is drawn with. */
export interface Drawer {
  measure: Measure
  tones: Tones
  colouring: Colouring
}

/** From one box to the next: paper between them is what the light is read from. */
export const pitchOf = (box: number): number => box + Math.max(2.5, box * 0.15)

/** The least side of a box to be painted, mm. */
export const SMALLEST_BOX = 8

/** Why boxes of that side are not drawn, mm. Errors: `bad-box`. */
export const problemOfBox = (side: number) =>
  side >= SMALLEST_BOX && side <= 60 ? undefined : fail('bad-box', 'Boxes are between 8 and 60 mm.')

/** The line around a box. */
export const edgeOf = ({ x, y, width, height }: PaintedBox['box'], round = false): Mark =>
  round
    ? { is: 'circle', x: x + width / 2, y: y + height / 2, radius: Math.min(width, height) / 2, ink: 'black' }
    : { is: 'rect', x, y, width, height, ink: 'black' }

/** Adds a box to be painted: its predicted colour, where that is wanted, and its edge. */
export function addBox(
  laid: Laid,
  painted: PaintedBox,
  { tones, colouring }: Pick<Drawer, 'tones' | 'colouring'>,
): void {
  const { box, round, filling } = painted
  laid.boxes.push(painted)
  laid.marks.push(...tonesIn(box, tones(filling), colouring, round), edgeOf(box, round))
}
