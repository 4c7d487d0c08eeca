<script setup lang="ts">
import type { Holder } from '@juxtachrome/core/documents'
import { heldInHand, SKETCHBOOKS, USUAL_HAND, workingRoom } from '@juxtachrome/core/arranging'
import { counted } from '@juxtachrome/core/units'
import { computed } from 'vue'
import * as z from 'zod/mini'
import { kept } from '~/stores/kept'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import { figure } from '~/shared/words/figures'

/** Whether a hand holds a box beside a sketchbook, which brush goes in, and what is left to mix on. */
const props = defineProps<{ holder: Holder }>()
const grip = kept('jx-grip', z.number().check(z.gte(50), z.lte(160)), USUAL_HAND.grip)
const bookId = kept('jx-book', z.string(), 'A5')
const book = computed(() => SKETCHBOOKS.find((b) => b.id === bookId.value) ?? SKETCHBOOKS[1]!)
const hand = computed(() => ({ ...USUAL_HAND, grip: grip.value }))
const held = computed(() => heldInHand(props.holder, book.value, hand.value))
const room = computed(() => workingRoom(props.holder))
const HELD = {
  'in the palm': 'Held in one hand, in the palm.',
  'by the thumb hole': 'Held in one hand, by the thumb hole.',
  'by its edge': 'Held in one hand, by its edge.',
  no: 'Not held in one hand.',
} as const
</script>

<template>
  <section aria-label="In use">
    <h2 class="mt-2">In use</h2>
    <p class="text-sm">
      {{ counted(holder.places.length, 'place') }}.
      {{
        room.widest
          ? `The narrowest is ${figure(room.narrowest)} mm inside: a ${room.widest} still goes in.`
          : `The narrowest is ${figure(room.narrowest)} mm inside: no brush of the table goes in.`
      }}
      {{
        room.mixingPerPlace
          ? `${figure(room.mixingPerPlace, 1)} cm² to mix on for each place.`
          : 'Nothing is drawn to mix on.'
      }}
    </p>
    <p class="mt-1 text-sm">{{ HELD[held.how] }} {{ held.words }} {{ held.besideBook }}</p>
    <div class="mt-1 grid max-w-lg grid-cols-2 gap-2">
      <ChoiceField
        v-model="bookId"
        label="Sketchbook"
        :choices="SKETCHBOOKS.map((b) => ({ id: b.id, text: b.label }))"
      />
      <label class="text-sm"
        >Palm, {{ grip }} mm<input v-model.number="grip" type="range" min="70" max="130" step="5" class="w-full"
      /></label>
    </div>
    <p class="hint mt-1 text-sm">
      Hands and brushes differ: the palm from thumb to fingertips is yours to set, brush widths are rough.
    </p>
  </section>
</template>
