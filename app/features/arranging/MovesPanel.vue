<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette, VesselRef } from '@juxtachrome/core/documents'
import { type Move, planMoves } from '@juxtachrome/core/arranging'
import { mainPaintOf } from '@juxtachrome/core/ledger'
import { counted } from '@juxtachrome/core/units'
import { computed } from 'vue'
import { useFillCommands } from '~/features/filling'
import { usePans } from '~/shared/items/usePans'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import PlanAndPans from '~/shared/tray/PlanAndPans.vue'

/** From the palette as it lies to the plan: the fewest steps with real pans, each ticked off as it is done. */
const props = defineProps<{ palette: Palette }>()
const collection = useCollection()
const filling = useFillCommands(() => props.palette.id)
const today = useToday()
const lying = computed(
  () =>
    new Map(
      [...collection.ledger.places(props.palette.id)].flatMap(([id, { content }]) =>
        content ? [[id, mainPaintOf(content)] as const] : [],
      ),
    ),
)
/** Pans that lie loose and are at hand, with what they hold. */
const { atHand } = usePans()
const loose = computed(() => atHand.value.flatMap(({ vesselId, paintId }) => (paintId ? [{ vesselId, paintId }] : [])))
const planned = computed(() =>
  planMoves({ palette: props.palette, lying: lying.value, aside: loose.value.map((l) => l.paintId) }),
)
const inWords = (m: Move): string => {
  switch (m.kind) {
    case 'clean':
      return `Clean ${paintToken(m.paintId)} out of the well ${m.placeId}`
    case 'lift':
      return `Lift ${paintToken(m.paintId)} out of ${m.placeId} and lay it aside`
    case 'move':
      return `${paintToken(m.paintId)} from ${m.from} to ${m.to}`
    case 'put':
      return `Put ${paintToken(m.paintId)} into ${m.placeId}`
  }
}
const at = (placeId: string) => ({ paletteId: props.palette.id, placeId })
function done(m: Move) {
  const day = today.value
  if (m.kind === 'clean') filling.record({ kind: 'clean', day, vessel: filling.vesselIn(at(m.placeId)) })
  else if (m.kind === 'lift') filling.takePanOut(at(m.placeId), day)
  else if (m.kind === 'move') filling.movePan(at(m.from), at(m.to), day)
  else {
    const pan = loose.value.find((l) => l.paintId === m.paintId)
    const vessel: VesselRef | undefined = pan && { vesselId: pan.vesselId }
    if (vessel) filling.putPanIn(vessel, at(m.placeId), day)
  }
}
</script>

<template>
  <section aria-label="The moves">
    <h2>The moves</h2>
    <p v-if="planned.moves.length === 0" class="hint mt-1">
      {{ lying.size ? 'Everything that lies in it lies as it is planned.' : 'Nothing lies in it yet.' }}
    </p>
    <template v-else>
      <p class="mt-1 text-sm" role="status">
        {{ counted(planned.moves.length, 'step') }} from the palette as it lies to the plan{{
          planned.leftOver.length ? '' : ', with one pan laid aside at a time'
        }}.
      </p>
      <ol class="mt-1">
        <li
          v-for="(m, i) in planned.moves"
          :key="i"
          class="flex items-baseline gap-2 border-t border-line py-1 text-sm"
        >
          <span class="hint w-5 shrink-0 text-right text-sm">{{ i + 1 }}</span>
          <span class="grow"><SaidPaints :text="inWords(m)" /></span>
          <button v-if="i === 0" class="btn" @click="done(m)">Done</button>
        </li>
      </ol>
    </template>
    <PlanAndPans v-if="planned.toFill.length" :palette="palette" class="mt-1" />
    <p v-if="planned.leftOver.length" class="hint text-sm">
      Without a place any more: <SaidPaints :text="`${planned.leftOver.map(paintToken).join(', ')}.`" />
    </p>
  </section>
</template>
