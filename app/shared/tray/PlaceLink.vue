<script setup lang="ts">
import { computed } from 'vue'
import { useNaming } from '~/shared/words/naming'
import { useCollection } from '~/stores/collection'

/** Where a filling went on its day. */
const props = defineProps<{ entryId: string }>()
const collection = useCollection()
const name = useNaming()
const place = computed(() => collection.ledger.whole.placesOf(props.entryId)[0])
</script>

<template>
  <NuxtLink v-if="place" class="link" :to="`/palettes/${place.paletteId}/fill?place=${place.placeId}`">{{
    name.place(place)
  }}</NuxtLink>
  <span v-else>a loose pan</span>
</template>
