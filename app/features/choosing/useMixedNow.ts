import { viewOfPaint } from '@juxtachrome/core/paints'
import { watchDebounced } from '@vueuse/core'
import { onScopeDispose, shallowRef, type Ref } from 'vue'
import { useCore } from '~/shared/questions/useCore'
import { useCollection } from '~/stores/collection'

/** What comes nearest to a paint that is gone, of those that stay. */
export interface MixedNow {
  paints: readonly { id: string; parts: number }[]
  difference: number
}
/** A hand that slides is waited for, ms. */
const SETTLED = 400

/** What mixes each paint that is gone now, asked one after the other while those that stay are the same. */
export function useMixedNow(gone: Ref<readonly string[]>, staying: Ref<readonly string[]>) {
  const collection = useCollection()
  const core = useCore()
  const mixed = shallowRef<ReadonlyMap<string, MixedNow>>(new Map())
  let round = 0
  onScopeDispose(() => (round += 1))
  watchDebounced(
    [gone, staying],
    async () => {
      const own = (round += 1)
      const only = [...staying.value]
      mixed.value = new Map()
      for (const id of [...gone.value].reverse()) {
        const paint = collection.paint(id)
        const { masstone, wash } = paint ? viewOfPaint(paint) : {}
        if (!masstone || !wash || !only.length) continue
        const target = { kind: 'paint' as const, masstone, wash }
        const request = { target, only, without: id, most: 2 as const, count: 1 }
        const found = await core.ask('recipesFromPaints', request, { topic: 'mixed now' }).result
        if (own !== round) return
        const [best] = found.ok ? found.value.best : []
        if (best) mixed.value = new Map(mixed.value).set(id, best)
      }
    },
    { debounce: SETTLED },
  )
  return mixed
}
