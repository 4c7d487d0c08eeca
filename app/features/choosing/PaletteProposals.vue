<script setup lang="ts">
import { PROPOSAL_KINDS, type PaletteProposal } from '@juxtachrome/core/choosing'
import { type Palette, plannedPaints } from '@juxtachrome/core/documents'
import { computed, ref, shallowRef, watch } from 'vue'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { listed } from '~/shared/words/figures'
import { useQuestion } from '~/shared/questions/useQuestion'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'
import { letterOf, ReachTogether } from '~/features/verdict'
import { useGuideCommands } from './commands'
import ProposalCard from './ProposalCard.vue'
import { proposalTitle, waysToBegin } from './words'

/** A palette begins: three of them for what it is for, side by side in its box; one is taken, and changed from there. */
const props = defineProps<{ palette: Palette; isReady: boolean; reckoned?: number }>()
const emit = defineEmits<{ leave: []; method: [] }>()
const commands = useGuideCommands()
const { ask, cancel, isWorking, trouble } = useQuestion('proposePalettes')
const proposals = shallowRef<readonly PaletteProposal[]>()
const maps = shallowRef<readonly (readonly number[])[]>()
const isUsed = ref(false)
const done = ref(0)
const title = ref<HTMLElement>()

async function propose() {
  done.value = 0
  const answer = await ask({ paletteId: props.palette.id }, (p) => {
    done.value = p.done / p.of
  })
  if (!answer) return
  proposals.value = answer.proposals
  maps.value = answer.maps
  isUsed.value = answer.isUsed
}
// asked as soon as it is known what the collection mixes
watch(
  () => props.isReady,
  (isReady) => isReady && !proposals.value && !isWorking.value && propose(),
  { immediate: true },
)
/** Two or one where others come to the same paints, or a must rules them out. */
const isFewer = computed(() => proposals.value !== undefined && proposals.value.length < PROPOSAL_KINDS.length)
const begins = computed(() => waysToBegin(proposals.value?.length ?? PROPOSAL_KINDS.length))
watch(title, (heading) => heading?.focus())

/** The letters by which the map tells them apart are those of their cards. */
const sides = computed(() =>
  (proposals.value ?? []).map(({ kind }, i) => ({
    label: proposalTitle(kind, isUsed.value),
    map: maps.value?.[i] ?? [],
  })),
)
const planned = computed(() => plannedPaints(props.palette))
const shared = computed(() => {
  const [first, ...others] = proposals.value ?? []
  return first ? first.paintIds.filter((id) => others.every((o) => o.paintIds.includes(id))) : []
})
function take(proposal: PaletteProposal, name: string) {
  const come = proposal.paintIds.filter((id) => !planned.value.has(id))
  if (commands.takeAll(props.palette.id, come, `began from “${name}”`)) emit('leave')
}
</script>

<template>
  <section class="p-3" aria-labelledby="proposals-title">
    <div class="mb-2 flex flex-wrap items-baseline gap-x-4">
      <h2 id="proposals-title" ref="title" tabindex="-1" class="text-lg">{{ begins }}</h2>
      <p class="hint grow">
        Chosen from what is at hand, for what this palette is for. Take one and change it from there.
        <template v-if="isFewer"
          >What else was tried comes to the same paints, or cannot be made with what is a must.</template
        >
      </p>
      <button class="link" @click="(cancel(), emit('leave'))">Choose paint by paint instead</button>
      <button class="link" @click="(cancel(), emit('method'))">Use a method instead</button>
    </div>
    <Refusal v-if="trouble" :says="trouble" />
    <WorkingBar v-else-if="!isReady" label="Working out what your collection mixes" :done="reckoned"
      >Working out what your collection mixes …</WorkingBar
    >
    <WorkingBar v-else-if="isWorking" label="Choosing three palettes" :done="done" @cancel="(cancel(), emit('leave'))"
      >Choosing three palettes …</WorkingBar
    >
    <template v-if="proposals">
      <ul class="grid gap-4 lg:grid-cols-3">
        <ProposalCard
          v-for="(p, i) in proposals"
          :key="p.kind"
          :proposal="p"
          :palette="
            commands.asFilled(
              palette,
              p.paintIds.filter((id) => !planned.has(id)),
            )
          "
          :is-used="isUsed"
          :letter="letterOf(i)"
          @take="take(p, $event)"
        />
      </ul>
      <p v-if="proposals.length > 1 && shared.length" class="mt-3">
        In all of them: <SaidPaints :text="`${listed(shared.map(paintToken))}.`" />
      </p>
      <ReachTogether v-if="maps && proposals.length > 1" class="mt-3" :sides="sides" />
    </template>
  </section>
</template>
