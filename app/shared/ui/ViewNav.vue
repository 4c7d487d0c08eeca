<script setup lang="ts">
/** The views of one screen, each an address of its own. */
defineProps<{ label: string; views: readonly { id: string; label: string; to: string }[]; here: string }>()
</script>

<template>
  <nav :aria-label="label" class="flex max-w-full flex-wrap gap-1">
    <NuxtLink
      v-for="v in views"
      :key="v.id"
      class="btn btn-quiet whitespace-nowrap max-sm:px-2"
      :to="v.to"
      :aria-current="v.id === here ? 'page' : undefined"
      :class="v.id === here ? 'here' : ''"
      >{{ v.label }}</NuxtLink
    >
  </nav>
</template>
