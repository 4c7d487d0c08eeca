import type { Paint } from '@juxtachrome/core/documents'

/** How a place looks through a lens: a word, and a tone or a pattern that says the same without reading. */
export interface LensCell {
  words: string
  /** Lightness of the ground, L* 0..100; the paint itself shows where there is none. */
  grey?: number
  /** The paint in other colours, masstone to wash. */
  stops?: readonly string[]
  /** How dense its hatching is, 0 (none) to 3. */
  hatch?: 0 | 1 | 2 | 3
  /** A word on the paint itself, whose name stays below it. */
  tag?: string
  /** How much of a bar is filled, 0..1. */
  bar?: number
}

/** A line from place to place, drawn over the tray. */
export interface OverLine {
  from: string
  to: string
  /** Drawn through, or broken where it is not as it should be. */
  isWhole: boolean
}

/** One way of seeing a tray, from whatever it is seen by. Everything there is to know of it stands in one object. */
export interface Lens<Context> {
  id: string
  label: string
  /** How the paint at a place looks; the paint itself where it says nothing. */
  seen?: (paint: Paint, placeId: string, context: Context) => LensCell | undefined
  /** What is drawn over the tray. */
  lines?: (context: Context) => OverLine[]
  /** The same in a sentence. */
  says?: (context: Context) => string
}

export const UNKNOWN: LensCell = { words: 'not known', grey: 96 }
