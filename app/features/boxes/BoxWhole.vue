<script setup lang="ts">
import type { Holder } from '@juxtachrome/core/documents'
import { type HolderProblem, mirrorHolder, resizeHolder, turnHolder } from '@juxtachrome/core/drawing'
import { ref, watch } from 'vue'
import type { Redraw } from './commands'
import { numberIn } from '~/shared/words/numberIn'
import Refusal from '~/shared/ui/Refusal.vue'

/** The box as a whole: its name and size, and what does not hold of it. */
const props = defineProps<{ holder: Holder; redraw: Redraw; problems: readonly HolderProblem[]; isNamed?: boolean }>()
const emit = defineEmits<{ show: [keys: string[]] }>()
const typed = ref({ name: '', width: '', height: '' })
watch(
  () => props.holder,
  ({ name, width, height }) => {
    typed.value = { name, width: String(width), height: String(height) }
  },
  { immediate: true },
)
const trouble = ref('')
function save() {
  const name = typed.value.name.trim()
  trouble.value = name ? '' : 'A box needs a name.'
  if (trouble.value) return
  props.redraw('changed the box', (h) => {
    const sized = resizeHolder(h, {
      outline: h.outline,
      width: numberIn(typed.value.width),
      height: numberIn(typed.value.height),
    })
    return sized.ok ? { ok: true, value: { ...sized.value, holder: { ...sized.value.holder, name } } } : sized
  })
}
const whole = (label: string, how: (h: Holder) => Holder) =>
  props.redraw(label, (h) => ({ ok: true, value: { holder: how(h), keys: [] } }))
const outline = (is: Holder['outline']) =>
  props.redraw(`made it ${is === 'ring' ? 'round' : 'a box'}`, (h) => resizeHolder(h, { ...h, outline: is }))
</script>

<template>
  <section aria-label="The box">
    <h2>The box</h2>
    <form class="mt-1 grid grid-cols-2 gap-2" novalidate @submit.prevent="save">
      <label v-if="isNamed" class="col-span-2 text-sm"
        >Name<input v-model="typed.name" class="input" maxlength="120" :aria-invalid="Boolean(trouble)"
      /></label>
      <label class="text-sm"
        >{{ holder.outline === 'ring' ? 'Box across' : 'Box width' }}, mm<input
          v-model="typed.width"
          class="input"
          inputmode="decimal"
      /></label>
      <label v-if="holder.outline === 'box'" class="text-sm"
        >Box height, mm<input v-model="typed.height" class="input" inputmode="decimal"
      /></label>
      <button class="btn col-span-2 justify-self-start">Change the box</button>
      <Refusal v-if="trouble" class="col-span-2" :says="trouble" />
    </form>
    <p class="mt-2 flex flex-wrap gap-1">
      <button
        class="btn"
        :aria-pressed="holder.outline === 'ring'"
        @click="outline(holder.outline === 'ring' ? 'box' : 'ring')"
      >
        Round
      </button>
      <button class="btn" @click="whole('mirrored the box', mirrorHolder)">Mirror it, left-handed</button>
      <button class="btn" @click="whole('turned the box', turnHolder)">Turn it</button>
    </p>
    <template v-if="problems.length">
      <h3 class="mt-3">What does not hold</h3>
      <ul class="text-sm" role="status">
        <li v-for="p in problems.slice(0, 8)" :key="p.words" class="border-t border-line py-0.5">
          <button v-if="p.keys.length" class="link text-left" @click="emit('show', p.keys)">{{ p.words }}</button>
          <span v-else>{{ p.words }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>
