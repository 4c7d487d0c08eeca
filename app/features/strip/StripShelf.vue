<script setup lang="ts">
import { X } from '@lucide/vue'
import { computed } from 'vue'
import { useStripSamples } from './useStripSamples'
import { useStrip } from '~/stores/strip'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'

const strip = useStrip()
const { samples, comparison } = useStripSamples()
const route = useRoute()
/** The difference in one line, then what else weighs most; the rest is a step away. */
const lines = computed(() => {
  const all = comparison.value?.lines
  if (!all) return undefined
  const colours = all.filter((l) => /^(masstone|wash): /.test(l))
  return [colours.join('; '), ...all.filter((l) => !colours.includes(l))].filter(Boolean).slice(0, 3)
})
</script>

<template>
  <aside
    v-if="samples.length"
    data-strip
    aria-label="The strip: samples side by side"
    class="sticky bottom-(--bar) z-20 border-t border-line bg-surface px-3 py-2"
  >
    <div class="flex items-stretch gap-3 max-md:flex-col max-md:gap-1">
      <ul class="flex min-w-0 grow items-start" aria-label="On the strip">
        <li v-for="sample in samples" :key="sample.key" class="relative min-w-0 max-w-44 grow">
          <button
            class="relative block w-full text-left"
            :aria-pressed="strip.chosen.includes(sample.key)"
            @click="strip.choose(sample.key)"
          >
            <SwatchBand
              :stops="sample.stops"
              :grain="sample.grain"
              :marked="sample.marked"
              :assumed="sample.assumed"
              class="h-12"
            />
            <span class="line-clamp-2 px-1 text-xs leading-tight">{{ sample.name }}</span>
            <span class="hint block truncate px-1 pr-6 text-xs">{{ sample.under }}</span>
            <span
              v-if="strip.chosen.includes(sample.key)"
              class="pointer-events-none absolute inset-0 z-10 border-2 border-text"
              aria-hidden="true"
            />
          </button>
          <button
            class="take-off absolute right-0.5 bottom-0.5 bg-surface p-1.5"
            :aria-label="`Take ${sample.name} off the strip`"
            @click="strip.take(sample.key)"
          >
            <X :size="12" />
          </button>
        </li>
      </ul>
      <div class="shrink-0 text-sm leading-snug md:w-96" aria-live="polite">
        <ul v-if="lines">
          <li v-for="(line, i) in lines" :key="line" :class="i > 1 ? 'max-md:hidden' : ''">
            {{ line }}
          </li>
        </ul>
        <p v-else class="hint">Choose two to read what differs.</p>
        <p class="mt-1 flex gap-3 text-xs max-md:gap-6">
          <NuxtLink v-if="route.path !== '/compare'" class="link" to="/compare">Look closer</NuxtLink
          ><button class="link" @click="strip.clear()">Clear the strip</button>
        </p>
      </div>
    </div>
  </aside>
</template>
