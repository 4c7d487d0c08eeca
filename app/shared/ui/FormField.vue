<script setup lang="ts">
import { useId } from 'vue'

defineProps<{ label: string; error?: string; hint?: string }>()
const id = useId()
</script>

<template>
  <div class="min-w-0">
    <label :for="id" class="mb-0.5 block text-sm font-medium">{{ label }}</label>
    <slot
      :field="{ id, 'aria-invalid': Boolean(error), 'aria-describedby': error || hint ? `${id}-more` : undefined }"
    />
    <p v-if="error" :id="`${id}-more`" class="mt-0.5 refusal" role="alert">{{ error }}</p>
    <p v-else-if="hint" :id="`${id}-more`" class="hint mt-0.5">{{ hint }}</p>
  </div>
</template>
