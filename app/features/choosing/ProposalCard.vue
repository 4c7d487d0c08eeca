<script setup lang="ts">
import { fadingIn, type PaletteProposal } from '@juxtachrome/core/choosing'
import type { Palette } from '@juxtachrome/core/documents'
import { counted } from '@juxtachrome/core/units'
import { computed } from 'vue'
import { mixesInWords } from '~/features/verdict'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import PaletteTray from '~/shared/tray/PaletteTray.vue'
import { useToday } from '~/shared/ui/useToday'
import { listed } from '~/shared/words/figures'
import { useCollection } from '~/stores/collection'
import { handlesInWords, lacksInWords, proposalTitle } from './words'

/** One proposed palette in its box, with what speaks for it and against it. */
const props = defineProps<{
  proposal: PaletteProposal
  palette: Palette
  isUsed: boolean
  /** By which the map tells it apart. */ letter: string
}>()
const emit = defineEmits<{ take: [title: string] }>()
const collection = useCollection()
const today = useToday()
const NOTHING = new Map<string, never>()
const title = computed(() => proposalTitle(props.proposal.kind, props.isUsed))
const paints = computed(() => props.proposal.paintIds.flatMap((id) => collection.paint(id) ?? []))
const speaksFor = computed(() => [
  mixesInWords(props.proposal.reach),
  handlesInWords(paints.value),
  ...(props.proposal.only.length ? [`Only here: ${listed(props.proposal.only.map(paintToken))}.`] : []),
])
const speaksAgainst = computed(() => {
  const fading = fadingIn(paints.value)
  const { short } = props.proposal
  return [
    ...lacksInWords(props.proposal.lacks),
    ...(fading.length ? [`${listed(fading.map((p) => paintToken(p.id)))} fade${fading.length === 1 ? 's' : ''}.`] : []),
    ...(short ? [`${counted(short, 'place')} stay${short === 1 ? 's' : ''} free: nothing else may come in.`] : []),
  ]
})
</script>

<template>
  <li class="panel flex flex-col p-4">
    <h3 class="mb-2 text-base">
      <span class="mr-1 font-normal text-muted" aria-hidden="true">{{ letter }}</span>{{ title }}
    </h3>
    <PaletteTray :palette="palette" :state="NOTHING" :today="today" :label="title" still />
    <ul class="mt-3 space-y-1" aria-label="What speaks for it">
      <li v-for="words in speaksFor" :key="words"><SaidPaints :text="words" /></li>
    </ul>
    <ul v-if="speaksAgainst.length" class="mt-2 space-y-1 text-muted" aria-label="What speaks against it">
      <li v-for="words in speaksAgainst" :key="words"><SaidPaints :text="words" /></li>
    </ul>
    <p class="mt-auto pt-3">
      <button class="btn btn-primary" :aria-label="`Start from this one: ${title}`" @click="emit('take', title)">
        Start from this one
      </button>
    </p>
  </li>
</template>
