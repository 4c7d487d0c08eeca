import { boxOf } from '../arranging/geometry'
import type { PlaceShape } from '../documents/palette'
import type { Mark } from './marks'

/** A shape enlarged or made smaller, then moved, mm. */
export const scaledBy = (shape: PlaceShape, by: number, dx = 0, dy = 0): PlaceShape =>
  shape.kind === 'circle'
    ? { ...shape, x: dx + shape.x * by, y: dy + shape.y * by, radius: shape.radius * by }
    : { ...shape, x: dx + shape.x * by, y: dy + shape.y * by, width: shape.width * by, height: shape.height * by }

/** The line around a place or a part of a box. */
export const outlineOf = (shape: PlaceShape, ink: 'black' | 'grey', dashed = false): Mark =>
  shape.kind === 'circle'
    ? { is: 'circle', x: shape.x, y: shape.y, radius: shape.radius, ink, dashed }
    : { is: 'rect', ...boxOf(shape), ink, dashed }
