<script setup lang="ts">
import { type BriefWish, Name, text } from '@juxtachrome/core/documents'
import { namesOfTargets, targetsOfPurpose } from '@juxtachrome/core/reach'
import { computed, ref } from 'vue'
import * as z from 'zod/mini'
import { nameFor, usePaletteCommands } from './commands'
import WishPicker from '~/shared/wishes/WishPicker.vue'
import { useCollection } from '~/stores/collection'
import { useCheckedForm } from '~/shared/ui/useCheckedForm'
import { HolderGallery, useHolders } from '~/features/boxes'
import { listed } from '~/shared/words/figures'
import FormField from '~/shared/ui/FormField.vue'
import ModalDialog from '~/shared/ui/ModalDialog.vue'

/** A new palette begins with what it is for; then whole palettes are proposed for it, unless one begins empty. */
const emit = defineEmits<{ made: [id: string, isProposing: boolean]; cancel: [] }>()
const hasPaints = useCollection().paints.length > 0
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
const wishes = ref<BriefWish[]>([])
/** Without a name of its own a palette is called after what it is for. */
const calledAfter = computed(() => nameFor(purpose.value ?? ''))
const make = (isProposing: boolean) => {
  if (!name.value?.trim()) name.value = calledAfter.value
  return handleSubmit((v: z.output<typeof schema>) => {
    const palette = commands.create({
      ...{ name: v.name, use: v.use, purpose: v.purpose.trim(), holder: byId(v.holder)! },
      brief: { targets: isForThat.value ? spokenOf.value : [], wishes: wishes.value },
    })
    emit('made', palette.id, isProposing)
  })()
}
</script>

<template>
  <ModalDialog open title="A new palette" wide @close="emit('cancel')">
    <form novalidate class="grid gap-3 sm:grid-cols-4" @submit.prevent="make(hasPaints)">
      <FormField v-slot="{ field }" label="What it is for" :error="errors.purpose" class="sm:col-span-2"
        ><input
          v-bind="field"
          v-model="purpose"
          class="input"
          placeholder="sea and sky, ten minutes ashore between swells"
      /></FormField>
      <FormField v-slot="{ field }" label="Name" :error="errors.name"
        ><input v-bind="field" v-model="name" class="input" :placeholder="calledAfter || 'Landing tin'"
      /></FormField>
      <FormField v-slot="{ field }" label="For"
        ><select v-bind="field" v-model="use" class="input">
          <option value="travel">travel</option>
          <option value="studio">studio</option>
        </select></FormField
      >
      <label v-if="spokenOf.length" class="flex items-center gap-2 sm:col-span-4">
        <input v-model="isForThat" type="checkbox" class="size-4" />Judge it for
        {{ listed(namesOfTargets(spokenOf)) }}
      </label>
      <WishPicker v-model="wishes" class="sm:col-span-4" />
      <fieldset class="sm:col-span-4">
        <legend class="mb-1 text-sm font-medium">Its box, drawn to one scale</legend>
        <HolderGallery v-model="holder"
          ><NuxtLink class="btn ml-auto" to="/boxes">Draw one, or count what fits</NuxtLink></HolderGallery
        >
      </fieldset>
      <div class="flex flex-wrap justify-end gap-2 sm:col-span-4">
        <button type="button" class="btn" @click="emit('cancel')">Cancel</button>
        <button v-if="hasPaints" type="button" class="btn" @click="make(false)">Make the palette</button>
        <button class="btn btn-primary">{{ hasPaints ? 'Propose three palettes' : 'Make the palette' }}</button>
      </div>
    </form>
  </ModalDialog>
</template>
