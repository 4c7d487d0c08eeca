<script setup lang="ts">
import { type Need, needState } from '@juxtachrome/core/restocking'
import { paintOfCodes } from '@juxtachrome/core/standins'
import { computed } from 'vue'
import { plannedNeeds } from './plannedNeeds'
import { needInWords, reasonInWords } from './words'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { figure } from '~/shared/words/figures'

/** One need with its reasons; what can be done about it comes in the slot. */
const props = defineProps<{ need: Need; number?: number }>()
const collection = useCollection()
/** The paint itself, or what its code looks like as the reference knows it. */
const paint = computed(() => collection.paint(props.need.paintId) ?? paintOfCodes(props.need.pigments))
const paletteName = (id: string) => collection.palette(id)?.name ?? 'a palette'
/** How far it is; that it is wanted goes without saying. */
const state = computed(() => needState(props.need, plannedNeeds.value))
const reasons = computed(() => props.need.reasons.map((r) => reasonInWords(r, paletteName)).join('; '))
</script>

<template>
  <li class="flex gap-2 border-b border-line py-2">
    <span v-if="number" class="hint w-5 shrink-0 text-right">{{ number }}</span>
    <PaintSwatch v-if="paint" :paint="paint" brushed class="h-10 w-20 shrink-0" />
    <span v-else class="h-10 w-20 shrink-0 border border-dashed border-edge" aria-hidden="true" />
    <div class="min-w-0 grow">
      <p class="font-medium">
        {{ needInWords(need) }}<span v-if="state !== 'wanted'" class="chip ml-2 font-normal">{{ state }}</span>
      </p>
      <p class="hint text-[0.8125rem]">
        {{ reasons }}{{ need.perYear ? `; about ${figure(need.perYear, need.perYear < 10 ? 1 : 0)} ml a year` : '' }}
      </p>
      <p class="mt-1 flex flex-wrap items-center gap-1.5"><slot /></p>
    </div>
  </li>
</template>
