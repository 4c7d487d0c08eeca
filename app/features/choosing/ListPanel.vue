<script setup lang="ts">
import { usePaintName } from '~/shared/words/paintName'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { plannedPaints, type Palette } from '@juxtachrome/core/documents'
import type { ListedAnswer } from '@juxtachrome/core/choosing'
import { counted } from '@juxtachrome/core/units'
import { computed, ref, shallowRef } from 'vue'
import { useGuideCommands } from './commands'
import { listedInWords } from './words'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import CandidateRow from './CandidateRow.vue'
import FileButton from '~/shared/ui/FileButton.vue'
import MethodPanel from '~/shared/ui/MethodPanel.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** Somebody's list, line by line against what is owned. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ look: [paintId: string]; leave: [] }>()
const nameOf = usePaintName()
const collection = useCollection()
const commands = useGuideCommands()
const { ask, cancel, isWorking, trouble } = useQuestion('answerList')
const text = ref('')
const answers = shallowRef<ListedAnswer[]>([])
const skipped = shallowRef<{ line: number; text: string; reason: string }[]>([])
const progress = ref({ done: 0, of: 1 })

async function begin() {
  answers.value = []
  skipped.value = []
  if (!text.value.trim()) return void (trouble.value = 'Paste or type the list first, one paint a line.')
  progress.value = { done: 0, of: 1 }
  const near = props.palette.brief?.near
  const answer = await ask({ text: text.value, ...(near ? { near } : {}) }, ({ soFar, ...p }) => {
    progress.value = p
    if (soFar) answers.value = soFar
  })
  if (!answer) return
  answers.value = answer.answers
  skipped.value = answer.skipped
}
const tally = computed(() => {
  const KINDS = [
    ['owned', 'owned'],
    ['same pigments', 'with the same pigments'],
    ['mixable', 'mixable'],
    ['missing', 'missing'],
    ['not understood', 'not understood'],
  ] as const
  const counts = KINDS.map(([as, words]) => [answers.value.filter((a) => a.as === as).length, words] as const)
  return `${counts
    .filter(([n]) => n)
    .map(([n, words]) => `${n} ${words}`)
    .join(', ')}.`
})
const planned = computed(() => plannedPaints(props.palette))
const idsOf = (kinds: readonly ListedAnswer['as'][]) => [
  ...new Set(
    answers.value.flatMap((a) =>
      kinds.includes(a.as) && a.paintId && !planned.value.has(a.paintId) ? [a.paintId] : [],
    ),
  ),
]
const asItIs = computed(() => idsOf(['owned']))
const withOthers = computed(() => idsOf(['owned', 'same pigments']))
/** What would add something: not owned, not mixed from what is, no near repeat. */
const adds = computed(() => answers.value.filter((a) => a.as === 'missing' && !a.repeats))
function keepPlaces() {
  const names = adds.value.map((a) => a.name)
  if (commands.reserveAll(props.palette.id, names, `kept ${counted(names.length, 'place')} for a list`)) emit('leave')
}
const take = (ids: string[], words: string) => {
  if (commands.takeAll(props.palette.id, ids, words)) emit('leave')
}
</script>

<template>
  <MethodPanel title="From a list" @leave="emit('leave')">
    <label class="text-sm" for="listed">Somebody’s list, one paint a line: name, codes, maker, as far as it says</label>
    <textarea id="listed" v-model="text" class="input mt-1" rows="5" spellcheck="false" />
    <div class="mt-2 flex flex-wrap gap-2">
      <button v-if="!isWorking" class="btn btn-primary" @click="begin">Go through it</button>
      <button v-else class="btn" @click="cancel">Cancel</button>
      <FileButton
        label="From a file"
        accept=".txt,.csv,.tsv,text/*"
        @choose="async (file: File) => (text = await file.text())"
      />
    </div>
    <WorkingBar v-if="isWorking" class="mt-2" :done="progress.done / progress.of" label="Going through the list" />
    <Refusal v-if="trouble" class="mt-2" :says="trouble" />
    <template v-if="answers.length">
      <p class="mt-2 text-sm" role="status">{{ tally }}</p>
      <p v-if="adds.length" class="text-sm">It adds to what you own: {{ adds.map((a) => a.name).join(', ') }}.</p>
      <ul class="mt-1 min-h-0 grow overflow-y-auto">
        <template v-for="a in answers" :key="a.line">
          <CandidateRow
            v-if="a.paintId && collection.paint(a.paintId)"
            :paint="collection.paint(a.paintId)!"
            :reasons="`${a.name}: ${listedInWords(a, nameOf, paintToken)}`"
            @look="emit('look', a.paintId)"
          />
          <li v-else class="border-b border-line py-1 pl-20 text-sm">
            {{ a.name }}<span v-if="a.pigments.length" class="hint ml-1.5">{{ a.pigments.join(', ') }}</span
            ><span class="hint block text-[0.8125rem]"
              ><SaidPaints :text="listedInWords(a, nameOf, paintToken)"
            /></span>
          </li>
        </template>
        <li v-for="s in skipped" :key="`s${s.line}`" class="hint border-b border-line py-1 text-sm">
          Line {{ s.line }}, “{{ s.text.slice(0, 60) }}”: {{ s.reason }}
        </li>
      </ul>
      <p class="mt-2 flex flex-wrap gap-2">
        <button
          class="btn"
          :disabled="!asItIs.length"
          @click="take(asItIs, `took ${counted(asItIs.length, 'paint')} of a list`)"
        >
          Take the {{ asItIs.length }} owned
        </button>
        <button
          v-if="withOthers.length > asItIs.length"
          class="btn"
          @click="take(withOthers, `took ${counted(withOthers.length, 'paint')} of a list`)"
        >
          Take {{ withOthers.length }}, others’ makes too
        </button>
        <button v-if="adds.length" class="btn" @click="keepPlaces">
          Keep {{ counted(adds.length, 'place') }} for what it adds
        </button>
      </p>
    </template>
  </MethodPanel>
</template>
