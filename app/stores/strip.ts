import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { useCollection } from './collection'

const MOST = 8

/** The shelf along the bottom: up to eight paints laid edge to edge, kept across screens and reloads. */
export const useStrip = defineStore('strip', () => {
  const ids = useLocalStorage<string[]>('jx-strip', [])
  const chosen = ref<string[]>([])
  const collection = useCollection()
  const paints = computed(() => ids.value.map((id) => collection.paint(id)).filter((p) => p && !p.removed).map((p) => p!))

  /** Lays a paint on the strip; the oldest makes room for a ninth. */
  function lay(id: string) {
    if (!ids.value.includes(id)) ids.value = [...ids.value.slice(1 - MOST), id]
  }
  function take(id: string) {
    ids.value = ids.value.filter((i) => i !== id)
    chosen.value = chosen.value.filter((i) => i !== id)
  }
  /** Picks up to two to be compared. */
  function choose(id: string) {
    chosen.value = chosen.value.includes(id) ? chosen.value.filter((i) => i !== id) : [...chosen.value.slice(-1), id]
  }
  const pair = computed(() => {
    const [one, other] = chosen.value.map((id) => paints.value.find((p) => p.id === id))
    return one && other ? ([one, other] as const) : undefined
  })
  return { ids, paints, chosen, pair, lay, take, choose, clear: () => { ids.value = []; chosen.value = [] } }
})
