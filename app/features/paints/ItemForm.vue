<script setup lang="ts">
import { priceInWords } from '~/shared/words/moneyWords'
import { Day, ITEM_FIELDS, ITEM_KINDS, REMARKS, SUPPLIES, text, type Item } from '@juxtachrome/core/documents'
import { readMoney, readPrice } from '@juxtachrome/core/paints'
import { computed } from 'vue'
import * as z from 'zod/mini'
import { useMeanwhile } from '~/shared/ui/useMeanwhile'
import { useUnsaved } from '~/stores/unsaved'
import { numberIn } from '~/shared/words/numberIn'
import { useCheckedForm } from '~/shared/ui/useCheckedForm'
import { useSettings } from '~/stores/settings'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import TextField from '~/shared/ui/TextField.vue'
import DayField from '~/shared/ui/DayField.vue'
import FormField from '~/shared/ui/FormField.vue'

const props = defineProps<{ item: Item }>()
const emit = defineEmits<{ save: [item: Item]; cancel: [] }>()
const money = useSettings().money
const number = z.string().check(z.refine((t) => numberIn(t) <= 5000, 'A number of ml, from 0 to 5000.'))
const label = (key: (typeof ITEM_FIELDS)[number]['key']) => ITEM_FIELDS.find((f) => f.key === key)!.label
const schema = z.object({
  kind: z.enum(ITEM_KINDS),
  millilitres: number,
  supply: z.enum(SUPPLIES),
  remarks: z.array(z.enum(REMARKS)),
  price: z.string().check(
    z.refine((t) => !t.trim() || readPrice(t, money) !== undefined, {
      error: ({ input }) => {
        const read = readMoney(String(input), money)
        return read.ok ? '' : read.error.message
      },
    }),
  ),
  bought: z.union([z.literal(''), Day]),
  boughtFrom: text(120),
  place: text(80),
  note: text(2000),
})
const textsOf = (item: Item): z.input<typeof schema> => ({
  kind: item.kind,
  millilitres: String(item.millilitres),
  supply: item.supply,
  remarks: [...item.remarks],
  price: item.price ? priceInWords(item.price) : '',
  bought: item.bought ?? '',
  boughtFrom: item.boughtFrom ?? '',
  place: item.place ?? '',
  note: item.note ?? '',
})
const { defineField, errors, handleSubmit, setFieldValue, values } = useCheckedForm(schema, textsOf(props.item))
const now = computed(() => textsOf(props.item))
const meanwhile = useMeanwhile(
  () => now.value,
  values,
  (key, value) => setFieldValue(key as 'note', value),
  (key) => label(key as 'note'),
)
useUnsaved().watchOver(`this ${props.item.kind}`, () => JSON.stringify(values) !== JSON.stringify(now.value))
const [kind] = defineField('kind')
const [millilitres] = defineField('millilitres')
const [supply] = defineField('supply')
const [remarks] = defineField('remarks')
const [price] = defineField('price')
const [bought] = defineField('bought')
const [boughtFrom] = defineField('boughtFrom')
const [place] = defineField('place')
const [note] = defineField('note')

const save = handleSubmit((v: z.output<typeof schema>) =>
  emit('save', {
    ...props.item,
    kind: v.kind,
    millilitres: numberIn(v.millilitres),
    // a size that was looked at is no longer assumed
    sizeAssumed: numberIn(v.millilitres) === props.item.millilitres ? props.item.sizeAssumed : undefined,
    supply: v.supply,
    remarks: v.remarks,
    price: readPrice(v.price, money),
    bought: v.bought || undefined,
    boughtFrom: v.boughtFrom.trim() || undefined,
    place: v.place.trim() || undefined,
    note: v.note.trim() || undefined,
  }),
)
</script>

<template>
  <form class="grid grid-cols-2 gap-2" novalidate @submit.prevent="save">
    <ChoiceField v-model="kind" :label="label('kind')" :choices="ITEM_KINDS" />
    <ChoiceField v-model="supply" :label="label('supply')" :choices="SUPPLIES" />
    <TextField v-model="millilitres" :label="label('millilitres')" :error="errors.millilitres" inputmode="decimal" />
    <TextField v-model="price" :label="label('price')" :error="errors.price" placeholder="8.90 EUR" />
    <FormField v-slot="{ field }" :label="label('bought')" :error="errors.bought">
      <DayField v-bind="field" v-model="bought" class="w-full" />
    </FormField>
    <TextField v-model="boughtFrom" :label="label('boughtFrom')" :error="errors.boughtFrom" />
    <TextField v-model="place" :label="label('place')" :error="errors.place" placeholder="drawer, bag, tin" />
    <TextField v-model="note" :label="label('note')" :error="errors.note" />
    <fieldset class="col-span-2 flex flex-wrap gap-x-4 gap-y-1 text-sm">
      <legend class="mb-0.5 font-medium">{{ label('remarks') }}</legend>
      <label v-for="r in REMARKS" :key="r" class="check py-0.5">
        <input v-model="remarks" type="checkbox" :value="r" />{{ r }}
      </label>
    </fieldset>
    <p v-for="message in meanwhile" :key="message" class="doubt col-span-2" role="status">{{ message }}</p>
    <div class="col-span-2 flex justify-end gap-2">
      <button type="button" class="btn" @click="emit('cancel')">Cancel</button>
      <button class="btn btn-primary">Save</button>
    </div>
  </form>
</template>
