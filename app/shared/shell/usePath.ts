import { plannedPaints } from '@juxtachrome/core/documents'
import * as z from 'zod/mini'
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'
import { kept } from '~/stores/kept'

/** The work from a drawer of tubes to a palette that is kept up, and how far a newcomer has come with it. */
export function usePath() {
  const collection = useCollection()
  const isHidden = kept('jx-path', z.boolean(), false)
  const steps = computed(() => {
    const [palette] = collection.palettes
    const planned = palette ? plannedPaints(palette).size : 0
    const at = (step: string) => (palette ? `/palettes/${palette.id}/${step}` : '/palettes?new=1')
    const isFilled = collection.palettes.some((p) =>
      [...collection.ledger.places(p.id).values()].some((s) => s.content),
    )
    return [
      { words: 'Log what you own', to: '/paints?add=list', isDone: collection.paints.length > 0 },
      { words: 'Make a palette', to: '/palettes?new=1', isDone: palette !== undefined },
      { words: 'Choose its paints, with a method or one by one', to: at('choose'), isDone: planned > 1 },
      { words: 'Arrange them, well by well', to: at('arrange'), isDone: isFilled },
      { words: 'Fill it', to: at('filling'), isDone: isFilled },
      { words: 'Print its key', to: at('key'), isDone: collection.ledger.whole.paintedFrom().length > 0 },
      { words: 'Log what you paint', to: at('use'), isDone: collection.ledger.whole.paintedFrom().length > 0 },
      { words: 'Plan what to buy', to: '/restock', isDone: collection.budget !== undefined },
    ]
  })
  const next = computed(() => steps.value.find((s) => !s.isDone))
  return { steps, next, isHidden, isShown: computed(() => !isHidden.value && next.value !== undefined) }
}
