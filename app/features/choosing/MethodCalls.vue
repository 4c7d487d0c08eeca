<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { SHOWN_WHEELS } from '@juxtachrome/core/reach'
import type { Palette } from '@juxtachrome/core/documents'
import type { Assessment, Candidate } from '@juxtachrome/core/choosing'
import { counted } from '@juxtachrome/core/units'
import { computed, defineAsyncComponent, nextTick, ref, toRef, watch } from 'vue'
import { useGuideCommands } from './commands'
import { useMethodCalls } from './useMethodCalls'
import { useMixable } from './useMixable'
import { usePaintName } from '~/shared/words/paintName'
import { screenStops } from '~/shared/swatch/useSwatch'
import { useCollection } from '~/stores/collection'
import { ReachWheel } from '~/features/verdict'
import CandidateRow from './CandidateRow.vue'
import FamilyTable from './FamilyTable.vue'
import PracticalPass from './PracticalPass.vue'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'
import MethodPanel from '~/shared/ui/MethodPanel.vue'

const LazyCallsEditor = defineAsyncComponent(() => import('./CallsEditor.vue'))

/** A way of choosing, call by call: who answers, and take, pass, leave open or keep a place for a wish. */
const props = defineProps<{ palette: Palette; verdict?: Assessment; room: boolean }>()
const emit = defineEmits<{ look: [paintId: string]; leave: []; ways: [] }>()
const collection = useCollection()
const commands = useGuideCommands()
const { calls, open, openId, candidates } = useMethodCalls(
  toRef(() => props.palette),
  toRef(() => props.verdict?.gains),
)
const nameOf = usePaintName()
const taken = computed(() => calls.value.reduce((sum, c) => sum + c.took.length, 0))
const wanted = computed(() => calls.value.reduce((sum, c) => sum + c.call.quota, 0))
const isPassed = (id: string) => open.value?.passed.includes(id) ?? false
const FIRST = 12
const all = ref(false)
/** Why it stands here, and what put it before the next one. */
const reasonsOf = ({ paintId, reasons, ahead }: Candidate) =>
  [
    ...(isPassed(paintId) ? ['passed'] : []),
    ...reasons,
    ...(ahead && !isPassed(paintId) ? [`before the next one, since ${ahead}`] : []),
  ].join('; ')
const standing = computed(() => candidates.value.filter((c) => !isPassed(c.paintId)))
/** Losers stay in sight, behind those that may still win. */
const shown = computed(() => [
  ...(all.value ? standing.value : standing.value.slice(0, FIRST)),
  ...candidates.value.filter((c) => isPassed(c.paintId)),
])
const isAnswered = computed(() => candidates.value.some((c) => c.answers))
const {
  words: mixable,
  ask: askWhoMixes,
  black,
  askForBlack,
  warmRed,
  askForWarmRed,
} = useMixable(toRef(() => props.palette.id))
const list = ref<HTMLElement>()
/** The row that had the focus is gone: it goes on at the call that is open now. */
async function take(paintId: string) {
  if (!open.value) return
  commands.take(props.palette.id, open.value.call.id, paintId)
  await nextTick()
  list.value?.querySelector<HTMLElement>('[aria-expanded=true]')?.focus()
}
function pass(paintId: string) {
  if (!open.value) return
  commands.pass(props.palette.id, open.value.call.id, paintId)
  askWhoMixes(paintId)
}
/** Of a way that goes round the wheel each paint is checked for its neutraliser. */
const neutralOf = (id: string) => {
  const found = props.verdict?.neutrals?.find((n) => n.paintId === id)
  if (!found) return ''
  const other = found.best?.paints.find((p) => p.id !== id)
  return found.best && other ? ` (greyed by ${paintToken(other.id)})` : ' (nothing here greys it)'
}
const inWords = (id: string) => `${paintToken(id)}${props.palette.guide?.way === 'wheel' ? neutralOf(id) : ''}`
/** The three of the print triad are there: what they cannot reach, and the black they make. */
const isTriad = computed(
  () => props.palette.guide?.way === 'print triad' && calls.value.slice(0, 3).every((c) => c.took.length),
)
watch(isTriad, (there) => there && void askForBlack(), { immediate: true })
/** Two cool reds are taken: the warm one is a mixture, shown. */
const coolReds = computed(() => {
  if (props.palette.guide?.way !== 'split primaries, two cool reds') return ''
  const of = (id: string) => calls.value.find((c) => c.call.id === id)?.took ?? []
  return of('red-cool').length && of('yellow-warm').length ? [...of('red-cool'), ...of('yellow-warm')].join() : ''
})
watch(coolReds, (there) => there && void askForWarmRed(), { immediate: true })
/** All rounds are through: the favourites are looked at once more. */
const isThrough = computed(
  () =>
    props.palette.guide?.way === 'rounds' &&
    taken.value > 0 &&
    calls.value.every((c) => c.isDone || c.call.wants.length === 0),
)
const edits = ref(false)
const how = (c: (typeof calls.value)[number]) =>
  [`${c.took.length} of ${c.call.quota}`, ...c.took.map(nameOf), ...(c.left ? ['left open'] : [])].join(', ')
</script>

<template>
  <MethodPanel :title="palette.guide?.name ?? ''" named="Method" @leave="emit('leave')">
    <template #actions>
      <button class="link text-sm" @click="edits = true">Edit the calls</button>
      <button class="link text-sm" @click="emit('ways')">Other methods</button>
    </template>
    <p class="hint -mt-1 mb-1 text-sm" role="status">
      {{ taken }} of {{ counted(wanted, 'paint') }} taken{{ room ? '' : '; no place is free' }}
    </p>
    <FamilyTable v-if="palette.guide?.way === 'four of each'" :calls="calls" :open="openId" @open="openId = $event" />
    <div v-if="isTriad" class="mb-2 text-sm">
      <span v-if="verdict?.map" class="my-1 flex gap-1 bg-ground p-1 text-on-ground">
        <ReachWheel v-for="w in SHOWN_WHEELS" :key="w" :wheel="w" :map="verdict.map" still class="min-w-0 flex-1" />
      </span>
      <p>What is empty on the wheels they cannot reach; a cross marks what your other paints could.</p>
      <p v-if="black"><SaidPaints :text="black" /></p>
    </div>
    <div v-if="coolReds && warmRed" class="mb-2 flex items-center gap-2 text-sm">
      <SwatchBand :stops="screenStops([warmRed.lab])" class="h-10 w-16 shrink-0" />
      <p><SaidPaints :text="warmRed.words" /></p>
    </div>
    <PracticalPass
      v-if="isThrough"
      :palette="palette"
      :paint-ids="calls.flatMap((c) => c.took)"
      @look="emit('look', $event)"
    />
    <ol ref="list" class="min-h-0 grow overflow-y-auto" tabindex="-1">
      <li v-for="c in calls" :key="c.call.id" class="border-t border-line">
        <button
          class="flex min-h-9 w-full items-baseline gap-2 text-left"
          :aria-expanded="openId === c.call.id"
          @click="((openId = openId === c.call.id ? undefined : c.call.id), (all = false))"
        >
          <span class="grow" :class="c.isDone ? 'text-muted' : 'font-medium'">{{ c.call.words }}</span>
          <span class="hint shrink-0 text-sm">{{ c.left ? 'left open' : `${c.took.length} of ${c.call.quota}` }}</span>
          <span class="sr-only">{{ how(c) }}</span>
        </button>
        <p v-if="c.took.length" class="hint -mt-1 pb-1 text-[0.8125rem]">
          <SaidPaints :text="c.took.map(inWords).join(', ')" />
        </p>
        <div v-if="openId === c.call.id && open" class="pb-2">
          <p v-if="candidates.length === 0" class="hint">Nothing that is owned is left to answer this.</p>
          <p v-else-if="!isAnswered" class="hint mb-1">You own no paint for this. The nearest:</p>
          <ul>
            <CandidateRow
              v-for="candidate in shown"
              :key="candidate.paintId"
              :paint="collection.paint(candidate.paintId)!"
              :reasons="reasonsOf(candidate)"
              :recipe="isPassed(candidate.paintId) ? mixable.get(candidate.paintId) : undefined"
              @look="emit('look', candidate.paintId)"
            >
              <button
                class="link"
                :disabled="!room"
                :aria-label="`Take ${nameOf(candidate.paintId)}`"
                @click="take(candidate.paintId)"
              >
                Take
              </button>
              <button
                v-if="isPassed(candidate.paintId)"
                class="link"
                :aria-label="`Take up ${nameOf(candidate.paintId)} again`"
                @click="commands.unpass(palette.id, open.call.id, candidate.paintId)"
              >
                Take up again
              </button>
              <button
                v-else
                class="link"
                :aria-label="`Pass ${nameOf(candidate.paintId)}`"
                @click="pass(candidate.paintId)"
              >
                Pass
              </button>
            </CandidateRow>
          </ul>
          <p class="mt-2 flex flex-wrap gap-x-3 text-sm">
            <button v-if="!all && standing.length > FIRST" class="link" @click="all = true">
              Show all {{ standing.length }}
            </button>
            <button class="link" @click="commands.leaveOpen(palette.id, open.call.id, open.call.words, !open.left)">
              {{ open.left ? 'Take it up again' : 'Leave it open' }}
            </button>
            <button
              v-if="!open.isDone"
              class="link"
              :disabled="!room"
              @click="commands.reserve(palette.id, open.call.id, open.call.words)"
            >
              Keep a place for a wish
            </button>
          </p>
        </div>
      </li>
    </ol>
    <LazyCallsEditor v-if="edits && palette.guide" :palette="palette" :guide="palette.guide" @close="edits = false" />
  </MethodPanel>
</template>
