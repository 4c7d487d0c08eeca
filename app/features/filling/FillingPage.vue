<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { useFillingPlan } from './useFillingPlan'
import FillingAsked from './FillingAsked.vue'
import FillingDay from './FillingDay.vue'
import FillingPlanned from './FillingPlanned.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** The plan of a filling, or the filling itself step by step: one plan, kept up as it is carried out. */
const props = defineProps<{ palette: Palette; day: boolean }>()
const emit = defineEmits<{ show: [day: boolean] }>()
const planned = useFillingPlan(() => props.palette)
const { plan, readyBy, chooseFrom } = planned
</script>

<template>
  <FillingDay v-if="day" :palette="palette" :planned="planned" @leave="emit('show', false)" />
  <div v-else class="mx-auto grid w-full max-w-6xl gap-5 p-3 lg:grid-cols-[19rem_minmax(0,1fr)]">
    <FillingAsked :planned="planned" />
    <FillingPlanned
      v-if="plan.ok"
      :palette="palette"
      :plan="plan.value"
      :ready-by="readyBy"
      @begin="emit('show', true)"
      @from="chooseFrom"
    />
    <Refusal v-else :says="plan.error.message" />
  </div>
</template>
