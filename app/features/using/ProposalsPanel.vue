<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import { presentVersion } from '@juxtachrome/core/choosing'
import { counted, daysAfter } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import type { Proposal, Review, Stretch } from '@juxtachrome/core/using'
import { computed, ref, shallowRef, watch } from 'vue'
import { usePaintName } from '~/shared/words/paintName'
import { useSwapCommands } from './swaps'
import { ASK_AGAIN_DAYS } from '~/shared/words/askAgain'
import { evidenceInWords, gainsInFigures, gainsInWords, reasonOf } from './words'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import { usePreferences } from '~/stores/preferences'
import { MovesPanel } from '~/features/arranging'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** What the use of a palette speaks for: taken, refused for good, or asked again later. */
const props = defineProps<{ palette: Palette; within: Stretch; review: Review }>()
const collection = useCollection()
const preferences = usePreferences()
const commands = useSwapCommands()
const nameOf = usePaintName()
const today = useToday()
const { ask, cancel, isWorking, trouble } = useQuestion('proposeSwaps')
const proposals = shallowRef<Proposal[]>([])
const done = ref(0)
const wasAsked = ref(false)
const taken = ref('')

async function begin() {
  proposals.value = []
  done.value = 0
  const answer = await ask({ paletteId: props.palette.id, stretch: props.within, today: today.value }, (p) => {
    done.value = p.done / p.of
    if (p.soFar) proposals.value = p.soFar
  })
  if (!answer) return
  proposals.value = answer
  wasAsked.value = true
}
// what is planned has changed: old proposals speak of another palette
watch(
  () => JSON.stringify([props.palette.plan, props.palette.brief, props.within]),
  () => {
    cancel()
    proposals.value = []
    wasAsked.value = false
  },
)
const versions = computed(() => collection.versions.filter((v) => v.paletteId === props.palette.id))
const paintsOf = ({ out, in: incoming }: Proposal) =>
  [out?.paintId, incoming?.paintId].flatMap((id) => collection.paint(id) ?? [])
function take(p: Proposal) {
  const words = commands.inWords(p)
  const isKept = presentVersion(props.palette, versions.value) !== undefined
  if (commands.accept(props.palette, p, reasonOf(p, nameOf), words, today.value, isKept)) taken.value = words
}
const open = computed(() => proposals.value.filter((p) => !isAnswered(p)))
const isAnswered = (p: Proposal) => props.palette.answered?.some((a) => a.key === p.key) ?? false
const drop = (p: Proposal) => (proposals.value = proposals.value.filter((q) => q.key !== p.key))
function refuse(p: Proposal) {
  commands.refuse(props.palette.id, p.key, commands.inWords(p))
  drop(p)
}
function later(p: Proposal) {
  commands.later(props.palette.id, p.key, commands.inWords(p), daysAfter(today.value, ASK_AGAIN_DAYS))
  drop(p)
}
</script>

<template>
  <section aria-label="Proposals">
    <p v-if="taken" class="doubt mb-3">
      Taken: {{ taken }}. The palette as it was is kept as a version. What is left to do with real pans stands below;
      <NuxtLink class="link" :to="`/palettes/${palette.id}/filling`">the filling plan</NuxtLink> says what to fill.
    </p>
    <p class="flex flex-wrap items-center gap-2">
      <button v-if="!isWorking" class="btn btn-primary" :disabled="review.use.paintings === 0" @click="begin">
        What would you change?
      </button>
      <button v-else class="btn" @click="cancel">Cancel</button>
      <span class="hint text-sm">{{
        review.use.paintings ? `from ${counted(review.use.paintings, 'painting')}` : 'Log some paintings first.'
      }}</span>
    </p>
    <WorkingBar v-if="isWorking" class="mt-2" :done="done" label="Weighing changes" />
    <Refusal v-if="trouble" class="mt-2" :says="trouble" />
    <p v-if="wasAsked && open.length === 0" class="hint mt-2" role="status">
      Nothing speaks for a change: what is here is used, or you have said no.
    </p>
    <ul class="mt-2" aria-label="Proposed changes">
      <li v-for="p in open" :key="p.key" class="border-t border-line py-3">
        <p class="flex items-center gap-2">
          <span class="flex shrink-0"
            ><PaintSwatch v-for="paint in paintsOf(p)" :key="paint.id" :paint="paint" class="h-9 w-9"
          /></span>
          <span class="font-medium">{{ commands.inWords(p) }}</span>
        </p>
        <ul class="mt-1 list-disc pl-5 text-sm">
          <li v-for="line in evidenceInWords(p, paintToken)" :key="line"><SaidPaints :text="line" /></li>
        </ul>
        <p class="mt-1 text-sm"><span class="font-medium">With this change: </span>{{ gainsInWords(p).join(' ') }}</p>
        <p v-if="preferences.figures" class="hint text-sm">{{ gainsInFigures(p) }}</p>
        <p class="mt-2 flex flex-wrap gap-2">
          <button class="btn" :aria-label="`Take ${commands.inWords(p)}`" @click="take(p)">Use this change</button>
          <button class="btn" :aria-label="`Refuse ${commands.inWords(p)} for good`" @click="refuse(p)">Never</button>
          <button class="btn" :aria-label="`Ask again about ${commands.inWords(p)}`" @click="later(p)">
            Ask again in {{ ASK_AGAIN_DAYS / 7 }} weeks
          </button>
        </p>
      </li>
    </ul>
    <p v-if="palette.answered?.length" class="hint mt-3 text-sm">
      {{ counted(palette.answered.filter((a) => a.said === 'refused').length, 'proposal') }} refused for good{{
        palette.answered.some((a) => a.said === 'later')
          ? `, put off: ${palette.answered
              .filter((a) => a.said === 'later')
              .map((a) => dayInWords(a.until ?? today))
              .join(', ')}`
          : ''
      }}. Undo takes an answer back.
    </p>
    <MovesPanel :palette="palette" class="mt-5" />
  </section>
</template>
