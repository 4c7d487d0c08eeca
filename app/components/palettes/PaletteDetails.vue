<script setup lang="ts">
import { Name, text, type Palette } from '@juxtachrome/core/documents'
import * as z from 'zod/mini'
import { usePaletteCommands } from '~/commands/palettes'
import { useCheckedForm } from '~/composables/useCheckedForm'

/** The dialog in which a palette's name and purpose are changed. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ close: [] }>()
const commands = usePaletteCommands()
const schema = z.object({ name: Name, use: z.enum(['travel', 'studio']), purpose: text(300) })
const { name: first, use: firstUse, purpose: firstPurpose } = props.palette
const started = { name: first, use: firstUse, purpose: firstPurpose }
const { defineField, errors, handleSubmit } = useCheckedForm(schema, started)
const [name] = defineField('name')
const [use] = defineField('use')
const [purpose] = defineField('purpose')
const save = handleSubmit((v: z.output<typeof schema>) => {
  if (commands.rename(props.palette, v).ok) emit('close')
})
</script>

<template>
  <ModalDialog open title="Details of the palette" @close="emit('close')">
    <form class="space-y-3" novalidate @submit.prevent="save">
      <TextField v-model="name" label="Name" :error="errors.name" />
      <ChoiceField v-model="use" label="For" :choices="['travel', 'studio']" />
      <TextField v-model="purpose" label="What it is for" :error="errors.purpose" />
      <div class="flex justify-end gap-2">
        <button type="button" class="btn" @click="emit('close')">Cancel</button>
        <button class="btn btn-primary">Save</button>
      </div>
    </form>
  </ModalDialog>
</template>
