<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import type { VerdictLineSaid } from './useVerdictLines'

/** One finding: a sentence with its paints as swatches, and what can be done about it; what stands behind it opens below. */
defineProps<{ line: VerdictLineSaid }>()
</script>

<template>
  <li class="border-t border-line py-2 first:border-t-0">
    <div class="flex flex-wrap items-start justify-end gap-x-3">
      <p class="min-w-0 grow basis-60 leading-relaxed" :class="line.weighty ? 'font-semibold' : ''">
        <SaidPaints :text="line.text" />
      </p>
      <span v-if="line.acts?.length" class="flex flex-wrap items-center justify-end gap-x-3 text-sm">
        <button
          v-for="act in line.acts"
          :key="act.label"
          :class="act.isMain ? 'btn' : 'link'"
          :aria-label="act.heard"
          @click="act.run()"
        >
          {{ act.label }}
        </button>
      </span>
    </div>
    <p v-if="line.figures" class="hint text-sm">{{ line.figures }}</p>
    <details v-if="line.behind" class="group text-sm">
      <summary class="hint inline-flex min-h-6 cursor-pointer items-center gap-1 pointer-coarse:min-h-11">
        <span class="inline-block transition-transform group-open:rotate-90" aria-hidden="true">›</span
        >{{ line.behind.words }}
      </summary>
      <component :is="line.behind.is" class="mt-1" v-bind="line.behind.given" />
    </details>
  </li>
</template>
