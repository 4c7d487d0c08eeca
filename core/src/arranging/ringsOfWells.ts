import type { Holder, Place } from '../documents/palette'
import { rowName } from './holderShapes'

export function ringOfSixteen(): Holder {
  const centre = 120
  const places = Array.from({ length: 16 }, (_, i): Place => {
    const turn = (i / 16) * 2 * Math.PI - Math.PI / 2
    const along = (f: (t: number) => number) => Math.round((centre + 98 * f(turn)) * 100) / 100
    return {
      id: String(i + 1),
      container: 'well',
      depth: 8,
      shape: { kind: 'circle', x: along(Math.cos), y: along(Math.sin), radius: 15 },
    }
  })
  return {
    id: 'ring-16',
    name: 'Round plate, ring of 16',
    outline: 'ring',
    width: 240,
    height: 240,
    places,
    parts: [{ kind: 'mixing', shape: { kind: 'circle', x: centre, y: centre, radius: 72 } }],
  }
}

/** Round wells in one or two rings about a mixing area. */
export function rings(id: string, name: string, counts: readonly number[], radius: number, middle: number): Holder {
  const step = 2 * radius + 4
  const outermost = middle + counts.length * step
  const centre = outermost + 6
  const places = counts.flatMap((count, ring): Place[] => {
    const distance = outermost - step / 2 - ring * step
    return Array.from({ length: count }, (_, i): Place => {
      const turn = (i / count) * 2 * Math.PI - Math.PI / 2
      const along = (f: (t: number) => number) => Math.round((centre + distance * f(turn)) * 100) / 100
      return {
        id: counts.length > 1 ? `${rowName(ring)}${i + 1}` : String(i + 1),
        container: 'well',
        depth: 8,
        shape: { kind: 'circle', x: along(Math.cos), y: along(Math.sin), radius },
      }
    })
  })
  const size = Math.round(2 * centre)
  const mixing = {
    kind: 'mixing' as const,
    shape: { kind: 'circle' as const, x: size / 2, y: size / 2, radius: middle },
  }
  return { id, name, outline: 'ring', width: size, height: size, places, parts: [mixing] }
}
