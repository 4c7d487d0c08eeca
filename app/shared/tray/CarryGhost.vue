<script setup lang="ts">
import type { Carry } from './useCarry'

defineProps<{ carry: Carry }>()
</script>

<template>
  <div
    v-if="carry.carried.value && carry.pointer.value"
    class="pointer-events-none fixed z-50 border border-edge bg-surface px-2 py-1 text-sm shadow-md"
    :style="{ left: `${carry.pointer.value.x + 12}px`, top: `${carry.pointer.value.y + 8}px` }"
    aria-hidden="true"
  >
    {{ carry.carried.value.name }}
  </div>
  <div
    v-else-if="carry.carried.value"
    class="panel fixed inset-x-3 bottom-[calc(var(--bar)+0.75rem)] z-40 mx-auto flex max-w-xl items-center gap-3 border-edge px-3 py-2 shadow-md"
    role="status"
  >
    <span class="grow"
      >In hand: <strong>{{ carry.carried.value.name }}</strong>. Choose a place; Escape puts it back.</span
    >
    <button class="btn" @click="carry.putBack()">Put back</button>
  </div>
</template>
