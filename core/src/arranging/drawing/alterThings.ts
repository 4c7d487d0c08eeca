import type { Holder, Place, PlaceShape } from '../../documents/palette'
import { fail, ok } from '../../result'
import { type Box, boxOf, middleOf } from '../geometry'
import { checked, type Drawing, freshNames, MOST_PARTS, MOST_PLACES, nothing, tooMany } from './drawing'
import { boxRound, hundredth, moved, partKey, shapeOf, type ThingKey, thingsOf } from './things'

/** The holder with some shapes changed. */
function reshape(holder: Holder, keys: ReadonlySet<ThingKey>, how: (shape: PlaceShape) => PlaceShape): Holder {
  return {
    ...holder,
    places: holder.places.map((p) => (keys.has(p.id) ? { ...p, shape: how(p.shape) } : p)),
    parts: holder.parts.map((p, i) => (keys.has(partKey(i)) ? { ...p, shape: how(p.shape) } : p)),
  }
}
const chosenShapes = (holder: Holder, keys: ReadonlySet<ThingKey>) =>
  thingsOf(holder)
    .filter((t) => keys.has(t.key))
    .map(shapeOf)

/** Moves things by so many mm, as far as they stay in the box; together, so that they keep their distances. */
export function moveThings(holder: Holder, keys: readonly ThingKey[], dx: number, dy: number): Drawing {
  const chosen = new Set(keys)
  const box = boxRound(chosenShapes(holder, chosen))
  if (!box) return nothing()
  const within = (by: number, from: number, length: number, room: number) =>
    length > room ? by : Math.max(-from, Math.min(by, room - from - length))
  const x = within(dx, box.x, box.width, holder.width)
  const y = within(dy, box.y, box.height, holder.height)
  return checked(
    reshape(holder, chosen, (s) => moved(s, x, y)),
    [...keys],
  )
}

/**
 * How far things should move so that they lie on a grid, or in line with others near them: a side with a side, a middle
 * with a middle. `reach`: how near counts, mm.
 */
export function snapped(
  holder: Holder,
  keys: readonly ThingKey[],
  dx: number,
  dy: number,
  { grid = 1, reach = 1.5 } = {},
): { dx: number; dy: number; lines: { x?: number; y?: number } } {
  const chosen = new Set(keys)
  const box = boxRound(chosenShapes(holder, chosen))
  if (!box) return { dx, dy, lines: {} }
  const others = thingsOf(holder)
    .filter((t) => !chosen.has(t.key))
    .map((t) => boxOf(shapeOf(t)))
  const along = (from: number, length: number, by: number, marks: number[]) => {
    const own = [from + by, from + by + length / 2, from + by + length]
    let found: { off: number; at: number } | undefined
    for (const mark of marks)
      for (const o of own)
        if (Math.abs(mark - o) <= Math.min(reach, Math.abs(found?.off ?? reach))) found = { off: mark - o, at: mark }
    return found
      ? { by: by + found.off, at: found.at }
      : { by: Math.round((from + by) / grid) * grid - from, at: undefined }
  }
  const marksOf = (low: (b: Box) => number, length: (b: Box) => number, whole: number) => [
    whole / 2,
    ...others.flatMap((b) => [low(b), low(b) + length(b) / 2, low(b) + length(b)]),
  ]
  const x = along(
    box.x,
    box.width,
    dx,
    marksOf(
      (b) => b.x,
      (b) => b.width,
      holder.width,
    ),
  )
  const y = along(
    box.y,
    box.height,
    dy,
    marksOf(
      (b) => b.y,
      (b) => b.height,
      holder.height,
    ),
  )
  return {
    dx: hundredth(x.by),
    dy: hundredth(y.by),
    lines: { ...(x.at === undefined ? {} : { x: x.at }), ...(y.at === undefined ? {} : { y: y.at }) },
  }
}

/** Gives one thing another shape, by typed millimetres. Errors: `nothing-chosen`, `not-a-holder`. */
export function shapeThing(holder: Holder, key: ThingKey, shape: PlaceShape): Drawing {
  if (!thingsOf(holder).some((t) => t.key === key)) return nothing()
  if (![...Object.values(shape)].every((v) => typeof v === 'string' || Number.isFinite(v)))
    return fail('not-a-holder', 'Every length is a number of millimetres.')
  return checked(
    reshape(holder, new Set([key]), () => shape),
    [key],
  )
}

/** What a place takes, and how deep. */
export function settlePlaces(
  holder: Holder,
  keys: readonly ThingKey[],
  what: Partial<Pick<Place, 'container' | 'depth'>>,
): Drawing {
  const chosen = new Set(keys)
  const places = holder.places.map((p) => (chosen.has(p.id) ? { ...p, ...what } : p))
  return checked({ ...holder, places }, [...keys])
}

/** Another name for a place. Errors: `nothing-chosen`, `name-taken`, `not-a-holder`. */
export function renamePlace(holder: Holder, id: string, to: string): Drawing {
  const name = to.trim()
  if (!holder.places.some((p) => p.id === id)) return nothing()
  if (name === id) return ok({ holder, keys: [id] })
  if (name.startsWith('#')) return fail('not-a-holder', 'A name does not begin with #.')
  if (holder.places.some((p) => p.id === name)) return fail('name-taken', `Another place is called ${name}.`)
  const places = holder.places.map((p) => (p.id === id ? { ...p, id: name } : p))
  return checked({ ...holder, places }, [name])
}

/** Takes things out of the drawing; a box keeps one place at least. Errors: `nothing-chosen`, `last-place`. */
export function removeThings(holder: Holder, keys: readonly ThingKey[]): Drawing {
  const chosen = new Set(keys)
  const places = holder.places.filter((p) => !chosen.has(p.id))
  if (places.length === 0) return fail('last-place', 'A box keeps one place at least.')
  const parts = holder.parts.filter((_, i) => !chosen.has(partKey(i)))
  if (places.length === holder.places.length && parts.length === holder.parts.length) return nothing()
  return checked({ ...holder, places, parts }, [])
}

/** The same once more, a little aside. Errors: `nothing-chosen`, `too-many`. */
export function duplicateThings(holder: Holder, keys: readonly ThingKey[]): Drawing {
  const chosen = new Set(keys)
  const places = holder.places.filter((p) => chosen.has(p.id))
  const parts = holder.parts.filter((_, i) => chosen.has(partKey(i)))
  if (places.length + parts.length === 0) return nothing()
  if (holder.places.length + places.length > MOST_PLACES || holder.parts.length + parts.length > MOST_PARTS)
    return tooMany()
  const box = boxRound([...places, ...parts].map((t) => t.shape))!
  const below = box.y + 2 * box.height + 2 <= holder.height
  const [dx, dy] = below
    ? [0, box.height + 2]
    : [Math.min(box.width + 2, Math.max(2, holder.width - box.x - box.width * 2)), 0]
  const names = freshNames(holder, places.length)
  const copies = places.map((p, i) => ({ ...p, id: names[i]!, shape: moved(p.shape, dx, dy) }))
  return checked(
    {
      ...holder,
      places: [...holder.places, ...copies],
      parts: [...holder.parts, ...parts.map((p) => ({ ...p, shape: moved(p.shape, dx, dy) }))],
    },
    [...names, ...parts.map((_, i) => partKey(holder.parts.length + i))],
  )
}

/** Chosen things turned by a quarter about their common middle. */
export function turnThings(holder: Holder, keys: readonly ThingKey[]): Drawing {
  const chosen = new Set(keys)
  const box = boxRound(chosenShapes(holder, chosen))
  if (!box) return nothing()
  const [cx, cy] = [box.x + box.width / 2, box.y + box.height / 2]
  const turned = reshape(holder, chosen, (s) => {
    const m = middleOf(s)
    return centred(quarter(s), cx - (m.y - cy), cy + (m.x - cx))
  })
  return checked(turned, [...keys])
}
const quarter = (s: PlaceShape): PlaceShape => (s.kind === 'rect' ? { ...s, width: s.height, height: s.width } : s)
function centred(s: PlaceShape, x: number, y: number): PlaceShape {
  const at = { x: Math.max(0, hundredth(x)), y: Math.max(0, hundredth(y)) }
  if (s.kind === 'circle') return { ...s, ...at }
  return { ...s, x: Math.max(0, hundredth(x - s.width / 2)), y: Math.max(0, hundredth(y - s.height / 2)) }
}
