<script setup lang="ts">
import { Name, type Palette, plannedPaints, text } from '@juxtachrome/core/documents'
import { againstChild } from '@juxtachrome/core/paints'
import { computed } from 'vue'
import * as z from 'zod/mini'
import { usePaletteCommands } from './commands'
import { useCheckedForm } from '~/shared/ui/useCheckedForm'
import { useCollection } from '~/stores/collection'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import ModalDialog from '~/shared/ui/ModalDialog.vue'
import PhotoOf from '~/shared/ui/PhotoOf.vue'
import SharePalette from './SharePalette.vue'
import TextField from '~/shared/ui/TextField.vue'

/** The dialog in which a palette's name and purpose are changed. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ close: [] }>()
const commands = usePaletteCommands()
const schema = z.object({ name: Name, use: z.enum(['travel', 'studio']), purpose: text(300), forChild: z.boolean() })
const { name: first, use: firstUse, purpose: firstPurpose } = props.palette
const started = { name: first, use: firstUse, purpose: firstPurpose, forChild: props.palette.forChild ?? false }
const { defineField, errors, handleSubmit } = useCheckedForm(schema, started)
const [name] = defineField('name')
const [use] = defineField('use')
const [purpose] = defineField('purpose')
const [forChild] = defineField('forChild')
const collection = useCollection()
/** What is planned that is not for a child, with the reason. */
const against = computed(() =>
  [...plannedPaints(props.palette)].flatMap((id) => {
    const paint = collection.paint(id)
    const why = paint && againstChild(paint)
    return why ? [{ id, name: paint.name, why }] : []
  }),
)
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
      <label class="flex items-center gap-2"
        ><input v-model="forChild" type="checkbox" class="size-4" />For a child: only paints without problem
        pigments</label
      >
      <div v-if="forChild" class="text-sm">
        <p v-if="against.length">Planned, and better taken out:</p>
        <ul class="max-h-40 overflow-y-auto">
          <li v-for="a in against" :key="a.id" class="border-t border-line py-0.5">{{ a.name }}: {{ a.why }}</li>
        </ul>
        <p class="hint">Nothing here is a permission: the label, the safety data sheet and local rules come first.</p>
      </div>
      <PhotoOf
        :picture-id="palette.pictureId"
        :title="palette.name"
        @keep="commands.keepPhoto(palette, $event)"
        @remove="commands.removePhoto(palette)"
      />
      <SharePalette :palette="palette" @done="emit('close')" />
      <div class="flex justify-end gap-2">
        <button type="button" class="btn" @click="emit('close')">Cancel</button>
        <button class="btn btn-primary">Save</button>
      </div>
    </form>
  </ModalDialog>
</template>
