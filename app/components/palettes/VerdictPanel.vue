<script setup lang="ts">
import type { Finding, Remedy } from '@juxtachrome/core/choosing'

defineProps<{ findings: Finding[] }>()
const emit = defineEmits<{ act: [remedy: Remedy] }>()
</script>

<template>
  <section aria-label="Verdict" aria-live="polite">
    <h2 class="mb-1">Verdict</h2>
    <ul>
      <li
        v-for="finding in findings"
        :key="finding.code + finding.message"
        class="border-t border-line py-2 first:border-t-0"
      >
        <p :class="finding.weight === 'in the way' ? 'font-semibold' : ''">{{ finding.message }}</p>
        <button v-if="finding.remedy" class="link text-sm" @click="emit('act', finding.remedy)">
          {{ finding.remedy.words }}
        </button>
      </li>
    </ul>
  </section>
</template>
