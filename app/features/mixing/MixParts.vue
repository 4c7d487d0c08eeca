<script setup lang="ts">
import { Minus, Plus, X } from '@lucide/vue'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import WaterSlider from './WaterSlider.vue'

const bench = useBench()
const collection = useCollection()
const clamp = (n: number) => Math.max(0.5, Math.min(24, n))
</script>

<template>
  <div>
    <ul class="space-y-2">
      <li v-for="{ paintId, parts } in bench.parts" :key="paintId" class="flex items-center gap-2">
        <PaintSwatch :paint="collection.paint(paintId)!" class="h-8 w-12 shrink-0" />
        <label class="min-w-0 grow"
          ><span class="block truncate text-sm"
            >{{ collection.paint(paintId)!.name }}
            <span class="hint">{{ collection.paint(paintId)!.pigments.join(' ') }}</span></span
          >
          <input
            type="range"
            class="w-full"
            min="0.5"
            max="24"
            step="0.5"
            :value="parts"
            :aria-label="`Parts of ${collection.paint(paintId)!.name}`"
            :aria-valuetext="`${parts} parts`"
            @input="bench.setParts(paintId, Number(($event.target as HTMLInputElement).value))"
          />
        </label>
        <span class="flex shrink-0 items-center" data-repeats
          ><button
            class="btn btn-icon btn-quiet"
            :aria-label="`Less ${collection.paint(paintId)!.name}`"
            @click="bench.setParts(paintId, clamp(parts - 1))"
          >
            <Minus :size="16" /></button
          ><span class="w-8 text-center font-semibold">{{ parts }}</span
          ><button
            class="btn btn-icon btn-quiet"
            :aria-label="`More ${collection.paint(paintId)!.name}`"
            @click="bench.setParts(paintId, clamp(parts + 1))"
          >
            <Plus :size="16" /></button
        ></span>
        <button
          class="btn btn-icon btn-quiet shrink-0"
          :aria-label="`Take ${collection.paint(paintId)!.name} off the bench`"
          @click="bench.take(paintId)"
        >
          <X :size="16" />
        </button>
      </li>
    </ul>
    <WaterSlider
      v-if="bench.parts.length"
      v-model="bench.water"
      words="Water"
      label="Parts of water"
      :most="60"
      class="mt-3"
    />
  </div>
</template>
