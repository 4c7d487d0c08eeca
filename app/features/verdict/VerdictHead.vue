<script setup lang="ts">
import type { Assessment } from '@juxtachrome/core/choosing'
import type { Palette } from '@juxtachrome/core/documents'
import { type LatticeCell, SHOWN_WHEELS } from '@juxtachrome/core/reach'
import { computed, defineAsyncComponent, ref } from 'vue'
import { usePointing } from '~/shared/said/usePointing'
import { usePreferences } from '~/stores/preferences'
import ReachWheel from './ReachWheel.vue'
import * as say from './words'

const LazyReachMap = defineAsyncComponent(() => import('./ReachMap.vue'))

/** What the palette can do: one sentence, and the map of it, which opens where it is pointed into. */
const props = defineProps<{ palette: Palette; verdict?: Assessment; isStale: boolean }>()
const preferences = usePreferences()
const pointing = usePointing()
const opened = ref<{ cell?: LatticeCell }>()
/** Nothing is known yet: empty wheels hold the place, so that nothing moves when they fill. */
const map = computed(() => props.verdict?.map ?? [])
const whole = computed(() => (props.verdict ? say.wholeInWords(props.verdict) : ''))
</script>

<template>
  <div :aria-busy="isStale">
    <p class="text-lg leading-snug font-semibold" role="status">
      {{ verdict ? say.reachInWords(verdict) : 'Working out what this palette can do …' }}
    </p>
    <p v-if="whole" class="text-sm text-muted">{{ whole }}</p>
    <div class="mt-2 grid grid-cols-3 gap-2 bg-ground p-1.5 text-on-ground">
      <figure v-for="(wheel, i) in SHOWN_WHEELS" :key="wheel" class="min-w-0">
        <ReachWheel
          :wheel="wheel"
          :map="map"
          small
          class="mx-auto max-w-56 transition-opacity"
          :class="isStale ? 'opacity-50' : ''"
          @choose="opened = { cell: $event }"
        />
        <figcaption class="text-center text-xs">{{ say.SHOWN_VALUES[i] }}</figcaption>
      </figure>
    </div>
    <p class="mt-1 flex justify-between gap-3 text-sm">
      <button class="link" aria-label="Open the map of what is reached" :disabled="!map.length" @click="opened = {}">
        Open the map
      </button>
      <button class="link" :aria-pressed="preferences.figures" @click="preferences.figures = !preferences.figures">
        {{ preferences.figures ? 'Without the figures' : 'The figures' }}
      </button>
    </p>
    <LazyReachMap
      v-if="opened && verdict?.map"
      :palette="palette"
      :map="verdict.map"
      :near="verdict.near"
      :at="opened.cell"
      @close="opened = undefined"
      @look="((opened = undefined), pointing.look($event))"
    />
  </div>
</template>
