<script setup lang="ts">
import type { Problem } from '@juxtachrome/core/result'
import { parseColour } from '@juxtachrome/core/colour'
import { parsePigmentCodes, questionCodes } from '@juxtachrome/core/pigments'
import { problemOfSwatchPair } from '@juxtachrome/core/film'
import {
  Name,
  PAINT_FIELDS,
  paintField,
  text,
  valueOf,
  wordOf,
  type Field,
  type Paint,
} from '@juxtachrome/core/documents'
import { withMark } from '@juxtachrome/core/paints'
import { computed, type Ref } from 'vue'
import * as z from 'zod/mini'
import { useCheckedForm } from '~/shared/ui/useCheckedForm'
import { swatchText, toSwatch } from '~/shared/swatch/swatchText'
import { useMeanwhile } from '~/shared/ui/useMeanwhile'
import { useUnsaved } from '~/stores/unsaved'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import SwatchField from '~/shared/swatch/SwatchField.vue'
import TextField from '~/shared/ui/TextField.vue'

/** Changes a paint. `save` answers why it was refused, if it was. */
const props = defineProps<{ paint: Paint; save: (paint: Paint) => Problem | undefined }>()
const emit = defineEmits<{ cancel: [] }>()

const colour = z.string().check(
  z.refine((t) => t.trim() === '' || parseColour(t).ok, {
    error: ({ input }) => {
      const read = parseColour(String(input))
      return read.ok ? '' : read.error.message
    },
  }),
)
const codes = z.string().check(
  z.maxLength(200, 'At most 200 characters.'),
  z.refine((t) => parsePigmentCodes(t).unread.length === 0, {
    error: ({ input }) => parsePigmentCodes(String(input)).unread[0]?.message,
  }),
)
const word = z.string()
const schema = z.object({
  name: Name,
  maker: text(120),
  formula: text(60),
  pigments: codes,
  series: text(12),
  masstone: colour,
  wash: colour,
  family: word,
  transparency: word,
  staining: word,
  granulation: word,
  lightfastness: word,
  grade: word,
  effect: word,
  medium: word,
  discontinued: word,
  binder: word,
  vegan: word,
  marks: text(600),
  note: text(2000),
})
type Values = z.infer<typeof schema>
type Key = keyof Values

const textsOf = (paint: Paint): Values => ({
  ...(Object.fromEntries(
    (Object.keys(schema.shape) as Key[]).map((key) => [key, wordOf(paintField(key), paint[key])]),
  ) as Values),
  pigments: paint.pigments.join(', '),
  marks: (paint.marks ?? []).join(', '),
  masstone: swatchText(paint.masstone),
  wash: swatchText(paint.wash),
})
const { defineField, errors, handleSubmit, setFieldError, setFieldValue, values } = useCheckedForm(
  schema,
  textsOf(props.paint),
)
const now = computed(() => textsOf(props.paint))
const meanwhile = useMeanwhile(
  () => now.value,
  values,
  (key, value) => setFieldValue(key as Key, value),
  (key) => label(key as Key),
)
useUnsaved().watchOver(props.paint.name, () =>
  (Object.keys(now.value) as Key[]).some((key) => (values[key] ?? '') !== now.value[key]),
)
const field = Object.fromEntries(
  (Object.keys(schema.shape) as Key[]).map((key) => [key, defineField(key)[0]]),
) as unknown as Record<Key, Ref<string>>
const choices: readonly Field[] = PAINT_FIELDS.filter((f: Field) => f.form && f.scale)
const PLACEHOLDERS: Partial<Record<Key, string>> = { formula: 'before 2021', pigments: 'PB29, PV19' }
const label = (key: Key) => paintField(key).asks ?? paintField(key).label
const questions = computed(() => questionCodes(values.name ?? '', parsePigmentCodes(values.pigments ?? '').codes))

function paintOf(v: Values): Paint {
  const after: Record<string, unknown> = { ...props.paint, name: v.name, maker: v.maker.trim() }
  for (const key of ['formula', 'series', 'note', ...choices.map((c) => c.key)] as Key[])
    after[key] = valueOf(paintField(key), v[key])
  after.pigments = parsePigmentCodes(v.pigments).codes.map((c) => c.code)
  const marks = v.marks.split(',').reduce<string[]>(withMark, [])
  after.marks = marks.length ? marks : undefined
  after.masstone = toSwatch(v.masstone, props.paint.masstone)
  after.wash = toSwatch(v.wash, props.paint.wash)
  return after as Paint
}
const submit = handleSubmit((v: Values) => {
  const after = paintOf(v)
  const exchanged = problemOfSwatchPair(after.masstone, after.wash)
  if (exchanged) return setFieldError('masstone', exchanged)
  const refused = props.save(after)
  if (refused) setFieldError((refused.field?.split('.')[0] ?? 'name') as Key, refused.message)
})
</script>

<template>
  <form class="grid grid-cols-2 gap-x-3 gap-y-2.5" novalidate @submit.prevent="submit">
    <TextField v-model="field.name.value" :label="label('name')" :error="errors.name" class="col-span-2" />
    <TextField
      v-for="key in ['maker', 'formula', 'pigments', 'series'] as const"
      :key="key"
      v-model="field[key].value"
      :label="label(key)"
      :error="errors[key]"
      :placeholder="PLACEHOLDERS[key]"
    />
    <p v-for="question in questions" :key="question.message" class="doubt col-span-2" role="status">
      {{ question.message }}
    </p>
    <SwatchField v-model="field.masstone.value" :label="label('masstone')" :error="errors.masstone" />
    <SwatchField v-model="field.wash.value" :label="label('wash')" :error="errors.wash" />
    <ChoiceField
      v-for="choice in choices"
      :key="choice.key"
      v-model="field[choice.key as Key].value"
      :label="label(choice.key as Key)"
      :choices="choice.scale ?? []"
      none="not said"
    />
    <p v-for="message in meanwhile" :key="message" class="doubt col-span-2" role="status">{{ message }}</p>
    <TextField
      v-model="field.marks.value"
      :label="label('marks')"
      :error="errors.marks"
      placeholder="for the island, loved"
      class="col-span-2"
    />
    <TextField v-model="field.note.value" :label="label('note')" :error="errors.note" long class="col-span-2" />
    <div class="col-span-2 flex justify-end gap-2">
      <button type="button" class="btn" @click="emit('cancel')">Cancel</button>
      <button class="btn btn-primary">Save</button>
    </div>
  </form>
</template>
