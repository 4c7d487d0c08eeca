<script setup lang="ts">
import { isPredicted, type ReferencePigment } from '@juxtachrome/core/pigments'
import { grainOf, screenStops } from '~/shared/swatch/useSwatch'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'

defineProps<{ pigment: ReferencePigment; owned: number }>()
</script>

<template>
  <span class="grid h-full grid-cols-[3.75rem_1fr_auto] items-center gap-x-2.5 text-left">
    <SwatchBand
      :stops="screenStops([pigment.masstone, pigment.wash])"
      :grain="grainOf(pigment)"
      :marked="!isPredicted(pigment)"
      class="h-[calc(100%-6px)]"
    />
    <span class="min-w-0 leading-tight">
      <span class="block truncate"
        ><strong class="font-semibold">{{ pigment.code }}</strong
        ><span v-if="pigment.variant" class="ml-1.5 italic">{{ pigment.variant }}</span> {{ pigment.names[0] }}</span
      >
      <span class="hint block truncate text-[0.8125rem]"
        >{{ pigment.chemistry }} · {{ pigment.transparency }} · {{ pigment.granulation
        }}{{ pigment.astm ? ` · ASTM ${pigment.astm}` : '' }}</span
      >
    </span>
    <span class="hint pr-1 text-right text-[0.8125rem]">{{ owned ? `in ${owned} of yours` : '' }}</span>
  </span>
</template>
