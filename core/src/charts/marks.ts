import type { Box } from '../arranging/geometry'

/** Width in mm of a text set in a size in mm. */
export type Measure = (text: string, sizeMm: number, bold: boolean) => number

/** Inks that stay apart on a black-and-white printer. */
export type Ink = 'black' | 'grey' | 'faint'

interface Drawn {
  /** The line around it; none where it is only filled. */
  ink?: Ink
  /** Width of the line, mm; a hairline unless said. */
  weight?: number
  dashed?: boolean
  /** A screen colour, `#rrggbb`. */
  fill?: string
}

/** What is drawn, in millimetres from the top left corner; y downwards, of a text its baseline. */
export type Mark =
  | ({ is: 'rect'; x: number; y: number; width: number; height: number } & Drawn)
  | ({ is: 'circle'; x: number; y: number; radius: number } & Drawn)
  | ({ is: 'path'; points: readonly (readonly [number, number])[] } & Drawn)
  | { is: 'line'; x1: number; y1: number; x2: number; y2: number; ink?: Ink; weight?: number; dashed?: boolean }
  | { is: 'text'; text: string; x: number; y: number; size: number; bold?: boolean; ink?: Ink }

/** Width of a line that says nothing else, mm. */
export const HAIR = 0.2

/** What goes into a box: paints in parts, with so many parts of water to one of paint where that is asked. */
export interface Filling {
  parts: readonly { paintId: string; parts: number }[]
  water?: number
  /** The trade's tint test of its first paint. */
  isTint?: boolean
}

/** A box to be painted. */
export interface PaintedBox {
  /** Which it is on its sheet: `A4`, `row 2, column 3`. */
  id: string
  /** What is painted into it, in words. */
  label: string
  filling: Filling
  box: Box
  /** Shape of the box; a circle touches its sides. */
  round?: boolean
}

/** One drawing at true size, before it is laid on paper. */
export interface Laid {
  width: number
  height: number
  marks: Mark[]
  /** In the order in which they are painted. */
  boxes: PaintedBox[]
  /** The line along which it is cut out, where it is not its own edge. */
  outline?: Mark
  /** What to know about it, in words. */
  said: string[]
  /** Cut out along its edge, with marks at its corners. */
  cut?: boolean
}

/** Screen colours of what goes into a box, from most to least paint; none where no colour is known. */
export type Tones = (filling: Filling) => readonly string[]

/** How much of the predicted colour is printed. */
export type Colouring = 'none' | 'faint' | 'full'

/** A colour with so much of it left on white paper. */
export function faded(hex: string, share: number): string {
  const channel = (i: number) => {
    const value = Number.parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16)
    return Math.round(255 - (255 - value) * share)
      .toString(16)
      .padStart(2, '0')
  }
  return `#${[0, 1, 2].map(channel).join('')}`
}

/** Share of a colour that is printed faintly: the eye sees what is meant, the paint covers it (judgement). */
export const FAINT = 0.3

/** The predicted colours of a box, side by side from most to least paint; nothing where none are wanted. */
export function tonesIn(box: Box, tones: readonly string[], colouring: Colouring, round = false): Mark[] {
  if (colouring === 'none' || tones.length === 0) return []
  const shown = tones.map((hex) => (colouring === 'faint' ? faded(hex, FAINT) : hex))
  if (round) {
    const radius = Math.min(box.width, box.height) / 2
    return [{ is: 'circle', x: box.x + box.width / 2, y: box.y + box.height / 2, radius, fill: shown[0]! }]
  }
  const width = box.width / shown.length
  return shown.map((fill, i) => ({ is: 'rect', x: box.x + i * width, y: box.y, width, height: box.height, fill }))
}

/** A mark so much further to the right and down. */
export function moved(mark: Mark, dx: number, dy: number): Mark {
  if (mark.is === 'line') return { ...mark, x1: mark.x1 + dx, x2: mark.x2 + dx, y1: mark.y1 + dy, y2: mark.y2 + dy }
  if (mark.is === 'path') return { ...mark, points: mark.points.map(([x, y]) => [x + dx, y + dy] as const) }
  return { ...mark, x: mark.x + dx, y: mark.y + dy }
}
export const movedBox = (box: Box, dx: number, dy: number): Box => ({ ...box, x: box.x + dx, y: box.y + dy })
