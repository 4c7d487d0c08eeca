<script setup lang="ts">
import { ref } from 'vue'
import { useSharing } from './sharing'
import { readTextFile } from '~/shared/files/readFile'
import FileButton from '~/shared/ui/FileButton.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** Opens a palette that somebody shared, beside one's own. */
const emit = defineEmits<{ taken: [paletteId: string] }>()
const sharing = useSharing()
const trouble = ref('')
async function open(file: File) {
  trouble.value = ''
  const text = await readTextFile(file, 8)
  const taken = text.ok ? sharing.takeIn(text.value) : text
  if (taken.ok) emit('taken', taken.value.id)
  else trouble.value = taken.error.message
}
</script>

<template>
  <FileButton label="Open a shared one" accept=".json,application/json" @choose="open" />
  <Refusal v-if="trouble" class="w-full" :says="trouble" />
</template>
