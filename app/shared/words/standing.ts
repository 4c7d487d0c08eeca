import type { StandsFor } from '@juxtachrome/core/documents'
import { counted } from '@juxtachrome/core/units'
import { mixtureInWords, type NameOf } from './lists'

/** What stands in where, in words: for tray, list and key. */
export function standingInWords({ words, mixture }: StandsFor, nameOf: NameOf): string {
  if (!mixture) return `standing in for ${words}`
  const parts = mixture.paints.map(({ paintId, parts: n }) => ({ id: paintId, parts: n }))
  const water = mixture.water ? `, wash at ${counted(mixture.water, 'part')} of water` : ''
  return `${words}: mix ${mixtureInWords(parts, nameOf)}${water}`
}
