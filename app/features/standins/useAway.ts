import type { Palette } from '@juxtachrome/core/documents'
import { type Away, awayIn } from '@juxtachrome/core/standins'
import { useBalances } from '~/shared/items/useBalances'

/** What is away from a palette, and whether some of it is at hand, so that it can go back. */
export function useAway(): (palette: Palette) => (Away & { isBack: boolean })[] {
  const { atHand } = useBalances()
  return (palette) =>
    awayIn(palette).map((away) => {
      const { paintId } = away.standsFor
      return { ...away, isBack: paintId !== undefined && atHand(paintId) > 0 }
    })
}
