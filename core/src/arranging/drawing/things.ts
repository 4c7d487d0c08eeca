import type { Holder, Place, PlaceShape } from '../../documents/palette'
import { type Box, boxOf } from '../geometry'

/** A well, a pan's place, or what is drawn round them, as one picks it up in a drawing: `A1`, or `#2` for the third part. */
export type ThingKey = string
export const partKey = (index: number): ThingKey => `#${index}`
/** The index of a part; undefined for a place. No place is called so: a name beginning with # is refused. */
export const partIndex = (key: ThingKey): number | undefined => (/^#\d+$/.test(key) ? Number(key.slice(1)) : undefined)

export type Part = Holder['parts'][number]
export type Thing = { key: ThingKey } & ({ place: Place } | { part: Part })

/** Everything of a holder that can be moved, places first. */
export const thingsOf = ({ places, parts }: Holder): Thing[] => [
  ...places.map((place) => ({ key: place.id, place })),
  ...parts.map((part, i) => ({ key: partKey(i), part })),
]
export const shapeOf = (thing: Thing): PlaceShape => ('place' in thing ? thing.place.shape : thing.part.shape)

/** To a hundredth of a millimetre, so that a drawing that is moved to and fro stays the same. */
export const hundredth = (mm: number): number => Math.round(mm * 100) / 100

export function moved(shape: PlaceShape, dx: number, dy: number): PlaceShape {
  return { ...shape, x: hundredth(shape.x + dx), y: hundredth(shape.y + dy) }
}

/** The smallest box round several shapes, mm; undefined of none. */
export function boxRound(shapes: readonly PlaceShape[]): Box | undefined {
  if (shapes.length === 0) return undefined
  const boxes = shapes.map(boxOf)
  const x = Math.min(...boxes.map((b) => b.x))
  const y = Math.min(...boxes.map((b) => b.y))
  return {
    x,
    y,
    width: Math.max(...boxes.map((b) => b.x + b.width)) - x,
    height: Math.max(...boxes.map((b) => b.y + b.height)) - y,
  }
}

/** How deep two shapes lie in each other, mm; 0 where they only touch. */
export function overlapOf(one: PlaceShape, other: PlaceShape): number {
  if (one.kind === 'circle' && other.kind === 'circle')
    return Math.max(0, one.radius + other.radius - Math.hypot(one.x - other.x, one.y - other.y))
  if (one.kind === 'circle' || other.kind === 'circle') {
    const [circle, rect] = one.kind === 'circle' ? [one, other] : [other as typeof one & { kind: 'circle' }, one]
    return circle.kind === 'circle' ? Math.max(0, circle.radius - distanceTo(circle, boxOf(rect))) : 0
  }
  const across = Math.min(one.x + one.width, other.x + other.width) - Math.max(one.x, other.x)
  const down = Math.min(one.y + one.height, other.y + other.height) - Math.max(one.y, other.y)
  return Math.max(0, Math.min(across, down))
}

/** From a point to a box, mm; below 0 inside it. */
function distanceTo({ x, y }: { x: number; y: number }, b: Box): number {
  const [dx, dy] = [Math.max(b.x - x, x - b.x - b.width), Math.max(b.y - y, y - b.y - b.height)]
  return dx > 0 && dy > 0 ? Math.hypot(dx, dy) : Math.max(dx, dy)
}

/** How far a shape stands out of a holder, mm; 0 inside it. */
export function outsideBy(shape: PlaceShape, { outline, width, height }: Pick<Holder, 'outline' | 'width' | 'height'>) {
  const b = boxOf(shape)
  const box = Math.max(0, -b.x, -b.y, b.x + b.width - width, b.y + b.height - height)
  if (outline === 'box') return box
  const [cx, cy, radius] = [width / 2, height / 2, Math.min(width, height) / 2]
  if (shape.kind === 'circle') return Math.max(0, Math.hypot(shape.x - cx, shape.y - cy) + shape.radius - radius)
  const corners = [b.x, b.x + b.width].flatMap((x) => [b.y, b.y + b.height].map((y) => Math.hypot(x - cx, y - cy)))
  return Math.max(0, Math.max(...corners) - radius)
}
