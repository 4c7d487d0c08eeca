<script setup lang="ts">
import type { FillEvent, Paint, Palette, VesselRef } from '@juxtachrome/core/documents'
import { capacityOf, drawFor, usualFilling, wetIn } from '@juxtachrome/core/filling'
import { computed, ref } from 'vue'
import { useItemWords } from '~/shared/words/itemWords'
import { useBalances } from '~/shared/items/useBalances'
import { useDayDone } from '~/shared/ui/useDayDone'
import { inMl } from '~/shared/words/figures'
import { numberIn } from '~/shared/words/numberIn'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import Refusal from '~/shared/ui/Refusal.vue'
import { useDrying } from './useFillingPlan'
import DayField from '~/shared/ui/DayField.vue'

/** A mixture of one's own squeezed into a place: so much of it, from the tubes of its parts, as one step. */
const props = defineProps<{
  palette: Palette
  placeId: string
  vessel: VesselRef
  paint: Paint
  today: string
  occupied: boolean
}>()
const emit = defineEmits<{ pour: [events: FillEvent[]] }>()
const collection = useCollection()
const nameOf = usePaintName()
const { itemInWords } = useItemWords()
const { left } = useBalances()
const { daysToDry, practice } = useDrying()
const { typed: doneOn, day } = useDayDone(() => props.today)
const place = computed(() => props.palette.holder.places.find((p) => p.id === props.placeId)!)
const usual = () => String(props.occupied ? practice.value.dab : usualFilling(place.value, practice.value))
const amount = ref(usual())
const trouble = ref('')
const millilitres = computed(() => numberIn(amount.value))
const drawn = computed(() =>
  millilitres.value > 0 && millilitres.value <= 500
    ? drawFor({ itemsOf: collection.itemsOf, left }, props.paint, millilitres.value)
    : { draws: [], missing: 0 },
)
const parts = computed(() => (props.paint.mixedFrom ?? []).map((p) => `${p.parts} ${nameOf(p.paintId)}`).join(', '))
const words = (itemId: string) => {
  const item = collection.item(itemId)
  return item ? `${nameOf(item.paintId)}, the ${itemInWords(item)}` : 'a tube no longer listed'
}
function record() {
  const ml = millilitres.value
  const brim = capacityOf(place.value)
  trouble.value = !(ml > 0)
    ? 'A number of ml, above 0.'
    : ml > brim + 0.05
      ? `${props.placeId} holds about ${inMl(brim)} to the brim.`
      : drawn.value.missing
        ? `Its parts do not hold enough: ${inMl(drawn.value.missing)} are missing.`
        : ''
  if (trouble.value) return
  const content = collection.ledger.places(props.palette.id).get(props.placeId)?.content
  const onto = content ? wetIn(content, day.value) : 0
  const dryingDays = daysToDry(place.value, ml, props.paint.id, onto)
  emit(
    'pour',
    drawn.value.draws.map((draw) => ({
      kind: 'fill',
      day: day.value,
      vessel: props.vessel,
      ...draw,
      paintId: props.paint.id,
      dryingDays,
    })),
  )
  amount.value = String(practice.value.dab)
}
</script>

<template>
  <form class="space-y-2" novalidate :aria-label="`Fill with ${paint.name}`" @submit.prevent="record">
    <p class="text-sm">{{ paint.name }}, a mixture of your own: {{ parts }}.</p>
    <div class="flex flex-wrap items-end gap-2">
      <label class="text-sm">Amount, ml<input v-model="amount" class="input block w-24" inputmode="decimal" /></label>
      <label class="text-sm">On<DayField aria-label="On" v-model="doneOn" class="block! w-40" :max="today" /></label>
      <button class="btn btn-primary">{{ occupied ? 'Record the top-up' : 'Record the filling' }}</button>
    </div>
    <ul class="hint text-sm" aria-label="From these tubes">
      <li v-for="d in drawn.draws" :key="d.itemId">{{ inMl(d.millilitres) }} {{ words(d.itemId) }}</li>
    </ul>
    <p v-if="drawn.missing && !trouble" class="doubt">{{ inMl(drawn.missing) }} of it are in no tube.</p>
    <Refusal v-if="trouble" :says="trouble" />
  </form>
</template>
