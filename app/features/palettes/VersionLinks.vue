<script setup lang="ts">
import type { Palette, Version } from '@juxtachrome/core/documents'
import { useVersionCommands } from './versions'
import { useToday } from '~/shared/ui/useToday'

/** What can be done with one version of a palette; more comes in the slot. */
defineProps<{
  palette: Palette
  version: Version
  /** The version that the palette is as now, where there is one. */
  present?: Version
}>()
const commands = useVersionCommands()
const today = useToday()
</script>

<template>
  <p class="mt-1 flex flex-wrap gap-x-3 text-sm">
    <button
      v-if="version.id !== present?.id"
      class="link"
      :aria-label="`Go back to ${version.name}`"
      @click="commands.goBack(palette, version, today, Boolean(present))"
    >
      Go back to it
    </button>
    <NuxtLink class="link" :to="`/palettes/beside?one=${version.id}&other=${palette.id}`">Compare</NuxtLink>
    <slot />
  </p>
</template>
