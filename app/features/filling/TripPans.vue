<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { pansForTrip, pansIn } from '@juxtachrome/core/filling'
import type { PaletteState } from '@juxtachrome/core/ledger'
import { counted } from '@juxtachrome/core/units'
import { computed } from 'vue'
import { useFillCommands } from './commands'
import { usePans } from '~/shared/items/usePans'

/** A trip's pans: out of the master set into the palette in one step, and back again. */
const props = defineProps<{ palette: Palette; state: PaletteState; today: string }>()
const filling = useFillCommands(() => props.palette.id)
const { atHand } = usePans()
const found = computed(() => pansForTrip(props.palette, props.state, atHand.value))
const lying = computed(() => pansIn(props.palette, props.state))
const isOfPans = computed(() => props.palette.holder.places.some((p) => p.container !== 'well'))
const take = () =>
  filling.putAll(
    props.palette.name,
    found.value.puts.map(({ vesselId, placeId }) => ({ vesselId, place: { paletteId: props.palette.id, placeId } })),
    props.today,
  )
const back = () =>
  filling.stow(
    lying.value.map(({ vesselId }) => ({ vesselId })),
    { kind: 'master set' },
    props.today,
  )
</script>

<template>
  <section v-if="isOfPans && (atHand.length || lying.length)" aria-label="Pans of a trip" class="mb-4 text-sm">
    <p v-if="found.puts.length">
      <button class="btn" @click="take">Take {{ counted(found.puts.length, 'pan') }} out of the loose ones</button>
    </p>
    <p class="mt-1 flex flex-wrap gap-x-3">
      <button v-if="lying.length" class="link" @click="back">
        Put its {{ counted(lying.length, 'pan') }} back into the master set
      </button>
      <NuxtLink class="link" to="/pans">All pans</NuxtLink>
    </p>
  </section>
</template>
