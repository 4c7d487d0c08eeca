<script setup lang="ts">
import type { Assessment } from '@juxtachrome/core/choosing'
import { type Palette, planAt } from '@juxtachrome/core/documents'
import { portionsOf, type PaletteState } from '@juxtachrome/core/ledger'
import { behaviourInWords } from '@juxtachrome/core/paints'
import { computed, ref, watch } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import { PaintCautions } from '~/features/paints'
import { missedInWords } from '~/features/verdict'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import type { Carry } from '~/shared/tray/useCarry'
import { asSentence } from '~/shared/words/asSentence'
import { useItemWords } from '~/shared/words/itemWords'
import { useCollection } from '~/stores/collection'
import { useStrip } from '~/stores/strip'
import MixesWith from './MixesWith.vue'

/** The chosen place, below the tray to which it belongs: its paint, how it behaves, what it mixes with every other paint there. */
const props = defineProps<{
  palette: Palette
  placeId: string
  state: PaletteState
  carry: Carry
  verdict?: Assessment
}>()
const emit = defineEmits<{ close: [] }>()
const commands = usePaletteCommands()
const collection = useCollection()
const { contentWords } = useItemWords()
const strip = useStrip()
const plan = computed(() => planAt(props.palette, props.placeId))
const paint = computed(() => collection.paint(plan.value?.paintId))
const content = computed(() => props.state.get(props.placeId)?.content)
/** What lies there, where it is not just what is planned. */
const lies = computed(() => {
  const c = content.value
  const asPlanned = c && portionsOf(c).every((p) => p.paintId === plan.value?.paintId)
  return c && !asPlanned ? contentWords(c) : ''
})
const behaviour = computed(() => paint.value && behaviourInWords(paint.value))
/** How it would be missed, against the others of the palette. */
const missed = computed(() => (props.verdict ? missedInWords(props.verdict, props.placeId) : ''))
const isMovable = computed(() => plan.value && !plan.value.locked && (paint.value || plan.value.reserved !== undefined))
const note = ref('')
watch(
  [() => props.placeId, plan],
  () => {
    note.value = plan.value?.reserved ?? ''
  },
  { immediate: true },
)
const pickUp = () =>
  props.carry.pickUp({ kind: 'place', id: props.placeId, name: paint.value?.name ?? 'the reservation' }, props.placeId)
</script>

<template>
  <section class="mt-3" :aria-label="`Place ${placeId}`">
    <div class="flex items-start gap-2">
      <h2 class="min-w-0 grow leading-snug">
        {{ paint ? paint.name : `Place ${placeId}` }}
        <span v-if="paint" class="hint font-normal">{{
          [placeId, paint.pigments.join(' '), paint.maker, plan?.locked ? 'locked' : ''].filter(Boolean).join(' · ')
        }}</span>
      </h2>
      <button class="link text-sm" @click="emit('close')">Close</button>
    </div>
    <template v-if="paint">
      <div class="mt-1 bg-ground p-1"><PaintSwatch :paint="paint" film brushed class="h-9" /></div>
      <p class="mt-1">
        {{ behaviour ? asSentence(behaviour) : '' }} <strong v-if="missed" class="font-semibold">{{ missed }}</strong>
      </p>
      <PaintCautions :paint="paint" brief />
    </template>
    <p v-else-if="plan?.reserved !== undefined">Kept free{{ plan.reserved ? ` for ${plan.reserved}` : '' }}.</p>
    <p v-else class="hint">Nothing is planned here. Pick up a paint in the drawer and drop it here.</p>
    <p v-if="lies" class="mt-1">In it now: {{ lies }}.</p>
    <MixesWith v-if="paint" :palette="palette" :paint="paint" class="mt-2" />
    <div class="mt-2 flex flex-wrap gap-2">
      <button v-if="isMovable" class="btn" @click="pickUp">Move</button>
      <button v-if="isMovable" class="btn" @click="commands.clear(palette.id, placeId)">Take out</button>
      <button class="btn" @click="commands.lock(palette.id, placeId, !plan?.locked)">
        {{ plan?.locked ? 'Unlock' : 'Lock' }}
      </button>
      <button v-if="paint" class="btn" @click="strip.lay(paint.id)">To the strip</button>
      <NuxtLink v-if="paint" class="btn" :to="`/palettes/${palette.id}/stand-in?place=${placeId}`"
        >Find a stand-in</NuxtLink
      >
      <NuxtLink v-if="paint" class="btn" :to="`/paints/${paint.id}`">Open</NuxtLink>
    </div>
    <form
      v-if="!paint && !plan?.locked"
      class="mt-3 flex items-end gap-2"
      @submit.prevent="commands.reserve(palette.id, placeId, note)"
    >
      <label class="grow text-sm"
        >Keep it free for<input v-model="note" class="input" maxlength="200" placeholder="a darker brown"
      /></label>
      <button class="btn">Keep it free</button>
    </form>
  </section>
</template>
