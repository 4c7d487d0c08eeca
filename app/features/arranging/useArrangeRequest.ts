import type { Blend } from '@juxtachrome/core/arranging'
import { usePreferences } from '~/stores/preferences'

/** What is asked of every arrangement: of which palette, by which blend, for which hand. */
export function useArrangeRequest() {
  const preferences = usePreferences()
  return (paletteId: string, blend: Blend) => ({ paletteId, blend: { ...blend }, leftHanded: preferences.mirrored })
}
