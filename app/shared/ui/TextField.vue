<script setup lang="ts">
import FormField from './FormField.vue'

/** A labelled line of text, with its complaint or hint below. */
defineOptions({ inheritAttrs: false })
defineProps<{ label: string; error?: string; hint?: string; long?: boolean }>()
const model = defineModel<string>()
</script>

<template>
  <FormField v-slot="{ field }" :label="label" :error="error" :hint="hint" :class="$attrs.class">
    <textarea v-if="long" v-bind="{ ...$attrs, ...field, class: 'input' }" v-model="model" rows="2" />
    <input v-else v-bind="{ ...$attrs, ...field, class: 'input' }" v-model="model" />
  </FormField>
</template>
