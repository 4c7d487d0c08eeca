import type { Light } from '@juxtachrome/core/colour'
import { plannedPaints, type PaintParts } from '@juxtachrome/core/documents'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import * as z from 'zod/mini'
import { useCollection } from './collection'
import { kept as keptOnDevice } from './kept'

export const BENCH_VIEWS = ['mix', 'row', 'triangle', 'glaze', 'recipe'] as const
export type BenchView = (typeof BENCH_VIEWS)[number]
const Target = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('paint'), paintId: z.string() }),
  z.object({ kind: z.literal('colour'), name: z.string(), L: z.number(), a: z.number(), b: z.number() }),
])
export type Target = z.infer<typeof Target>
const Laid = z.object({
  parts: z.array(z.object({ paintId: z.string(), parts: z.number() })),
  water: z.number(),
  scope: z.string(),
  light: z.optional(z.enum(['daylight', 'lamp'])),
  target: z.optional(Target),
})
const MOST = 5

/** What lies on the mixing bench; kept on this device across screens and reloads. */
export const useBench = defineStore('bench', () => {
  const kept = keptOnDevice<z.infer<typeof Laid>>('jx-bench', Laid, { parts: [], water: 0, scope: '' })
  const collection = useCollection()
  const parts = computed(() =>
    kept.value.parts.filter((p) => {
      const paint = collection.paint(p.paintId)
      return paint && !paint.removed
    }),
  )
  const set = (next: PaintParts[]) => {
    kept.value = { ...kept.value, parts: next }
  }

  /** Puts a paint on the bench; true when there was room. */
  function add(paintId: string): boolean {
    if (parts.value.some((p) => p.paintId === paintId)) return true
    if (parts.value.length >= MOST) return false
    set([...parts.value, { paintId, parts: 1 }])
    return true
  }
  const scope = computed({
    get: () => (collection.palette(kept.value.scope) ? kept.value.scope : ''),
    set: (id: string) => {
      kept.value = { ...kept.value, scope: id }
    },
  })
  /** By which light colours on the bench are shown. */
  const light = computed({
    get: () => kept.value.light ?? 'daylight',
    set: (next: Light) => {
      kept.value = { ...kept.value, light: next }
    },
  })
  /** Paints to choose from: those of a palette, or all. */
  const paints = computed(() => {
    const palette = scope.value ? collection.palette(scope.value) : undefined
    if (!palette) return collection.paints
    const ids = plannedPaints(palette)
    return collection.paints.filter((p) => ids.has(p.id))
  })
  return {
    parts,
    scope,
    light,
    paints,
    add,
    water: computed({
      get: () => kept.value.water,
      set: (water: number) => {
        kept.value = { ...kept.value, water }
      },
    }),
    target: computed({
      get: () => kept.value.target,
      set: (target: Target | undefined) => {
        kept.value = { ...kept.value, target }
      },
    }),
    setParts: (paintId: string, n: number) =>
      set(parts.value.map((p) => (p.paintId === paintId ? { ...p, parts: n } : p))),
    take: (paintId: string) => set(parts.value.filter((p) => p.paintId !== paintId)),
    lay: (next: PaintParts[], water = 0) => {
      kept.value = { ...kept.value, parts: next.slice(0, MOST), water }
    },
    isFull: computed(() => parts.value.length >= MOST),
  }
})
