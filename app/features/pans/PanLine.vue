<script setup lang="ts">
import type { Place } from '@juxtachrome/core/documents'
import { usualSize } from '@juxtachrome/core/drawing'
import { capacityOf, usualFilling, wetIn } from '@juxtachrome/core/filling'
import { isWet, mainPaintOf } from '@juxtachrome/core/ledger'
import { dayInWords } from '~/shared/words/days'
import { computed, ref } from 'vue'
import { useDrying, useFillCommands, useTubeChoices } from '~/features/filling'
import { useItemWords } from '~/shared/words/itemWords'
import { useNaming } from '~/shared/words/naming'
import { numberIn } from '~/shared/words/numberIn'
import { usePanWords } from './words'
import type { PanRow } from '~/shared/items/usePans'
import { useCollection } from '~/stores/collection'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { inMl } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'

/** A loose pan: what it holds, what is written under it, everything it ever held; filled, cleaned or relabelled. */
const props = defineProps<{ pan: PanRow; today: string; chosen: boolean }>()
const emit = defineEmits<{ toggle: [] }>()
const collection = useCollection()
const filling = useFillCommands()
const name = useNaming()
const stayInWords = usePanWords()
const { contentWords } = useItemWords()
const { tubeChoices } = useTubeChoices()
const content = computed(() => props.pan.vessel.content)
const paint = computed(() => collection.paint(content.value && mainPaintOf(content.value)))
const wet = computed(() => Boolean(content.value && isWet(content.value, props.today)))
const called = computed(() => name.vessel({ vesselId: props.pan.vesselId }))
const holds = computed(() => (content.value ? contentWords(content.value) : 'empty'))
const own = computed(() => collection.pan(props.pan.vesselId))
const label = ref(props.pan.label)
const isLent = computed(() => props.pan.whereabouts?.kind === 'lent')
const borrower = ref(props.pan.whereabouts?.words ?? '')
function lend() {
  const words = borrower.value.trim()
  trouble.value = words ? (filling.lentTo(props.pan.vesselId, words)?.message ?? '') : 'To whom was it lent?'
}
const itemId = ref('')
const trouble = ref('')
const { daysToDry, practice } = useDrying()
/** The pan as a place of its size, for what it holds and how it dries. */
const place = computed((): Place => {
  const { width, height, depth } = usualSize(props.pan.size)
  return { id: 'pan', container: props.pan.size, depth, shape: { kind: 'rect', x: 0, y: 0, width, height, corner: 1 } }
})
const tubes = computed(() => tubeChoices())
const amount = ref(String(usualFilling(place.value, practice.value)))
function fill() {
  const item = collection.item(itemId.value)
  const ml = numberIn(amount.value)
  const brim = capacityOf(place.value)
  trouble.value = !item
    ? 'Choose what to fill from.'
    : !(ml > 0)
      ? 'A number of ml, above 0.'
      : ml > brim + 0.05
        ? `A ${props.pan.size} holds about ${inMl(brim)} to the brim.`
        : ''
  if (trouble.value || !item) return
  const problem = filling.pour([
    {
      kind: 'fill',
      day: props.today,
      vessel: { vesselId: props.pan.vesselId },
      itemId: item.id,
      paintId: item.paintId,
      millilitres: ml,
      dryingDays: daysToDry(place.value, ml, item.paintId, content.value ? wetIn(content.value, props.today) : 0),
    },
  ])
  trouble.value = problem?.message ?? ''
}
</script>

<template>
  <li class="border-t border-line py-1">
    <div class="flex min-h-10 flex-wrap items-center gap-x-3">
      <label class="flex min-w-0 grow items-center gap-3"
        ><input type="checkbox" class="size-5 shrink-0" :checked="chosen" @change="emit('toggle')" /><PaintSwatch
          v-if="paint"
          :paint="paint"
          class="h-7 w-12 shrink-0"
        /><span v-else class="h-7 w-12 shrink-0 border border-line" aria-hidden="true" /><span class="min-w-0"
          >{{ holds }}<span v-if="wet" class="chip ml-2">wet until {{ dayInWords(content!.dryFrom) }}</span
          ><span class="hint block text-sm">{{ called }}, {{ pan.size }}</span></span
        ></label
      >
      <details class="text-sm">
        <summary class="py-1" :aria-label="`More of ${called}`">More</summary>
        <div class="mt-1 max-w-xl space-y-2 pb-2">
          <ul v-if="pan.vessel.stays.length" aria-label="What it held">
            <li v-for="(s, i) in [...pan.vessel.stays].reverse()" :key="i">{{ stayInWords(s) }}</li>
          </ul>
          <p v-else class="hint">It never held anything.</p>
          <p>
            <NuxtLink class="link" :to="`/ledger?pan=${encodeURIComponent(pan.vesselId)}`"
              >All of it in the ledger</NuxtLink
            >
          </p>
          <form v-if="isLent" class="flex items-end gap-2" @submit.prevent="lend">
            <label class="grow">Lent to<input v-model="borrower" class="input" maxlength="60" /></label>
            <button class="btn">Note it</button>
          </form>
          <form v-if="own" class="flex items-end gap-2" @submit.prevent="filling.relabel(own, label.slice(0, 60))">
            <label class="grow">Written under it<input v-model="label" class="input" maxlength="60" /></label>
            <button class="btn">Write it</button>
          </form>
          <form class="flex flex-wrap items-end gap-2" @submit.prevent="fill">
            <ChoiceField
              v-model="itemId"
              label="Fill it from"
              :choices="tubes"
              none="choose a tube"
              class="min-w-0 grow"
            />
            <label>ml<input v-model="amount" class="input w-20" inputmode="decimal" /></label>
            <button class="btn">Filled today</button>
          </form>
          <Refusal v-if="trouble" :says="trouble" />
          <p v-if="content" class="flex gap-2">
            <button
              v-if="wet"
              class="btn"
              @click="filling.record({ kind: 'dry', day: today, vessel: { vesselId: pan.vesselId } })"
            >
              It is dry now
            </button>
            <button
              class="btn"
              @click="filling.record({ kind: 'clean', day: today, vessel: { vesselId: pan.vesselId } })"
            >
              Washed out
            </button>
          </p>
        </div>
      </details>
    </div>
  </li>
</template>
