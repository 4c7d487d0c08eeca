import type { Holder, PlaceShape } from '../../documents/palette'
import { fail } from '../../result'
import { HALF_PAN } from '../holderShapes'
import { checked, type Drawing } from './drawing'
import { hundredth } from './things'

/** The whole box mirrored left to right, as a left-hander wants it; names stay with their places. */
export function mirrorHolder(holder: Holder): Holder {
  const flip = (s: PlaceShape): PlaceShape => ({
    ...s,
    x: hundredth(holder.width - s.x - (s.kind === 'rect' ? s.width : 0)),
  })
  return everyShape(holder, flip)
}
/** The whole box turned by a quarter, clockwise. */
export function turnHolder(holder: Holder): Holder {
  const turn = (s: PlaceShape): PlaceShape =>
    s.kind === 'circle'
      ? { ...s, x: hundredth(holder.height - s.y), y: s.x }
      : { ...s, x: hundredth(holder.height - s.y - s.height), y: s.x, width: s.height, height: s.width }
  return { ...everyShape(holder, turn), width: holder.height, height: holder.width }
}
const everyShape = (holder: Holder, how: (s: PlaceShape) => PlaceShape): Holder => ({
  ...holder,
  places: holder.places.map((p) => ({ ...p, shape: how(p.shape) })),
  parts: holder.parts.map((p) => ({ ...p, shape: how(p.shape) })),
})

/** Another outer size or outline. Errors: `not-a-holder`. */
export function resizeHolder(holder: Holder, size: Pick<Holder, 'width' | 'height' | 'outline'>): Drawing {
  if (!(size.width >= 20 && size.height >= 20 && size.width <= 1000 && size.height <= 1000))
    return fail('not-a-holder', 'A box measures 20 to 1000 mm each way.')
  const round = size.outline === 'ring' ? { ...size, height: size.width } : size
  return checked({ ...holder, ...round }, [])
}

/** An empty box to begin with: one well, and a surface to mix on. */
export const emptyHolder = (id: string, name: string): Holder => ({
  id,
  name,
  outline: 'box',
  width: 120,
  height: 80,
  places: [
    {
      id: 'A1',
      container: 'half pan',
      depth: HALF_PAN.depth,
      shape: { kind: 'rect', x: 6, y: 6, width: HALF_PAN.width, height: HALF_PAN.height, corner: 1 },
    },
  ],
  parts: [],
})
