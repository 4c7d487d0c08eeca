import { describe, expect, it } from 'vitest'
import { tin } from '../documents/documents.fixture'
import { CONTAINERS } from '../documents/palette'
import { PAN_SIZES } from '../documents/pan'
import { addRows, squeezeIn, usualSize } from './drawing/addThings'
import { emptyHolder } from './drawing/wholeHolder'
import { measuresOfPans, PAN_MEASURES } from './holderShapes'

describe('sizes of pans', () => {
  it('are the usual ones where nobody entered any, and one’s own where somebody did', () => {
    const own = { width: 15, height: 18.5, depth: 7 }
    const pans = measuresOfPans({ 'half pan': own, 'dinner plate': own })
    expect(pans).toEqual({ ...PAN_MEASURES, 'half pan': own })
    expect(usualSize('half pan', pans)).toBe(own)
    expect(usualSize('half pan')).toBe(PAN_MEASURES['half pan'])
    expect(usualSize('well', pans).width).toBe(24)
  })
  it('of every kind can be drawn in rows and squeezed in', () => {
    for (const container of CONTAINERS) {
      const { width, height, depth } = usualSize(container)
      const box = { ...emptyHolder('b', 'Box'), width: 160, height: 100 }
      const drawn = addRows(box, { rows: 1, columns: 3, container, width, height, depth, gap: 1 })
      expect(drawn.ok && drawn.value.holder.places.map((p) => p.container), container).toEqual([
        container,
        container,
        container,
      ])
    }
    const wide = { ...tin.holder, width: 300 }
    for (const size of PAN_SIZES) {
      const drawn = squeezeIn(wide, size, measuresOfPans({ [size]: { width: 12, height: 12, depth: 5 } }))
      const place = drawn.ok && drawn.value.holder.places.at(-1)
      expect(place, size).toMatchObject({ container: size, depth: 5, shape: { width: 12, height: 12 } })
    }
  })
})
