import { paletteAt } from '../choosing/paletteAt'
import { derivedOf } from '../collection/caches'
import { same } from '../documents/diff'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'

/** What is judged of a palette: a lock, a reservation or a name is not. */
export const paletteJudged = derivedOf((reading, id): Palette | undefined => {
  const palette = paletteAt(reading, id)
  if (!palette) return undefined
  const { holder, brief, use, forChild } = palette
  const plan = Object.fromEntries(
    holder.places.flatMap((place) => {
      const paintId = planAt(palette, place.id)?.paintId
      return paintId ? [[place.id, { paintId }]] : []
    }),
  )
  return {
    id,
    v: 1,
    name: '',
    purpose: '',
    use,
    holder,
    plan,
    ...(brief ? { brief } : {}),
    ...(forChild ? { forChild } : {}),
  }
}, same)
