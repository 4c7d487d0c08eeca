<script setup lang="ts">
import { ref } from 'vue'
import { smallPicture } from '~/shared/files/smallPicture'
import FileButton from '~/shared/ui/FileButton.vue'
import KeptPicture from '~/shared/ui/KeptPicture.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** A photograph of a tube, its card or a tin, kept small with its record. */
defineProps<{ pictureId?: string; title: string }>()
const emit = defineEmits<{ keep: [image: string]; remove: [] }>()
const trouble = ref('')
const isLarge = ref(false)
async function choose(file: File) {
  const small = await smallPicture(file)
  trouble.value = small.ok ? '' : small.error.message
  if (small.ok) emit('keep', small.value)
}
</script>

<template>
  <div class="mt-2 flex flex-wrap items-center gap-2" role="group" aria-label="Photograph">
    <button
      v-if="pictureId"
      type="button"
      class="shrink-0"
      :aria-label="isLarge ? 'Show the photograph small' : 'Show the photograph large'"
      :aria-expanded="isLarge"
      @click="isLarge = !isLarge"
    >
      <KeptPicture :id="pictureId" :title="title" class="block" :class="isLarge ? '!size-72' : ''" />
    </button>
    <FileButton :label="pictureId ? 'Another photograph' : 'Add a photograph'" accept="image/*" @choose="choose" />
    <button v-if="pictureId" type="button" class="btn btn-quiet" @click="emit('remove')">Remove the photograph</button>
    <Refusal v-if="trouble" :says="trouble" />
  </div>
</template>
