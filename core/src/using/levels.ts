import type { Palette } from '../documents/palette'
import { leftIn, mainPaintOf, pouredInto, type PaletteState } from '../ledger/stays'
import { takenOf, type LearnedUse } from './perUse'

/** What is left in a place, by estimate or as it was last seen. */
export interface Level {
  placeId: string
  paintId: string
  /** ml as poured, and of how many that is. */
  left: number
  poured: number
  /** 0..1. */
  share: number
  /** Whether paintings were reckoned off since the last look. */
  isEstimate: boolean
  seen?: string
}

/** Less than this share of what was put in is low (judgement: a quarter is when a pan begins to be scraped). */
export const LOW = 0.25

/** How full the places of a palette are: what was poured or last seen, less what paintings took since. */
export function levelsOf(palette: Palette, state: PaletteState, use: LearnedUse): Level[] {
  return palette.holder.places.flatMap(({ id: placeId }): Level[] => {
    const content = state.get(placeId)?.content
    if (!content) return []
    const paintId = mainPaintOf(content)
    const poured = pouredInto(content)
    const left = leftIn(content, takenOf(use, paintId))
    return [
      {
        placeId,
        paintId,
        left,
        poured,
        share: poured > 0 ? left / poured : 0,
        isEstimate: Boolean(content.used),
        ...(content.seen ? { seen: content.seen.day } : {}),
      },
    ]
  })
}
