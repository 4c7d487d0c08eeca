<script setup lang="ts">
import { lackingPlaces, type Palette } from '@juxtachrome/core/documents'
import { computed } from 'vue'
import { usePaintName } from '~/shared/words/paintName'

/** What is planned for places that the box does not have: kept, said, and brought into a place that it has. */
const props = defineProps<{ palette: Palette; free: readonly string[] }>()
const emit = defineEmits<{ move: [from: string, to: string]; clear: [placeId: string] }>()
const nameOf = usePaintName()
const lacking = computed(() =>
  lackingPlaces(props.palette).map((id) => ({ id, name: nameOf(props.palette.plan[id]!.paintId!) })),
)
</script>

<template>
  <section v-if="lacking.length" class="mt-2 border-l-4 border-trouble pl-2" aria-label="Without a place">
    <p>This box lacks places that paints are planned for:</p>
    <ul>
      <li v-for="{ id, name } in lacking" :key="id" class="flex flex-wrap items-center gap-2 py-1">
        <span class="grow">{{ name }} ({{ id }})</span>
        <button v-if="free[0]" class="btn" @click="emit('move', id, free[0])">Put it into {{ free[0] }}</button>
        <button class="btn btn-quiet" @click="emit('clear', id)">Take it off the plan</button>
      </li>
    </ul>
  </section>
</template>
