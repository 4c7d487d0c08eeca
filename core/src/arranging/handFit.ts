import type { Holder } from '../documents/palette'
import { areaOf, type Box, boxOf, sharedArea } from './geometry'

/** What a hand spans, mm. Adjustable: hands differ (common practice, no source). */
export interface Hand {
  /** Across the palm, from thumb to fingertips, of a thing held from its edge. */
  grip: number
  /** How far the thumb reaches over an edge. */
  thumb: number
}
export const USUAL_HAND: Hand = { grip: 100, thumb: 50 }

/** Sketchbooks as they are sold, mm, upright (ISO 216 for the A sizes). */
export const SKETCHBOOKS: readonly { id: string; label: string; width: number; height: number }[] = [
  { id: 'A6', label: 'A6', width: 105, height: 148 },
  { id: 'A5', label: 'A5', width: 148, height: 210 },
  { id: 'square', label: 'square, 190 mm', width: 190, height: 190 },
  { id: 'A4', label: 'A4', width: 210, height: 297 },
]
/** An open book that is held with a box beside it weighs on one forearm: this long together at most, mm (judgement). */
const FOREARM = 420

export interface HeldInHand {
  /** How it is held; `no` where it has to be set down. */
  how: 'in the palm' | 'by the thumb hole' | 'by its edge' | 'no'
  words: string
  /** Beside the book: clipped along its side, or standing over it by so many mm. */
  besideBook: string
}

/** Whether a box can be held in one hand, and how it lies beside a sketchbook that the same hand holds. */
export function heldInHand(
  { width, height, parts }: Pick<Holder, 'width' | 'height' | 'parts'>,
  book: { width: number; height: number },
  hand: Hand = USUAL_HAND,
): HeldInHand {
  const [short, long] = [Math.min(width, height), Math.max(width, height)]
  const hole = parts.find((p) => p.kind === 'hold')
  const fromHole = hole && nearestEdge(boxOf(hole.shape), width, height)
  const how =
    short <= hand.grip
      ? 'in the palm'
      : fromHole !== undefined && fromHole <= hand.thumb + hand.grip
        ? 'by the thumb hole'
        : short <= 2 * hand.thumb + hand.grip && long <= 2.5 * hand.grip
          ? 'by its edge'
          : 'no'
  const words = {
    'in the palm': `Its ${short} mm lie in a palm that spans ${hand.grip} mm.`,
    'by the thumb hole': 'The thumb goes through its hole, the forearm carries it.',
    'by its edge': `Too wide for the palm (${short} mm against ${hand.grip} mm); held by its edge, the thumb ${hand.thumb} mm over it.`,
    no: `${short} mm are too wide for a palm of ${hand.grip} mm, and there is no thumb hole: it has to be set down.`,
  }[how]
  const side = Math.max(book.width, book.height)
  const along = long - side
  const together = Math.min(width, height) + Math.min(book.width, book.height)
  const besideBook =
    together > FOREARM
      ? `Beside the book ${together} mm rest on one forearm: too much for one hand.`
      : along <= 0
        ? `Clipped along the book's ${side} mm it leaves ${-along} mm free; together they are ${together} mm wide.`
        : `It stands ${along} mm over the book's ${side} mm; together they are ${together} mm wide.`
  return { how, words, besideBook }
}
function nearestEdge(b: ReturnType<typeof boxOf>, width: number, height: number): number {
  return Math.min(b.x, b.y, width - b.x - b.width, height - b.y - b.height)
}

/** Brushes by how wide they are when wet, mm: the belly of a round, the edge of a flat (from memory; makers differ). */
export const BRUSHES: readonly { id: string; label: string; width: number }[] = [
  { id: 'r4', label: 'round 4', width: 3 },
  { id: 'r6', label: 'round 6', width: 4 },
  { id: 'r8', label: 'round 8', width: 5.5 },
  { id: 'r10', label: 'round 10', width: 7 },
  { id: 'r12', label: 'round 12', width: 8 },
  { id: 'r14', label: 'round 14', width: 9.5 },
  { id: 'f13', label: 'flat 13 mm', width: 13 },
  { id: 'f19', label: 'flat 19 mm', width: 19 },
  { id: 'f25', label: 'flat 25 mm', width: 25 },
]
/** A brush is turned and loaded with a third of its width to spare (judgement). */
const EASE = 1.33

/** The widest brush that every place takes, and what is left to mix on for each place, cm2. */
export function workingRoom(holder: Holder): { widest?: string; narrowest: number; mixingPerPlace: number } {
  const narrowest = Math.min(
    ...holder.places.map((p) => {
      const wall = p.container === 'well' ? 0 : 2
      const { width, height } = boxOf(p.shape)
      return Math.min(width, height) - wall
    }),
  )
  const widest = BRUSHES.filter((b) => b.width * EASE <= narrowest).at(-1)
  // what lies under pans is not free to mix on
  const covered = (surface: Box) => holder.places.reduce((sum, p) => sum + sharedArea(surface, boxOf(p.shape)), 0)
  const mixing = holder.parts
    .filter((p) => p.kind === 'mixing')
    .reduce(
      (sum, { shape }) =>
        sum + Math.max(0, areaOf({ id: '', container: 'well', depth: 1, shape }) - covered(boxOf(shape))),
      0,
    )
  return {
    ...(widest ? { widest: widest.label } : {}),
    narrowest,
    mixingPerPlace: mixing / 100 / holder.places.length,
  }
}
