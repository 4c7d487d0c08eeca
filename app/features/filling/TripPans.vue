<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import { pansForTrip, takenForTrip } from '@juxtachrome/core/filling'
import type { PaletteState } from '@juxtachrome/core/ledger'
import { counted } from '@juxtachrome/core/units'
import { computed } from 'vue'
import { useFillCommands } from './commands'
import { usePans } from '~/shared/items/usePans'
import { dayInWords } from '~/shared/words/days'
import { listed } from '~/shared/words/figures'
import { useCollection } from '~/stores/collection'

/** A trip's pans: out of the loose pans into the palette in one step, and back again. */
const props = defineProps<{ palette: Palette; state: PaletteState; today: string }>()
const filling = useFillCommands(() => props.palette.id)
const collection = useCollection()
const { atHand } = usePans()
const found = computed(() => pansForTrip(props.palette, props.state, atHand.value))
const trip = computed(() => takenForTrip(props.palette, props.state, (id) => collection.ledger.whole.vessel(id)))
const tripPans = computed(() => trip.value?.back.flatMap((b) => b.vesselIds) ?? [])
/** What has to be known before packing: what no loose pan holds, and what is wet still. */
const missing = computed(() => found.value.missing.map((m) => `${m.placeId}, ${paintToken(m.paintId)}`).join('; '))
const wet = computed(() =>
  found.value.puts
    .flatMap((p) =>
      p.wetUntil ? [`${paintToken(p.paintId)} for ${p.placeId}, till about ${dayInWords(p.wetUntil)}`] : [],
    )
    .join('; '),
)
/** Paint with honey stays soft: a tin that holds it is carried level. */
const soft = computed(() =>
  listed(
    Object.values(props.palette.plan)
      .flatMap((p) => collection.paint(p.paintId) ?? [])
      .flatMap((p) => (p.binder === 'with honey' ? paintToken(p.id) : [])),
  ),
)
const isOfPans = computed(() => props.palette.holder.places.some((p) => p.container !== 'well'))
const take = () =>
  filling.putAll(
    props.palette.name,
    found.value.puts.map(({ vesselId, placeId }) => ({ vesselId, place: { paletteId: props.palette.id, placeId } })),
    props.today,
  )
const back = () => filling.stowAll(props.palette.name, trip.value?.back ?? [], props.today)
</script>

<template>
  <section v-if="isOfPans && (atHand.length || tripPans.length)" aria-label="Pans of a trip" class="mb-4 text-sm">
    <p v-if="found.puts.length">
      <button class="btn" @click="take">Take {{ counted(found.puts.length, 'pan') }} out of the loose ones</button>
    </p>
    <p v-if="atHand.length && missing" class="mt-1">No loose pan holds: <SaidPaints :text="`${missing}.`" /></p>
    <p v-if="wet" class="mt-1">Wet still: <SaidPaints :text="`${wet}.`" /></p>
    <p v-if="soft" class="mt-1">
      Bound with honey, and soft for long: <SaidPaints :text="`${soft}.`" /> Carry the tin level and closed.
    </p>
    <p class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
      <button v-if="trip" class="link min-h-7 text-left" @click="back">
        Put the {{ counted(tripPans.length, 'pan') }} taken on {{ dayInWords(trip.day) }} back where
        {{ tripPans.length === 1 ? 'it' : 'they' }} lay
      </button>
      <NuxtLink class="link inline-flex min-h-7 items-center" to="/pans">All pans</NuxtLink>
    </p>
  </section>
</template>
