import { ARRANGE_PRESETS, ARRANGE_WISHES, type Blend } from '@juxtachrome/core/arranging'
import * as z from 'zod/mini'
import { computed } from 'vue'
import { useBlendCommands } from './commands'
import { useCollection } from '~/stores/collection'
import { kept } from '~/stores/kept'

const Weights = z.record(z.string(), z.number().check(z.gte(0), z.lte(1)))
/** Where ways of one's own were kept before they became part of the collection. */
const Earlier = z.array(z.object({ name: z.string().check(z.maxLength(60)), blend: Weights }))

/** What matters in arranging: a order, or a blend of one's own, kept in the collection under a name. */
export function useBlend() {
  const collection = useCollection()
  const commands = useBlendCommands()
  const blend = kept('jx-blend', Weights, ARRANGE_PRESETS[0]!.blend)
  const earlier = kept('jx-blends', Earlier, [])
  for (const { name, blend: weights } of earlier.value)
    if (name.trim() && !collection.blends.some((b) => b.name === name.trim())) commands.keep(name.trim(), weights)
  if (earlier.value.length) earlier.value = []
  const isSame = (other: Blend) => ARRANGE_WISHES.every((w) => (other[w.id] ?? 0) === (blend.value[w.id] ?? 0))
  const orders = computed(() => [
    ...ARRANGE_PRESETS.map((p) => ({ key: p.id, label: p.label, blend: p.blend, own: undefined })),
    ...collection.blends.map((own) => ({ key: `own ${own.id}`, label: own.name, blend: own.blend as Blend, own })),
  ])
  const chosen = computed(() => orders.value.find((s) => isSame(s.blend)))
  function weigh(wish: string, weight: number) {
    blend.value = { ...blend.value, [wish]: weight }
  }
  return {
    blend,
    orders,
    chosen,
    weigh,
    keep: (name: string) => commands.keep(name, blend.value),
    forget: commands.forget,
    take: (b: Blend) => (blend.value = { ...b }),
  }
}
