<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { planAgainstPans } from '@juxtachrome/core/filling'
import { computed } from 'vue'
import { usePaintName } from '~/shared/words/paintName'
import { plansAndPansInWords } from '~/shared/words/plansAndPans'
import { useCollection } from '~/stores/collection'

/** The one sentence about plan and pans, where they do not agree or nothing was ever filled. */
const props = defineProps<{ palette: Palette }>()
const collection = useCollection()
const nameOf = usePaintName()
const pans = computed(() => planAgainstPans(props.palette, collection.ledger.places(props.palette.id)))
const isSaid = computed(() => pans.value.toFill.length + pans.value.out.length + pans.value.other.length > 0)
</script>

<template>
  <p v-if="isSaid" class="hint text-sm">{{ plansAndPansInWords(pans, nameOf) }}</p>
</template>
