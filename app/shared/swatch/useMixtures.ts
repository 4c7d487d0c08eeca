import type { Result } from '@juxtachrome/core/result'
import type { PaintParts } from '@juxtachrome/core/documents'
import {
  asItMixes,
  type DoubtedOptics,
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

  /** A paint as it mixes, what was learned of its strength included; why it cannot, where it cannot. */
  function opticsToMix(paintId: string): Result<DoubtedOptics> {
    const paint = collection.paint(paintId)
    if (!paint)
      return {
        ok: false,
        error: { code: 'no-such-paint', message: 'A paint of this mixture is no longer in the collection.' },
      }
    const optics = opticsOf(paint)
    return optics.ok
      ? { ok: true, value: asItMixes(optics.value, strengths.value, paintId) }
      : { ok: false, error: { ...optics.error, message: `${paint.name}: ${optics.error.message}` } }
  }

  function predict(
    parts: readonly PaintParts[],
    water: number,
    notes: readonly Observation[] = observations.value,
  ): Result<MixturePrediction> {
    const shares: MixturePart[] = []
    for (const { paintId, parts: p } of parts) {
      const optics = opticsToMix(paintId)
      if (!optics.ok) return optics
      shares.push({ optics: optics.value, parts: p, id: paintId })
    }
    return predictMixture(shares, { water, observations: notes })
  }

  /** `3 French ultramarine + 1 burnt sienna` */
  const inWords = (parts: readonly PaintParts[]) =>
    parts
      .map(({ paintId, parts: p }) => `${p} ${collection.paint(paintId)?.name ?? 'a paint no longer here'}`)
      .join(' + ')
  return { observations, opticsToMix, predict, inWords }
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
