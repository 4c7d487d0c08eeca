import type { Result } from '@juxtachrome/core/result'
import type { PaintParts } from '@juxtachrome/core/documents'
import {
  asItMixes,
  observationsIn,
  predictMixture,
  type MixturePart,
  type MixturePrediction,
  type Observation,
} from '@juxtachrome/core/mixing'
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'
import { opticsOf } from './opticsOf'
import { useStrengths } from './useStrengths'
import { atMost } from '~/shared/words/figures'

/** Predictions of mixtures of the collection's paints, corrected by the artist's own notes. */
export function useMixtures() {
  const collection = useCollection()
  const strengths = useStrengths()
  const observations = computed(() => observationsIn(collection.reading))

  function predict(
    parts: readonly PaintParts[],
    water: number,
    notes: readonly Observation[] = observations.value,
  ): Result<MixturePrediction> {
    const shares: MixturePart[] = []
    for (const { paintId, parts: p } of parts) {
      const paint = collection.paint(paintId)
      const optics = paint ? opticsOf(paint) : undefined
      if (!optics)
        return {
          ok: false,
          error: { code: 'no-such-paint', message: 'A paint of this mixture is no longer in the collection.' },
        }
      if (!optics.ok)
        return { ok: false, error: { ...optics.error, message: `${paint!.name}: ${optics.error.message}` } }
      shares.push({ optics: asItMixes(optics.value, strengths.value.get(paintId)), parts: p, id: paintId })
    }
    return predictMixture(shares, { water, observations: notes })
  }

  /** `3 French ultramarine + 1 burnt sienna` */
  const inWords = (parts: readonly PaintParts[]) =>
    parts
      .map(({ paintId, parts: p }) => `${p} ${collection.paint(paintId)?.name ?? 'a paint no longer here'}`)
      .join(' + ')
  return { observations, predict, inWords }
}

/** Water in the words of the palette. */
export function waterInWords(water: number): string {
  if (water <= 0.05) return 'no water: masstone'
  const parts = `1 part paint to ${atMost(water, 1)} water`
  return water < 1.5
    ? `${parts}: creamy`
    : water < 4
      ? `${parts}: milky`
      : water < 9
        ? `${parts}: a wash`
        : `${parts}: a pale wash`
}
