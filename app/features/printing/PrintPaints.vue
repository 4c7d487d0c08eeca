<script setup lang="ts">
import { computed } from 'vue'
import { useSheetPaints } from './useSheetPaints'
import ChoiceField from '~/shared/ui/ChoiceField.vue'

/** Which paints a sheet is made of. */
const props = defineProps<{ label: string }>()
const source = defineModel<string>('source', { required: true })
const list = defineModel<string>('list', { required: true })
const { sources, paintsOf, unknownIn } = useSheetPaints()
const count = computed(() => paintsOf(source.value, list.value).length)
const unknown = computed(() => (source.value === 'list' ? unknownIn(list.value) : []))
</script>

<template>
  <div>
    <ChoiceField v-model="source" :label="props.label" :choices="sources" />
    <label v-if="source === 'list'" class="mt-1 block text-sm"
      >One paint a line, name or code<textarea v-model="list" class="input" rows="5" maxlength="8000" />
    </label>
    <p class="hint text-sm">
      {{ count === 1 ? 'One paint.' : `${count} paints.` }}
      <span v-if="unknown.length" class="text-trouble">Not in the collection: {{ unknown.join(', ') }}.</span>
    </p>
  </div>
</template>
