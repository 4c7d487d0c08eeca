import { leanInWords } from '../colour/lean'
import type { Paint } from '../documents/paint'
import { viewOfPaint, type PaintView } from './view'
import { propertiesOf, type Known } from './properties'

/** A paint's behaviours, one after the other: `transparent, stains a little, lightfastness excellent`; what is assumed from its codes says so. */
export const behaviourInWords = (paint: Paint): string =>
  Object.entries(propertiesOf(paint) as Record<string, Known<string>>)
    .map(([name, { value, from }]) => {
      // the one word that says nothing of what it is about
      const words = name === 'lightfastness' ? `lightfastness ${value}` : value
      return from === 'assumed' ? `${words} (assumed)` : words
    })
    .join(', ')

/**
 * The codes on the label, `PG7 PY150`; a paint without any says so, and one whose code covers several colours says where
 * nobody knows which: `not sure which PBr7`.
 */
export function codesInWords(paint: Pick<Paint, 'pigments'> & Partial<Paint>): string {
  const unsure = 'name' in paint ? viewOfPaint(paint as Paint).unsure : undefined
  return unsure ? `not sure which ${unsure}` : paint.pigments.join(' ') || 'no code'
}

/** What a painter files it under and where it leans: `yellow earth, leans orange`; `red, leans violet (cool)`; `blue`. */
export function familyInWords({ fine, family, lean }: Pick<PaintView, 'fine' | 'family' | 'lean'>): string {
  const name: string = fine ?? family ?? 'no family'
  const isSaid = !lean?.toward || lean.family === 'neutral' || name.startsWith(lean.toward)
  return isSaid ? name : leanInWords(lean, name)
}

/** A paint as a row of a list is read aloud: `Sap green, Northwall, PG7 PY150`. */
export const paintInWords = (paint: Pick<Paint, 'name' | 'maker' | 'pigments'>): string =>
  `${paint.name}, ${paint.maker}, ${codesInWords(paint)}`
