import type { Paint } from '../documents/paint'
import { referenceOf } from '../film/whichReference'
import { cautionsOfCodes } from '../pigments/cautions'

/**
 * Why a paint is not for a child's palette, in words; undefined where nothing is known against it. That is never a
 * permission: the label has the last word.
 */
export function againstChild(paint: Paint): string | undefined {
  const { forChildren, lines, unknown, isMild } = cautionsOfCodes(paint.pigments, referenceOf(paint))
  if (paint.pigments.length === 0) return 'its pigments are not known'
  if (unknown.length) return `nothing is known here of ${unknown.join(', ')}`
  if (forChildren === 'no') return lines[0]?.text ?? 'it holds a pigment that is not for children'
  return isMild ? undefined : lines.find(({ text }) => text)?.text
}
