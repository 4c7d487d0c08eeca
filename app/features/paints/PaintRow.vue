<script setup lang="ts">
import { referenceOf } from '@juxtachrome/core/film'
import { cautionsOfCodes } from '@juxtachrome/core/pigments'
import { codesInWords, familyInWords, WISHED, type PaintView } from '@juxtachrome/core/paints'
import { computed } from 'vue'
import { useBalances } from '~/shared/items/useBalances'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { inMl } from '~/shared/words/figures'

/** `tight`: what is owned stands below the name, where the row is narrow. */
const props = defineProps<{
  view: PaintView
  tight?: boolean
  /** What is to be said of it where it stands, before all else. */
  more?: string
}>()
const collection = useCollection()
const { atHand } = useBalances()
const paint = computed(() => props.view.paint)
const items = computed(() => collection.itemsOf(paint.value.id))
const holding = computed(() => {
  const supplies = items.value.map((i) => i.supply)
  if (supplies.length === 0) return collection.wished.has(paint.value.id) ? WISHED : 'none'
  const ml = atHand(paint.value.id)
  if (ml > 0) return `${inMl(ml)}${supplies.length > 1 ? ` in ${supplies.length}` : ''}`
  return supplies.includes('on order') ? 'on order' : (supplies[0] ?? '')
})
const needsCare = computed(() => !cautionsOfCodes(paint.value.pigments, referenceOf(paint.value)).isMild)
const lean = computed(() =>
  props.view.family
    ? `${familyInWords(props.view)}${(props.view.masstone ?? props.view.wash) ? '' : ', by its code'}`
    : 'no swatch yet',
)
</script>

<template>
  <span
    class="grid h-full items-center gap-x-2.5 text-left"
    :class="tight ? 'grid-cols-[3rem_1fr]' : 'grid-cols-[3.75rem_1fr_auto]'"
  >
    <PaintSwatch :paint="paint" brushed class="h-[calc(100%-6px)]" />
    <span class="min-w-0 leading-tight">
      <span class="block truncate"
        >{{ tight ? collection.called(paint) : paint.name
        }}<span v-if="paint.formula" class="hint ml-1.5 italic">{{ paint.formula }}</span></span
      >
      <span class="hint block truncate text-[0.8125rem]">{{
        tight
          ? [more, codesInWords(paint), holding, needsCare ? 'read the label' : '', paint.maker]
              .filter(Boolean)
              .join(' · ')
          : `${codesInWords(paint)} · ${paint.maker || 'no maker'} · ${lean}`
      }}</span>
    </span>
    <span v-if="!tight" class="hint pr-1 text-right text-[0.8125rem] leading-tight">
      <span class="block">{{ holding }}</span>
      <span v-if="needsCare" class="block">read the label</span>
    </span>
  </span>
</template>
