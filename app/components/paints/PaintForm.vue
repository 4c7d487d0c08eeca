<script setup lang="ts">
import {
  EFFECTS,
  GRADES,
  GRANULATIONS,
  HUE_FAMILIES,
  LIGHTFASTNESSES,
  Name,
  parseColour,
  parsePigmentCodes,
  problemOfSwatchPair,
  questionCodes,
  STAININGS,
  text,
  TRANSPARENCIES,
  type Paint,
} from '@juxtachrome/core'
import { computed, type Ref } from 'vue'
import { z } from 'zod'
import { useCheckedForm } from '~/composables/useCheckedForm'
import { swatchText, toSwatch } from '~/composables/swatchText'

const props = defineProps<{ paint: Paint }>()
const emit = defineEmits<{ save: [paint: Paint]; cancel: [] }>()

const colour = z.string().refine((t) => t.trim() === '' || parseColour(t).ok, {
  error: (issue) => {
    const r = parseColour(String(issue.input))
    return r.ok ? '' : r.error.message
  },
})
const codes = z
  .string()
  .max(200, 'At most 200 characters.')
  .refine((t) => parsePigmentCodes(t).unread.length === 0, {
    error: (issue) => parsePigmentCodes(String(issue.input)).unread[0]?.message,
  })
const choice = z.string()
const schema = z.object({
  name: Name,
  maker: text(120),
  formula: text(60),
  codes,
  series: text(12),
  grade: choice,
  masstone: colour,
  wash: colour,
  family: choice,
  transparency: choice,
  staining: choice,
  granulation: choice,
  lightfastness: choice,
  effect: choice,
  note: text(2000),
})
type Values = z.infer<typeof schema>
const p = props.paint
const { defineField, errors, handleSubmit, setFieldError, values } = useCheckedForm(schema, {
  name: p.name,
  maker: p.maker,
  formula: p.formula ?? '',
  codes: p.pigments.join(', '),
  series: p.series ?? '',
  grade: p.grade ?? '',
  masstone: swatchText(p.masstone),
  wash: swatchText(p.wash),
  family: p.family ?? '',
  transparency: p.transparency ?? '',
  staining: p.staining ?? '',
  granulation: p.granulation ?? '',
  lightfastness: p.lightfastness ?? '',
  effect: p.effect ?? '',
  note: p.note ?? '',
})
const field = Object.fromEntries(
  (Object.keys(schema.shape) as (keyof Values)[]).map((key) => [key, defineField(key)[0]]),
) as unknown as Record<keyof Values, Ref<string>>
const CHOICES = [
  ['family', 'Family, if you see it otherwise', HUE_FAMILIES],
  ['transparency', 'Transparency', TRANSPARENCIES],
  ['staining', 'Staining', STAININGS],
  ['granulation', 'Granulation', GRANULATIONS],
  ['lightfastness', 'Lightfastness', LIGHTFASTNESSES],
  ['grade', 'Grade', GRADES],
  ['effect', 'Effect', EFFECTS],
] as const
const questions = computed(() => questionCodes(values.name ?? '', parsePigmentCodes(values.codes ?? '').codes))

const save = handleSubmit((v: Values) => {
  const after: Record<string, unknown> = {
    ...props.paint,
    name: v.name,
    maker: v.maker.trim(),
    pigments: parsePigmentCodes(v.codes).codes.map((c) => c.code),
  }
  for (const key of ['formula', 'series', 'note', ...CHOICES.map(([k]) => k)] as (keyof Values)[])
    after[key] = v[key].trim() || undefined
  after.masstone = toSwatch(v.masstone, props.paint.masstone)
  after.wash = toSwatch(v.wash, props.paint.wash)
  const exchanged = problemOfSwatchPair(after.masstone as Paint['masstone'], after.wash as Paint['wash'])
  if (exchanged) return setFieldError('masstone', exchanged)
  return emit('save', after as Paint)
})
</script>

<template>
  <form class="grid grid-cols-2 gap-x-3 gap-y-2.5" novalidate @submit.prevent="save">
    <FormField v-slot="{ field: f }" label="Name on the label" :error="errors.name" class="col-span-2"
      ><input v-bind="f" v-model="field.name.value" class="input"
    /></FormField>
    <FormField v-slot="{ field: f }" label="Maker" :error="errors.maker"
      ><input v-bind="f" v-model="field.maker.value" class="input"
    /></FormField>
    <FormField v-slot="{ field: f }" label="Formula version" :error="errors.formula"
      ><input v-bind="f" v-model="field.formula.value" class="input" placeholder="before 2021"
    /></FormField>
    <FormField v-slot="{ field: f }" label="Pigment codes" :error="errors.codes"
      ><input v-bind="f" v-model="field.codes.value" class="input" placeholder="PB29, PV19"
    /></FormField>
    <FormField v-slot="{ field: f }" label="Series" :error="errors.series"
      ><input v-bind="f" v-model="field.series.value" class="input"
    /></FormField>
    <p
      v-for="question in questions"
      :key="question.message"
      class="col-span-2 border-l-4 border-edge pl-2 text-sm"
      role="status"
    >
      {{ question.message }}
    </p>
    <SwatchField v-model="field.masstone.value" label="Masstone" :error="errors.masstone" />
    <SwatchField v-model="field.wash.value" label="Wash" :error="errors.wash" />
    <FormField v-for="[key, label, options] in CHOICES" :key="key" v-slot="{ field: f }" :label="label">
      <select v-bind="f" v-model="field[key].value" class="input">
        <option value="">not said</option>
        <option v-for="o in options" :key="o" :value="o">{{ o }}</option>
      </select>
    </FormField>
    <FormField v-slot="{ field: f }" label="Note" :error="errors.note" class="col-span-2">
      <textarea v-bind="f" v-model="field.note.value" class="input" rows="2" />
    </FormField>
    <div class="col-span-2 flex justify-end gap-2">
      <button type="button" class="btn" @click="emit('cancel')">Cancel</button>
      <button class="btn btn-primary">Save</button>
    </div>
  </form>
</template>
