<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Paint, Palette } from '@juxtachrome/core/documents'
import type { Arranged, ArrangementExplained } from '@juxtachrome/core/arranging'
import { counted } from '@juxtachrome/core/units'
import { computed, ref, shallowRef, watch } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import { createCarry } from '~/shared/tray/useCarry'
import { ARRANGE_LENSES } from './lenses'
import { useBlend } from './useBlend'
import { useArrangeRequest } from './useArrangeRequest'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import AddOne from './AddOne.vue'
import ApartPanel from './ApartPanel.vue'
import ArrangeCompare from './ArrangeCompare.vue'
import BlendPanel from './BlendPanel.vue'
import CarryGhost from '~/shared/tray/CarryGhost.vue'
import LensBar from '~/shared/tray/LensBar.vue'
import MovesPanel from './MovesPanel.vue'
import PaletteTray from '~/shared/tray/PaletteTray.vue'
import PaletteZones from '~/shared/tray/PaletteZones.vue'
import { areWellsSmall } from '~/shared/tray/smallWells'
import PlaceLegend from '~/shared/tray/PlaceLegend.vue'
import ReasonPanel from './ReasonPanel.vue'
import TrayLinesOver from '~/shared/tray/TrayLinesOver.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** Every well for a reason: what matters on the left, the tray as it lies or as it is proposed, the reasons on the right. */
const props = defineProps<{ palette: Palette; place?: string }>()
const emit = defineEmits<{ select: [placeId: string | undefined] }>()
const collection = useCollection()
const commands = usePaletteCommands()
const today = useToday()
const planned = computed(() => Object.values(props.palette.plan).filter((p) => p.paintId).length)
const side = ref<'left' | 'right'>('left')
const isComparing = ref(false)
const blending = useBlend()
const { blend, chosen } = blending
const state = computed(() => collection.ledger.places(props.palette.id))
const STILL = new Map<string, never>()

const request = useArrangeRequest()
const search = useQuestion('arrangePalette')
const proposal = shallowRef<Arranged>()
async function propose() {
  const answer = await search.ask(request(props.palette.id, blend.value), ({ best }) => best && (proposal.value = best))
  if (answer) proposal.value = answer
}
// a proposal speaks of one blend and one plan
watch([blend, () => props.palette], () => {
  search.cancel()
  proposal.value = undefined
})
function take() {
  if (!proposal.value) return
  commands.takeArrangement(props.palette, proposal.value, chosen.value?.label ?? 'my blend')
}

const explain = useQuestion('explainArrangement')
const explained = shallowRef<ArrangementExplained>()
watch(
  [blend, () => props.palette, proposal, search.isWorking] as const,
  async ([weights, palette, proposed, isWorking]) => {
    // what is still being looked for is explained when it stands
    if (planned.value < 2 || isWorking) return
    const answer = await explain.ask({
      ...request(palette.id, weights),
      ...(proposed ? { plan: proposed.plan } : {}),
    })
    if (answer) explained.value = answer
  },
  { immediate: true },
)
const lens = ref(ARRANGE_LENSES[0]!.id)
const through = computed(() => ARRANGE_LENSES.find((l) => l.id === lens.value))
const over = computed(() => (explained.value && through.value?.lines?.(explained.value)) ?? [])
const seen = computed(() => {
  const look = through.value?.seen
  return look && ((paint: Paint, placeId: string) => explained.value && look(paint, placeId, explained.value))
})
const lensSays = computed(() => (explained.value && through.value?.says?.(explained.value)) ?? '')
const gapInWords = ({ placeId, between: [one, other] }: (typeof keptFor.value)[number]) =>
  `${placeId} between ${paintToken(one)} and ${paintToken(other)}`
const keptFor = computed(() => explained.value?.lines.gaps ?? [])
const said = computed(() => {
  if (!proposal.value) return 'Locked places and places kept free stay as they are.'
  const { length } = proposal.value.moved
  const would = length ? `${counted(length, 'place')} would change (dotted).` : 'It lies best as it lies.'
  return search.isWorking.value ? `Looking further … ${would}` : would
})
const shown = computed(() => (proposal.value ? { ...props.palette, plan: proposal.value.plan } : props.palette))
const carry = createCarry((carried, target) => {
  if (target.kind === 'place' && carried.kind === 'place') commands.move(props.palette.id, carried.id, target.id)
})
function select(id: string) {
  side.value = 'right'
  emit('select', id)
}
</script>

<template>
  <p v-if="planned < 2" class="hint p-4">
    Ordering needs at least two planned paints.
    <NuxtLink class="link" :to="`/palettes/${palette.id}/choose`">Choose some first.</NuxtLink>
  </p>
  <template v-else-if="isComparing">
    <p class="flex gap-3 px-3 pt-2">
      <span class="hint grow">
        Lay two arrangements side by side, then take one. Locked places and places kept free stay as they are.
      </span>
      <button class="link text-sm" @click="isComparing = false">Back to one</button>
    </p>
    <ArrangeCompare :palette="palette" :today="today" :blending="blending" @taken="isComparing = false" />
  </template>
  <PaletteZones v-else v-model:side="side" :labels="['What matters', 'Reasons']">
    <template #left><BlendPanel :blending="blending" :scores="explained?.scores ?? []" /></template>
    <template #tray>
      <div class="mb-2 flex flex-wrap items-center gap-2">
        <template v-if="proposal">
          <button class="btn btn-primary" :disabled="proposal.moved.length === 0" @click="take">
            Take this arrangement
          </button>
          <button class="btn" @click="(search.cancel(), (proposal = undefined))">As it was</button>
        </template>
        <button v-else class="btn btn-primary" @click="propose">Find the best</button>
        <button class="btn" @click="isComparing = true">Lay two side by side</button>
        <span class="hint text-sm" role="status">{{ said }}</span>
      </div>
      <Refusal v-if="search.trouble.value" class="mb-2" :says="search.trouble.value" />
      <LensBar v-model="lens" :lenses="ARRANGE_LENSES" class="mb-2" />
      <PaletteTray
        :palette="shown"
        :seen="seen"
        :state="proposal ? STILL : state"
        :today="today"
        :carry="proposal ? undefined : carry"
        :changed="proposal?.moved"
        :selected="place"
        :label="proposal ? `Proposed: ${chosen?.label ?? 'my blend'}` : palette.name"
        @select="select"
        @clear="commands.clear(palette.id, $event)"
        @lock="commands.lock(palette.id, $event, !palette.plan[$event]?.locked)"
      >
        <TrayLinesOver v-if="over.length" :holder="palette.holder" :lines="over" />
      </PaletteTray>
      <p v-if="lensSays" class="hint mt-1 text-sm" role="status">{{ lensSays }}</p>
      <p v-if="keptFor.length" class="hint mt-1 text-sm">
        Kept where the wheel has a gap:
        <SaidPaints :text="`${keptFor.map(gapInWords).join('; ')}.`" />
      </p>
      <PlaceLegend
        v-if="areWellsSmall(shown.holder)"
        :palette="shown"
        :state="proposal ? STILL : state"
        :selected="place"
        class="mt-3 max-lg:hidden"
        @select="select"
      />
    </template>
    <template #right>
      <p v-if="explain.trouble.value" class="hint">{{ explain.trouble.value }}</p>
      <ReasonPanel
        v-if="explained"
        :explained="explained"
        :place="place"
        :is-proposal="Boolean(proposal)"
        @exchange="(from: string, to: string) => commands.move(palette.id, from, to)"
        @select="select"
      />
      <ApartPanel :palette="palette" :place="place" :broken="explained?.broken ?? []" class="mt-4" />
      <AddOne v-if="!proposal" :palette="palette" :blend="blend" class="mt-5" @select="select" />
      <MovesPanel v-if="!proposal" :palette="palette" class="mt-5" />
    </template>
    <CarryGhost :carry="carry" />
  </PaletteZones>
</template>
