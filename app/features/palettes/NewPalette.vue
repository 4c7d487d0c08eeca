<script setup lang="ts">
import { Name, text } from '@juxtachrome/core/documents'
import { namesOfTargets, targetsOfPurpose } from '@juxtachrome/core/reach'
import { computed, ref } from 'vue'
import * as z from 'zod/mini'
import { usePaletteCommands } from './commands'
import { useCheckedForm } from '~/shared/ui/useCheckedForm'
import { HolderGallery, useHolders } from '~/features/boxes'
import { listed } from '~/shared/words/figures'
import FormField from '~/shared/ui/FormField.vue'
import ModalDialog from '~/shared/ui/ModalDialog.vue'

const emit = defineEmits<{ made: [id: string]; cancel: [] }>()
const commands = usePaletteCommands()
const { groups, byId } = useHolders()
// a box may be asked for by the page that leads here
const asked = byId(String(useRoute().query.box ?? ''))
const schema = z.object({ name: Name, use: z.enum(['travel', 'studio']), purpose: text(300), holder: z.string() })
const { defineField, errors, handleSubmit } = useCheckedForm(schema, {
  name: '',
  use: 'travel',
  purpose: '',
  holder: (asked ?? groups.value[0]!.holders[0]!).id,
})
const [name] = defineField('name')
const [use] = defineField('use')
const [purpose] = defineField('purpose')
const [holder] = defineField('holder')
/** What the words of its purpose speak of; it is judged for that, unless one would rather not. */
const spokenOf = computed(() => targetsOfPurpose(purpose.value ?? ''))
const isForThat = ref(true)
const save = handleSubmit((v: z.output<typeof schema>) => {
  const palette = commands.create(
    v.name,
    v.use,
    v.purpose.trim(),
    byId(v.holder)!,
    isForThat.value ? spokenOf.value : [],
  )
  emit('made', palette.id)
})
</script>

<template>
  <ModalDialog open title="A new palette" wide @close="emit('cancel')">
    <form novalidate class="grid gap-3 sm:grid-cols-2" @submit.prevent="save">
      <FormField v-slot="{ field }" label="Name" :error="errors.name"
        ><input v-bind="field" v-model="name" class="input" placeholder="Landing tin"
      /></FormField>
      <FormField v-slot="{ field }" label="For"
        ><select v-bind="field" v-model="use" class="input">
          <option value="travel">travel</option>
          <option value="studio">studio</option>
        </select></FormField
      >
      <FormField v-slot="{ field }" label="What it is for" :error="errors.purpose" class="sm:col-span-2"
        ><input
          v-bind="field"
          v-model="purpose"
          class="input"
          placeholder="sea and sky, ten minutes ashore between swells"
      /></FormField>
      <label v-if="spokenOf.length" class="flex items-center gap-2 sm:col-span-2">
        <input v-model="isForThat" type="checkbox" class="size-4" />Judge it for
        {{ listed(namesOfTargets(spokenOf)) }}
      </label>
      <fieldset class="sm:col-span-2">
        <legend class="mb-1 text-sm font-medium">Holder, drawn to one scale</legend>
        <HolderGallery v-model="holder"
          ><NuxtLink class="btn ml-auto" to="/boxes">Draw one, or count what fits</NuxtLink></HolderGallery
        >
      </fieldset>
      <div class="flex justify-end gap-2 sm:col-span-2">
        <button type="button" class="btn" @click="emit('cancel')">Cancel</button
        ><button class="btn btn-primary">Make the palette</button>
      </div>
    </form>
  </ModalDialog>
</template>
