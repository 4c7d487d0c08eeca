import { book } from './book'
import { boxes } from './boxes'
import { cards } from './cards'
import { chart } from './chart'
import { dilutions } from './dilutions'
import { fade } from './fade'
import { key } from './key'
import { next } from './next'
import { partners } from './partners'
import { poster } from './poster'
import type { SheetDefinition } from './sheet'
import { triangle } from './triangle'
import { undersides } from './undersides'
import { values } from './values'
import { wheel } from './wheel'

/** What can be printed, in the order in which it is offered. A new kind is a file of its own and a name here. */
export const SHEETS: readonly SheetDefinition[] = [
  key,
  poster,
  chart,
  partners,
  next,
  cards,
  book,
  wheel,
  triangle,
  dilutions,
  values,
  fade,
  undersides,
  boxes,
]

/** A kind of sheet by its id; one that this version does not know is taken for a mixing chart. */
export const sheetOf = (id: string): SheetDefinition => SHEETS.find((s) => s.id === id) ?? chart
export type { NumberAsked, SheetSubject, TickAsked } from './sheet'
