<script setup lang="ts">
import { computed, ref } from 'vue'
import { useBoxCommands } from './commands'
import { useHolders } from './useHolders'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import BoxEditor from './BoxEditor.vue'

/** The box of one palette: redrawn, or changed for another, with everything in it kept. */
const route = useRoute()
const collection = useCollection()
const commands = useBoxCommands()
const notices = useNotices()
const { choices, byId } = useHolders()
const id = computed(() => String(route.params.id))
const palette = computed(() => {
  const p = collection.palette(id.value)
  return p?.removed ? undefined : p
})
const redraw = computed(() => commands.redrawOf(id.value))
const used = computed(() => (palette.value ? commands.usedIn(id.value) : new Set<string>()))
const otherId = ref('')
function change() {
  const other = byId(otherId.value)
  if (!other || !commands.changeTo(id.value, other)) return
  notices.say(`It is in ${other.name} now. Everything in it kept its place's name.`)
  otherId.value = ''
}
useHead({ title: () => `Box of ${palette.value?.name ?? 'a palette'} · Juxtachrome` })
</script>

<template>
  <div v-if="palette" class="flex grow flex-col">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-3 py-1.5">
      <div class="min-w-0 grow">
        <h1 class="truncate">The box of {{ palette.name }}</h1>
        <p class="hint truncate">{{ palette.holder.name }} · this palette's own copy</p>
      </div>
      <form class="flex min-w-0 flex-wrap items-center gap-2" @submit.prevent="change">
        <select v-model="otherId" class="input max-w-64" aria-label="Another box">
          <option value="">Another box …</option>
          <option v-for="c in choices" :key="c.id" :value="c.id">{{ c.text }}</option>
        </select>
        <button class="btn" :disabled="!otherId">Change to it</button>
      </form>
      <NuxtLink class="btn btn-primary" :to="`/palettes/${palette.id}/arrange`">Back to the palette</NuxtLink>
    </div>
    <p class="hint px-3 pt-2 text-sm">
      What lies in a place, or is planned for it, keeps that place's name, whatever box it is in. For a second box with
      the same paints, branch it under Versions instead.
    </p>
    <BoxEditor :key="palette.id" :holder="palette.holder" :redraw="redraw" :used="used" />
  </div>
  <section v-else class="p-6">
    <h1>No such palette</h1>
    <p class="mt-2">It may have been removed. <NuxtLink class="link" to="/palettes">All palettes</NuxtLink></p>
  </section>
</template>
