<script setup lang="ts">
import { Name, text, type Palette } from '@juxtachrome/core/documents'
import { ref } from 'vue'
import { z } from 'zod'
import { usePaletteCommands } from '~/commands/palettes'
import { useCheckedForm } from '~/composables/useCheckedForm'

const props = defineProps<{ palette: Palette }>()
const commands = usePaletteCommands()
const editing = ref(false)
const schema = z.object({ name: Name, use: z.enum(['travel', 'studio']), purpose: text(300) })
const values = () => ({ name: props.palette.name, use: props.palette.use, purpose: props.palette.purpose })
const { defineField, errors, handleSubmit, resetForm } = useCheckedForm(schema, values())
const [name] = defineField('name')
const [use] = defineField('use')
const [purpose] = defineField('purpose')
function open() {
  resetForm({ values: values() })
  editing.value = true
}
const save = handleSubmit((v: z.output<typeof schema>) => {
  commands.rename(props.palette, v)
  editing.value = false
})
</script>

<template>
  <div class="flex min-w-0 items-center gap-2">
    <div class="min-w-0">
      <h1 class="truncate">{{ palette.name }}</h1>
      <p class="hint truncate">{{ palette.use }}{{ palette.purpose ? ` · ${palette.purpose}` : '' }}</p>
    </div>
    <button class="btn btn-quiet" @click="open">Details</button>
    <ModalDialog :open="editing" title="Details of the palette" @close="editing = false">
      <form class="space-y-3" novalidate @submit.prevent="save">
        <FormField v-slot="{ field }" label="Name" :error="errors.name"
          ><input v-bind="field" v-model="name" class="input"
        /></FormField>
        <FormField v-slot="{ field }" label="For"
          ><select v-bind="field" v-model="use" class="input">
            <option>travel</option>
            <option>studio</option>
          </select></FormField
        >
        <FormField v-slot="{ field }" label="What it is for" :error="errors.purpose"
          ><input v-bind="field" v-model="purpose" class="input"
        /></FormField>
        <div class="flex justify-end gap-2">
          <button type="button" class="btn" @click="editing = false">Cancel</button
          ><button class="btn btn-primary">Save</button>
        </div>
      </form>
    </ModalDialog>
  </div>
</template>
