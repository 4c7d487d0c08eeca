<script setup lang="ts">
import { computed } from 'vue'

/** How much one wish for the arrangement counts, and how well it is met: a bar between chance and the best there is. */
const props = defineProps<{ wish: { label: string; about: string }; weight: number; score?: number }>()
const emit = defineEmits<{ weigh: [weight: number] }>()
const share = computed(() => Math.max(0, Math.min(1, props.score ?? 0)))
/** From which share it is said so (judgement). */
const MET: readonly (readonly [from: number, words: string])[] = [
  [0.95, 'as well as it can be'],
  [0.6, 'mostly'],
  [0.05, 'part of the way'],
  [0, 'as by chance'],
]
const words = computed(() => (props.score === undefined ? '' : MET.find(([from]) => share.value >= from)![1]))
</script>

<template>
  <div class="border-t border-line py-0.5" :title="wish.about">
    <label class="grid min-h-8 grid-cols-[minmax(0,1fr)_4.5rem_4.5rem] items-center gap-2 text-[0.8125rem]"
      ><span>{{ wish.label }}</span
      ><input
        type="range"
        min="0"
        max="1"
        step="0.1"
        class="h-6 w-full"
        :value="weight"
        :aria-valuetext="`${Math.round(100 * weight)} %`"
        @input="emit('weigh', Number(($event.target as HTMLInputElement).value))"
      /><span :title="words"
        ><span v-if="words" class="block h-2 border border-line" aria-hidden="true"
          ><span class="block h-full bg-text" :style="{ width: `${100 * share}%` }" /></span
        ><span class="sr-only">{{ words }}</span></span
      ></label
    >
  </div>
</template>
