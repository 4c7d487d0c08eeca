import { boxOf } from '@juxtachrome/core/arranging'
import type { Holder } from '@juxtachrome/core/documents'

/** Below this share of the box's width a well has no room for a name. */
const SMALL = 0.12

/** Whether the wells of a box are too small to carry the names of their paints. */
export const areWellsSmall = ({ places, width }: Pick<Holder, 'places' | 'width'>): boolean =>
  Math.min(...places.map(({ shape }) => boxOf(shape).width)) / width < SMALL
