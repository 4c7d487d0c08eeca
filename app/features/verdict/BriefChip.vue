<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'

/** One chip of the brief, changed where it stands: what opens lies below all of them, within the zone. */
defineProps<{ words: string; label: string; faint?: boolean }>()
</script>

<template>
  <Popover v-slot="{ close }" class="max-w-full">
    <PopoverButton
      class="choice max-w-full text-left text-[0.8125rem] leading-tight"
      :class="faint ? 'border-dashed' : ''"
      :aria-label="`${label}: ${words}. Change it`"
      >{{ words }}</PopoverButton
    >
    <PopoverPanel
      focus
      class="panel absolute inset-x-0 top-full z-30 mt-1 max-h-96 overflow-y-auto p-3 shadow-md"
      :aria-label="label"
    >
      <slot :close="close" />
    </PopoverPanel>
  </Popover>
</template>
