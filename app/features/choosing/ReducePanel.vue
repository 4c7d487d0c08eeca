<script setup lang="ts">
import { paintToken } from '~/shared/said/paintTokens'
import { plannedPaints, type Palette } from '@juxtachrome/core/documents'
import type { ReduceStep } from '@juxtachrome/core/choosing'
import { counted } from '@juxtachrome/core/units'
import { computed, ref, shallowRef } from 'vue'
import { useGuideCommands } from './commands'
import { useMixedNow } from './useMixedNow'
import { mixedNowInWords, reduceInWords } from './words'
import { mixesInWords } from '~/features/verdict'
import { usePaintName } from '~/shared/words/paintName'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import CandidateRow from './CandidateRow.vue'
import MethodPanel from '~/shared/ui/MethodPanel.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** The paints in the order in which they are missed least: how many stay is a slide of the hand, anything can be put back. */
const props = defineProps<{ palette: Palette; isReady: boolean }>()
const emit = defineEmits<{ look: [paintId: string]; leave: [] }>()
const collection = useCollection()
const commands = useGuideCommands()
const nameOf = usePaintName()
const { ask, cancel, isWorking, trouble } = useQuestion('reducePalette')
const from = ref<'collection' | 'palette'>('collection')
const reduced = shallowRef<{ steps: ReduceStep[]; from: string[] }>()
const progress = ref({ done: 0, of: 1 })
/** How many of the steps are gone, and which paints were put back all the same. */
const gone = ref(0)
const back = ref(new Set<string>())
const places = computed(() => props.palette.holder.places.length)

async function begin() {
  reduced.value = undefined
  progress.value = { done: 0, of: 1 }
  const answer = await ask({ paletteId: props.palette.id, from: from.value }, (p) => (progress.value = p))
  if (!answer) return
  reduced.value = answer
  back.value = new Set()
  gone.value = Math.max(0, Math.min(answer.steps.length, answer.from.length - places.value))
}
const goneSteps = computed(() => (reduced.value?.steps ?? []).slice(0, gone.value))
const out = computed(() => new Set(goneSteps.value.map((s) => s.paintId).filter((id) => !back.value.has(id))))
const staying = computed(() => (reduced.value?.from ?? []).filter((id) => !out.value.has(id)))
/** What hands and paper ask of a palette and nothing that stays has. */
const goesWith = computed(() => [
  ...new Set(goneSteps.value.filter((s) => out.value.has(s.paintId)).flatMap((s) => s.goes)),
])
const last = computed(() => goneSteps.value.at(-1))
/** What mixes those that are gone now. */
const mixed = useMixedNow(
  computed(() => [...out.value]),
  staying,
)
const putBack = (id: string, isBack: boolean) => {
  const next = new Set(back.value)
  if (isBack) next.add(id)
  else next.delete(id)
  back.value = next
}
const planned = computed(() => plannedPaints(props.palette))
const comesIn = computed(() => staying.value.filter((id) => !planned.value.has(id)))
const goesOut = computed(() => [...planned.value].filter((id) => out.value.has(id)))
function take() {
  const words = `reduced to ${counted(staying.value.length, 'paint')}`
  commands.exchange(props.palette.id, goesOut.value, comesIn.value, words)
  emit('leave')
}
</script>

<template>
  <MethodPanel title="Reduce" @leave="emit('leave')">
    <p v-if="!isReady" class="hint mb-2">
      What the collection mixes is still being worked out: see the verdict. Then it can be begun.
    </p>
    <div class="flex flex-wrap items-center gap-2">
      <button class="choice" :aria-pressed="from === 'collection'" @click="from = 'collection'">
        from everything at hand
      </button>
      <button class="choice" :aria-pressed="from === 'palette'" @click="from = 'palette'">from this palette</button>
      <button v-if="!isWorking" class="btn btn-primary" :disabled="!isReady" @click="begin">
        {{ reduced ? 'Again' : 'Begin' }}
      </button>
      <button v-else class="btn" @click="cancel">Cancel</button>
    </div>
    <WorkingBar v-if="isWorking" class="mt-2" :done="progress.done / progress.of" label="Reducing" />
    <Refusal v-if="trouble" class="mt-2" :says="trouble" />
    <template v-if="reduced">
      <label class="mt-2 block text-sm">
        {{ counted(staying.length, 'paint') }} stay{{ staying.length === 1 ? 's' : '' }} of {{ reduced.from.length }}
        <input
          v-model.number="gone"
          type="range"
          class="w-full"
          min="0"
          :max="reduced.steps.length"
          aria-label="Paints taken out"
        />
      </label>
      <p class="text-sm" role="status">
        {{ last ? mixesInWords(last.reach) : 'Nothing is lost.' }}
        <template v-if="goesWith.length">No longer there: {{ goesWith.join(', ') }}.</template>
        <span class="hint">{{ counted(places, 'place') }} here.</span>
      </p>
      <ul class="mt-1 min-h-0 grow overflow-y-auto">
        <CandidateRow
          v-for="step in [...goneSteps].reverse()"
          :key="step.paintId"
          :paint="collection.paint(step.paintId)!"
          :recipe="mixedNowInWords(mixed.get(step.paintId), paintToken)"
          :reasons="`${back.has(step.paintId) ? 'put back; ' : ''}${reduceInWords(step, paintToken)}`"
          @look="emit('look', step.paintId)"
        >
          <button
            class="link"
            :aria-label="back.has(step.paintId) ? `Let ${nameOf(step.paintId)} go` : `Put ${nameOf(step.paintId)} back`"
            @click="putBack(step.paintId, !back.has(step.paintId))"
          >
            {{ back.has(step.paintId) ? 'Let it go' : 'Put it back' }}
          </button>
        </CandidateRow>
      </ul>
      <p class="mt-2">
        <button
          class="btn btn-primary"
          :disabled="staying.length > places || (!comesIn.length && !goesOut.length)"
          @click="take"
        >
          Use these {{ staying.length }}
        </button>
        <span v-if="staying.length > places" class="hint ml-2">{{ staying.length - places }} more must go.</span>
      </p>
    </template>
  </MethodPanel>
</template>
