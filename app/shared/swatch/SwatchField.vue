<script setup lang="ts">
import { parseColour, toScreen } from '@juxtachrome/core/colour'
import { computed } from 'vue'
import FormField from '~/shared/ui/FormField.vue'

const model = defineModel<string>({ required: true })
defineProps<{ label: string; error?: string }>()
const colour = computed(() => parseColour(model.value ?? ''))
const shown = computed(() => (colour.value.ok ? toScreen(colour.value.value) : undefined))
const hint = computed(() =>
  shown.value && !shown.value.shown
    ? 'Beyond what this screen shows: the nearest is drawn.'
    : 'L* a* b* (D65), or pick',
)
</script>

<template>
  <FormField v-slot="{ field }" :label="label" :error="error" :hint="hint">
    <span class="flex gap-1">
      <input v-bind="field" v-model="model" class="input" placeholder="25 28 -62" />
      <input
        type="color"
        class="input w-12 shrink-0 p-0.5"
        :aria-label="`${label}: pick it on the screen`"
        :value="shown?.hex ?? '#ffffff'"
        @input="model = ($event.target as HTMLInputElement).value"
      />
    </span>
  </FormField>
</template>
