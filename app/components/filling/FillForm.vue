<script setup lang="ts">
import { Day, doubtFilling, dryingDays, usualFilling, type FillEvent, type Palette } from '@juxtachrome/core'
import { computed, watch } from 'vue'
import { z } from 'zod'
import { useBalances } from '~/composables/useBalances'
import { useCheckedForm } from '~/composables/useCheckedForm'
import { useCollection } from '~/stores/collection'

/** Records a filling or a top-up; with `event`, corrects one. */
const props = defineProps<{ palette: Palette; placeId: string; today: string; event?: FillEvent; occupied: boolean }>()
const emit = defineEmits<{ record: [event: FillEvent]; cancel: [] }>()
const collection = useCollection()
const { leftInWords, isUsable } = useBalances()
const place = computed(() => props.palette.holder.places.find((p) => p.id === props.placeId)!)
const plannedId = computed(() => props.palette.plan[props.placeId]?.paintId)
const ml = (most: number) =>
  z
    .string()
    .refine(
      (t) => /^\d+([.,]\d+)?$/.test(t.trim()) && Number(t.replace(',', '.')) > 0 && Number(t.replace(',', '.')) <= most,
      `A number above 0, at most ${most}.`,
    )
const wholeDays = z
  .string()
  .refine((t) => /^\d{1,3}$/.test(t.trim()) && Number(t) <= 120, 'A whole number of days, at most 120.')
const schema = z.object({
  itemId: z.string().min(1, 'Choose what to fill from.'),
  millilitres: ml(500),
  day: Day,
  dryingDays: wholeDays,
  note: z.string().max(500, 'At most 500 characters.'),
})

const choices = computed(() => {
  const usable = collection.items.filter((i) => isUsable(i) || i.id === props.event?.itemId)
  const name = (paintId: string) => collection.paint(paintId)?.name ?? ''
  return usable
    .sort(
      (p, q) =>
        Number(q.paintId === plannedId.value) - Number(p.paintId === plannedId.value) ||
        name(p.paintId).localeCompare(name(q.paintId)),
    )
    .map((i) => ({
      id: i.id,
      text: `${name(i.paintId)}, ${collection.paint(i.paintId)?.maker}: ${i.kind}, ${leftInWords(i)}`,
    }))
})
const firstAmount = () => (props.occupied ? '0.5' : String(usualFilling(place.value)))
const firstItem = () =>
  collection
    .itemsOf(plannedId.value ?? '')
    .filter(isUsable)
    .sort((p, q) => Number(q.supply === 'open') - Number(p.supply === 'open'))[0]?.id ?? ''
const start = () => {
  const e = props.event
  const amount = e ? String(e.millilitres) : firstAmount()
  return {
    itemId: e?.itemId ?? firstItem(),
    millilitres: amount,
    day: e?.day ?? props.today,
    dryingDays: String(e?.dryingDays ?? dryingDays(place.value, Number(amount))),
    note: e?.note ?? '',
  }
}
const { defineField, errors, handleSubmit, values, resetForm, setFieldValue } = useCheckedForm(schema, start())
watch(
  () => [props.placeId, props.palette.id, props.event],
  () => resetForm({ values: start() }),
)
const [itemId] = defineField('itemId')
const [millilitres] = defineField('millilitres')
const [day] = defineField('day')
const [drying] = defineField('dryingDays')
const [note] = defineField('note')
watch(millilitres, (text) => {
  const amount = Number(String(text).replace(',', '.'))
  if (amount > 0 && amount < 500 && !props.event) setFieldValue('dryingDays', String(dryingDays(place.value, amount)))
})
const doubts = computed(() => {
  const item = collection.item(values.itemId)
  const amount = Number(String(values.millilitres).replace(',', '.'))
  if (!item || !(amount > 0) || props.event) return []
  return doubtFilling(
    {
      palette: props.palette,
      placeId: props.placeId,
      item,
      millilitres: amount,
      day: values.day ?? '',
      today: props.today,
    },
    collection.ledger,
  )
})
const save = handleSubmit((v: z.output<typeof schema>) => {
  const item = collection.item(v.itemId)
  if (!item) return
  emit('record', {
    kind: 'fill',
    day: v.day,
    paletteId: props.palette.id,
    placeId: props.placeId,
    itemId: item.id,
    paintId: item.paintId,
    millilitres: Number(v.millilitres.replace(',', '.')),
    dryingDays: Number(v.dryingDays),
    ...(v.note.trim() ? { note: v.note.trim() } : {}),
  })
})
</script>

<template>
  <form class="grid grid-cols-2 gap-2" novalidate @submit.prevent="save">
    <FormField v-slot="{ field }" label="From" :error="errors.itemId" class="col-span-2">
      <select v-bind="field" v-model="itemId" class="input">
        <option value="">choose a tube or pan</option>
        <option v-for="c in choices" :key="c.id" :value="c.id">{{ c.text }}</option>
      </select>
    </FormField>
    <FormField v-slot="{ field }" label="Amount, ml" :error="errors.millilitres"
      ><input v-bind="field" v-model="millilitres" class="input" inputmode="decimal"
    /></FormField>
    <FormField v-slot="{ field }" label="On" :error="errors.day"
      ><input v-bind="field" v-model="day" type="date" class="input"
    /></FormField>
    <FormField v-slot="{ field }" label="Dries in, days" :error="errors.dryingDays" hint="An estimate from the depth"
      ><input v-bind="field" v-model="drying" class="input" inputmode="numeric"
    /></FormField>
    <FormField v-slot="{ field }" label="Note" :error="errors.note"
      ><input v-bind="field" v-model="note" class="input"
    /></FormField>
    <ul v-if="doubts.length" class="col-span-2 space-y-1" aria-live="polite">
      <li v-for="d in doubts" :key="d.code" class="border-l-4 border-edge pl-2 text-sm">{{ d.message }}</li>
    </ul>
    <div class="col-span-2 flex flex-wrap gap-2">
      <button class="btn btn-primary">
        {{
          event
            ? 'Correct the entry'
            : doubts.length
              ? 'Record it all the same'
              : occupied
                ? 'Record the top-up'
                : 'Record the filling'
        }}
      </button>
      <button v-if="event" type="button" class="btn" @click="emit('cancel')">Cancel</button>
    </div>
  </form>
</template>
