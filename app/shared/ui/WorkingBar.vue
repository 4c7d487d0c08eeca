<script setup lang="ts">
/** Work that goes on: how far it is where that is known, what it is, and a way to stop it where there is one. */
defineProps<{
  label: string
  /** 0 to 1. */
  done?: number
  onCancel?: () => unknown
}>()
</script>

<template>
  <p class="flex items-center gap-2" role="status">
    <progress :class="$slots.default ? 'w-20 shrink-0' : 'min-w-20 grow'" :value="done" max="1" :aria-label="label" />
    <span v-if="$slots.default" class="grow"><slot /></span>
    <button v-if="onCancel" class="link" @click="onCancel()">Cancel</button>
  </p>
</template>
