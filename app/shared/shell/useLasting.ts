import { computed } from 'vue'
import * as z from 'zod/mini'
import { useCollection } from '~/stores/collection'
import { useKeeper } from '~/stores/keeper'
import { kept } from '~/stores/kept'

/** Whether a person is still to be told that this browser may clear what is kept here; told once, when there is something to lose. */
export function useLasting() {
  const keeper = useKeeper()
  const collection = useCollection()
  const told = kept('jx-told-not-lasting', z.boolean(), false)
  /** It came over plain http, as in a house: the browser gives it no offline work, no folders, no order of windows. */
  const isPlain = globalThis.isSecureContext === false
  return {
    told,
    isPlain,
    isToSay: computed(() => (isPlain || keeper.isLasting === false) && !told.value && !collection.isEmpty),
  }
}
