<script setup lang="ts">
import { type Palette, planAt } from '@juxtachrome/core/documents'
import { portionsOf, type PaletteState } from '@juxtachrome/core/ledger'
import { computed, ref, watch } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import type { Carry } from '~/shared/tray/useCarry'
import { useItemWords } from '~/shared/words/itemWords'
import { useCollection } from '~/stores/collection'
import { useStrip } from '~/stores/strip'
import { PaintCautions } from '~/features/paints'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'

const props = defineProps<{ palette: Palette; placeId: string; state: PaletteState; carry: Carry }>()
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
  <section class="panel mb-3 p-3" :aria-label="`Place ${placeId}`">
    <div class="mb-2 flex items-center gap-2">
      <h2 class="grow">Place {{ placeId }}</h2>
      <button class="btn btn-quiet" @click="emit('close')">Close</button>
    </div>
    <template v-if="paint">
      <PaintSwatch :paint="paint" class="mb-1 h-8" />
      <p>{{ paint.name }}</p>
      <p class="hint">{{ [paint.maker, paint.pigments.join(' '), paint.transparency].filter(Boolean).join(' · ') }}</p>
      <PaintCautions :paint="paint" brief />
    </template>
    <p v-else-if="plan?.reserved !== undefined">Reserved{{ plan.reserved ? `: ${plan.reserved}` : '' }}</p>
    <p v-else class="hint">Nothing planned. Pick up a paint in the drawer and drop it here.</p>
    <p v-if="lies" class="mt-1">In it now: {{ lies }}.</p>
    <div class="mt-2 flex flex-wrap gap-2">
      <button v-if="plan && !plan.locked && (paint || plan.reserved !== undefined)" class="btn" @click="pickUp">
        Move
      </button>
      <button
        v-if="plan && !plan.locked && (paint || plan.reserved !== undefined)"
        class="btn"
        @click="commands.clear(palette.id, placeId)"
      >
        Take out
      </button>
      <button class="btn" @click="commands.lock(palette.id, placeId, !plan?.locked)">
        {{ plan?.locked ? 'Unlock' : 'Lock' }}
      </button>
      <button v-if="paint" class="btn" @click="strip.lay(paint.id)">To the strip</button>
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
      <button class="btn">Reserve</button>
    </form>
  </section>
</template>
