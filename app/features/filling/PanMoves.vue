<script setup lang="ts">
import type { Palette, PlaceRef } from '@juxtachrome/core/documents'
import { isOut } from '@juxtachrome/core/filling'
import type { PaletteState } from '@juxtachrome/core/ledger'
import { useDayDone } from '~/shared/ui/useDayDone'
import { computed, ref, watch } from 'vue'
import { useFillCommands } from './commands'
import { useNaming } from '~/shared/words/naming'
import { useItemWords } from '~/shared/words/itemWords'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import DayField from '~/shared/ui/DayField.vue'

/** Where the pan of a place goes: to another place, of any palette, or out; and what comes into a place without one. */
const props = defineProps<{ palette: Palette; place: PlaceRef; bare: boolean; today: string }>()
const collection = useCollection()
const { contentWords } = useItemWords()
const notices = useNotices()
const filling = useFillCommands(() => props.palette.id)
const name = useNaming(() => props.palette.id)
const { typed: movedOn, day } = useDayDone(() => props.today)
const open = ref(false)
const paletteId = ref(props.palette.id)
const placeId = ref('')
const size = computed(() => props.palette.holder.places.find((p) => p.id === props.place.placeId)!.container)

/** Places that take a pan of this size. */
const places = computed(() => {
  const target = collection.palette(paletteId.value)
  const state = collection.ledger.places(paletteId.value)
  const fitting = target?.holder.places.filter((p) => p.container === size.value) ?? []
  return fitting
    .filter((p) => paletteId.value !== props.palette.id || p.id !== props.place.placeId)
    .map(({ id }) => ({ id, text: `${id}: ${holds(state, id)}` }))
})
function holds(state: PaletteState, id: string): string {
  const content = state.get(id)?.content
  if (content) return contentWords(content)
  return isOut(state, id) ? 'no pan' : 'an empty pan'
}
watch(paletteId, () => (placeId.value = ''))

const loose = computed(() =>
  collection.ledger.whole.looseVessels().map((vesselId) => {
    const { content } = collection.ledger.whole.vessel(vesselId)
    const what = content ? `, holds ${contentWords(content)}` : ', empty'
    return { id: vesselId, text: `${name.vessel({ vesselId })}${what}` }
  }),
)
const chosen = ref('')

function move() {
  const to = { paletteId: paletteId.value, placeId: placeId.value }
  if (!placeId.value || filling.movePan(props.place, to, day.value)) return
  notices.say(`The pan lies in ${name.place(to)} now.`)
  open.value = false
}
function putIn() {
  if (chosen.value) filling.putPanIn({ vesselId: chosen.value }, props.place, day.value)
}
const addNew = () => filling.addPan(size.value === 'well' ? 'half pan' : size.value, '', props.place, day.value)
</script>

<template>
  <section aria-label="The pan">
    <div class="flex flex-wrap items-center gap-2">
      <h3 class="grow">The pan</h3>
      <label class="flex items-center gap-2 text-sm"
        >moved on <DayField aria-label="moved on" v-model="movedOn" class="w-40" :max="today"
      /></label>
    </div>
    <template v-if="bare">
      <form v-if="loose.length" class="mt-1 flex items-end gap-2" @submit.prevent="putIn">
        <ChoiceField v-model="chosen" label="Loose pans" :choices="loose" none="choose a pan" class="grow" />
        <button class="btn" :disabled="!chosen">Put it in</button>
      </form>
      <button class="btn mt-2" @click="addNew">Put a new {{ size }} in</button>
    </template>
    <template v-else>
      <div class="mt-1 flex flex-wrap gap-2">
        <button class="btn" :aria-expanded="open" @click="open = !open">Move the pan</button>
        <button class="btn" @click="filling.takePanOut(place, day)">Take the pan out</button>
      </div>
      <form v-if="open" class="mt-2 grid grid-cols-2 gap-2" @submit.prevent="move">
        <ChoiceField
          v-model="paletteId"
          label="To the palette"
          :choices="collection.palettes.map((p) => ({ id: p.id, text: p.name }))"
        />
        <ChoiceField v-model="placeId" label="Into the place" :choices="places" none="choose a place" />
        <p class="hint col-span-2">
          {{
            places.length
              ? 'Its paint and its history go with it. A pan that lies there comes back in exchange.'
              : `No place there takes a ${size}.`
          }}
        </p>
        <button class="btn btn-primary col-span-2 justify-self-start" :disabled="!placeId">Move it</button>
      </form>
    </template>
  </section>
</template>
