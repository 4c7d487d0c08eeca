<script setup lang="ts">
import { Day, ITEM_FIELDS, ITEM_KINDS, REMARKS, SUPPLIES, text, type Item } from '@juxtachrome/core/documents'
import { readPrice, writePrice } from '@juxtachrome/core/paints'
import * as z from 'zod/mini'
import { numberIn } from '~/composables/numberIn'
import { useCheckedForm } from '~/composables/useCheckedForm'

const props = defineProps<{ item: Item }>()
const emit = defineEmits<{ save: [item: Item]; cancel: [] }>()
const number = z.string().check(z.refine((t) => numberIn(t) <= 5000, 'A number of ml, from 0 to 5000.'))
const label = (key: (typeof ITEM_FIELDS)[number]['key']) => ITEM_FIELDS.find((f) => f.key === key)!.label
const schema = z.object({
  kind: z.enum(ITEM_KINDS),
  millilitres: number,
  supply: z.enum(SUPPLIES),
  remarks: z.array(z.enum(REMARKS)),
  price: z.string().check(z.refine((t) => !t.trim() || readPrice(t) !== undefined, 'An amount such as 8.90 EUR.')),
  bought: z.union([z.literal(''), Day]),
  note: text(2000),
})
const { item } = props
const { defineField, errors, handleSubmit } = useCheckedForm(schema, {
  kind: item.kind,
  millilitres: String(item.millilitres),
  supply: item.supply,
  remarks: [...item.remarks],
  price: item.price ? writePrice(item.price) : '',
  bought: item.bought ?? '',
  note: item.note ?? '',
})
const [kind] = defineField('kind')
const [millilitres] = defineField('millilitres')
const [supply] = defineField('supply')
const [remarks] = defineField('remarks')
const [price] = defineField('price')
const [bought] = defineField('bought')
const [note] = defineField('note')

const save = handleSubmit((v: z.output<typeof schema>) =>
  emit('save', {
    ...props.item,
    kind: v.kind,
    millilitres: numberIn(v.millilitres),
    supply: v.supply,
    remarks: v.remarks,
    price: readPrice(v.price),
    bought: v.bought || undefined,
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
    <TextField v-model="bought" :label="label('bought')" :error="errors.bought" type="date" />
    <TextField v-model="note" :label="label('note')" :error="errors.note" />
    <fieldset class="col-span-2 flex flex-wrap gap-x-4 gap-y-1 text-sm">
      <legend class="mb-0.5 font-medium">{{ label('remarks') }}</legend>
      <label v-for="r in REMARKS" :key="r" class="check py-0.5">
        <input v-model="remarks" type="checkbox" :value="r" />{{ r }}
      </label>
    </fieldset>
    <div class="col-span-2 flex justify-end gap-2">
      <button type="button" class="btn" @click="emit('cancel')">Cancel</button>
      <button class="btn btn-primary">Save</button>
    </div>
  </form>
</template>
