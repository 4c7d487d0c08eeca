<script setup lang="ts">
import type { Paint } from '@juxtachrome/core/documents'
import { ref } from 'vue'
import { usePaintCommands } from './commands'
import { smallPicture } from '~/shared/files/smallPicture'
import FileButton from '~/shared/ui/FileButton.vue'
import KeptPicture from '~/shared/ui/KeptPicture.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** A photograph of the tube, its card or the tin it lies in, kept small with the paint. */
const props = defineProps<{ paint: Paint }>()
const commands = usePaintCommands()
const trouble = ref('')
const isLarge = ref(false)
async function choose(file: File) {
  const small = await smallPicture(file)
  trouble.value = small.ok ? '' : small.error.message
  if (small.ok) commands.keepPhoto(props.paint, small.value)
}
</script>

<template>
  <div class="mt-2 flex flex-wrap items-center gap-2" role="group" aria-label="Photograph">
    <button
      v-if="paint.pictureId"
      class="contents"
      :aria-label="isLarge ? 'Show the photograph small' : 'Show the photograph large'"
      :aria-expanded="isLarge"
      @click="isLarge = !isLarge"
    >
      <KeptPicture :id="paint.pictureId" :title="paint.name" :class="isLarge ? '!size-72' : ''" />
    </button>
    <FileButton
      :label="paint.pictureId ? 'Another photograph' : 'Add a photograph'"
      accept="image/*"
      @choose="choose"
    />
    <button v-if="paint.pictureId" class="btn btn-quiet" @click="commands.removePhoto(paint)">
      Remove the photograph
    </button>
    <Refusal v-if="trouble" :says="trouble" />
  </div>
</template>
