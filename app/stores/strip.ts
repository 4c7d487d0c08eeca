import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import * as z from 'zod/mini'
import { kept as keptOnDevice } from './kept'

const MOST = 8

const Lab = { L: z.number(), a: z.number(), b: z.number() }
const Parts = z.array(z.object({ paintId: z.string(), parts: z.number() }))

/** What can lie on the strip: a paint, a mixture of paints, or a plain colour. */
const StripItem = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('paint'), id: z.string() }),
  z.object({ kind: z.literal('mix'), name: z.string(), parts: Parts, water: z.number() }),
  z.object({ kind: z.literal('colour'), name: z.string(), ...Lab }),
])
export type StripItem = z.infer<typeof StripItem>
/** A plain id is how paints were kept before mixtures could lie here. */
const Kept = z.array(z.union([StripItem, z.string()]))

export const keyOf = (item: StripItem) =>
  item.kind === 'paint'
    ? item.id
    : item.kind === 'mix'
      ? `mix:${item.parts.map((p) => `${p.parts}x${p.paintId}`).join('+')}`
      : `colour:${item.L},${item.a},${item.b}`

/** The shelf along the bottom: up to eight samples laid edge to edge, kept across screens and reloads. */
export const useStrip = defineStore('strip', () => {
  const kept = keptOnDevice('jx-strip', Kept, [])
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
