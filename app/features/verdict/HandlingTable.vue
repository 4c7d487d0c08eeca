<script setup lang="ts">
import type { Assessment } from '@juxtachrome/core/choosing'
import type { Palette } from '@juxtachrome/core/documents'
import { costToFill } from '@juxtachrome/core/filling'
import { sumsOf } from '@juxtachrome/core/paints'
import { unknownInWords } from '@juxtachrome/core/pigments'
import { counted } from '@juxtachrome/core/units'
import { computed } from 'vue'
import { inMl } from '~/shared/words/figures'
import { sumsInWords } from '~/shared/words/moneyWords'
import { useCollection } from '~/stores/collection'
import * as say from './words'

/** How a palette handles and keeps, and what filling it costs. */
const props = defineProps<{ palette: Palette; handling: NonNullable<Assessment['handling']> }>()
const collection = useCollection()
const costInWords = computed(() => {
  const { sums, millilitres, unpriced } = costToFill(props.palette, collection.itemsOf)
  const worth = sumsInWords(sumsOf(sums))
  const open = unpriced ? `; ${counted(unpriced, 'place')} without a price` : ''
  return `${inMl(millilitres)}${worth ? `, worth ${worth}` : ''}${open}`
})
const lines = computed((): [string, string][] => {
  const h = props.handling
  const cautions = h.cautions
    ? `${counted(h.cautions, 'paint')} need${h.cautions === 1 ? 's' : ''} it`
    : 'none needs it'
  return [
    ['Lightfastness', say.tallyInWords(h.lightfastness)],
    ['Transparency', say.tallyInWords(h.transparency)],
    ['Staining', say.tallyInWords(h.staining)],
    ['Granulation', say.tallyInWords(h.granulation)],
    ['From a dry pan', say.tallyInWords(h.rewetting)],
    ['Caution', [cautions, unknownInWords(h.unknownCodes)].filter(Boolean).join('. ')],
    ['Pigments', `${h.pigments}${h.shared.length ? `; shared: ${h.shared.join(', ')}` : ''}`],
    ['To fill it', costInWords.value],
    ['Makers', h.makers.join(', ') || 'none recorded'],
  ]
})
</script>

<template>
  <dl class="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-x-3 gap-y-0.5">
    <template v-for="[term, words] in lines" :key="term">
      <dt class="hint">{{ term }}</dt>
      <dd>{{ words }}</dd>
    </template>
  </dl>
</template>
