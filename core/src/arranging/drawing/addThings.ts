import type { Holder, Place, PlaceShape } from '../../documents/palette'
import { same } from '../../documents/diff'
import { fail, ok, type Result } from '../../result'
import { boxOf, sharedArea } from '../geometry'
import type { PanMeasures, PanSize } from '../../documents/pan'
import { PAN_MEASURES } from '../holderShapes'
import { checked, type Drawing, type Drawn, freshNames, MOST_PARTS, MOST_PLACES, tooMany } from './drawing'
import { emptyHolder } from './wholeHolder'
import { hundredth, outsideBy, overlapOf, type Part, partKey, shapeOf, thingsOf } from './things'

const WELL = { width: 24, height: 22, depth: 9 }
type Pans = Readonly<Record<PanSize, PanMeasures>>
/** How large a place for something usually is, mm: a pan as one's own are. */
export const usualSize = (container: Place['container'], pans: Pans = PAN_MEASURES): PanMeasures =>
  container === 'well' ? WELL : pans[container]

/** Adds places of given shapes under fresh names. Errors: `too-many`, `not-a-holder`. */
export function addPlaces(
  holder: Holder,
  shapes: readonly PlaceShape[],
  container: Place['container'],
  depth: number,
): Drawing {
  if (holder.places.length + shapes.length > MOST_PLACES) return tooMany()
  const names = freshNames(holder, shapes.length, shapes.length === 1 ? 'X' : undefined)
  const places = shapes.map((shape, i): Place => ({ id: names[i]!, container, depth, shape }))
  return checked({ ...holder, places: [...holder.places, ...places] }, names)
}

/** A box without the pan with which it begins, where nothing else was drawn in it yet: what is asked for takes its place. */
function makingRoom(holder: Holder): Holder {
  const isJustBegun = holder.parts.length === 0 && same(holder.places, emptyHolder('', '').places)
  return isJustBegun ? { ...holder, places: [] } : holder
}

export interface RowSpec {
  rows: number
  columns: number
  container: Place['container']
  width: number
  height: number
  depth: number
  gap: number
}
/**
 * Rows of equal wells or pans, laid where there is room: below what is drawn, or at the upper left corner; each row has a
 * letter of its own. The first rows of a box that was just begun take the place of the pan it began with.
 * Errors: `absurd-count`, `too-many`.
 */
export function addRows(drawn: Holder, { rows, columns, container, width, height, depth, gap }: RowSpec): Drawing {
  if (!isCount(rows) || !isCount(columns)) return fail('absurd-count', 'Between 1 and 64 in a row, and so many rows.')
  if (![width, height, depth].every((n) => n > 0) || !(gap >= 0))
    return fail('absurd-count', 'Sizes above 0 mm, and no gap below 0.')
  const holder = makingRoom(drawn)
  const block = { width: columns * (width + gap) - gap, height: rows * (height + gap) - gap }
  const at = roomFor(holder, block)
  const rounding = container === 'well' ? 3 : 1
  const shapes = Array.from({ length: rows * columns }, (_, i): PlaceShape => {
    const [row, column] = [Math.floor(i / columns), i % columns]
    return {
      kind: 'rect',
      x: hundredth(at.x + column * (width + gap)),
      y: hundredth(at.y + row * (height + gap)),
      width,
      height,
      corner: rounding,
    }
  })
  if (holder.places.length + shapes.length > MOST_PLACES) return tooMany()
  let named = holder
  for (let row = 0; row < rows; row += 1) {
    const own = shapes.slice(row * columns, (row + 1) * columns)
    const names = freshNames(named, columns)
    const places = own.map((shape, i): Place => ({ id: names[i]!, container, depth, shape }))
    named = { ...named, places: [...named.places, ...places] }
  }
  return checked(
    named,
    named.places.slice(holder.places.length).map((p) => p.id),
  )
}
const isCount = (n: number) => Number.isInteger(n) && n >= 1 && n <= 64

/** A ring of round wells about the middle. Errors: `absurd-count`, `too-many`, `no-room`. */
export function addRing(
  drawn: Holder,
  { count, radius, depth }: { count: number; radius: number; depth: number },
): Drawing {
  const holder = makingRoom(drawn)
  if (!isCount(count) || !(radius > 0)) return fail('absurd-count', 'A ring has 1 to 64 wells, wider than 0 mm.')
  const half = Math.min(holder.width, holder.height) / 2
  // as far out as it can lie clear of what is drawn
  const reach = half - radius - 2
  const least = count > 1 ? (radius + 0.5) / Math.sin(Math.PI / count) : 0
  if (reach < least) return fail('no-room', `${count} wells of ${2 * radius} mm need a wider box.`)
  const at = (distance: number) =>
    Array.from({ length: count }, (_, i): PlaceShape => {
      const turn = (i / count) * 2 * Math.PI - Math.PI / 2
      return {
        kind: 'circle',
        x: hundredth(holder.width / 2 + distance * Math.cos(turn)),
        y: hundredth(holder.height / 2 + distance * Math.sin(turn)),
        radius,
      }
    })
  const wells = holder.places.map((p) => p.shape)
  const isClear = (shapes: PlaceShape[]) => shapes.every((s) => wells.every((w) => overlapOf(s, w) === 0))
  for (let distance = reach; distance >= least; distance -= 1)
    if (isClear(at(distance))) return addPlaces(holder, at(distance), 'well', depth)
  return addPlaces(holder, at(reach), 'well', depth)
}

const PART_SIZES: Record<Part['kind'], { width: number; height: number }> = {
  mixing: { width: 80, height: 50 },
  slot: { width: 100, height: 10 },
  hinge: { width: 0, height: 2 },
  hold: { width: 24, height: 24 },
}
/** A mixing surface or slot as large as there is room for, up to the usual; a hinge, a thumb hole. Errors: `too-many`, `no-room`. */
export function addPart(holder: Holder, kind: Part['kind']): Drawing {
  if (holder.parts.length >= MOST_PARTS) return tooMany()
  const key = partKey(holder.parts.length)
  const shape = kind === 'hinge' ? hingeOf(holder) : partShape(holder, kind)
  if (!shape)
    return fail(
      'no-room',
      `There is no room for ${NO_ROOM_FOR[kind]} beside what is drawn. Move or take something out first.`,
    )
  return checked({ ...holder, parts: [...holder.parts, { kind, shape }] }, [key])
}
const hingeOf = ({ width, height }: Holder): PlaceShape => ({
  kind: 'rect',
  x: 0,
  y: height / 2 - 1,
  width,
  height: PART_SIZES.hinge.height,
  corner: 0,
})
const NO_ROOM_FOR: Record<Part['kind'], string> = {
  mixing: 'a mixing surface',
  slot: 'a slot',
  hinge: 'a hinge',
  hold: 'a thumb hole',
}
function partShape(holder: Holder, kind: Exclude<Part['kind'], 'hinge'>): PlaceShape | undefined {
  const usual = PART_SIZES[kind]
  const shares = kind === 'hold' ? [1] : [1, 0.8, 0.6, 0.4]
  const sizes = shares.flatMap((w) => shares.map((h) => ({ width: w * usual.width, height: h * usual.height })))
  sizes.sort((p, q) => q.width * q.height - p.width * p.height)
  const fitting = sizes.flatMap((size) => {
    const at = corner(holder, size)
    return at ? [{ ...at, ...size }] : []
  })[0]
  if (!fitting) return undefined
  const { x, y, width, height } = fitting
  return kind === 'hold'
    ? { kind: 'circle', x: x + width / 2, y: y + height / 2, radius: width / 2 }
    : { kind: 'rect', x, y, width: hundredth(width), height: hundredth(height), corner: kind === 'mixing' ? 4 : 1 }
}

/** Room to the walls, and between what is drawn and what comes, mm. */
const EDGE = 6
const GAP = 1
/** The first corner from the top where a block lies clear of everything but mixing surfaces; undefined where there is none. */
function corner(holder: Holder, { width, height }: { width: number; height: number }) {
  const solid = thingsOf(holder).filter((t) => !('part' in t && t.part.kind === 'mixing'))
  for (let y = EDGE; y + height <= holder.height - EDGE; y += 1)
    for (let x = EDGE; x + width <= holder.width - EDGE; x += 1) {
      const room: PlaceShape = {
        kind: 'rect',
        x: x - GAP,
        y: y - GAP,
        width: width + 2 * GAP,
        height: height + 2 * GAP,
        corner: 0,
      }
      if (outsideBy(room, holder) === 0 && solid.every((t) => overlapOf(room, shapeOf(t)) === 0)) return { x, y }
    }
  return undefined
}
const roomFor = (holder: Holder, block: { width: number; height: number }) =>
  corner(holder, block) ?? { x: EDGE, y: EDGE }

/**
 * One more pan, squeezed in where nothing solid lies: clear of wells, hinge and thumb hole, in slots before mixing
 * surfaces, taking as little of these as can be. Errors: `no-room`.
 */
export function squeezeIn(
  holder: Holder,
  container: PanSize,
  pans: Pans = PAN_MEASURES,
): Result<Drawn & { mixingLost: number }> {
  const pan = pans[container]
  const solid = thingsOf(holder).filter((t) => 'place' in t || t.part.kind === 'hinge' || t.part.kind === 'hold')
  const mixing = holder.parts.filter((p) => p.kind === 'mixing').map((p) => boxOf(p.shape))
  let best: { shape: PlaceShape; lost: number } | undefined
  for (const [width, height] of [
    [pan.width, pan.height],
    [pan.height, pan.width],
  ] as const)
    for (let y = 0; y + height <= holder.height; y += 0.5)
      for (let x = 0; x + width <= holder.width; x += 0.5) {
        const shape: PlaceShape = { kind: 'rect', x, y, width, height, corner: 1 }
        const lost = mixing.reduce((sum, m) => sum + sharedArea(m, { x, y, width, height }), 0)
        if (best && lost >= best.lost) continue
        if (outsideBy(shape, holder) === 0 && solid.every((t) => overlapOf(shape, shapeOf(t)) === 0))
          best = { shape, lost }
      }
  if (!best) return fail('no-room', `There is no room for another ${container}.`)
  const drawn = addPlaces(holder, [best.shape], container, pan.depth)
  return drawn.ok ? ok({ ...drawn.value, mixingLost: best.lost }) : drawn
}
