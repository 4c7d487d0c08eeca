import { layPoster } from '@juxtachrome/core/charts'
import { fail } from '@juxtachrome/core/result'
import { one, sheet } from './sheet'

export const poster = sheet({
  id: 'poster',
  of: 'palette',
  label: 'The palette on one page',
  says: 'To hang up or hand on: the box, the names, what it is for, and the map of what it mixes.',
  numbers: () => [],
  ticks: ['code'],
  asks: ['map'],
  isLabel: true,
  isColoured: true,
  lay({ palette, paints, map, purpose, code }, { measure, tones, room }) {
    if (!palette) return fail('no-palette', 'Choose a palette: the page shows one.')
    const byId = new Map(paints.map((p) => [p.id, p]))
    const says = [palette.purpose, purpose].flatMap((text) => text?.trim() || [])
    return one(
      layPoster({
        palette,
        paints: byId,
        measure,
        tones,
        room,
        says,
        ...(map ? { map } : {}),
        ...(code ? { code } : {}),
      }),
    )
  },
})
