<script setup lang="ts">
import FormField from './FormField.vue'

/** A labelled choice of words; `none` names what stands for no choice, where that is one. */
defineProps<{
  label: string
  choices: readonly (string | { id: string; text: string })[]
  none?: string
  error?: string
}>()
const model = defineModel<string>()
</script>

<template>
  <FormField v-slot="{ field }" :label="label" :error="error">
    <select v-bind="field" v-model="model" class="input">
      <option v-if="none !== undefined" value="">{{ none }}</option>
      <template v-for="choice in choices" :key="typeof choice === 'string' ? choice : choice.id">
        <option v-if="typeof choice === 'string'" :value="choice">{{ choice }}</option>
        <option v-else :value="choice.id">{{ choice.text }}</option>
      </template>
    </select>
  </FormField>
</template>
