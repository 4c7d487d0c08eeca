<script setup lang="ts">
import { coloursOfCode, variantKey, type ReferencePigment } from '@juxtachrome/core/pigments'
import { computed } from 'vue'
import { screenStops } from './useSwatch'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'
import SwatchBand from './SwatchBand.vue'

/** Which of the colours that a code is sold as: each with its swatch, the likeliest first, answered by one tap. */
const props = defineProps<{ code: string; chosen?: string; proposed?: ReferencePigment; small?: boolean }>()
const emit = defineEmits<{ choose: [variant: string] }>()
const colours = computed(() => {
  const all = coloursOfCode(props.code)
  return props.proposed ? [props.proposed, ...all.filter((p) => p !== props.proposed)] : all
})
const nameOf = (p: ReferencePigment) => (p.names[0] ?? p.variant ?? p.id).replace(/ \(.*?\)$/, '')
</script>

<template>
  <ChoiceGroup :label="`Which ${code} it is`" class="flex flex-wrap gap-1.5">
    <button
      v-for="p in colours"
      :key="p.id"
      type="button"
      class="choice flex items-center gap-1.5 py-0.5"
      :aria-pressed="chosen === variantKey(p)"
      @click="emit('choose', variantKey(p))"
    >
      <SwatchBand :stops="screenStops([p.masstone, p.wash])" :class="small ? 'h-4 w-7' : 'h-6 w-10'" /><span
        >{{ nameOf(p) }}<span v-if="p === proposed" class="sr-only">, the likeliest</span></span
      >
    </button>
  </ChoiceGroup>
</template>
