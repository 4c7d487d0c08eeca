<script setup lang="ts">
import { ref, watch } from 'vue'
import { numberIn } from '~/shared/words/numberIn'
import FormField from '~/shared/ui/FormField.vue'

/** A number that goes with the drawing as it is typed; what is no number is said and changes nothing. */
defineProps<{ label: string; unit?: string }>()
const model = defineModel<number>({ required: true })
const text = ref(String(model.value))
const trouble = ref('')
watch(model, (n) => {
  if (numberIn(text.value) !== n) text.value = String(n)
})
function take() {
  const n = numberIn(text.value)
  trouble.value = Number.isFinite(n) && n >= 0 && n <= 1000 ? '' : 'A number from 0 to 1000.'
  if (!trouble.value) model.value = n
}
</script>

<template>
  <FormField v-slot="{ field }" :label="unit ? `${label}, ${unit}` : label" :error="trouble">
    <input v-bind="field" v-model="text" class="input" inputmode="decimal" @change="take" />
  </FormField>
</template>
