import { ARRANGE_PRESETS, ARRANGE_WISHES, type Blend } from '@juxtachrome/core/arranging'
import * as z from 'zod/mini'
import { computed } from 'vue'
import { kept } from '~/stores/kept'

const Weights = z.record(z.string(), z.number().check(z.gte(0), z.lte(1)))
const Own = z.array(z.object({ name: z.string().check(z.maxLength(60)), blend: Weights }))

/** What matters in arranging: a school, or a blend of one's own, kept on this device under a name. */
export function useBlend() {
  const blend = kept('jx-blend', Weights, ARRANGE_PRESETS[0]!.blend)
  const own = kept('jx-blends', Own, [])
  const isSame = (other: Blend) => ARRANGE_WISHES.every((w) => (other[w.id] ?? 0) === (blend.value[w.id] ?? 0))
  const schools = computed(() => [
    ...ARRANGE_PRESETS.map((p) => ({ key: p.id, label: p.label, blend: p.blend, isOwn: false })),
    ...own.value.map((o) => ({ key: `own ${o.name}`, label: o.name, blend: o.blend, isOwn: true })),
  ])
  const chosen = computed(() => schools.value.find((s) => isSame(s.blend)))
  function weigh(wish: string, weight: number) {
    blend.value = { ...blend.value, [wish]: weight }
  }
  function keep(name: string) {
    own.value = [...own.value.filter((o) => o.name !== name), { name, blend: { ...blend.value } }]
  }
  const forget = (name: string) => (own.value = own.value.filter((o) => o.name !== name))
  return { blend, schools, chosen, weigh, keep, forget, take: (b: Blend) => (blend.value = { ...b }) }
}
