<script setup lang="ts">
/** The frame of a way of choosing: what it is called, which takes the focus when it comes, and the way back. */
defineProps<{ title: string; named?: string }>()
const emit = defineEmits<{ leave: [] }>()
</script>

<template>
  <section class="flex h-full min-h-0 flex-col" :aria-label="named ?? title">
    <header class="mb-1 flex flex-wrap items-baseline gap-x-3">
      <h2 class="grow" tabindex="-1">{{ title }}</h2>
      <slot name="actions" />
      <button class="link text-sm" @click="emit('leave')">Leave</button>
    </header>
    <slot />
  </section>
</template>
