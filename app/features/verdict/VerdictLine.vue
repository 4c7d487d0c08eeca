<script setup lang="ts">
/** One line of the verdict; what stands behind it opens below. */
defineProps<{ text: string; weighty?: boolean }>()
const slots = defineSlots<{ default?(): unknown; action?(): unknown }>()
</script>

<template>
  <li class="border-t border-line py-1.5 first:border-t-0">
    <details v-if="slots.default" class="group">
      <summary class="flex cursor-pointer gap-1.5 leading-snug">
        <span class="hint h-5 w-2 shrink-0 leading-5 transition-transform group-open:rotate-90" aria-hidden="true"
          >›</span
        >
        <span :class="weighty ? 'font-semibold' : ''">{{ text }}</span>
      </summary>
      <div class="mt-1 pl-3.5 text-sm"><slot /></div>
    </details>
    <p v-else class="pl-3.5 leading-snug" :class="weighty ? 'font-semibold' : ''">{{ text }}</p>
    <div v-if="slots.action" class="pl-3.5 text-sm"><slot name="action" /></div>
  </li>
</template>
