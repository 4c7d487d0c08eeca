<script setup lang="ts">
import { ArrowDownUp } from '@lucide/vue'
import { toScreen } from '@juxtachrome/core/colour'
import { glazedColour } from '@juxtachrome/core/mixing'
import { computed, ref } from 'vue'
import { useMixtures } from '~/shared/swatch/useMixtures'
import Refusal from '~/shared/ui/Refusal.vue'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import LightChoice from './LightChoice.vue'
import WaterSlider from './WaterSlider.vue'
import { liftingInWords, OF_LAMPS } from './words'

/** Washes over dry washes, in either order, beside the mixture of the same paints. */
const bench = useBench()
const collection = useCollection()
const { opticsToMix, predict, inWords } = useMixtures()
const USUAL_WATER = 4
const ORDER = ['First', 'Then', 'Last'] as const
const waters = ref<Record<string, number>>({})
const isTurned = ref(false)
const laid = computed(() => {
  const own = bench.parts.slice(0, ORDER.length).flatMap((p) => collection.paint(p.paintId) ?? [])
  return isTurned.value ? own.toReversed() : own
})
const waterOf = (id: string) => waters.value[id] ?? USUAL_WATER
const films = computed(() => laid.value.map((paint) => ({ paint, optics: opticsToMix(paint.id) })))
const trouble = computed(() => films.value.flatMap(({ optics }) => (optics.ok ? [] : optics.error.message))[0] ?? '')
/** What washes are together, from the lowest up. */
const colourOf = (list: typeof films.value) => {
  const layers = list.flatMap(({ paint, optics }) =>
    optics.ok ? [{ optics: optics.value, water: waterOf(paint.id) }] : [],
  )
  const colour = glazedColour(layers, bench.light)
  return colour.ok ? toScreen(colour.value).hex : undefined
}
const fields = computed(() => {
  const n = films.value.length
  return Array.from({ length: 2 * n - 1 }, (_, i) =>
    colourOf(films.value.slice(Math.max(0, i - n + 1), Math.min(i, n - 1) + 1)),
  )
})
const together = computed(() => colourOf(films.value))
const turned = computed(() => colourOf(films.value.toReversed()))
const mixture = computed(() => {
  const parts = laid.value.map((p) => ({ paintId: p.id, parts: 1 }))
  const water = laid.value.reduce((sum, p) => sum + waterOf(p.id), 0) / Math.max(1, laid.value.length)
  const mix = predict(parts, water)
  if (!mix.ok) return undefined
  const shown = glazedColour([{ optics: mix.value.optics, water }], bench.light)
  return shown.ok ? { words: inWords(parts), hex: toScreen(shown.value).hex } : undefined
})
const names = (list: readonly { name: string }[]) => list.map((p) => p.name).join(', then ')
</script>

<template>
  <section aria-label="One over another">
    <p v-if="laid.length < 2" class="hint">
      Put two or three paints on the bench: the first is laid down and dries, the next goes over it.
    </p>
    <Refusal v-else-if="trouble" :says="trouble" />
    <template v-else>
      <div class="mb-2 flex flex-wrap items-center justify-between gap-2">
        <p>{{ names(laid) }}</p>
        <LightChoice />
      </div>
      <div class="bg-ground p-4">
        <div class="flex h-40" role="img" :aria-label="`${names(laid)}, overlapping`">
          <div v-for="(hex, i) in fields" :key="i" class="grow" :style="{ background: hex }" />
        </div>
      </div>
      <ul class="mt-3 space-y-2">
        <li v-for="(paint, i) in laid" :key="paint.id">
          <WaterSlider
            :model-value="waterOf(paint.id)"
            :words="`${ORDER[i]} ${paint.name}`"
            :label="`Water in the wash of ${paint.name}`"
            :most="30"
            :step="0.5"
            @update:model-value="waters = { ...waters, [paint.id]: $event }"
          />
          <p v-if="i < laid.length - 1" class="hint text-sm">{{ liftingInWords(paint) }}</p>
        </li>
      </ul>
      <button class="btn mt-3" data-repeats @click="isTurned = !isTurned">
        <ArrowDownUp :size="16" /> Turn the order round
      </button>
      <dl class="mt-3 grid grid-cols-[3rem_1fr] items-center gap-x-3 gap-y-1 text-sm">
        <dt class="h-8" :style="{ background: together }"><span class="sr-only">This order</span></dt>
        <dd>{{ names(laid) }}</dd>
        <dt class="h-8" :style="{ background: turned }"><span class="sr-only">The other order</span></dt>
        <dd>{{ names(laid.toReversed()) }}</dd>
        <template v-if="mixture">
          <dt class="h-8" :style="{ background: mixture.hex }"><span class="sr-only">Mixed</span></dt>
          <dd>mixed: {{ mixture.words }}</dd>
        </template>
      </dl>
      <p class="hint mt-2 text-sm">
        Each wash lies over what is dry below it; nothing is dissolved. {{ bench.light === 'lamp' ? OF_LAMPS : '' }}
      </p>
    </template>
  </section>
</template>
