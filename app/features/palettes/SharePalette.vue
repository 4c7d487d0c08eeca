<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { ref } from 'vue'
import { useSharing } from './sharing'
import { slug } from '~/shared/files/slug'
import { usePalettesAddress } from '~/shared/files/useLinkCode'
import { saveFile } from '~/shared/files/saveFile'

/** One palette as a file for somebody else, without the rest of the collection; a list of it for students. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ done: [] }>()
const sharing = useSharing()
const address = usePalettesAddress()
const withNotes = ref(false)
const link = ref('')
const said = ref('')
async function copyLink() {
  const made = await sharing.asLink(props.palette, address())
  link.value = made.ok ? made.value : ''
  said.value = made.ok ? '' : made.error.message
  if (!made.ok) return
  try {
    await navigator.clipboard.writeText(made.value)
    said.value = 'Copied. It holds names, codes, the box and what it is for; no notes, prices or pictures.'
  } catch {
    said.value = 'Copy it from the line below.'
  }
}
function share() {
  saveFile(
    `palette-${slug(props.palette.name)}.json`,
    sharing.asText(props.palette, withNotes.value),
    'application/json',
  )
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
    <label class="mt-2 flex items-center gap-2"
      ><input v-model="withNotes" type="checkbox" /> With my notes of its paints and recipes</label
    >
    <p class="mt-2 flex flex-wrap gap-2">
      <button type="button" class="btn" @click="share">Share as a file</button>
      <button type="button" class="btn" @click="copyLink">Copy a link</button>
      <NuxtLink class="btn" :to="`/palettes/${palette.id}/key?sheet=poster`" @click="emit('done')"
        >The palette on one page</NuxtLink
      >
      <NuxtLink class="btn" :to="`/students?of=palette:${palette.id}`" @click="emit('done')"
        >List for students</NuxtLink
      >
    </p>
    <p v-if="said" class="mt-2" role="status">{{ said }}</p>
    <input
      v-if="link"
      class="input mt-1"
      readonly
      aria-label="The link"
      :value="link"
      @focus="($event.target as HTMLInputElement).select()"
    />
  </section>
</template>
