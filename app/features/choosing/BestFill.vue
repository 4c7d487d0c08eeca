<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import type { Chosen, ChooseProgress } from '@juxtachrome/core/choosing'
import { counted } from '@juxtachrome/core/units'
import { computed, ref, shallowRef } from 'vue'
import { useGuideCommands } from './commands'
import * as say from './words'
import { usePaintName } from '~/shared/words/paintName'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import { usePreferences } from '~/stores/preferences'
import CandidateRow from './CandidateRow.vue'
import MethodPanel from '~/shared/ui/MethodPanel.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** Fills the free places by reckoning: a good choice first, then better ones, then how far from the best it may be. */
const props = defineProps<{ palette: Palette; isReady: boolean }>()
const emit = defineEmits<{ look: [paintId: string]; leave: [] }>()
const collection = useCollection()
const commands = useGuideCommands()
const nameOf = usePaintName()
const preferences = usePreferences()
const { ask, cancel, isWorking, trouble } = useQuestion('choosePalette')
const chosen = shallowRef<Chosen>()
const stage = ref<ChooseProgress['stage']>('searching')
/** It went through to the end, so that nothing closer will be known. */
const isDone = ref(false)
const left = ref(new Set<string>())

async function begin() {
  chosen.value = undefined
  left.value = new Set()
  stage.value = 'searching'
  isDone.value = false
  const answer = await ask({ paletteId: props.palette.id }, (p) => {
    stage.value = p.stage
    if (p.soFar) chosen.value = p.soFar
  })
  if (!answer) return
  chosen.value = answer
  isDone.value = true
}
const wanted = computed(() => (chosen.value?.added ?? []).filter((a) => !left.value.has(a.paintId)))
const toggle = (id: string) => {
  const next = new Set(left.value)
  if (!next.delete(id)) next.add(id)
  left.value = next
}
function take() {
  const ids = wanted.value.map((a) => a.paintId)
  cancel()
  if (commands.takeAll(props.palette.id, ids, `filled ${counted(ids.length, 'place')} with the best choice`))
    emit('leave')
}
</script>

<template>
  <MethodPanel title="Fill the remaining places best" @leave="emit('leave')">
    <p v-if="!isReady" class="hint mb-2">
      What the collection mixes is still being worked out: see the verdict. Then it can be begun.
    </p>
    <p class="flex flex-wrap items-center gap-2">
      <button v-if="!isWorking" class="btn btn-primary" :disabled="!isReady" @click="begin">
        {{ chosen ? 'Check again' : 'Begin' }}
      </button>
      <template v-else>
        <span role="status" class="grow">{{ say.stageInWords(stage) }}</span>
        <button class="btn" @click="cancel">{{ chosen ? 'That will do' : 'Cancel' }}</button>
      </template>
    </p>
    <Refusal v-if="trouble" class="mt-2" :says="trouble" />
    <template v-if="chosen">
      <p class="mt-2 text-sm">{{ say.resultInWords(chosen) }}</p>
      <p class="hint text-sm">{{ say.boundInWords(chosen, isDone) }}</p>
      <p v-for="lack in say.lacksInWords(chosen.lacks)" :key="lack" class="text-sm">{{ lack }}</p>
      <ul v-if="chosen.missed.length || chosen.costs.length" aria-label="Wishes" class="text-sm">
        <li v-for="(one, i) in chosen.missed" :key="`missed ${i}`">
          <SaidPaints :text="say.wishMissedInWords(one, paintToken)" />
        </li>
        <li v-for="(cost, i) in chosen.costs" :key="`cost ${i}`">{{ say.costInWords(cost) }}</li>
      </ul>
      <details class="hint text-sm" :open="preferences.figures">
        <summary>The figures</summary>
        <p>{{ say.resultInFigures(chosen) }}</p>
        <p>{{ say.boundInFigures(chosen) }}</p>
        <p v-for="(cost, i) in chosen.costs" :key="i">{{ say.costInFigures(cost) }}</p>
      </details>
      <p v-if="chosen.short" class="text-sm">
        {{ counted(chosen.short, 'place') }} stay{{ chosen.short === 1 ? 's' : '' }} free: nothing else may come in.
      </p>
      <ul class="mt-2 min-h-0 grow overflow-y-auto">
        <CandidateRow
          v-for="a in chosen.added"
          :key="a.paintId"
          :paint="collection.paint(a.paintId)!"
          :reasons="say.chosenInWords(a, paintToken)"
          @look="emit('look', a.paintId)"
        >
          <label class="flex items-center gap-2 text-sm">
            <input
              type="checkbox"
              :checked="!left.has(a.paintId)"
              :aria-label="`Take ${nameOf(a.paintId)}`"
              @change="toggle(a.paintId)"
            />
            take
          </label>
        </CandidateRow>
      </ul>
      <p class="mt-2 flex gap-2">
        <button class="btn btn-primary" :disabled="wanted.length === 0" @click="take">
          Take {{ wanted.length === chosen.added.length ? 'all' : '' }} {{ wanted.length }}
        </button>
        <button class="btn" @click="emit('leave')">None of it</button>
      </p>
    </template>
  </MethodPanel>
</template>
