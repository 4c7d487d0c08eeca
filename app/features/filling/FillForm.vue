<script setup lang="ts">
import { Day, text, planAt, type FillEvent, type Palette, type VesselRef } from '@juxtachrome/core/documents'
import { doubtFilling, isPan, itemsToFillFrom, usualFilling, wetIn } from '@juxtachrome/core/filling'
import { computed, nextTick, onBeforeUnmount, watch } from 'vue'
import * as z from 'zod/mini'
import { useDrying } from './useFillingPlan'
import { useCheckedForm } from '~/shared/ui/useCheckedForm'
import { numberIn } from '~/shared/words/numberIn'
import { useTubeChoices } from './useTubeChoices'
import { useBalances } from '~/shared/items/useBalances'
import { useCollection } from '~/stores/collection'
import { fillDrafts, type FillDraft } from '~/stores/fillDrafts'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import TextField from '~/shared/ui/TextField.vue'
import DayField from '~/shared/ui/DayField.vue'
import FormField from '~/shared/ui/FormField.vue'

/** Records a filling or a top-up; with `event`, corrects one. */
const props = defineProps<{
  palette: Palette
  placeId: string
  vessel: VesselRef
  today: string
  event?: FillEvent
  occupied: boolean
}>()
const emit = defineEmits<{ record: [event: FillEvent]; cancel: [] }>()
const collection = useCollection()
const { tubeChoices } = useTubeChoices()
const { daysToDry, practice } = useDrying()
const { left } = useBalances()
/** What lies there wet and dries with it, ml. */
const wet = computed(() => {
  const content = collection.ledger.places(props.palette.id).get(props.placeId)?.content
  return content && !props.event ? wetIn(content, props.today) : 0
})
/** Whole days, as it is likely, with what is wet below it. */
const daysFor = (millilitres: number, itemId: string) =>
  daysToDry(place.value, millilitres, collection.item(itemId)?.paintId, wet.value)
const place = computed(() => props.palette.holder.places.find((p) => p.id === props.placeId)!)
const plannedId = computed(() => planAt(props.palette, props.placeId)?.paintId)

const amount = z
  .string()
  .check(z.refine((t) => numberIn(t) > 0 && numberIn(t) <= 500, 'A number above 0, at most 500.'))
const wholeDays = z
  .string()
  .check(z.refine((t) => /^\d{1,3}$/.test(t.trim()) && Number(t) <= 120, 'A whole number of days, at most 120.'))
const schema = z.object({
  itemId: z.string().check(z.minLength(1, 'Choose what to fill from.')),
  millilitres: amount,
  // what lies in the future is a plan, and stands on the tray
  day: z.pipe(
    Day,
    z.string().check(z.refine((d) => d <= props.today, 'A day up to today: what is still to come stays planned.')),
  ),
  dryingDays: wholeDays,
  note: text(500),
})

/** What can be filled from, the planned paint first. */
const choices = computed(() => tubeChoices(plannedId.value, props.event?.itemId))

const drafted = (itemId: string, millilitres: number, days: number) => ({
  itemId,
  millilitres: String(millilitres),
  day: props.today,
  dryingDays: String(days),
})
function start(): FillDraft {
  const e = props.event
  const millilitres =
    e?.millilitres ?? (props.occupied ? practice.value.dab : usualFilling(place.value, practice.value))
  const item = itemsToFillFrom(collection.itemsOf(plannedId.value ?? '')).find((i) => !props.occupied || !isPan(i))
  const itemId = e?.itemId ?? item?.id ?? ''
  if (!e && item && isPan(item)) return { ...drafted(itemId, left(item), 0), note: '' }
  const days = e?.dryingDays ?? daysFor(millilitres, itemId)
  return {
    ...drafted(itemId, millilitres, days),
    day: e?.day ?? props.today,
    note: e?.note ?? '',
  }
}
const key = () => `${props.palette.id}/${props.placeId}/${JSON.stringify(props.event ?? '')}`
const { defineField, errors, handleSubmit, meta, values, resetForm, setFieldValue } = useCheckedForm(
  schema,
  fillDrafts.get(key()) ?? start(),
)
/** What is half typed waits for the artist to come back to the place. */
function keepDraft(of: string) {
  if (meta.value.dirty) fillDrafts.set(of, { ...(values as FillDraft) })
}
// a change of the same palette, made here or in another window, leaves what is half typed alone
watch(key, (now, before) => {
  keepDraft(before)
  resetForm({ values: fillDrafts.get(now) ?? start() })
})
onBeforeUnmount(() => keepDraft(key()))
const [itemId] = defineField('itemId')
const [millilitres] = defineField('millilitres')
const [day] = defineField('day')
const [drying] = defineField('dryingDays')
const [note] = defineField('note')
/** A bought pan is put in as it is: what it holds, and nothing dries. */
const puts = computed(() => {
  const item = collection.item(String(itemId.value ?? ''))
  return item && isPan(item) && !props.occupied && !props.event ? item : undefined
})
watch(puts, (item) => {
  if (!item) return
  setFieldValue('millilitres', String(Math.round(left(item) * 10) / 10))
  setFieldValue('dryingDays', '0')
})
watch(millilitres, (text) => {
  const ml = numberIn(String(text))
  if (ml > 0 && ml < 500 && !props.event && !puts.value)
    setFieldValue('dryingDays', String(daysFor(ml, String(itemId.value))))
})

const doubts = computed(() => {
  const item = collection.item(values.itemId)
  const ml = numberIn(String(values.millilitres))
  if (!item || !(ml > 0)) return []
  const { palette, placeId, event: instead } = props
  const intended = { palette, placeId, item, millilitres: ml, day: values.day ?? '', instead }
  return doubtFilling(intended, collection.ledger.whole)
})
const verb = computed(() => {
  if (props.event) return doubts.value.length ? 'Correct it all the same' : 'Correct the entry'
  if (doubts.value.length) return 'Record it all the same'
  if (puts.value) return 'I put the pan in'
  return props.occupied ? 'Record the top-up' : 'Record the filling'
})
const save = handleSubmit((v: z.output<typeof schema>) => {
  const item = collection.item(v.itemId)
  if (!item) return
  const recorded = () => collection.ledger.account(item.id).events.length
  const before = recorded()
  fillDrafts.delete(key())
  resetForm({ values: { ...(values as FillDraft) } })
  // once it is recorded, what comes next is a dab; what was refused stays as it was typed
  void nextTick(() => !props.event && recorded() > before && resetForm({ values: start() }))
  emit('record', {
    kind: 'fill',
    day: v.day,
    vessel: props.event?.vessel ?? props.vessel,
    itemId: item.id,
    paintId: item.paintId,
    millilitres: numberIn(v.millilitres),
    dryingDays: Number(v.dryingDays),
    ...(v.note.trim() ? { note: v.note.trim() } : {}),
  })
})
</script>

<template>
  <form class="grid grid-cols-2 gap-2" novalidate @submit.prevent="save">
    <ChoiceField
      v-model="itemId"
      label="From"
      :choices="choices"
      none="choose a tube or pan"
      :error="errors.itemId"
      class="col-span-2"
    />
    <TextField v-model="millilitres" label="Amount, ml" :error="errors.millilitres" inputmode="decimal" />
    <FormField v-slot="{ field }" label="On" :error="errors.day">
      <DayField v-bind="field" v-model="day" class="w-full" />
    </FormField>
    <TextField
      v-model="drying"
      label="Dries in, days"
      :error="errors.dryingDays"
      hint="By depth, air, and what dried before"
      inputmode="numeric"
    />
    <TextField v-model="note" label="Note" :error="errors.note" />
    <ul v-if="doubts.length" class="col-span-2 space-y-1" aria-live="polite">
      <li v-for="d in doubts" :key="d.code" class="doubt">{{ d.message }}</li>
    </ul>
    <div class="col-span-2 flex flex-wrap gap-2">
      <button class="btn btn-primary">{{ verb }}</button>
      <button v-if="event" type="button" class="btn" @click="emit('cancel')">Cancel</button>
    </div>
  </form>
</template>
