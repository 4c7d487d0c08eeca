<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { useSharing } from './sharing'
import { slug } from '~/shared/files/slug'
import { saveFile } from '~/shared/files/saveFile'

/** One palette as a file for somebody else, without the rest of the collection; a list of it for students. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ done: [] }>()
const sharing = useSharing()
function share() {
  saveFile(`palette-${slug(props.palette.name)}.json`, sharing.asText(props.palette), 'application/json')
  emit('done')
}
</script>

<template>
  <section aria-label="For others" class="border-t border-line pt-3">
    <h3>For others</h3>
    <p class="hint">
      The file holds the box, the plan, its paints and their recipes: no tubes, prices or journal. It opens beside what
      somebody has.
    </p>
    <p class="mt-2 flex flex-wrap gap-2">
      <button type="button" class="btn" @click="share">Share as a file</button>
      <NuxtLink class="btn" :to="`/students?of=palette:${palette.id}`" @click="emit('done')"
        >List for students</NuxtLink
      >
    </p>
  </section>
</template>
