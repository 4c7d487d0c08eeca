import type { CardBox, Laid, Measure, Room, Tones } from '@juxtachrome/core/charts'
import type { Paint, Palette } from '@juxtachrome/core/documents'
import { ok, type Result } from '@juxtachrome/core/result'
import type { CodeSquares } from '~/shared/files/printedCode'
import type { PrintOptions } from '../printOptions'

/** What a sheet is made from. */
export interface SheetSubject {
  options: PrintOptions
  palette?: Palette
  paints: readonly Paint[]
  partners: readonly Paint[]
  today: string
  /** What was found worth painting out next. */
  next?: readonly CardBox[]
  nameOf?: (paintId: string) => string
  /** What the palette mixes, by cell of the lattice, where the verdict knows it. */
  map?: readonly number[]
  /** What the palette is for, in words. */
  purpose?: string
  /** The squares of a code that opens the palette on another device. */
  code?: CodeSquares
  /** What else is to be said of a place. */
  also?: (placeId: string) => string | undefined
}

export interface DrawingTools {
  room: Room
  measure: Measure
  tones: Tones
}

export type NumberAsked =
  'box' | 'water' | 'tintWater' | 'across' | 'cardWidth' | 'cardHeight' | 'labelWidth' | 'labelHeight'
export type TickAsked = 'blackLine' | 'lift' | 'laminate' | 'inLid' | 'oneSheet' | 'punch' | 'window' | 'code'

/** Everything there is to know of a kind of sheet; screens read it from here and never ask which kind it is. */
export interface SheetDefinition {
  id: string
  label: string
  says: string
  /** What it is made of: a palette in its own order, paints, or three of them. */
  of: 'palette' | 'paints' | 'three'
  /** What is asked of it: numbers, ticks, and what only few kinds ask. */
  numbers: (options: PrintOptions) => readonly NumberAsked[]
  ticks?: readonly TickAsked[]
  asks?: readonly ('form' | 'steps' | 'partners' | 'next' | 'map')[]
  /** Labels are cut out and stuck on: nothing in them is painted. */
  isLabel?: boolean
  /** Looked at and not painted: always in full colour. */
  isColoured?: boolean
  /** The next days on which something is to be looked at can go into a calendar. */
  hasDays?: boolean
  /** What was photographed can be ranked by eye. */
  isRanked?: boolean
  lay(subject: SheetSubject, tools: DrawingTools): Result<Laid[]>
}

export const sheet = (definition: SheetDefinition): SheetDefinition => definition

export const one = (laid: Result<Laid>): Result<Laid[]> => (laid.ok ? ok([laid.value]) : laid)
/** What every drawing of paints takes. */
export const drawn = ({ options, paints }: SheetSubject, { measure, tones }: DrawingTools) => ({
  measure,
  tones,
  paints,
  colouring: options.colouring,
})
