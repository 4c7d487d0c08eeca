import { useLocalStorage } from '@vueuse/core'
import type { PaintParts } from '@juxtachrome/core/documents'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'

const MOST = 8

/** What can lie on the strip: a paint, a mixture of paints, or a plain colour. */
export type StripItem =
  | { kind: 'paint'; id: string }
  | { kind: 'mix'; name: string; parts: PaintParts[]; water: number }
  | { kind: 'colour'; name: string; L: number; a: number; b: number }

export const keyOf = (item: StripItem) =>
  item.kind === 'paint'
    ? item.id
    : item.kind === 'mix'
      ? `mix:${item.parts.map((p) => `${p.parts}x${p.paintId}`).join('+')}`
      : `colour:${item.L},${item.a},${item.b}`

/** The shelf along the bottom: up to eight samples laid edge to edge, kept across screens and reloads. */
export const useStrip = defineStore('strip', () => {
  // a plain id is how paints were kept before mixtures could lie here
  const kept = useLocalStorage<(StripItem | string)[]>('jx-strip', [])
  const items = computed(() => kept.value.map((i): StripItem => (typeof i === 'string' ? { kind: 'paint', id: i } : i)))
  const chosen = ref<string[]>([])

  /** Lays a sample on the strip; the oldest makes room for a ninth. */
  function put(item: StripItem) {
    if (!items.value.some((i) => keyOf(i) === keyOf(item))) kept.value = [...items.value.slice(1 - MOST), item]
  }
  function take(key: string) {
    kept.value = items.value.filter((i) => keyOf(i) !== key)
    chosen.value = chosen.value.filter((k) => k !== key)
  }
  /** Picks up to two to be compared. */
  function choose(key: string) {
    chosen.value = chosen.value.includes(key) ? chosen.value.filter((k) => k !== key) : [...chosen.value.slice(-1), key]
  }
  return {
    items,
    chosen,
    put,
    lay: (id: string) => put({ kind: 'paint', id }),
    take,
    choose,
    clear: () => {
      kept.value = []
      chosen.value = []
    },
  }
})
