<script setup lang="ts">
import { Day, ITEM_KINDS, readPrice, REMARKS, SUPPLIES, text, writePrice, type Item } from '@juxtachrome/core'
import { z } from 'zod'
import { useCheckedForm } from '~/composables/useCheckedForm'

const props = defineProps<{ item: Item }>()
const emit = defineEmits<{ save: [item: Item]; cancel: [] }>()
const number = z
  .string()
  .refine(
    (t) => /^\d{1,4}([.,]\d{1,3})?$/.test(t.trim()) && Number(t.replace(',', '.')) <= 5000,
    'A number of ml, from 0 to 5000.',
  )
const schema = z.object({
  kind: z.enum(ITEM_KINDS),
  millilitres: number,
  supply: z.enum(SUPPLIES),
  remarks: z.array(z.enum(REMARKS)),
  price: z.string().refine((t) => !t.trim() || readPrice(t), 'An amount such as 8.90 EUR.'),
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
    millilitres: Number(v.millilitres.replace(',', '.')),
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
    <FormField v-slot="{ field }" label="Kind"
      ><select v-bind="field" v-model="kind" class="input">
        <option v-for="k in ITEM_KINDS" :key="k">{{ k }}</option>
      </select></FormField
    >
    <FormField v-slot="{ field }" label="Supply"
      ><select v-bind="field" v-model="supply" class="input">
        <option v-for="s in SUPPLIES" :key="s">{{ s }}</option>
      </select></FormField
    >
    <FormField v-slot="{ field }" label="Size when new, ml" :error="errors.millilitres"
      ><input v-bind="field" v-model="millilitres" class="input" inputmode="decimal"
    /></FormField>
    <FormField v-slot="{ field }" label="Price" :error="errors.price"
      ><input v-bind="field" v-model="price" class="input" placeholder="8.90 EUR"
    /></FormField>
    <FormField v-slot="{ field }" label="Bought on" :error="errors.bought"
      ><input v-bind="field" v-model="bought" type="date" class="input"
    /></FormField>
    <FormField v-slot="{ field }" label="Note" :error="errors.note"
      ><input v-bind="field" v-model="note" class="input"
    /></FormField>
    <fieldset class="col-span-2 flex flex-wrap gap-x-4 gap-y-1 text-sm">
      <legend class="mb-0.5 font-medium">What else is true of it</legend>
      <label v-for="r in REMARKS" :key="r" class="flex items-center gap-1.5 py-0.5"
        ><input v-model="remarks" type="checkbox" :value="r" class="size-4.5" />{{ r }}</label
      >
    </fieldset>
    <div class="col-span-2 flex justify-end gap-2">
      <button type="button" class="btn" @click="emit('cancel')">Cancel</button
      ><button class="btn btn-primary">Save</button>
    </div>
  </form>
</template>
