<script setup lang="ts">
import { toLch } from '@juxtachrome/core/colour'
import { computed } from 'vue'
import { useMixtures } from '~/shared/swatch/useMixtures'
import { screenStops } from '~/shared/swatch/useSwatch'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'
import { figure } from '~/shared/words/figures'

const bench = useBench()
const collection = useCollection()
const { predict } = useMixtures()
const RATIOS = [
  [1, 0],
  [8, 1],
  [4, 1],
  [2, 1],
  [3, 2],
  [1, 1],
  [2, 3],
  [1, 2],
  [1, 4],
  [1, 8],
  [0, 1],
] as const
const pair = computed(() => bench.parts.slice(0, 2).map((p) => p.paintId))
const steps = computed(() =>
  RATIOS.flatMap(([a, b]) => {
    const parts = pair.value.map((paintId, i) => ({ paintId, parts: i ? b : a })).filter((p) => p.parts > 0)
    const mix = predict(parts, 0)
    return mix.ok
      ? [
          {
            label: `${a}:${b}`,
            parts,
            stops: screenStops(mix.value.ramp.map((r) => r.lab)),
            C: toLch(mix.value.masstone).C,
            masstone: mix.value.masstone,
          },
        ]
      : []
  }),
)
const neutral = computed(() =>
  steps.value
    .slice(1, -1)
    .reduce<(typeof steps.value)[number] | undefined>((least, s) => (!least || s.C < least.C ? s : least), undefined),
)
</script>

<template>
  <section aria-label="Row of mixtures">
    <p v-if="pair.length < 2" class="hint">Put two paints on the bench to see every step between them.</p>
    <template v-else>
      <p class="mb-1 flex justify-between gap-3 text-sm">
        <span>{{ collection.paint(pair[0])?.name }}</span><span class="text-right">{{
          collection.paint(pair[1])?.name
        }}</span>
      </p>
      <ul class="flex bg-ground">
        <li v-for="step in steps" :key="step.label" class="min-w-0 grow basis-0">
          <button
            class="block w-full"
            :aria-label="`${step.label}, chroma ${figure(step.C)}, L* ${figure(step.masstone.L)}. Lay it on the bench`"
            @click="bench.lay(step.parts, bench.water)"
          >
            <SwatchBand :stops="step.stops" direction="to bottom" class="h-48" /><span
              class="block bg-surface py-1 text-center text-sm"
              :class="step === neutral ? 'font-semibold underline' : ''"
              >{{ step.label }}</span
            >
          </button>
        </li>
      </ul>
      <p v-if="neutral" class="mt-2">
        Nearest to neutral at {{ neutral.label }}: chroma {{ figure(neutral.C)
        }}{{ neutral.C < 8 ? ', a grey: these two neutralise each other' : '' }}. Masstone on top, wash below; all
        predicted.
      </p>
    </template>
  </section>
</template>
