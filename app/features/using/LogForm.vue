<script setup lang="ts">
import { counted } from '@juxtachrome/core/units'
import { X } from '@lucide/vue'
import { usePaintName } from '~/shared/words/paintName'
import type { Logging } from './useLog'
import { useCollection } from '~/stores/collection'
import FileButton from '~/shared/ui/FileButton.vue'
import FormField from '~/shared/ui/FormField.vue'
import TextField from '~/shared/ui/TextField.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import DayField from '~/shared/ui/DayField.vue'

/** A painting in ten seconds: a few words, what was tapped on the tray, what was wished for. */
const props = defineProps<{ log: Logging }>()
const { words, subject, wish, wished, image, trouble, touched, doneOn, correcting, today, subjects } = props.log
const collection = useCollection()
const nameOf = usePaintName()
const nameAt = (placeId: string) => {
  const id = props.log.paintAt(placeId)
  return id ? nameOf(id) : placeId
}
</script>

<template>
  <form aria-label="Log a painting" class="space-y-2" novalidate @submit.prevent="log.save()">
    <h2>{{ correcting ? 'Correct what was logged' : 'Log a painting' }}</h2>
    <TextField v-model="words" label="What it was, in a few words" maxlength="160" />
    <div class="flex flex-wrap gap-2">
      <TextField v-model="subject" label="Subject" class="min-w-24 grow basis-24" maxlength="60" list="subjects" />
      <FormField v-slot="{ field }" label="Day">
        <DayField v-bind="field" v-model="doneOn" class="w-36" :max="today" />
      </FormField>
    </div>
    <datalist id="subjects"><option v-for="s in subjects" :key="s" :value="s" /></datalist>
    <div>
      <p class="text-sm font-medium">Used</p>
      <p v-if="touched.size === 0" class="hint">Tap the colours on the tray; twice for a lot.</p>
      <ul v-else class="flex flex-wrap gap-1" :aria-label="`${counted(touched.size, 'colour')} used`">
        <li v-for="[placeId, how] in touched" :key="placeId" class="chip">
          {{ nameAt(placeId) }}<strong v-if="how === 'a lot'" class="font-semibold">, a lot</strong>
        </li>
      </ul>
    </div>
    <FormField v-slot="{ field }" label="Wished for">
      <span class="flex gap-1">
        <input
          v-bind="field"
          v-model="wish"
          class="input"
          maxlength="120"
          list="wishes"
          autocomplete="off"
          placeholder="a darker brown"
          @keydown.enter.prevent="log.addWish()"
        />
        <button type="button" class="btn" :disabled="!wish.trim()" @click="log.addWish()">Add</button>
      </span>
    </FormField>
    <datalist id="wishes"><option v-for="p in collection.paints" :key="p.id" :value="p.name" /></datalist>
    <ul v-if="wished.length" class="flex flex-wrap gap-1">
      <li v-for="(w, i) in wished" :key="w" class="chip flex items-center gap-1">
        {{ w
        }}<button type="button" class="take-off" :aria-label="`Not wished for: ${w}`" @click="wished.splice(i, 1)">
          <X :size="14" />
        </button>
      </li>
    </ul>
    <div v-if="!correcting" class="flex items-center gap-2">
      <FileButton :label="image ? 'Another picture' : 'A small picture'" accept="image/*" @choose="log.choosePicture" />
      <img v-if="image" :src="image" alt="The picture of the painting" class="h-12 border border-line" />
      <button v-if="image" type="button" class="link text-sm" @click="image = ''">Without it</button>
    </div>
    <Refusal v-if="trouble" :says="trouble" />
    <p class="flex gap-2">
      <button class="btn btn-primary">{{ correcting ? 'Keep the correction' : 'Record the painting' }}</button>
      <button v-if="correcting || !log.isEmpty()" type="button" class="btn" @click="log.clear()">
        {{ correcting ? 'Leave it as it was' : 'Begin anew' }}
      </button>
    </p>
  </form>
</template>
