<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { computed, ref } from 'vue'
import BriefChips from './BriefChips.vue'
import { briefInWords } from './briefWords'

/** What the palette is for, as one line of text that opens where it is changed. */
const props = defineProps<{ palette: Palette }>()
const isOpen = ref(false)
const words = computed(() => briefInWords(props.palette.brief))
</script>

<template>
  <div>
    <p class="text-sm text-muted">
      {{ words }}
      <button class="link whitespace-nowrap" :aria-expanded="isOpen" @click="isOpen = !isOpen">
        {{ isOpen ? 'Done' : 'Change what it is for' }}
      </button>
    </p>
    <BriefChips v-if="isOpen" class="mt-1.5 mb-2" :palette="palette" />
  </div>
</template>
