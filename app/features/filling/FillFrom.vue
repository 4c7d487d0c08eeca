<script setup lang="ts">
import { itemsToFillFrom } from '@juxtachrome/core/filling'
import { computed } from 'vue'
import { useItemWords } from '~/shared/words/itemWords'
import { useBalances } from '~/shared/items/useBalances'
import { useCollection } from '~/stores/collection'

/** Which tube or pan a step draws from, where there are several. */
const props = defineProps<{
  paintId: string
  placeId: string
  drawn: string | undefined
  /** For wet hands. */ large?: boolean
}>()
const emit = defineEmits<{ choose: [itemId: string] }>()
const collection = useCollection()
const { leftInWords } = useBalances()
const { itemInWords } = useItemWords()
const items = computed(() => itemsToFillFrom(collection.itemsOf(props.paintId)))
</script>

<template>
  <label v-if="items.length > 1" class="flex max-w-md min-w-0 items-center gap-2 text-sm"
    >from
    <select
      class="input min-w-0 grow"
      :class="large ? 'min-h-15 text-lg' : ''"
      :aria-label="`What ${placeId} is filled from`"
      :value="drawn"
      @change="emit('choose', ($event.target as HTMLSelectElement).value)"
    >
      <option v-for="i in items" :key="i.id" :value="i.id">{{ itemInWords(i) }}, {{ leftInWords(i) }}</option>
    </select></label
  >
</template>
